/** What saves room before anything is bought, and three ways to buy compared under a budget. */
import { house, roomOf } from './ferry-house.ts';
import { expect, expectAccessible, pdfText, test } from './stube.ts';

test('three ways to buy for the office, under a budget; one is taken, and one undo brings the old ones back', async ({
  page,
  stube,
}) => {
  const { site, data } = await house(stube);
  const room = roomOf(data, "Purser's office");
  await page.goto(`${stube.address}/s/${site}/r/${room}/contain`);
  await page.getByRole('button', { name: 'Three ways to buy' }).click();
  const dialog = page.getByRole('dialog', { name: 'Three ways to buy' });
  const ways = ['Use what you have', 'Least money', 'One matching set'].map((name) =>
    dialog.getByRole('region', { name }),
  );
  const cost = async (way: number) =>
    Number(/€([\d,]+\.\d\d)/.exec(await ways[way]!.innerText())![1]!.replace(',', ''));
  for (const way of ways) await expect(way).toBeVisible();
  await expectAccessible(page);
  const [stock, money, set] = [await cost(0), await cost(1), await cost(2)];
  expect(money).toBeLessThanOrEqual(stock);
  expect(money).toBeLessThanOrEqual(set);

  await dialog.getByLabel('At most, EUR').fill('30');
  await expect(dialog.getByText(/Without a container for now/).first()).toBeVisible();
  for (const way of [0, 1, 2]) expect(await cost(way)).toBeLessThanOrEqual(30);
  await dialog.getByLabel('At most, EUR').fill('');

  const chosen = async () =>
    (await stube.data(site)).category.map(({ id, containerTypeId }) => `${id} ${containerTypeId}`).sort();
  const before = await chosen();
  await dialog.getByRole('button', { name: 'Take this way: Least money' }).click();
  await expect(dialog).toBeHidden();
  await expect.poll(chosen).not.toEqual(before);
  await page.getByRole('button', { name: /^Undo: containers/ }).click();
  await expect.poll(chosen).toEqual(before);
});

test('24 games leave their boxes for numbered pouches, and come back by one undo', async ({ page, stube }) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Games house', keepsNew: true });
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, {
    name: 'Den',
    width: 3000,
    depth: 2000,
    height: 2500,
  });
  await stube.ask(`/sites/${site}/lines`, { roomId: room, text: '24 board games 27x27x5 cm' });
  await page.goto(`${stube.address}/s/${site}/r/${room}/contain`);
  const savers = page.getByRole('region', { name: 'Space savers' });
  await expect(savers.getByText(/96 l → 1[1-6](?:\.\d)? l/)).toBeVisible();
  await expectAccessible(page);
  await savers.getByRole('button', { name: 'Do it so: board games' }).click();
  await expect(savers).toHaveCount(0);
  const line = async () => (await stube.data(site)).line[0]!;
  await expect.poll(line).toMatchObject({ length: 450, width: 330, note: 'in pouches 1 to 24', amount: 24 });
  // Each has its number in the index.
  await page.getByRole('link', { name: 'Numbered sets' }).click();
  await expect(page.getByRole('heading', { name: '24 numbers' })).toBeVisible();
  await page.getByLabel('What is in pouch 7').fill('Harbour lotto');
  await page.getByLabel('What is in pouch 7').blur();
  await expect
    .poll(async () => (await stube.data(site)).setNumber.find(({ number }) => number === 7)!.name)
    .toBe('Harbour lotto');
  await expectAccessible(page);
  const index = await pdfText(
    new Uint8Array(await (await fetch(`${stube.address}/api/sites/${site}/numbers.pdf`)).arrayBuffer()),
  );
  expect(index).toContain('pouch 7 Harbour lotto');
  expect(index).toContain('pouch 24 board games');
  await page.getByLabel('Remove the number pouch 3').click();
  await page.getByRole('button', { name: /^Close the gaps/ }).click();
  await expect(page.getByRole('heading', { name: '23 numbers' })).toBeVisible();
  await expect(page.getByLabel('What is in pouch 6')).toHaveValue('Harbour lotto');
  for (let step = 0; step < 3; step++) await page.getByRole('button', { name: /^Undo:/ }).click();
  await expect(page.getByRole('heading', { name: '24 numbers' })).toBeVisible();
  await page.goto(`${stube.address}/s/${site}/r/${room}/contain`);
  await page.getByRole('button', { name: /^Undo: board games/ }).click();
  await expect(savers).toBeVisible();
  await expect.poll(line).toMatchObject({ length: 270, width: 270, height: 50, note: '' });
});

test('a desk drawer from nothing to a set of trays that is bought, tried and kept', async ({ page, stube }) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Desk house', keepsNew: true });
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, {
    name: 'Study',
    width: 3000,
    depth: 2000,
    height: 2500,
  });
  for (const text of ['20 pens', '1 handful paper clips', '6 glue sticks', '8 rubbers', '12 wax crayons', '4 keys'])
    await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  const desk = { roomId: room, name: 'Desk', template: 'chest', width: 488, height: 500, depth: 560 };
  await stube.ask(`/sites/${site}/rows/unit`, { ...desk, columns: 1, rows: 3, board: 18, raised: 60 });
  await page.goto(`${stube.address}/s/${site}/r/${room}/contain`);
  await page.getByRole('button', { name: 'Trays for a drawer' }).click();
  const dialog = page.getByRole('dialog', { name: 'Trays for a drawer' });
  await dialog.getByRole('button', { name: 'Propose trays' }).click();
  await expect(dialog.getByText(/9[5-9] % of the floor covered/)).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Keep these trays' }).click();
  await expect(dialog).toBeHidden();
  const { bin, compartment, category } = await stube.data(site);
  expect(bin).toHaveLength(category.length);
  expect(new Set(bin.map(({ compartmentId }) => compartmentId)).size).toBe(1);
  expect(compartment.find(({ id }) => id === bin[0]!.compartmentId)!.drawer).toBe(true);
  await page.getByRole('button', { name: 'All of it is bought' }).click();
  await expect(page.getByText('Nothing: what the house owns is enough.')).toBeVisible();
  // Once more: what lies in the drawer counts, and each kind keeps one tray.
  await page.getByRole('button', { name: 'Trays for a drawer' }).click();
  await expect(dialog.getByRole('checkbox', { checked: true })).toHaveCount(bin.length);
  await dialog.getByRole('button', { name: 'Propose trays' }).click();
  await dialog.getByRole('button', { name: 'Keep these trays' }).click();
  await expect(dialog).toBeHidden();
  const places = (bins: typeof bin) => bins.map(({ id, compartmentId }) => [id, compartmentId]).sort();
  expect(places((await stube.data(site)).bin)).toEqual(places(bin));
  await page.getByRole('button', { name: 'Does it fit?' }).click();
  await expect(page.getByText(`${bin.length} of ${bin.length} find room`)).toBeVisible();
});
