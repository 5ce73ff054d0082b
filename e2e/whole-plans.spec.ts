/** Whole plans: containers and places together, from typed lines to everything in its place. */
import type { Page } from '@playwright/test';
import { den } from './den.ts';
import { expect, expectAccessible, test } from './stube.ts';
import { born } from './clock.ts';

test('a crowded room planned by four strategies; one is taken over, and one undo brings the old one back', async ({
  page,
  stube,
}) => {
  const { unit, lines, data, open } = await den(stube, 'Plan house');
  await unit({ name: 'Bookcase', width: 900, height: 1500, depth: 320, rows: 4, x: 1000 });
  await lines(
    '3 shoeboxes wooden blocks',
    '60 felt tips',
    '2 mugs beads',
    '40 picture books 25x20x1 cm',
    '12 puzzles 30x20x4 cm',
  );
  await lines(
    '1 carrier bag soft toys',
    '20 toy cars',
    '8 child scissors',
    '200 sheets of paper',
    '3 dolls',
    '6 board games',
  );
  // Before there is a bin: containers and places come together.
  await page.goto(open('place'));
  const dialog = await wholePlans(page);
  await expect(dialog.getByRole('region', { name: 'As it stands' })).toHaveCount(0);
  expect(await dialog.getByRole('button', { name: /^Take it over/ }).count()).toBeGreaterThanOrEqual(3);
  await expectAccessible(page);
  await dialog
    .getByRole('button', { name: /^Take it over/ })
    .first()
    .click();
  await expect(dialog).toBeHidden();
  const { bin } = await data();
  expect(bin.filter(({ compartmentId }) => compartmentId).length).toBeGreaterThan(8);
  expect(bin.every(({ compartmentId, x }) => (compartmentId === null) === (x === null))).toBe(true);
  await page.getByRole('button', { name: /^Undo: plan/ }).click();
  await expect.poll(async () => (await data()).bin).toEqual([]);
});

/** Opens the plans of a room and waits for all of them. */
async function wholePlans(page: Page) {
  await page.getByRole('button', { name: 'Whole plans' }).click();
  const dialog = page.getByRole('dialog', { name: 'Whole plans for this room' });
  await expect(dialog.getByRole('button', { name: 'Make them anew' })).toBeVisible({ timeout: 60_000 });
  return dialog;
}
const takeFirst = async (page: Page) => {
  const dialog = await wholePlans(page);
  await dialog
    .getByRole('button', { name: /^Take it over/ })
    .first()
    .click();
  await expect(dialog).toBeHidden();
};

test('a daycare room: nothing open over the nap corner, what is dangerous is locked, everything has a place', async ({
  page,
  stube,
}) => {
  const { own, room, unit, lines, data, open } = await den(stube, 'Nap house');
  await stube.ask(`${own}/rows/person`, { name: 'Ruth', kind: 'adult', stature: 1650 });
  await stube.ask(`${own}/rows/person`, { name: 'Toddlers', kind: 'child', stature: 860, born: born(24), count: 5 });
  await stube.ask(`${own}/rows/zone`, { roomId: room, name: 'Nap corner', kind: 'sleeping', x: 3500, y: 2600 });
  await unit({ name: 'Tall shelf', width: 1000, height: 1900, depth: 330, rows: 5, x: 3400 });
  await unit({
    name: 'Low cubes',
    template: 'cubes',
    width: 1866,
    height: 760,
    depth: 390,
    columns: 5,
    rows: 2,
    x: 1200,
  });
  await unit({
    name: 'Art cupboard',
    template: 'cabinet',
    width: 900,
    height: 1900,
    depth: 420,
    rows: 5,
    x: 500,
    y: 250,
    locked: true,
  });
  await lines('3 craft knives', '200 glass nuggets', '1 box of matches', '1 carrier bag soft toys', '20 toy cars');
  await lines('2 shoeboxes wooden blocks', '10 nap blankets', '30 picture books');
  await page.goto(open('place'));
  await takeFirst(page);
  const { bin, compartment, unit: units, category } = await data();
  expect(bin.filter(({ compartmentId }) => !compartmentId)).toEqual([]);
  const at = (name: string) =>
    bin
      .filter(({ categoryId }) => new RegExp(name, 'i').test(category.find(({ id }) => id === categoryId)!.name))
      .map(({ compartmentId }) => {
        const space = compartment.find(({ id }) => id === compartmentId)!;
        return { unit: units.find(({ id }) => id === space.unitId)!.name, floor: space.floor };
      });
  for (const name of ['knives', 'nuggets', 'matches'])
    expect(at(name).map(({ unit }) => unit)).toEqual(['Art cupboard']);
  expect(at('.').filter(({ unit, floor }) => unit === 'Tall shelf' && floor >= 500)).toEqual([]);
  await expectAccessible(page);
});

test('one drawer of a desk: what is small lies in it, the rest stands above', async ({ page, stube }) => {
  const { unit, lines, data, open } = await den(stube, 'Desk house');
  await unit({
    name: 'Desk drawer',
    template: 'chest',
    width: 1100,
    height: 190,
    depth: 550,
    rows: 1,
    x: 1000,
    raised: 560,
  });
  await unit({
    name: 'Shelf over it',
    template: 'rails',
    width: 900,
    height: 760,
    depth: 300,
    rows: 2,
    x: 1000,
    raised: 1200,
  });
  await lines(
    '12 pens',
    '1 box of paper clips',
    '6 sticky notes',
    '3 rolls of sticky tape',
    '4 ring binders',
    '2 staplers',
  );
  await page.goto(open('place'));
  await takeFirst(page);
  const { bin, compartment, category } = await data();
  const inDrawer = bin
    .filter(({ compartmentId }) => compartment.find(({ id }) => id === compartmentId)?.drawer)
    .map(({ categoryId }) => category.find(({ id }) => id === categoryId)!.name);
  expect(bin.filter(({ compartmentId }) => !compartmentId)).toEqual([]);
  expect(inDrawer).toEqual(expect.arrayContaining(['Pens and pencils', 'Paper clips and pins', 'Sticky notes']));
  expect(inDrawer).not.toContain('Ring binders');
});

test('a playroom of cubes, by hand from the first line to everything in its place', async ({ page, stube }) => {
  const { data, open } = await den(stube, 'Cube house');
  await page.goto(open('measure'));
  await page.getByRole('button', { name: 'Cube shelf' }).click();
  const shelf = page.getByRole('dialog', { name: 'Cube shelf' });
  await shelf.getByLabel('inside of one cube').check();
  await shelf.getByLabel('In one line').fill('5 × 2 cubes of');
  await expect(shelf.getByText('Not understood yet')).toBeVisible();
  await shelf.getByLabel('In one line').fill('5 × 2 cubes of 33 × 33 × 38');
  await expect(shelf.getByText('10 spaces, inside 33 cm wide, 33 cm high, 38 cm deep')).toBeVisible();
  await expectAccessible(page);
  await shelf.getByRole('button', { name: 'Put it in the room' }).click();
  await expect(page.getByText('about 13.0 kg, a guess').first()).toBeVisible();

  await page.goto(open('pile'));
  for (const line of [
    '2 shoeboxes wooden blocks',
    '25 toy cars',
    '1 carrier bag soft toys',
    '12 puzzles 30x20x4 cm',
    '30 felt tips',
    '2 dolls',
  ]) {
    await page.getByLabel('What lies there?').fill(line);
    await page.keyboard.press('Enter');
  }
  await expect.poll(async () => (await data()).line.length).toBe(6);

  await page.goto(open('contain'));
  await page.getByRole('button', { name: 'Add these bins' }).click();
  await expect(page.getByRole('button', { name: 'Added as shown' })).toBeVisible();
  await page.goto(open('place'));
  await page.getByRole('button', { name: 'Propose places' }).click();
  await expect(page.getByText('Every bin has its place')).toBeVisible();
  const { bin, compartment, containerType } = await data();
  expect(new Set(bin.map(({ categoryId }) => categoryId)).size).toBe(6);
  // Contained for these cubes: none is too high for what it stands in.
  for (const one of bin) {
    const space = compartment.find(({ id }) => id === one.compartmentId)!;
    const type = containerType.find(({ id }) => id === one.containerTypeId);
    expect(type?.outHeight ?? one.outHeight).toBeLessThanOrEqual(space.height);
  }
});

test('a bin without a place: another makes room by one press, and nothing that stands is taken out unasked', async ({
  page,
  stube,
}) => {
  const { own, unit, lines, data, contain, place, open } = await den(stube, 'Tight house');
  await stube.ask(`${own}/rows/person`, { name: 'Ruth', kind: 'adult', stature: 1650 });
  await unit({ name: 'High box', width: 420, height: 560, depth: 420, rows: 1, x: 1000 });
  await unit({ name: 'Low box', width: 420, height: 300, depth: 420, rows: 1, x: 2000 });
  await lines('25 toy cars', '2 shoeboxes wooden blocks');
  await contain('Open tub, small');
  const { category, containerType, compartment, unit: units } = await data();
  const idOf = (name: string) => category.find((known) => known.name === name)!.id;
  const large = containerType.find(({ name }) => name === 'Open tub, large')!.id;
  await stube.ask(`${own}/rooms/${(await data()).room[0]!.id}/contain`, {
    choices: [{ categoryId: idOf('Wooden blocks'), containerTypeId: large, count: 1 }],
  });
  const space = (name: string) =>
    compartment.find(({ unitId }) => units.find(({ id }) => id === unitId)!.name === name)!.id;
  await place((bin) => ({ compartmentId: bin.categoryId === idOf('Wooden blocks') ? null : space('High box') }));
  await page.goto(open('place'));
  await page.getByRole('button', { name: /Wooden blocks/ }).click();
  await expect(page.getByRole('heading', { name: 'No other place takes it' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Move .*Toy cars to Low box/ }).click();
  const at = async () =>
    new Map((await data()).bin.map(({ categoryId, compartmentId }) => [categoryId, compartmentId]));
  await expect.poll(async () => (await at()).get(idOf('Wooden blocks'))).toBe(space('High box'));
  expect((await at()).get(idOf('Toy cars'))).toBe(space('Low box'));

  await page.goto(open('contain'));
  await page.getByLabel('Container for Toy cars').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Add these bins' }).click();
  const asked = page.getByRole('dialog', { name: /leaves? (its|their) place/ });
  await expect(asked.getByText(/Toy cars: Low box/)).toBeVisible();
  await expectAccessible(page);
  await asked.getByRole('button', { name: 'No, leave them as they are' }).click();
  expect((await at()).get(idOf('Toy cars'))).toBe(space('Low box'));
  await page.getByRole('button', { name: 'Add these bins' }).click();
  await asked.getByRole('button', { name: 'Add these bins' }).click();
  await expect(page.getByRole('button', { name: 'Added as shown' })).toBeVisible();
  expect((await at()).get(idOf('Toy cars'))).toBeNull();
});
