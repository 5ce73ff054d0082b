/** What is used in two rooms: a parking place in the other one is kept free, drawn, and watched for what it brings. */
import type { SiteData } from '@stube/core/model';
import { expect, expectAccessible, test } from './stube.ts';

test('a box of scissors gets a parking place in the nursery: it is warned of, kept free by a plan, and taken back', async ({
  page,
  stube,
}) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Two rooms', keepsNew: true });
  const own = `/sites/${site}`;
  const row = async (table: string, values: object) =>
    (await stube.ask<{ id: string }>(`${own}/rows/${table}`, values)).id;
  const child = await row('person', { name: 'Wren', kind: 'child', stature: 900, born: '2024-01', colour: 'oak' });
  const room = (name: string, people: string[]) =>
    row('room', { name, width: 4000, depth: 3000, height: 2500, people });
  const [den, nursery] = [await room('Den', []), await room('Nursery', [child])];
  const shelf = {
    template: 'bookcase',
    columns: 1,
    board: 18,
    raised: 60,
    depth: 400,
    x: 1500,
    y: 2700,
    anchored: true,
  };
  await row('unit', { ...shelf, roomId: den, name: 'High shelf', width: 800, height: 1500, rows: 4 });
  await row('unit', { ...shelf, roomId: nursery, name: 'Low shelf', width: 1200, height: 500, rows: 1 });
  await stube.ask(`${own}/lines`, { roomId: den, text: '8 sharp scissors' });
  await stube.ask(`${own}/lines`, { roomId: nursery, text: '120 wooden blocks' });
  const data = (): Promise<SiteData> => stube.data(site);
  for (const id of [den, nursery]) {
    await page.goto(`${stube.address}/s/${site}/r/${id}/contain`);
    await page.getByRole('button', { name: 'Add these bins' }).click();
    await expect.poll(async () => (await data()).bin.some(({ roomId }) => roomId === id)).toBe(true);
  }
  const ofDen = async () => (await data()).bin.find(({ roomId }) => roomId === den)!;
  const { code } = await ofDen();

  await page.goto(`${stube.address}/s/${site}/b/${code}`);
  const place = page.getByLabel('Parking place in another room');
  await place.selectOption({ label: (await place.locator('optgroup option:enabled').first().innerText()).trim() });
  await expect(page.getByText(/or parked at Nursery › Low shelf/)).toBeVisible();
  const warned = page.getByRole('region', { name: 'Cautions: Where it is parked' });
  await expect(warned.getByText(/\(parked\)/)).toBeVisible();
  await expectAccessible(page);

  await page.goto(`${stube.address}/s/${site}/r/${nursery}/place`);
  const kept = page.locator('.kept');
  await expect(kept).toBeVisible();
  await expect(page.getByRole('region', { name: 'Cautions' }).getByText(/\(parked\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Propose places' }).click();
  const { parkId } = await ofDen();
  const there = async () => (await data()).bin.filter(({ compartmentId }) => compartmentId === parkId);
  await expect.poll(async () => (await there()).length).toBeGreaterThan(0);
  // No bin is drawn over the place that is kept.
  const box = (await kept.locator('rect').boundingBox())!;
  for (const bin of await page.locator(`[data-space="${parkId}"] .bin`).all())
    expect((await bin.boundingBox())!.x).toBeLessThan(box.x);
  await expectAccessible(page);

  // Somebody measures the shelf: it is lower than it was taken to be.
  const { version } = (await data()).compartment.find(({ id }) => id === parkId)!;
  const measured = { table: 'compartment', id: parkId, version, values: { height: 40, measured: true } };
  await stube.ask(`${own}/batch`, { what: 'the shelf as it is', update: [measured] });
  await page.goto(`${stube.address}/s/${site}/b/${code}`);
  await expect(page.getByText('between Den and Nursery')).toBeVisible();
  await expect(page.getByText('It does not fit in there any more')).toBeVisible();
  await page.getByLabel('Parking place in another room').selectOption('');
  await expect(page.getByText(/or parked at/)).toBeHidden();
  await expect(warned).toBeHidden();
});
