/** A basket of things goes back on one round, in walking order, on the phone. */
import { expect, expectAccessible, expectNoSideScroll, test } from './stube.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const THINGS = ['felt tips', 'toy cars', 'wool', 'glue sticks', 'dolls', 'puzzles', 'beads', 'hats'];

test('eight things from a basket are put back in the order in which one walks past their places', async ({
  page,
  stube,
}) => {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name: 'Basket house', keepsNew: true });
  const own = `/sites/${site}`;
  const size = { width: 9000, depth: 3000, height: 2500 };
  const { id: room } = await stube.ask<{ id: string }>(`${own}/rows/room`, { name: 'Den', ...size });
  const shelf = {
    template: 'bookcase',
    width: 500,
    height: 900,
    depth: 320,
    columns: 1,
    rows: 2,
    board: 18,
    raised: 0,
  };
  for (const [i] of THINGS.entries())
    await stube.ask(`${own}/rows/unit`, {
      roomId: room,
      name: `Shelf ${i + 1}`,
      ...shelf,
      x: 600 + i * 1000,
      y: 2700,
      faces: 'front',
    });
  for (const text of THINGS) await stube.ask(`${own}/lines`, { roomId: room, text: `1 mug ${text}` });
  await stube.ask(`${own}/rooms/${room}/contain`, {});
  const { bin, unit, compartment } = await stube.data(site);
  const units = [...unit].sort((a, b) => a.x - b.x);
  const placed = bin.slice(0, THINGS.length).map((one, i) => ({
    binId: one.id,
    version: one.version,
    // Every third shelf, so that the order of telling is no order of walking.
    compartmentId: compartment.find(({ unitId }) => unitId === units[(i * 3) % units.length]!.id)!.id,
  }));
  expect(placed).toHaveLength(8);
  await stube.ask(`${own}/rooms/${room}/place`, { placed });
  await page.goto(`${stube.address}/s/${site}/put-back`);
  await expect(page.getByRole('heading', { name: 'Where does this go?' })).toBeVisible();
  // In a hurry, before the house is read: what is typed is taken, never what was found for another word.
  const inHand = page.getByLabel('What is in your hand?');
  const [hasty, ...others] = placed;
  const hastyName = bin.find(({ id }) => id === hasty!.binId)!.name;
  await inHand.fill('zz');
  await inHand.fill(hastyName);
  await inHand.press('Enter');
  await expect(page.getByRole('heading', { name: 'One thing to put back' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'The round' }).getByRole('listitem')).toContainText(hastyName);
  for (const { binId } of others) {
    const { code, name } = bin.find(({ id }) => id === binId)!;
    await page.getByLabel('What is in your hand?').fill(name);
    await page.getByRole('button', { name: new RegExp(`^${code} `) }).tap();
  }
  await expect(page.getByRole('heading', { name: '8 things, in walking order' })).toBeVisible();
  await expectAccessible(page);
  await expectNoSideScroll(page);
  // Left, and come back to.
  await page.reload();
  const round = page.getByRole('region', { name: 'The round' });
  await expect(round.getByRole('listitem')).toHaveCount(8);
  const walked = await round.getByRole('listitem').allTextContents();
  const shelves = walked.map((text) => Number(/Shelf (\d)/.exec(text)![1]));
  const rising = [...shelves].sort((a, b) => a - b);
  expect([rising, [...rising].reverse()]).toContainEqual(shelves);
  for (let left = 8; left > 0; left--) {
    await round
      .getByRole('button', { name: /^Put back/ })
      .first()
      .tap();
    await expect(round.getByRole('listitem')).toHaveCount(left - 1);
  }
  expect((await stube.data(site)).observation.filter(({ kind }) => kind === 'put back')).toHaveLength(8);
});
