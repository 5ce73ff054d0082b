/** The house that is lived in: tidying with children, a new helper, what goes wrong where, strays, routines and holidays. */
import { expect, expectAccessible, expectNoSideScroll, test, type Stube } from './stube.ts';
import { day } from './clock.ts';

/** A den with a low bookcase and a few things in their places. */
async function den(stube: Stube, name: string, things: readonly string[], people: object[] = []) {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name, keepsNew: true });
  const own = `/sites/${site}`;
  for (const person of people) await stube.ask(`${own}/rows/person`, person);
  const size = { width: 5000, depth: 4000, height: 2500 };
  const { id: room } = await stube.ask<{ id: string }>(`${own}/rows/room`, { name: 'Den', ...size });
  const shelf = { width: 900, height: 1050, depth: 320, columns: 2, rows: 3, board: 18, raised: 0 };
  for (const [i, unit] of ['Window shelf', 'Door shelf'].entries())
    await stube.ask(`${own}/rows/unit`, {
      roomId: room,
      name: unit,
      template: 'bookcase',
      ...shelf,
      anchored: true,
      x: 1200 + 2400 * i,
      y: 3680,
      faces: 'front',
    });
  await stube.ask(`${own}/rows/fixture`, {
    roomId: room,
    kind: 'door',
    name: 'Den door',
    x: 0,
    y: 900,
    width: 850,
    height: 2050,
  });
  for (const text of things) await stube.ask(`${own}/lines`, { roomId: room, text });
  await stube.ask(`${own}/rooms/${room}/contain`, {});
  await stube.ask(`${own}/rooms/${room}/place`, {});
  return { site, room, own };
}
const child = (name: string, stature: number, colour: string) => ({
  name,
  kind: 'child',
  stature,
  colour,
  reads: false,
});

test.describe('on the tablet', () => {
  test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });
  test('four children tidy without a word to read, end together, and how long it took is learned', async ({
    page,
    stube,
  }) => {
    const things = [
      '1 shoebox wooden blocks',
      '12 toy cars',
      '8 puppets',
      '6 dolls',
      '1 shoebox soft animals',
      '20 picture books',
    ];
    const { site, room } = await den(stube, 'Tidy house', things, [
      child('Ona', 1000, 'slate'),
      child('Per', 1050, 'moss'),
      child('Kim', 1150, 'plum'),
      child('Tal', 1200, 'oak'),
    ]);
    await page.goto(`${stube.address}/s/${site}/r/${room}/live`);
    await page.getByRole('link', { name: 'Tidy', exact: true }).tap();
    const tidy = page.getByRole('region', { name: 'Tidy' });
    for (const name of ['Ona', 'Per', 'Kim', 'Tal']) await tidy.getByRole('button', { name }).tap();
    await expectAccessible(page);
    // Whoever cannot read sees no letter.
    const words = () => tidy.evaluate((screen) => (screen as HTMLElement).innerText.replace(/\s/g, ''));
    expect(await words()).toBe('Tidy:Den');
    await tidy.getByRole('button', { name: 'Begin' }).tap();
    await expect(tidy.getByRole('listitem')).toHaveCount(4);
    await expectAccessible(page);
    const bins = (await stube.data(site)).bin.length;
    for (let left = bins; left > 0; left--) {
      const done = tidy.getByRole('button', { name: /is done$/ });
      if (!(await done.count())) break;
      const before = await tidy.locator('.dots .on').count();
      await done.first().tap();
      await expect
        .poll(async () => (await tidy.locator('.dots .on').count()) > before || (await done.count()) === 0)
        .toBe(true);
    }
    await expect(tidy.getByRole('button', { name: 'All done, good night' })).toBeVisible();
    await expectAccessible(page);
    await tidy.getByRole('button', { name: 'All done, good night' }).tap();
    const { observation } = await stube.data(site);
    const tidied = observation.filter(({ kind }) => kind === 'tidied');
    expect(tidied.length).toBeGreaterThanOrEqual(4);
    expect(tidied.every(({ seconds, personId }) => seconds !== null && personId !== null)).toBe(true);
  });
});

test('a new helper learns the room: what was missed comes back in the round, and is due soonest', async ({
  page,
  stube,
}) => {
  const things = ['1 shoebox wooden blocks', '12 toy cars', '8 puppets', '20 picture books', '6 dolls'];
  const { site, room } = await den(stube, 'Learning house', things, [
    { name: 'New helper', kind: 'adult', stature: 1700 },
  ]);
  await page.goto(`${stube.address}/s/${site}/learn/${room}`);
  await expect(page.getByRole('heading', { level: 1, name: 'Learn Den' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'A round for New helper' }).click();
  const { bin, compartment, unit } = await stube.data(site);
  const placeOf = (id: string) => {
    const space = compartment.find((one) => one.id === bin.find((one) => one.id === id)!.compartmentId)!;
    return `${unit.find((one) => one.id === space.unitId)!.name} › ${space.name}`;
  };
  const choices = page.locator('.choice');
  let missed: string | null = null;
  let cameBack = 0;
  for (let i = 0; i < 20; i++) {
    await expect(choices.first()).toBeVisible();
    if (!i) await expectAccessible(page);
    const where = await page.getByRole('heading', { name: 'Where does this live?' }).count();
    const names = await choices.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!));
    const lit = where ? '' : ((await page.locator('.thing svg[role]').first().getAttribute('aria-label')) ?? '');
    const asked = where ? await page.locator('.thing b').innerText() : '';
    const right = where
      ? bin.filter(({ name }) => name === asked).map(({ id }) => placeOf(id))
      : bin.filter(({ id }) => lit.startsWith(placeOf(id).replace(' › ', ', '))).map(({ name }) => name);
    const subject = where ? asked : names.find((name) => right.includes(name))!;
    if (subject === missed) cameBack++;
    const wrong = names.find((name) => !right.includes(name))!;
    const pick = missed === null ? wrong : names.find((name) => right.includes(name))!;
    if (missed === null) missed = subject;
    await page.getByRole('button', { name: pick, exact: true }).first().click();
    const end = page.getByRole('button', { name: 'end of the round' });
    const over = (await end.count()) > 0;
    await (over ? end : page.getByRole('button', { name: 'next' })).click();
    if (over) break;
  }
  expect(cameBack).toBe(1);
  await expect(page.getByRole('status').first()).toContainText('1 missed: they come back soonest');
  await expect.poll(async () => (await stube.data(site)).recall.length).toBeGreaterThan(0);
  const { recall } = await stube.data(site);
  const missedBin = bin.find(({ name }) => name === missed)!;
  const first = [...recall].sort((a, b) => a.state.due.localeCompare(b.state.due))[0]!;
  expect(first.binId).toBe(missedBin.id);
  await expectAccessible(page);
});

test('what is left in the wrong place again and again leads to a proposal, which is taken and taken back', async ({
  page,
  stube,
}) => {
  const { site, room, own } = await den(stube, 'Wrong place house', ['12 toy cars', '8 puppets']);
  const { bin, compartment, unit } = await stube.data(site);
  const cars = bin.find(({ name }) => /Toy cars/.test(name))!;
  const home = compartment.find(({ id }) => id === cars.compartmentId)!;
  const other = unit.find(({ id }) => id !== home.unitId)!;
  const target = compartment.find(
    ({ id, unitId }) => unitId === other.id && !bin.some(({ compartmentId }) => compartmentId === id),
  )!;
  await page.goto(`${stube.address}/s/${site}/b/${cars.code}`);
  for (let i = 0; i < 2; i++) {
    await page.getByRole('button', { name: 'found elsewhere' }).click();
    await page.getByLabel('Where was it, or a thing of it?').selectOption(target.id);
    await expect(page.getByLabel('Where was it, or a thing of it?')).toHaveCount(0);
  }
  await page.goto(`${stube.address}/s/${site}/r/${room}/signs`);
  await expect(page.getByRole('heading', { name: 'Signs' })).toBeVisible();
  await expectAccessible(page);
  const table = page.getByRole('region', { name: 'What goes wrong where' });
  await expect(table).toContainText(`2× ${other.name} › ${target.name}`);
  await table.getByRole('button', { name: 'let it live where it is left' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('it was left there 2 times');
  await expect(dialog.getByRole('region', { name: 'What follows' })).toContainText(`to ${other.name} › ${target.name}`);
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Do it' }).click();
  await expect(dialog).toHaveCount(0);
  const at = async () => (await stube.data(site)).bin.find(({ id }) => id === cars.id)!.compartmentId;
  await expect.poll(at).toBe(target.id);
  await page.getByRole('button', { name: /^Undo:/ }).click();
  await expect.poll(at).toBe(home.id);
  await stube.ask(`${own}/undo`, {});
});

test('a stray is matched to the set that misses it; a child’s word that was taught finds its place and the way', async ({
  page,
  stube,
}) => {
  const { site, own } = await den(stube, 'Stray house', ['1 jigsaw puzzle', '12 toy cars']);
  const puzzle = (await stube.data(site)).line.find(({ name }) => /puzzle/.test(name))!;
  await page.request.patch(`${stube.address}/api${own}/rows/line/${puzzle.id}`, {
    data: { setPieces: 48, setMissing: 1, version: puzzle.version },
  });
  await page.goto(`${stube.address}/s/${site}/strays`);
  await page.getByLabel('What is it?').fill('puzzle piece with a gull');
  await page.getByLabel('Where was it found?').fill('under the sofa');
  await page.getByRole('button', { name: 'Into the tray' }).click();
  const matches = page.getByRole('list', { name: 'puzzle piece with a gull may belong to' });
  await expect(matches.getByRole('button').first()).toContainText('1 of its 48 pieces is missing');
  await expectAccessible(page);
  await matches.getByRole('button').first().click();
  await expect(page.getByText('complete again')).toBeVisible();
  expect((await stube.data(site)).line.find(({ id }) => id === puzzle.id)!.setMissing).toBe(0);
  await expect(page.getByText('The tray is empty.')).toBeVisible();

  // The word of a child, taught where it was missed.
  await page.getByRole('button', { name: 'Where is …?' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('What are you looking for?').fill('brummers');
  await dialog.getByLabel('What is “brummers” called here?').fill('Toy cars');
  await dialog.getByRole('button', { name: 'It is Toy cars: remember the word' }).click();
  await expect(dialog.getByRole('option').first()).toContainText('Toy cars');
  await expect(dialog.getByRole('img', { name: /^Den from above: \d+\.\d m to/ })).toBeVisible();
  await expect(dialog.getByLabel('Where you stand')).toContainText('Den door');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'it is not here' }).click();
  await expect(dialog.getByRole('status').last()).toContainText('Last it was put into');
  const seen = (await stube.data(site)).observation;
  expect(seen.map(({ kind }) => kind)).toEqual(['not here']);
});

test('a weekly routine is left out over a holiday, ticked when it is due, and stands in the calendar', async ({
  page,
  stube,
}) => {
  const { site, own } = await den(stube, 'Routine house', ['12 toy cars']);
  await page.goto(`${stube.address}/s/${site}/routines`);
  await expect(page.getByRole('heading', { level: 1, name: 'Routines' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('region', { name: 'Den' }).getByRole('button', { name: 'start from the usual ones' }).click();
  await expect(page.getByText('Weekly reset').first()).toBeVisible();
  // A routine of one's own that is due today.
  await page.getByRole('region', { name: 'Den' }).getByRole('button', { name: 'a routine' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('What is done').fill('Water the plants');
  await dialog.getByLabel('How often').selectOption('FREQ=DAILY');
  await dialog.getByLabel('Minutes').fill('0');
  await dialog.getByLabel('Steps, one a line').fill('window\nshelf');
  await dialog.getByRole('button', { name: 'Add the routine' }).click();
  await expect(dialog.locator('.wrong')).toBeVisible();
  await dialog.getByLabel('Minutes').fill('5');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Add the routine' }).click();
  await expect(dialog).toHaveCount(0);
  const holidays = page.getByRole('region', { name: 'Holidays' });
  await holidays.getByLabel('Name of the holiday').fill('Closed');
  await holidays.getByLabel('First day', { exact: true }).fill(day(1));
  await holidays.getByLabel('Last day', { exact: true }).fill(day(14));
  await holidays.getByRole('button', { name: 'Add the holiday' }).click();
  await expect(holidays.getByRole('listitem')).toContainText('Closed');

  await page.goto(`${stube.address}/s/${site}/today`);
  const item = page.getByRole('listitem').filter({ hasText: 'steps of Water the plants' });
  await item.getByText('steps of Water the plants').click();
  await item.getByLabel('window').check();
  await expect(item).toContainText('1 of 2 ticked');
  await expectAccessible(page);
  await item.getByLabel('shelf').check();
  await expect(page.getByText('Water the plants: all ticked, done.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Done this week' })).toContainText('1 routine');
  const calendar = await (await page.request.get(`${stube.address}/api${own}/today.ics`)).text();
  const starts = (name: string) =>
    calendar
      .split('BEGIN:VEVENT')
      .filter((event) => event.includes(name))
      .map((event) => /DTSTART[^:]*:(\d{4})(\d{2})(\d{2})/.exec(event)!.slice(1).join('-'));
  const weekly = starts('Weekly reset');
  expect(weekly.length).toBeGreaterThan(3);
  for (const due of [...weekly, ...starts('Water the plants')]) expect(due > day(0) && due <= day(14)).toBe(false);
  expect(starts('Water the plants')[0]).toBe(day(15));
});

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('a label is scanned, by the simulated scanner or by its code', async ({ page, context, stube }) => {
    const { site } = await den(stube, 'Scan house', ['12 toy cars', '8 puppets']);
    const [bin, second] = (await stube.data(site)).bin;
    await page.goto(`${stube.address}/s/${site}/scan`);
    await expect(page.getByRole('heading', { level: 1, name: 'Scan a label' })).toBeVisible();
    await expectAccessible(page);
    await expectNoSideScroll(page);
    await page.getByLabel('Code on the label').fill('zz99');
    await page.getByRole('button', { name: 'go' }).tap();
    await expect(page.getByText('No bin ZZ99 here.')).toBeVisible();
    const scanner = await context.newPage();
    await scanner.goto(`${stube.address}/scanner`);
    await scanner.getByLabel('Code or square').fill(`${stube.address}/s/${site}/b/${bin!.code}`);
    await expectAccessible(scanner);
    await scanner.getByRole('button', { name: 'Send it' }).tap();
    await expect(page).toHaveURL(new RegExp(`/b/${bin!.code}$`));
    await page.goto(`${stube.address}/s/${site}/put-back`);
    await page.getByText('by its picture, or by the label of its bin').tap();
    await page.getByRole('list', { name: 'Things of the room' }).getByRole('button', { name: second!.name }).tap();
    await expect(page.getByRole('region', { name: 'The round' })).toContainText(second!.name);
    await expectAccessible(page);
    await expectNoSideScroll(page);
  });
});
