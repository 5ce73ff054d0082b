/** Pile and Group through a person's whole tasks: a heap on the floor, a list from elsewhere, other ways of sorting. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectNoSideScroll, pdfText, test, type Stube } from './stube.ts';

const MESSY = join(import.meta.dirname, '../core/sorting/import/testing/messy.csv');

async function emptyRoom(stube: Stube, names = ['Net loft']): Promise<{ site: string; rooms: string[]; path: string }> {
  const site = (await stube.ask<{ id: string }>('/sites', { name: 'Quay hut', keepsNew: true })).id;
  const rooms: string[] = [];
  for (const name of names)
    rooms.push(
      (await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, { name, width: 5000, depth: 4000, height: 2600 }))
        .id,
    );
  return { site, rooms, path: `${stube.address}/s/${site}/r/${rooms[0]}` };
}
const lines = (page: Page) => page.getByRole('list', { name: 'Lines of the pile' }).locator('.line');

const HEAP = [
  '3 shoeboxes wooden blocks', 'toy cars, 2 shoeboxes', '12 puppets', '60-piece puzzle heron, 2 missing', '5 drums',
  'a laundry basket of dressing-up clothes', '40 picture books 25x20x1 cm', 'broken scooters x2, bin', '18 glue sticks', '90 felt tips',
  '2 mugs of beads', 'half a mug of buttons', '14 board games', '3 sacks soft animals', '7 balls', 'pass on to Milo, 4 jumpers',
  'unopened paper, return by 3 Dec', '6 aprons', '30 zips', '1 carrier bag cardboard tubes, recycle', '20 stickers', '8 sharp scissors',
  '9 memory games', '2 mugs corks', '50 envelopes', '10 copy paper', 'scrap wood decide later in 2 weeks', '3 globes decide later',
  '16 recorders decide later', '4 clocks decide later', '11 torches decide later', '22 batteries decide later', '5 magnifiers decide later',
  '6 flags decide later', '7 masks decide later', '8 hats decide later', '13 kites decide later', '1 shoebox strays',
  '24 ribbon', 'tax papers, keep until 2033',
]; // prettier-ignore

test.describe('with one thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a heap of forty lines is told, corrected, tried out and decided', async ({ page, stube }) => {
    const { site, path } = await emptyRoom(stube);
    await page.goto(`${path}/pile`);
    let taps = 0;
    const tap = async (name: string | RegExp, exact = false) => {
      taps++;
      await page.getByRole('button', { name, exact }).first().tap();
    };
    await tap('Begin');
    const entry = page.getByLabel('What lies there?');
    const began = Date.now();
    for (const text of HEAP) {
      await entry.fill(text);
      // A tap that misses is tapped again, as a thumb would.
      await expect(async () => {
        if (await entry.inputValue()) await tap('Add the line');
        await expect(entry).toHaveValue('', { timeout: 3000 });
      }).toPass();
    }
    const seconds = (Date.now() - began) / 1000;
    console.log(
      `heap of ${HEAP.length}: ${(seconds / HEAP.length).toFixed(2)} s and ${(taps / HEAP.length).toFixed(2)} taps a line`,
    );
    const line = async (name: string) => (await stube.data(site)).line.find((line) => line.name === name);
    await expect.poll(async () => (await stube.data(site)).line.length).toBe(HEAP.length);
    await expect.poll(() => line('jumpers')).toMatchObject({ decision: 'pass on', destination: 'Milo', amount: 4 });
    await expect
      .poll(() => line('puzzle heron'))
      .toMatchObject({ setPieces: 60, setMissing: 2, condition: 'incomplete' });
    await expect.poll(() => line('tax papers')).toMatchObject({ decision: 'keep', keepUntil: '2033-12-31' });

    // A wrong guess is put right by one tap: the word belongs to the name.
    await entry.fill('2 broken hearts');
    await page.getByRole('button', { name: /^condition broken: not so/ }).tap();
    await page.getByRole('button', { name: 'Add the line' }).tap();
    await expect(lines(page).first()).toContainText('broken hearts');
    await expectNoSideScroll(page);
    await expectAccessible(page);

    // Once more, twice as much, half of it goes: one tap each.
    await page.getByRole('button', { name: 'broken hearts once more' }).tap();
    await expect(lines(page)).toHaveCount(HEAP.length + 2);
    await page.getByRole('button', { name: '2× ribbon: twice as much' }).tap();
    await expect.poll(async () => (await line('ribbon'))!.amount).toBe(48);
    await page.getByRole('button', { name: 'Half of ribbon goes' }).tap();
    await expect
      .poll(async () =>
        (await stube.data(site)).line
          .filter((line) => line.name === 'ribbon')
          .map((line) => [line.amount, line.decision])
          .sort(),
      )
      .toEqual([
        [24, 'give away'],
        [24, 'keep'],
      ]);

    // Ten decisions by thumb alone, one of them by its questions, one put off.
    await page.getByRole('button', { name: 'One by one' }).tap();
    const deck = page.getByRole('dialog');
    await deck.getByRole('button', { name: 'doubtful' }).tap();
    await deck.getByRole('button', { name: 'Outgrown? Yes' }).tap();
    await expect(deck.getByText('pass on?')).toBeVisible();
    await expectAccessible(page);
    for (const decision of [
      'give away',
      'sell',
      'keep',
      'recycle',
      'keep',
      'other room',
      'keep',
      'bin',
      'pass on',
      'keep',
    ])
      await deck.getByRole('button', { name: decision, exact: true }).tap();
    await deck.getByRole('button', { name: 'back' }).tap();
    await deck.getByRole('button', { name: 'decide later', exact: true }).tap();
    await expect(deck.getByText(/^1[01] of 11/).or(deck.getByText('The stack is through'))).toBeVisible();
    await page.keyboard.press('Escape');
    // The stack goes on while decisions are still on their way.
    const open = async () => (await stube.data(site)).line.filter((line) => line.decision === 'decide later').length;
    await expect.poll(open).toBe(2);
    expect((await stube.data(site)).line.some((line) => line.doubts.outgrown === true)).toBe(true);

    // A batch tried out: the dead leave the stock, the share is kept.
    await page.getByRole('button', { name: 'Test glue sticks' }).tap();
    for (const word of ['works', 'dead', 'works', 'dead'])
      await page.getByRole('button', { name: word, exact: true }).tap();
    await page.getByRole('button', { name: 'Keep this, 14 untried' }).tap();
    await expect.poll(async () => await line('glue sticks')).toMatchObject({ amount: 16, tested: 4, dead: 2 });

    // Pause, go on, end; the pace has been learned.
    await page.getByRole('button', { name: 'Pause the session' }).tap();
    await page.reload();
    await page.getByRole('button', { name: 'Go on with the session' }).tap();
    await page.getByRole('button', { name: 'End the session' }).tap();
    await expect(page.getByRole('region', { name: 'Session' })).toContainText(/so far, \d+ s a line/);
  });
});

test('what was put off comes back on its day', async ({ page, stube }) => {
  const { path, site } = await emptyRoom(stube);
  await page.clock.setFixedTime(new Date('2027-02-01T09:00:00'));
  await page.goto(`${path}/pile`);
  await page.getByLabel('What lies there?').fill('old kites decide later by 2027-02-20');
  await page.keyboard.press('Enter');
  await expect(lines(page)).toHaveCount(1);
  await expect(page.getByText('come due')).toHaveCount(0);
  await page.clock.setFixedTime(new Date('2027-02-21T09:00:00'));
  await page.reload();
  await expect(
    page.getByRole('status').filter({ hasText: '1 decision has come due: old kites (yesterday)' }),
  ).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Decide now' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'give away', exact: true }).click();
  await expect(page.getByText('The stack is through')).toBeVisible();
  await page.getByRole('button', { name: 'To the pile' }).click();
  await expect(page.getByText('come due')).toHaveCount(0);
  expect((await stube.data(site)).line[0]).toMatchObject({ decision: 'give away', due: null });
});

test('a list kept elsewhere comes in with its faults settled, all of it or nothing, and goes again by one undo', async ({
  page,
  stube,
}) => {
  const { site, path } = await emptyRoom(stube, ['Net loft', 'Landing room', 'Chart room']);
  await page.goto(`${path}/pile`);
  await page.getByRole('button', { name: 'Take in a list' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.locator('input[type=file]').setInputFiles(MESSY);
  await expect(sheet.getByRole('combobox', { name: 'How many', exact: true })).toHaveValue('amount');
  await expect(sheet.getByRole('combobox', { name: 'Breadth', exact: true })).toHaveValue('width');
  await expect(sheet.getByRole('button', { name: /^Take in/ })).toBeDisabled();
  // The office is none of the rooms here: say which it is.
  await sheet.getByRole('combobox', { name: '“Office” is' }).selectOption({ label: 'Chart room' });
  const faults = sheet.getByRole('region', { name: 'What has to be settled' });
  for (const row of ['Row 30', 'Row 31', 'Row 32', 'Row 33']) await expect(faults.getByText(row)).toBeVisible();
  await expect(faults.getByText('“minus three” is not an amount')).toBeVisible();
  await expectAccessible(page);
  await faults.getByRole('button', { name: 'Leave out row 30' }).click();
  await expect(faults.getByText('Row 30')).toHaveCount(0);
  await faults.getByRole('button', { name: 'Leave them all out' }).click();
  // A column put wrong by hand, and right again.
  await sheet.getByRole('combobox', { name: 'Remarks', exact: true }).selectOption({ label: 'leave it out' });
  await sheet.getByRole('combobox', { name: 'Remarks', exact: true }).selectOption({ label: 'note' });
  await sheet.getByRole('button', { name: 'Take in 32 lines' }).click();
  await expect(page.getByText(/32 lines came in/)).toBeVisible();
  const data = await stube.data(site);
  expect(data.line).toHaveLength(32);
  expect(data.line.find((line) => line.name === 'Return: kettle')).toMatchObject({
    decision: 'return',
    due: '2026-12-12',
  });
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await stube.data(site)).line.length).toBe(0);
});

test('what came of the pile: lists, calendar, photographs, limits, and what may come in', async ({ page, stube }) => {
  const { site, path } = await emptyRoom(stube);
  await page.goto(`${path}/pile`);
  for (const text of ['4 shoeboxes wooden blocks', '12 dvds, give away to the school', 'lamp, return by 2027-01-05']) {
    await page.getByLabel('What lies there?').fill(text);
    await page.keyboard.press('Enter');
  }
  await expect(lines(page)).toHaveCount(3);
  await page.getByRole('button', { name: 'What came of it' }).click();
  await expect(page.getByRole('dialog').getByRole('img')).toHaveAttribute('aria-label', /give away/);
  await expectAccessible(page);
  const room = path.split('/').at(-1)!;
  const pdf = await page.request.get(`${stube.address}/api/sites/${site}/list.pdf?of=leaving&room=${room}`);
  expect(await pdfText(new Uint8Array(await pdf.body()))).toContain('dvds');
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'as a table' }).last().click(),
  ]);
  expect(readFileSync(await csv.path(), 'utf8')).toMatch(/lamp.*2027-01-05/);
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Days' }).click();
  await page.getByLabel('A drawer, a box').fill('bottom drawer');
  await page.getByRole('button', { name: 'Put off' }).click();
  await page.getByLabel('Minutes a day').fill('4');
  await page.getByLabel('Minutes a day').press('Tab');
  await expect(page.getByText('must be at least 5')).toBeVisible();
  await page.getByLabel('Minutes a day').fill('25');
  await page.getByLabel('Minutes a day').press('Tab');
  await expect(page.getByRole('listitem').filter({ hasText: 'bottom drawer' }).first()).toBeVisible();
  const [ics] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Into a calendar' }).click(),
  ]);
  expect(readFileSync(await ics.path(), 'utf8')).toContain('bottom drawer');
  await expectAccessible(page);
  await page.keyboard.press('Escape');

  await page.getByLabel('What the photograph shows').selectOption('before');
  await page
    .locator('input[accept="image/*"]')
    .setInputFiles(join(import.meta.dirname, '../docs/screenshots/house.png'));
  await page.getByRole('button', { name: 'before, today' }).click();
  await expect(page.getByRole('dialog').getByRole('img')).toHaveJSProperty('complete', true);
  expect((await stube.data(site)).photo[0]).toMatchObject({ kind: 'before', width: 1280, height: 800 });
  await expectAccessible(page);
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Can it come in?' }).click();
  await page.getByLabel('What would come in').fill('2 shoeboxes wooden blocks');
  await expect(page.getByRole('heading', { name: 'There is one already' })).toBeVisible();
  await page.getByLabel('What would come in').fill('a zoetrope');
  await expect(page.getByRole('heading', { name: 'How large is it?' })).toBeVisible();
  await page.getByLabel('What would come in').fill('a zoetrope 90x60x20 cm');
  await expect(page.getByRole('heading', { name: 'It has no home yet' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');

  // The container is the limit.
  await page.goto(`${path}/group`);
  await page.getByRole('button', { name: 'Edit the category Wooden blocks' }).click();
  await page.getByLabel('It has to fit into').selectOption({ label: 'Shoebox' });
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save' }).click();
  await page.goto(`${path}/pile`);
  await expect(page.getByRole('region', { name: 'Limits' })).toContainText(/too much/);
});

test('everything about a line: its set, its sides, where it is split', async ({ page, stube }) => {
  const { site, path } = await emptyRoom(stube);
  await page.goto(`${path}/pile`);
  await page.getByLabel('What lies there?').fill('6 child scissors');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Edit child scissors' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByText('A set that belongs together').click();
  await sheet.getByLabel('Pieces when whole').fill('6');
  await sheet.getByRole('button', { name: 'another place' }).click();
  await sheet.getByLabel('Place 1').fill('on the making table');
  await sheet.getByText('Colour, material and more, for other ways to sort').click();
  await expect(sheet.getByLabel('material')).toHaveAttribute('placeholder', 'metal');
  await sheet.getByLabel('colour').fill('red');
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(lines(page).first()).toContainText('set of 6');
  expect((await stube.data(site)).line[0]).toMatchObject({
    setPieces: 6,
    attributes: { colour: 'red' },
    spread: [{ where: 'on the making table', amount: 1 }],
  });
});

test('a person is told by the month of birth', async ({ page, stube }) => {
  const { site } = await emptyRoom(stube);
  await page.clock.setFixedTime(new Date('2026-11-25T09:00:00Z'));
  await page.goto(`${stube.address}/s/${site}`);
  await page
    .getByRole('button', { name: 'A person', exact: true })
    .or(page.getByRole('button', { name: /person/i }))
    .first()
    .click();
  await page.getByLabel(/^Name, or/).fill('Milo');
  await page.getByLabel('Month of birth').fill('Nov 2022');
  await expect(page.getByText('4 years: about 103 cm')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect
    .poll(async () => (await stube.data(site)).person.find((person) => person.name === 'Milo'))
    .toMatchObject({
      born: '2022-11',
      stature: 1030,
      reads: false,
    });
});

test('several things in a line, a word that is only perhaps known, and one that is not English', async ({
  page,
  stube,
}) => {
  const { site, path } = await emptyRoom(stube);
  await page.goto(`${path}/pile`);
  const field = page.getByRole('textbox', { name: 'What lies there?' });
  await field.fill('scissors, glue and tape, give away');
  const things = page.getByRole('list', { name: 'Things in this line' });
  await expect(things.getByRole('listitem')).toHaveText([/scissors.*1 piece/, /glue/, /tape.*Sticky tape/]);
  await expectAccessible(page);
  await field.press('Enter');
  await expect(lines(page)).toHaveCount(3);
  await expect(field).toBeFocused();
  expect((await stube.data(site)).line.map(({ decision }) => decision)).toEqual(Array(3).fill('give away'));

  // One press keeps it one, whose hazards are those of all of them.
  await field.fill('candles, craft knives and glitter');
  await page.getByRole('button', { name: 'keep it as one line' }).click();
  await field.press('Enter');
  await expect(lines(page)).toHaveCount(4);

  await field.fill('12 Bücher');
  await expect(page.getByText('Not in English, it seems')).toBeVisible();
  await expect(page.getByRole('radiogroup', { name: 'Category' }).getByRole('radio')).toHaveCount(1);

  // What its word is a kind of says it, perhaps; the stack asks, and is not asked again.
  await field.fill('2 catamarans, decide later');
  await expect(page.getByRole('radio', { name: 'perhaps Large vehicles' })).toBeChecked({ timeout: 20_000 });
  await expectAccessible(page);
  await field.press('Enter');
  await expect(lines(page)).toHaveCount(5);
  await page.clock.setFixedTime(new Date(Date.now() + 100 * 86_400_000));
  await page.reload();
  await page.getByRole('button', { name: 'Decide now' }).click();
  const deck = page.getByRole('dialog');
  await expect(deck.getByText('Sorted into Large vehicles, perhaps:')).toBeVisible({ timeout: 20_000 });
  await expectAccessible(page);
  await deck.getByRole('button', { name: 'that is right' }).click();
  await expect(deck.getByText('perhaps:')).toHaveCount(0);
  await expect
    .poll(async () => (await stube.data(site)).category.find(({ name }) => name === 'Large vehicles')?.synonyms)
    .toContain('catamarans');
});
