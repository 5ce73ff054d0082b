/** The Ferry House on both sizes: every screen shows real things, none is out of order. */
import { house, roomOf } from './ferry-house.ts';
import { expect, expectAccessible, test } from './stube.ts';

test.use({ fresh: true });

test('the first page says what Stube does, and opens the made-up house in one press', async ({ page, stube }) => {
  await page.goto(stube.address);
  await expect(page.getByRole('list', { name: 'What Stube does' }).getByRole('heading')).toHaveCount(3);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Visit the Ferry House' }).click();
  await expect(page.getByRole('heading', { name: 'The Ferry House', level: 1 })).toBeVisible();
  await page.goto(stube.address);
  // The house that stands is shown before it is visited again.
  await expect(page.getByRole('link', { name: 'The Ferry House' })).toBeVisible();
  await page.getByRole('button', { name: 'Visit the Ferry House' }).click();
  await expect(page).toHaveURL(/\/s\//);
  const { site, data } = await house(stube);
  expect(await stube.ask<unknown[]>('/sites')).toHaveLength(1);
  // Its file comes in as a site of its own, and says under which name.
  await page.goto(stube.address);
  const file = JSON.stringify(await stube.ask(`/sites/${site}/export`));
  await page
    .getByLabel('Site file')
    .setInputFiles({ name: 'saved.json', mimeType: 'application/json', buffer: Buffer.from(file) });
  await expect(page.getByText('The Ferry House 2 was brought in from saved.json.')).toBeVisible();
  await expect(page).toHaveURL(/\/s\//);
  const second = (await stube.ask<{ id: string; name: string }[]>('/sites')).find((one) => one.id !== site)!;
  expect((await stube.data(second.id)).bin).toHaveLength(data.bin.length);
  await page.request.delete(`${stube.address}/api/sites/${second.id}`);
});

test('it is as rich as it should be', async ({ stube }) => {
  const { data } = await house(stube);
  expect(data.room.length).toBeGreaterThanOrEqual(4);
  expect(data.unit.length).toBeGreaterThanOrEqual(18);
  expect(data.compartment.length).toBeGreaterThanOrEqual(120);
  expect(data.containerType.length).toBeGreaterThanOrEqual(25);
  expect(data.category.length).toBeGreaterThanOrEqual(150);
  expect(data.bin.length).toBeGreaterThanOrEqual(200);
  const loose = (name: string) =>
    data.bin.filter((bin) => bin.roomId === roomOf(data, name) && !bin.compartmentId).map((bin) => bin.name);
  expect(['Landing room', 'Net loft'].map(loose)).toEqual([[], []]);
  expect(
    data.line.some((line) => line.roomId === roomOf(data, "Purser's office") && line.decision === 'decide later'),
  ).toBe(true);
});

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('a thing is told, found and looked into with one thumb', async ({ page, stube }) => {
    const { site, data } = await house(stube);
    await page.goto(`${stube.address}/s/${site}`);
    await page.getByRole('button', { name: 'Rooms of the house' }).tap();
    await page.getByRole('link', { name: /^Net loft/ }).tap();
    await page.getByRole('navigation', { name: 'Line of work' }).getByRole('link', { name: /^Pile/ }).tap();
    await page.getByLabel('What lies there?').fill('2 handfuls of corks');
    await page.getByRole('button', { name: 'Add the line' }).tap();
    await expect(page.getByRole('list', { name: 'Lines of the pile' }).locator('.line').first()).toContainText('corks');
    await page.getByRole('button', { name: 'Where is …?' }).tap();
    await page.getByRole('combobox', { name: 'What are you looking for?' }).fill('woo');
    await page.getByRole('listbox').getByRole('option', { name: /^Wool/ }).first().tap();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Wool');
    await page.getByRole('button', { name: '75 %' }).tap();
    await expect(page.getByText('75 % as last seen')).toBeVisible();
    expect((await stube.data(site)).bin.filter((bin) => bin.seenFull === 0.75)).toHaveLength(1);
    expect(data.bin.filter((bin) => bin.seenFull !== null)).toHaveLength(0);
  });
});

test('a write that has been overtaken in the same field shows both and lets the person decide; in others both stay', async ({
  page,
  stube,
}) => {
  const { site, data } = await house(stube);
  await page.goto(`${stube.address}/s/${site}`);
  const { id, version } = data.room.find((room) => room.name === 'Chart room')!;
  const now = async () => (await stube.data(site)).room.find((one) => one.id === id)!;
  const elsewhere = (values: object, version: number) =>
    fetch(`${stube.address}/api/sites/${site}/rows/room/${id}`, {
      method: 'PATCH',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ ...values, version }),
    });
  await page.getByRole('button', { name: 'Edit Chart room' }).click();
  await elsewhere({ height: 2650 }, version);
  await page.getByLabel('Name of the room').fill('Map room');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect.poll(now).toMatchObject({ name: 'Map room', height: 2650 });
  await page.getByRole('button', { name: 'Edit Map room' }).click();
  // Others look at this house too: it ends as it was called.
  await elsewhere({ name: 'Chart room' }, (await now()).version);
  await page.getByLabel('Name of the room').fill('Rope room');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Somebody wrote here since you opened it')).toBeVisible();
  await expect(page.getByRole('cell')).toHaveText(['name', 'Chart room', 'Rope room']);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Leave what stands there' }).click();
  expect(await now()).toMatchObject({ name: 'Chart room', height: 2650 });
});

test('a drawer is filled while one watches, kept, and taken back', async ({ page, stube }) => {
  const { site, data } = await house(stube);
  const room = roomOf(data, "Purser's office");
  await page.goto(`${stube.address}/s/${site}/r/${room}/contain`);
  await page.getByRole('button', { name: 'Does it fit?' }).click();
  const own = data.compartment.filter(
    (compartment) => data.unit.find((unit) => unit.id === compartment.unitId)?.roomId === room,
  );
  const drawer = own.find((compartment) => data.bin.filter((bin) => bin.compartmentId === compartment.id).length > 1)!;
  await page.getByLabel('Drawer or shelf').selectOption(drawer.id);
  await expect(page.getByText(/find room/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Again' })).toBeVisible();
  await expectAccessible(page);
  await expect(page.getByRole('button', { name: 'Keep it so' })).toBeEnabled();
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText(/bins kept in/)).toBeVisible();
  const inside = (await stube.data(site)).bin.filter((bin) => bin.compartmentId === drawer.id);
  expect(inside.length).toBeGreaterThan(0);
  expect(inside.every((bin) => bin.pinned)).toBe(true);
  await page.keyboard.press('Control+z');
  await expect
    .poll(async () =>
      (await stube.data(site)).bin
        .filter((bin) => bin.compartmentId === drawer.id)
        .map((bin) => bin.id)
        .sort(),
    )
    .toEqual(
      data.bin
        .filter((bin) => bin.compartmentId === drawer.id)
        .map((bin) => bin.id)
        .sort(),
    );
});
