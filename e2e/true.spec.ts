/** Things without a container; a departure to its end; a toddler who comes into a room. */
import type { Page } from '@playwright/test';
import { expect, expectAccessible, pdfText, test, type Stube } from './stube.ts';
import { born } from './clock.ts';

/** A site of its own with a measured room and what lies there. */
async function roomWith(stube: Stube, name: string, lines: string[]) {
  const site = (await stube.ask<{ id: string }>('/sites', { name, system: 'metric', currency: 'EUR', keepsNew: true }))
    .id;
  const make = async (table: string, values: object) =>
    (await stube.ask<{ id: string }>(`/sites/${site}/rows/${table}`, values)).id;
  const room = await make('room', { name: 'Chart room', width: 5000, depth: 4000, height: 2600 });
  await make('unit', {
    roomId: room,
    name: 'Log shelf',
    template: 'bookcase',
    width: 1800,
    height: 1500,
    depth: 700,
    columns: 2,
    rows: 2,
    board: 20,
    raised: 0,
    anchored: true,
  });
  for (const text of lines) await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  return { site, room, path: `${stube.address}/s/${site}/r/${room}`, make };
}
const step = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Line of work' })
    .getByRole('link', { name: new RegExp(`^${name}`) })
    .click();

test('binders, a globe and a big puzzle stand without a container, from the pile to the label and the finding', async ({
  page,
  stube,
}) => {
  const { site, path } = await roomWith(stube, 'Without boxes', ['9 ring binders', '40 felt tips']);
  await page.goto(`${path}/pile`);
  const entry = page.getByLabel('What lies there?');
  for (const line of ['a globe', 'puzzle 70x50, 1000 pieces, 2 missing']) {
    await entry.fill(line);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('list', { name: 'Lines of the pile' }).locator('.line')).toHaveCount(4);
  await step(page, 'Contain');
  const need = (name: string) => page.locator('.need', { hasText: name });
  await expect(need('Globes').getByRole('combobox')).toContainText('without a container');
  await expect(need('Ring binders')).toContainText('people keep it so');
  await expect(need('Jigsaw puzzles')).toContainText('70 × 50 × 4.2 cm as it stands');
  // Anything may be chosen so by hand, and back.
  const pens = need('Felt-tip pens').getByRole('combobox');
  await pens.selectOption('bare');
  await expect(need('Felt-tip pens')).toContainText('chosen by hand');
  await pens.selectOption('');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add these bins', exact: true }).click();
  await expect(page.getByText('Added as shown')).toBeVisible();
  const { bin } = await stube.data(site);
  const globe = bin.find((one) => one.name === 'Globes')!;
  expect(globe).toMatchObject({ containerTypeId: null, outWidth: 320 });
  await step(page, 'Place');
  await page.getByRole('button', { name: 'Propose places' }).click();
  await expect
    .poll(async () => (await stube.data(site)).bin.filter((one) => one.compartmentId === null).length, {
      timeout: 60_000,
    })
    .toBe(0);
  const pdf = await page.request.get(`${stube.address}/api/sites/${site}/labels.pdf`);
  expect(await pdfText(new Uint8Array(await pdf.body()))).toMatch(/Globes[\s\S]*1000 pieces|1000 pieces[\s\S]*Globes/);
  await page.keyboard.press('/');
  await page.getByLabel('What are you looking for?').fill('globe');
  await expect(page.getByRole('option', { name: /Globes/ })).toContainText('Log shelf');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/without a container, 32 × 26 × 26 cm/)).toBeVisible();
  await expectAccessible(page);
});

test('more things make a bin over-full and say so; what goes makes room', async ({ page, stube }) => {
  const { site, room, path } = await roomWith(stube, 'Full', ['2 mugs beads']);
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {});
  await stube.ask(`/sites/${site}/rooms/${room}/place`, {});
  await page.goto(`${path}/live`);
  await expect(page.getByText('overflows')).toHaveCount(0);
  await stube.ask(`/sites/${site}/lines`, { roomId: room, text: '3 litres wooden beads' });
  await page.goto(`${path}/live`);
  await expect(page.getByText('overflows').first()).toBeVisible();
  const line = (await stube.data(site)).line.find((one) => one.name === 'wooden beads')!;
  await page.goto(`${path}/pile`);
  await page.getByLabel(`Decision for ${line.name}`).selectOption('give away');
  await page.goto(`${path}/live`);
  await expect(page.getByText('overflows')).toHaveCount(0);
});

test('a departure is decided, waits, is handed over, and what was put off twice has to be decided', async ({
  page,
  stube,
}) => {
  const { site, path } = await roomWith(stube, 'Departures', [
    '6 costumes, give away to the school',
    '20 books, give away to the school',
    'toner, return to the shop in 3 days',
    'old lamp, decide later in 2 days',
  ]);
  // Until then it has a place of its own.
  await page.goto(`${path}/contain`);
  await page.getByRole('button', { name: 'Give them a place' }).click();
  await expect(page.locator('.need', { hasText: 'On its way out' })).toContainText('without a container');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add these bins', exact: true }).click();
  await expect(page.getByText('Added as shown')).toBeVisible();
  await page.keyboard.press('/');
  await page.getByLabel('What are you looking for?').fill('toner');
  await expect(page.getByRole('listbox', { name: 'Found' }).getByRole('option').first()).toContainText(
    'on the bench, no place yet',
  );
  await page.keyboard.press('Enter');
  await expect(page.getByText('toner: return')).toBeVisible();
  await page.goto(`${stube.address}/s/${site}/today`);
  await expect(page.getByText('goes back')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'All handed over: give away · school' }).click();
  await expect(page.getByText('2 handed over.')).toBeVisible();
  // What came for it is kept with it, and it is no longer due.
  await page.getByLabel('What came for toner, EUR').fill('24.50');
  await page.getByRole('checkbox', { name: /^toner/ }).check();
  await expect(page.getByText('goes back')).toHaveCount(0);
  await page.getByText(/3 handed over, €24.50 came for it/).click();
  await page.goto(`${path}/pile`);
  await expect(page.getByRole('list', { name: 'Lines of the pile' }).locator('.line')).toHaveCount(1);
  await page.goto(`${stube.address}/s/${site}/today`);
  const lampNow = async () => (await stube.data(site)).line.find((one) => one.name === 'old lamp')!;
  for (const times of [1, 2]) {
    await page.getByRole('button', { name: 'put off' }).click();
    await expect(page.getByText('old lamp: put off by two weeks.').last()).toBeVisible();
    await expect.poll(async () => (await lampNow()).putOff).toBe(times);
  }
  // A third time it is refused: by then it is beyond the weeks that are shown, so it is asked for at the line.
  const lamp = await lampNow();
  const refused = await page.request.patch(`${stube.address}/api/sites/${site}/rows/line/${lamp.id}`, {
    data: { due: '2099-01-01', version: lamp.version },
  });
  expect(refused.status()).toBe(422);
  // What belongs to another room lies on that room's pile, undecided.
  const den = (
    await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, { name: 'Den', width: 3000, depth: 3000, height: 2500 })
  ).id;
  await stube.ask(`/sites/${site}/lines`, {
    roomId: (await stube.data(site)).room[0]!.id,
    text: 'rug, belongs in the den',
  });
  expect((await stube.data(site)).line.find((one) => one.name === 'rug')).toMatchObject({
    roomId: den,
    decision: 'decide later',
  });
});

test('a toddler added to a room: what then warns is said before, in the room and on Today, and is answered for', async ({
  page,
  stube,
}) => {
  const { site, room, path } = await roomWith(stube, 'Toddler', ['1 mug beads', '40 picture books']);
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {});
  await stube.ask(`/sites/${site}/rooms/${room}/place`, {});
  // Low, where a toddler gets at them.
  const data = await stube.data(site);
  const low = [...data.compartment].sort((a, b) => a.floor - b.floor)[0]!;
  const beads = data.bin.find((one) => one.name.startsWith('Beads'))!;
  await page.request.patch(`${stube.address}/api/sites/${site}/rows/bin/${beads.id}`, {
    data: { compartmentId: low.id, version: beads.version },
  });
  await page.goto(`${stube.address}/s/${site}`);
  await page.getByRole('button', { name: 'A person' }).click();
  await page.getByLabel('Name, or what the group is called').fill('Fry');
  await page.getByLabel('Month of birth').fill(born(20));
  await expect(page.getByRole('dialog').getByText(/Chart room: \d+ cautions? more/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save' }).click();
  await page.goto(`${stube.address}/s/${site}/today`);
  await expect(page.getByText(/Small parts within reach of Fry/)).toBeVisible();
  await page.goto(`${path}/place`);
  const caution = page.locator('.caution', { hasText: 'Small parts within reach of Fry' });
  await caution.getByRole('button', { name: 'it is all right' }).click();
  await caution.getByRole('button', { name: 'Keep this answer' }).click();
  await expect(caution.getByText('must not be empty')).toBeVisible();
  await caution.getByLabel('Why it is all right as it is').fill('The lid needs a grown-up hand');
  await expectAccessible(page);
  await caution.getByRole('button', { name: 'Keep this answer' }).click();
  await expect(page.getByText('1 is answered for')).toBeVisible();
  await page.goto(`${path}/live`);
  await expect(page.getByText('The lid needs a grown-up hand')).toBeVisible();
  // It goes with its cause.
  const fry = (await stube.data(site)).person.find((one) => one.name === 'Fry')!;
  await page.request.delete(`${stube.address}/api/sites/${site}/rows/person/${fry.id}`, {
    data: { version: fry.version },
  });
  await page.goto(`${stube.address}/s/${site}/today`);
  await expect(page.getByText(/Small parts within reach/)).toHaveCount(0);
});
