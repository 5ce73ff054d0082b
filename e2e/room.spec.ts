/** A room in true size: doors and windows, furniture that is moved and turned, its walls, and the state before the work. */
import { expect, expectAccessible, expectNoSideScroll, test, type Stube } from './stube.ts';

async function den(stube: Stube, name: string) {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name, keepsNew: true });
  const { id: room } = await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, {
    name: 'Den',
    width: 4000,
    depth: 3000,
    height: 2500,
  });
  const shelf = { roomId: room, template: 'bookcase', height: 1200, columns: 1, rows: 4, board: 18, raised: 0 };
  const unit = async (more: object) =>
    (await stube.ask<{ id: string }>(`/sites/${site}/rows/unit`, { ...shelf, ...more })).id;
  return { site, room, unit };
}

test('a door is told, furniture comes to rest at walls, and what gets in the way is said', async ({ page, stube }) => {
  const { site, room, unit } = await den(stube, 'Floor house');
  const shelf = await unit({ name: 'Shelf', width: 900, depth: 300, x: 2000, y: 1500 });
  await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
  const rowOf = async () => (await stube.data(site)).unit.find(({ id }) => id === shelf)!;

  // Dragged near the back wall it stands at it.
  const piece = page.getByRole('button', { name: /^Shelf, .* faces front/ });
  await piece.scrollIntoViewIfNeeded();
  const plan = page.getByRole('group', { name: 'Floor plan of Den' });
  const box = (await plan.boundingBox())!;
  const scale = Math.min(box.width / (4000 + 840), box.height / (3000 + 840));
  const at = (await piece.boundingBox())!;
  const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 300 * scale, { steps: 4 });
  await page.mouse.move(x, y - 1150 * scale, { steps: 8 });
  await page.mouse.up();
  await expect.poll(async () => (await rowOf()).y).toBe(2700);

  // A door that opens into it, by the dialog.
  await page.getByRole('button', { name: 'Door, window, heater' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('What it is').selectOption('door');
  await dialog.getByLabel('What you call it').fill('Hall door');
  await expectAccessible(page);
  await dialog.getByLabel(/^From the left wall/).fill('200');
  await dialog.getByLabel(/^From the front wall/).fill('300');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toBeHidden();
  const inTheWay = page.getByRole('region', { name: 'In the way' });
  await expect(inTheWay.getByText('Hall door cannot open all the way: Shelf stands where it swings.')).toBeVisible();

  // By the keys: turned, and moved on, until nothing is in the way.
  await piece.focus();
  await page.keyboard.press('t');
  await expect.poll(async () => (await rowOf()).faces).toBe('left');
  const turned = page.getByRole('button', { name: /^Shelf, .* faces left/ });
  await turned.click();
  const held = page.getByRole('group', { name: 'Shelf on the floor' });
  await held.getByLabel(/^From the left wall/).fill('370');
  await held.getByLabel(/^From the left wall/).press('Enter');
  await held.getByLabel(/^From the front wall/).fill('60');
  await held.getByLabel(/^From the front wall/).press('Enter');
  await expect.poll(async () => [(await rowOf()).x, (await rowOf()).y]).toEqual([3700, 600]);
  await expect(inTheWay).toHaveCount(0);
  await expectAccessible(page);
  // One undo a move.
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect.poll(async () => (await rowOf()).y).not.toBe(600);
});

test('the walls from inside, and the room as it was beside the room as it is', async ({ page, stube }) => {
  const { site, room, unit } = await den(stube, 'Wall house');
  await unit({ name: 'Low shelf', width: 900, depth: 300, x: 1000, y: 2700 });
  await unit({ name: 'Side shelf', width: 900, depth: 300, x: 3700, y: 1500, faces: 'left' });
  for (const text of ['40 felt tips', '12 wax crayons', '4 torches'])
    await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {});
  await stube.ask(`/sites/${site}/rooms/${room}/place`, {});
  await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
  await page.getByRole('button', { name: 'The walls' }).click();
  const walls = page.getByRole('dialog', { name: 'The walls of Den' });
  await expect(walls.getByRole('img', { name: 'Back wall from inside: Low shelf' })).toBeVisible();
  await expect(walls.getByRole('img', { name: 'Right wall from inside: Side shelf' })).toBeVisible();
  await expect(walls.getByText('55 cm from the left corner')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'As it is' }).click();
  const state = page.getByRole('dialog', { name: 'Den: as it is' });
  await state.getByRole('button', { name: 'Keep it as it is' }).click();
  await expect(state.getByRole('columnheader', { name: 'As it was, today' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  // Something is moved: the state that was kept is not.
  const before = (await stube.data(site)).room[0]!.asItIs!;
  const { bin } = await stube.data(site);
  const loose = bin.filter(({ compartmentId }) => !compartmentId).length;
  expect(loose).toBeLessThan(bin.length);
  await stube.ask(`/sites/${site}/rooms/${room}/place`, {
    placed: bin.map(({ id, version }) => ({ binId: id, version, compartmentId: null })),
  });
  await page.goto(`${stube.address}/s/${site}/r/${room}/place`);
  await page.getByRole('button', { name: 'compare' }).click();
  const row = state.getByRole('row', { name: /of them without a place/ });
  await expect(row.getByRole('cell')).toHaveText(['of them without a place', `${loose}`, `${bin.length}`]);
  expect((await stube.data(site)).room[0]!.asItIs).toEqual(before);
});

test('what is in the way inside is taken off, and several readings give the least', async ({ page, stube }) => {
  const { site, room, unit } = await den(stube, 'Inside house');
  await unit({ name: 'Low shelf', width: 900, depth: 300, rows: 1, x: 1000, y: 2700 });
  await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
  const width = page.getByLabel(/^shelf A1 wide|wide/).first();
  await width.fill('86.2; 85.9; 86.4');
  await expect(page.getByText('They differ by 5 mm', { exact: false })).toHaveCount(0);
  await width.fill('86.2; 85.5; 86.4');
  await expect(page.getByText('They differ by 9 mm: the least counts.', { exact: false })).toBeVisible();
  await width.press('Enter');
  const space = async () => (await stube.data(site)).compartment[0]!;
  await expect.poll(async () => [(await space()).width, (await space()).measured]).toEqual([855, true]);
  const { depth } = await space();
  await page.getByRole('button', { name: /^In the way inside/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('skirting at the back, 15 mm')).toBeVisible();
  await expectAccessible(page);
  expect((await space()).depth).toBe(depth - 15);
  await dialog.getByLabel('Where').selectOption('left');
  await dialog.getByLabel(/^Takes/).fill('90');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(dialog.getByText('It leaves nothing of the inside.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Take away: skirting' }).click();
  await expect.poll(async () => (await space()).depth).toBe(depth);
});

test('a wall with hooks, pegs and a door rack is filled', async ({ page, stube }) => {
  const { site, room, unit } = await den(stube, 'Hook house');
  await unit({
    name: 'Hooks',
    template: 'hooks',
    width: 1500,
    height: 600,
    depth: 200,
    columns: 4,
    rows: 1,
    raised: 900,
    x: 1000,
    y: 2800,
  });
  await unit({
    name: 'Pegs',
    template: 'pegs',
    width: 1300,
    height: 900,
    depth: 170,
    columns: 4,
    rows: 2,
    board: 6,
    raised: 800,
    x: 3000,
    y: 2830,
  });
  await unit({
    name: 'Rack',
    template: 'pockets',
    width: 480,
    height: 1500,
    depth: 120,
    columns: 2,
    rows: 5,
    board: 3,
    raised: 300,
    x: 2000,
    y: 120,
    faces: 'back',
  });
  for (const text of ['8 aprons', '6 skipping ropes', '2 mugs buttons', '12 batteries'])
    await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  await page.goto(`${stube.address}/s/${site}/r/${room}/contain`);
  // They hang as they are.
  for (const name of ['Aprons', 'Skipping ropes']) {
    await page.getByLabel(`Container for ${name}`).selectOption({ label: 'without a container' });
    await expect
      .poll(async () => (await stube.data(site)).category.find((one) => one.name === name)!.standsAlone)
      .toBe(true);
  }
  await page.getByRole('button', { name: 'Add these bins' }).click();
  await expect(page.getByRole('button', { name: 'Added as shown' })).toBeVisible();
  await page.goto(`${stube.address}/s/${site}/r/${room}/place`);
  await page.getByRole('button', { name: 'Propose places' }).click();
  await expect
    .poll(async () => (await stube.data(site)).bin.filter(({ compartmentId }) => !compartmentId).length, {
      timeout: 20_000,
    })
    .toBe(0);
  const data = await stube.data(site);
  const placeOf = (name: string) => {
    const bin = data.bin.find((one) => one.name.startsWith(name))!;
    const space = data.compartment.find(({ id }) => id === bin.compartmentId)!;
    return data.unit.find(({ id }) => id === space.unitId)!.name;
  };
  for (const name of ['Aprons', 'Skipping ropes']) expect(['Hooks', 'Pegs']).toContain(placeOf(name));
  for (const name of ['Buttons', 'Batteries']) expect(placeOf(name)).toBe('Rack');
  // What holds it up is counted, and a room whose walls may not be drilled says so.
  await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
  await page.getByRole('button', { name: 'Cut list' }).click();
  const list = page.getByRole('dialog', { name: 'Cut list' });
  await expect(list.getByText('4 hooks for Hooks')).toBeVisible();
  await expect(list.getByText('hooks over the door for Rack')).toBeVisible();
  await expect(list.getByText('ask a licensed craftsman', { exact: false })).toBeVisible();
});

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('a piece is chosen by a tap, turned and put where the tape says', async ({ page, stube }) => {
    const { site, room, unit } = await den(stube, 'Phone house');
    const shelf = await unit({ name: 'Shelf', width: 900, depth: 300, x: 2000, y: 1500 });
    await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
    await page.getByRole('button', { name: /^Shelf, .* faces front/ }).tap();
    const held = page.getByRole('group', { name: 'Shelf on the floor' });
    await held.getByRole('button', { name: 'Turn a quarter' }).tap();
    await expect.poll(async () => (await stube.data(site)).unit.find(({ id }) => id === shelf)!.faces).toBe('left');
    await expectNoSideScroll(page);
    await expectAccessible(page);
  });
});

test('a shelf is put on the shelf where height is lost: one place becomes two, and one again by undo', async ({
  page,
  stube,
}) => {
  const { site, room, unit } = await den(stube, 'Height house');
  const tall = await unit({ name: 'Tall shelf', width: 800, height: 1200, depth: 320, x: 2000, y: 2700, rows: 2 });
  await stube.ask(`/sites/${site}/lines`, { roomId: room, text: '20 toy cars' });
  const { category, containerType, compartment } = await stube.data(site);
  const box = containerType.find(({ name }) => name === 'Clear box, small')!;
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {
    choices: [{ categoryId: category[0]!.id, containerTypeId: box.id, count: 1 }],
  });
  const [bin] = (await stube.data(site)).bin;
  await stube.ask(`/sites/${site}/rooms/${room}/place`, {
    placed: [{ binId: bin!.id, version: bin!.version, compartmentId: compartment[0]!.id }],
  });
  await page.goto(`${stube.address}/s/${site}/r/${room}/measure`);
  const spaces = async () => (await stube.data(site)).compartment.filter(({ unitId }) => unitId === tall);
  expect(await spaces()).toHaveLength(2);
  await page.getByRole('button', { name: /^Put it in: a shelf in/ }).click();
  await expect.poll(async () => (await spaces()).length).toBe(3);
  const parted = await spaces();
  const lower = parted.find(({ id }) => id === compartment[0]!.id)!;
  const upper = parted.find(({ name }) => name === `${lower.name}, above`)!;
  expect(upper.floor).toBe(lower.floor + lower.height + 18);
  expect(lower.height + 18 + upper.height).toBe(compartment[0]!.height);
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Undo: a shelf/ }).click();
  await expect
    .poll(async () => (await spaces()).map(({ height }) => height))
    .toEqual(compartment.map(({ height }) => height));
});
