/** From what lies around to what is bought: one line into the stock, a unit filled at once, a sample tried, the list on paper. */
import { expect, expectAccessible, expectNoSideScroll, pdfText, test } from './stube.ts';

test('what lies around is told in one line, and used before anything is bought', async ({ page, stube }) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Jar house', keepsNew: true });
  await page.goto(`${stube.address}/s/${site}/stock`);
  const line = page.getByLabel('What lies around, in one line');
  await line.fill('3 jam jars 80x120 round');
  await expect(page.getByText('3 × Jam jar, 8 × 8 × 12 cm, round, of glass', { exact: false })).toBeVisible();
  await line.press('Enter');
  const jars = async () => (await stube.data(site)).containerType.filter(({ name }) => name === 'Jam jar');
  await expect
    .poll(async () => (await jars()).map(({ owned, outHeight }) => [owned, outHeight]))
    .toContainEqual([3, 120]);
  // The same again is the same kind.
  await line.fill('2 jam jars 80x120 mm round');
  await expect(page.getByText('as you have it already: 5 then')).toBeVisible();
  await line.press('Enter');
  await expect.poll(async () => (await jars()).map(({ owned }) => owned)).toContain(5);
  await line.fill('a box 30x20');
  await line.press('Enter');
  await expect(page.getByText('tell the third, or that it is round', { exact: false })).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSideScroll(page);
});

test('a unit is filled at once, a sample is tried, what does not fit goes back, and the list is on paper', async ({
  page,
  stube,
}) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Fill house', keepsNew: true });
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, {
    name: 'Den',
    width: 4000,
    depth: 3000,
    height: 2500,
  });
  const unit = { roomId: room, name: 'Shelf', template: 'bookcase', width: 1000, height: 1500, depth: 380 };
  await stube.ask(`/sites/${site}/rows/unit`, { ...unit, columns: 2, rows: 4, board: 18, raised: 0 });
  for (const text of [
    '2 shoeboxes wooden blocks',
    '60 felt tips',
    '3 mugs beads',
    '40 toy cars',
    '30 crayons',
    '2 carrier bags soft animals',
    '200 paper clips',
  ])
    await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  await page.goto(`${stube.address}/s/${site}/r/${room}/contain`);

  // What the room prefers is told with what it brings.
  await page.getByText('What this room prefers').click();
  const lids = page.getByRole('group', { name: 'Lids' });
  await expect(lids.getByText(/a week for lids/).first()).toBeVisible();
  await lids.getByLabel(/^open: one hand/).check();
  await expect.poll(async () => (await stube.data(site)).room[0]!.lids).toBe('open');
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Add these bins' }).click();
  await expect(page.getByRole('button', { name: 'Added as shown' })).toBeVisible();
  const { bin } = await stube.data(site);
  await page.getByRole('button', { name: 'Fill a unit' }).click();
  const dialog = page.getByRole('dialog', { name: 'Fill a whole unit' });
  await expect(dialog.getByText(`All ${bin.length} find room.`)).toBeVisible();
  await expect(dialog.getByText(/left above, besides 20 mm for the hand/).first()).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Keep it so' }).click();
  await expect(dialog).toBeHidden();
  expect((await stube.data(site)).bin.every(({ compartmentId }) => compartmentId)).toBe(true);

  // One of each first: it is tried, and what does not fit goes back.
  const shopping = page.getByRole('complementary', { name: 'To buy' });
  const address = `${stube.address}/api/sites/${site}/shopping`;
  const used = new Map<string, number>();
  for (const { containerTypeId } of bin)
    if (containerTypeId) used.set(containerTypeId, (used.get(containerTypeId) ?? 0) + 1);
  const query = `used=${[...used].map(([id, count]) => `${id}:${count}`).join(',')}`;
  const text = await pdfText(new Uint8Array(await (await fetch(`${address}.pdf?${query}`)).arrayBuffer()));
  const first = (await shopping.getByRole('listitem').first().locator('b').first().innerText()).replace(/^\d+ × /, '');
  expect(text).toContain(first);
  expect(await (await fetch(`${address}.csv?${query}`)).text()).toContain(first);
  expect((await fetch(`${address}.csv?used=nonsense`)).status).toBe(400);
  await shopping.getByRole('button', { name: new RegExp(`^Bought: .*${first}`) }).click();
  const type = async () => (await stube.data(site)).containerType.find(({ name }) => name === first)!;
  await expect.poll(async () => (await type()).owned).toBeGreaterThan(0);
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect.poll(async () => (await type()).owned).toBe(0);
});

test('a sorting case has a place for each thing, with a label of its own', async ({ page, stube }) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Case house', keepsNew: true });
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, {
    name: 'Den',
    width: 4000,
    depth: 3000,
    height: 2500,
  });
  for (const text of ['1 handful red beads', '1 handful blue beads', '1 handful green beads'])
    await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {});
  const [bin] = (await stube.data(site)).bin;
  await page.goto(`${stube.address}/s/${site}/b/${bin!.code}`);
  const inside = page.getByRole('region', { name: 'Inside it' });
  await inside.getByLabel('Cells inside').selectOption('4');
  await expect(inside.getByRole('list').first().getByRole('listitem')).toHaveCount(4);
  const red = (await stube.data(site)).line.find(({ name }) => /red/.test(name))!;
  await inside.getByLabel(`Cell of ${red.name}`).selectOption('4');
  await expect(inside.getByRole('list').first().getByRole('listitem').nth(3)).toContainText(red.name);
  await expectAccessible(page);
  const text = await pdfText(
    new Uint8Array(await (await fetch(`${stube.address}/api/sites/${site}/labels.pdf?room=${room}`)).arrayBuffer()),
  );
  expect(text).toContain(`${bin!.code}·4`);
  // Its label is out of date once it is parted otherwise.
  const cells = [1, 2, 4].map((part) => ({ role: 'cell', binId: bin!.id, part }));
  await stube.ask(`/sites/${site}/printed`, { room, labels: [{ role: 'bin', binId: bin!.id }, ...cells] });
  await page.reload();
  await expect(page.getByText('The printed label is up to date.')).toBeVisible();
  await inside.getByLabel(`Cell of ${red.name}`).selectOption('1');
  await expect(page.getByText('Out of date: the printed one says', { exact: false })).toBeVisible();
});
