/** What if, stacking by hand, the move plan on the phone, and a baby who begins to crawl. */
import { den } from './den.ts';
import { expect, expectAccessible, expectNoSideScroll, pdfText, test } from './stube.ts';
import { born } from './clock.ts';

test('what if a piece of furniture goes: its price is told, it is kept, and comes back', async ({ page, stube }) => {
  const { unit, lines, contain, data, open } = await den(stube, 'Change house');
  await unit({ name: 'Near shelf', width: 900, height: 1200, depth: 400, rows: 3, x: 1000 });
  await unit({ name: 'Far shelf', width: 500, height: 1200, depth: 400, rows: 3, x: 3000 });
  await lines('1 shoebox wooden blocks', '60 felt tips', '2 mugs beads', '3 dolls', '20 toy cars', '8 child scissors');
  await contain('Open tub, large');
  await page.goto(open('place'));
  await page.getByRole('button', { name: 'Propose places' }).click();
  await expect(page.getByText(/a week to fetch and put back/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'What if …?' }).click();
  const dialog = page.getByRole('dialog', { name: /^What if/ });
  await expect(dialog.getByText(/As it is, that takes/)).toBeVisible({ timeout: 60_000 });
  await dialog.getByLabel('What if …?').selectOption({ label: 'Without Near shelf' });
  const tried = dialog.getByRole('region', { name: 'Tried' });
  await expect(tried.getByText('Without Near shelf')).toBeVisible({ timeout: 60_000 });
  await expect(tried.getByText(/more without a place/)).toBeVisible();
  await expectAccessible(page);
  await tried.getByRole('button', { name: 'Keep this change' }).click();
  await expect(dialog).toBeHidden();
  expect((await data()).unit.map(({ name }) => name)).toEqual(['Far shelf']);
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect.poll(async () => (await data()).unit.length).toBe(2);
});

test('a bin is dragged onto another, told why it may not go beneath a lighter one, and stacked by a tap', async ({
  page,
  stube,
}) => {
  const { unit, lines, contain, place, data, open } = await den(stube, 'Stack house');
  const shelf = await unit({ name: 'Shelf', width: 900, height: 900, depth: 320, rows: 1, x: 1000 });
  await lines('1 shoebox wooden blocks', '20 toy cars');
  await contain('Clear box, medium');
  const [space] = (await data()).compartment.filter(({ unitId }) => unitId === shelf);
  await place((_, i) => ({ compartmentId: space!.id, x: i * 300, y: 0, z: 0 }));
  await page.goto(open('place'));
  const at = async (name: string) => (await page.locator(`g[data-bin][aria-label*="${name}"]`).first().boundingBox())!;
  const [cars, blocks] = [await at('Toy cars'), await at('Wooden blocks')];
  await page.mouse.move(cars.x + cars.width / 2, cars.y + cars.height / 2);
  await page.mouse.down();
  await page.mouse.move(blocks.x + blocks.width / 2, blocks.y + blocks.height * 0.7, { steps: 5 });
  await page.mouse.move(blocks.x + blocks.width / 2, blocks.y + blocks.height * 0.2, { steps: 5 });
  await expect(page.locator('.ghost')).toContainText(/^.*on \S+ Wooden blocks: .* a week$/);
  await page.mouse.up();
  const zOf = async (name: string) => (await data()).bin.find((bin) => bin.name === name)!.z;
  await expect.poll(() => zOf('Toy cars')).toBeGreaterThan(0);
  // What is beneath says what is moved first; the lighter one does not bear it.
  await page.locator('g[data-bin][aria-label*="Wooden blocks"]').first().click();
  const reason = page.getByRole('region', { name: /Wooden blocks$/ });
  await expect(reason.getByText(/Moved first, .* Toy cars/)).toBeVisible();
  await expectAccessible(page);
  await page.locator('g[data-bin][aria-label*="Toy cars"]').first().click();
  const light = page.getByRole('region', { name: /Toy cars$/ });
  await expect(light.getByText(/Kept behind it or beneath it: .* Wooden blocks/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect.poll(() => zOf('Toy cars')).toBe(0);
  await light.getByRole('button', { name: /^on \S+ Wooden blocks/ }).click();
  await expect.poll(() => zOf('Toy cars')).toBeGreaterThan(0);
});

const THINGS =
  'wooden blocks, felt tips, beads, toy cars, child scissors, dolls, soft toys, puzzles, crayons, glue sticks, buttons, marbles, puppets, masks, balls, stickers, stamps, wool, ribbon, feathers, corks, dominoes, drums, hats, pompoms, wax crayons, sand timers, headphones, magnifiers, recorders, kites';

test('a move plan of more than twenty steps with circles, on the phone: interrupted, one step refused, done', async ({
  page,
  browser,
  stube,
}) => {
  test.setTimeout(240_000);
  const { site, own, unit, lines, contain, place, data, open, room } = await den(stube, 'Move house');
  const cubes = { name: 'Cubes', template: 'cubes', width: 1870, height: 2170, depth: 390, columns: 5, rows: 6 };
  const wall = await unit({ ...cubes, raised: 0, x: 2000 });
  await lines(...THINGS.split(', ').map((thing) => `1 shoebox ${thing}`));
  await contain('Cube basket');
  const { bin, category, compartment } = await data();
  // Each cube has one basket, so that whatever moves is in a circle; what is used most stands lowest.
  const spaces = compartment.filter(({ unitId }) => unitId === wall).sort((a, b) => a.floor - b.floor);
  expect(bin.length).toBe(spaces.length);
  const low = (i: number) => i < 10;
  await stube.ask(`${own}/batch`, {
    what: 'how often',
    update: bin.map(({ categoryId }, i) => {
      const { id, version } = category.find((one) => one.id === categoryId)!;
      return { table: 'category', id, version, values: { perWeek: low(i) ? 30 : 0.6, users: [] } };
    }),
  });
  await place((_, i) => ({ compartmentId: spaces[i]!.id, x: 0, y: 0, z: 0 }));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(open('place'));
  await page.getByRole('button', { name: 'Propose places' }).click();
  const moves = page.getByRole('link', { name: 'Move step by step' });
  await expect(moves).toBeVisible({ timeout: 60_000 });
  // They are kept: after a reload, and on any other device, they are still to be done.
  await page.reload();
  await expect(moves).toBeVisible();
  const elsewhere = await (await browser.newContext()).newPage();
  await elsewhere.goto(open('place'));
  await expect(elsewhere.getByRole('link', { name: 'Move step by step' })).toBeVisible();
  await elsewhere.context().close();
  await moves.click();
  await expect(page.getByRole('heading', { name: 'Moves in Den' })).toBeVisible();
  const all = (await data()).move;
  expect(all.length).toBeGreaterThanOrEqual(20);
  // Something has to stand on the floor in between.
  expect(all.some(({ to }) => to === 'parking')).toBe(true);
  await expectNoSideScroll(page);
  await expectAccessible(page);
  const paper = await pdfText(
    new Uint8Array(await (await fetch(`${stube.address}/api/sites/${site}/rooms/${room}/moves.pdf`)).arrayBuffer()),
  );
  expect(paper).toContain(`${all.length} steps`);
  await page.getByText(/^All \d+ that are left$/).click();
  await page.getByRole('button', { name: 'Heavy ones first' }).click();
  await expect(
    page.getByText(/^(Heavy ones come first now|The heavy ones come as early as they can already)\.$/),
  ).toBeVisible();
  const done = page.getByRole('button', { name: 'Done' });
  for (let step = 1; step <= 4; step++) {
    await expect(page.getByText(`Step ${step} of ${all.length}`)).toBeVisible();
    await done.click();
  }
  await expect(page.getByText(`Step 5 of ${all.length}`)).toBeVisible();
  await page.reload();
  await expect(page.getByText(`Step 5 of ${all.length}`)).toBeVisible();
  const refused = (await data()).move.filter((move) => !move.done).sort((a, b) => a.sort - b.sort)[0]!.binId;
  await page.getByRole('button', { name: 'It does not fit' }).click();
  await expect(page.getByText(/goes to the bench; the rest is planned anew/)).toBeVisible({ timeout: 30_000 });
  expect((await data()).bin.find(({ id }) => id === refused)!.compartmentId).toBeNull();
  // No step puts a bin where another still stands.
  const plan = (await data()).move.sort((a, b) => a.sort - b.sort);
  const stands = new Map(bin.map(({ id }, i) => [id, spaces[i]!.id as string | null]));
  const home = new Map((await data()).bin.map(({ id, compartmentId }) => [id, compartmentId]));
  for (const move of plan) {
    const to = move.to === 'place' ? home.get(move.binId)! : null;
    if (to) expect([...stands].filter(([id, at]) => id !== move.binId && at === to)).toEqual([]);
    stands.set(move.binId, to);
  }
  for (const [id, at] of stands) expect(at).toBe(home.get(id));
  const left = plan.filter((move) => !move.done).length;
  for (let step = 0; step < left; step++) {
    await expect(page.getByText(`Step ${5 + step} of ${4 + left}`)).toBeVisible();
    await done.click();
  }
  await expect(page.getByRole('heading', { name: 'Everything stands where it is wanted' })).toBeVisible();
  await page.getByRole('button', { name: 'End the plan' }).click();
  await expect.poll(async () => (await data()).move.length).toBe(0);
});

test('a baby who begins to crawl: what comes within reach next month is told with the cheapest way to right it', async ({
  page,
  stube,
}) => {
  const { own, unit, lines, contain, place, data, open } = await den(stube, 'Crawl house');
  const low = await unit({ name: 'Low shelf', width: 900, height: 800, depth: 320, rows: 2, x: 1000 });
  await unit({
    name: 'Safe',
    template: 'cabinet',
    width: 600,
    height: 1800,
    depth: 400,
    rows: 4,
    x: 3000,
    locked: true,
  });
  await lines('14 button cells', '1 shoebox wooden blocks');
  await contain('Clear box, small');
  await stube.ask(`${own}/rows/person`, { name: 'Mika', kind: 'child', stature: 630, born: born(4) });
  const shelf = (await data()).compartment.find(({ unitId }) => unitId === low)!;
  await place((_, i) => ({ compartmentId: shelf.id, x: i * 300, y: 0, z: 0 }));
  await page.goto(open('place'));
  const growing = page.getByRole('region', { name: 'As the children grow' });
  await expect(growing.getByText(/^From .* Button cells/)).toBeVisible();
  await expectAccessible(page);
  await page.goto(`${stube.address}${own.replace('/sites', '/s')}/today`);
  await expect(growing.getByText(/^From .* Button cells/)).toBeVisible();
  await growing
    .getByRole('button', { name: /^Put it to Safe/ })
    .first()
    .click();
  await expect(growing.getByText(/Button cells/)).toHaveCount(0);
  const { bin, compartment, unit: units } = await data();
  const at = compartment.find(({ id }) => id === bin.find(({ name }) => name === 'Button cells')!.compartmentId)!;
  expect(units.find(({ id }) => id === at.unitId)!.name).toBe('Safe');
});
