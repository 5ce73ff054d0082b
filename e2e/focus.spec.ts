/** The focus in every dialog there is: on its first field, kept inside, and back where it came from. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, settled, test } from './stube.ts';

const WEB = join(import.meta.dirname, '../web');
/** By the component: the page and what opens it. The conflict has no opener: it comes by itself. */
const DIALOGS: Record<string, [path: string, opener: string | RegExp]> = {
  RoomDialog: ['', 'A room'],
  ParDialog: ['/restock', 'a consumable'],
  TurnsDialog: ['ROOM/rotation', /: months, children, what comes before it$/],
  RoutineDialog: ['/routines', /^a routine$/],
  ProposalDialog: ['ROOM/signs', 'let it live where it is left'],
  PersonDialog: ['', 'A person'],
  TypeDialog: ['/stock', 'A kind of container'],
  FindPanel: ['/stock', 'Where is …?'],
  LineDialog: ['ROOM/pile', 'Edit felt tips'],
  TestDialog: ['ROOM/pile', 'Test felt tips'],
  DecideDeck: ['ROOM/pile', 'One by one'],
  ComeInDialog: ['ROOM/pile', 'Can it come in?'],
  ImportDialog: ['ROOM/pile', 'Take in a list'],
  ResultDialog: ['ROOM/pile', 'What came of it'],
  PlanDialog: ['ROOM/pile', 'Days'],
  PhotoStrip: ['ROOM/pile', 'before, today'],
  CategoryDialog: ['ROOM/group', 'Edit the category Felt-tip pens'],
  FamilyDialog: ['ROOM/group', /^Edit the family/],
  FineDialog: ['ROOM/group', /^How fine to sort/],
  OtherCategoryDialog: ['ROOM/group', /felt tips.*move/],
  SchemesDialog: ['ROOM/group', 'Ways to sort'],
  UnitDialog: ['ROOM/measure', 'Bookcase'],
  ZoneDialog: ['ROOM/measure', 'A zone'],
  FixtureDialog: ['ROOM/measure', 'Door, window, heater'],
  BlockedParts: ['ROOM/measure', /^In the way inside/],
  WallElevations: ['ROOM/measure', 'The walls'],
  AsItIsDialog: ['ROOM/measure', 'As it is'],
  CutDialog: ['ROOM/measure', 'Cut list'],
  BoardDialog: ['ROOM/measure', 'Best heights'],
  GuidedMeasure: ['ROOM/measure', 'Step by step'],
  PlaceKinds: ['ROOM/measure', 'Other places'],
  UnitLarge: ['ROOM/place', 'Bookcase, open large'],
  PlansDialog: ['ROOM/place', 'Whole plans'],
  WhatIfDialog: ['ROOM/place', 'What if …?'],
  LayoutDialog: ['ROOM/label', 'Another layout'],
  PrintedBadly: ['ROOM/label', 'Something came out badly'],
  DrawingPad: ['/b/D1', 'Draw it'],
  TrayDialog: ['ROOM/contain', 'Trays for a drawer'],
  StrategyDialog: ['ROOM/contain', 'Three ways to buy'],
  FitDialog: ['ROOM/contain', 'Does it fit?'],
  UnitFillDialog: ['ROOM/contain', 'Fill a unit'],
};
const OTHERWISE = ['ConflictDialog', 'EntityDialog', 'LosesPlaces', 'ModalDialog'];

/** Every component that is a dialog, by its own words. */
const components = (readdirSync(WEB, { recursive: true }) as string[])
  .filter((file) => file.endsWith('.vue') && !/node_modules|dist/.test(file))
  .filter((file) => /<(?:ModalDialog|EntityDialog|Dialog)\b/.test(readFileSync(join(WEB, file), 'utf8')))
  .map((file) => file.split('/').at(-1)!.replace('.vue', ''));

test('no dialog is left out', () => expect(components.sort()).toEqual([...Object.keys(DIALOGS), ...OTHERWISE].sort()));

const focused = (page: Page) =>
  page.evaluate(() => {
    const at = document.activeElement!;
    return {
      inside: !!at.closest('[role=dialog]'),
      name: at.getAttribute('aria-label') ?? (at.textContent ?? '').trim().slice(0, 60),
      tag: at.tagName,
    };
  });

test('each opens on its first field, keeps the focus, and gives it back', async ({ page, stube }) => {
  const site = (await stube.ask<{ id: string }>('/sites', { name: 'Focus', keepsNew: true })).id;
  const size = { width: 4000, depth: 3000, height: 2500 };
  const room = (await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, { name: 'Den', ...size })).id;
  for (const text of ['40 felt tips', '12 wax crayons', '3 shoeboxes wooden blocks, give away'])
    await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  const shelf = { width: 900, height: 1800, depth: 320, columns: 1, rows: 5, board: 20, raised: 0, step: 32 };
  await stube.ask(`/sites/${site}/rows/unit`, { name: 'Bookcase', template: 'bookcase', ...shelf, roomId: room });
  const chest = { width: 600, height: 500, depth: 480, columns: 1, rows: 3, board: 18, raised: 0 };
  await stube.ask(`/sites/${site}/rows/unit`, { name: 'Chest', template: 'chest', ...chest, roomId: room });
  await stube.ask(`/sites/${site}/rooms/${room}/contain`, {});
  await stube.ask(`/sites/${site}/rooms/${room}/place`, {});
  const { bin } = await stube.data(site);
  const { compartment } = await stube.data(site);
  const free = compartment.find(({ id }) => !bin.some(({ compartmentId }) => compartmentId === id))!;
  for (let i = 0; i < 2; i++)
    await stube.ask(`/sites/${site}/bins/${bin[0]!.id}/observed`, { kind: 'elsewhere', foundId: free.id });
  const [first] = (await stube.data(site)).line;
  const turns = { lineId: first!.id, areas: ['art'], fromMonths: 36, toMonths: 72 };
  await stube.ask(`/sites/${site}/rows/rotating`, turns);
  const labels = bin.map(({ id }) => ({ role: 'bin', binId: id }));
  await stube.ask(`/sites/${site}/printed`, { room, labels });
  await page.goto(`${stube.address}/s/${site}/r/${room}/pile`);
  await page.getByLabel('What the photograph shows').selectOption('before');
  await page
    .locator('input[accept="image/*"]')
    .setInputFiles(join(import.meta.dirname, '../docs/screenshots/house.png'));
  await expect(page.getByRole('button', { name: 'before, today' })).toBeVisible();

  let open: string | null = null;
  for (const [component, [path, opener]] of Object.entries(DIALOGS).sort(([, [a]], [, [b]]) => a.localeCompare(b))) {
    // One visit a page: what a dialog leaves behind must not hinder the next.
    if (path !== open) await page.goto(`${stube.address}/s/${site}${path.replace('ROOM', `/r/${room}`)}`);
    open = path;
    const press = page.getByRole('button', { name: opener, exact: typeof opener === 'string' }).first();
    await expect(press, component).toBeVisible();
    await press.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog'), component).toBeVisible();
    // What is reckoned first has its choices a moment later.
    await settled(page);
    const choices = page.getByRole('dialog').locator('button, input, select, textarea, a[href]');
    // Where there is nothing to choose, the dialog can only be closed.
    if ((await choices.count()) > 1)
      await expect.poll(async () => (await focused(page)).name, { message: component }).not.toBe('Close');
    await expect.poll(async () => (await focused(page)).inside, { message: component }).toBe(true);
    const first = await focused(page);
    expect(first, component).toMatchObject({ inside: true });
    const dialog = page.getByRole('dialog');
    // What is decided by one press opens on its first choice.
    const byChoice = component === 'DecideDeck';
    if (
      !byChoice &&
      (await dialog.locator('input:not([type=hidden]):enabled, select:enabled, textarea:enabled').count())
    )
      expect(['INPUT', 'SELECT', 'TEXTAREA'], component).toContain(first.tag);
    for (let i = 0; i < 3; i++) {
      await page.keyboard.press('Shift+Tab');
      expect((await focused(page)).inside, component).toBe(true);
    }
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog'), component).toHaveCount(0);
    await expect(press, component).toBeFocused();
  }
});

test('what is typed at once is searched for', async ({ page, stube }) => {
  const site = (await stube.ask<{ id: string }>('/sites', { name: 'Search' })).id;
  await page.goto(`${stube.address}/s/${site}/stock`);
  await expect(page.getByRole('button', { name: 'Where is …?' })).toBeVisible();
  await page.keyboard.press('/');
  await page.getByRole('dialog').waitFor();
  await page.keyboard.type('teddy', { delay: 80 });
  await expect(page.getByLabel('What are you looking for?')).toHaveValue('teddy');
});

test('whoever is in a field before a dialog has come in stays there', async ({ page, stube }) => {
  const site = (await stube.ask<{ id: string }>('/sites', { name: 'Quick' })).id;
  await page.goto(`${stube.address}/s/${site}`);
  await page.getByRole('button', { name: 'A room', exact: true }).click();
  const wide = page.getByRole('dialog').getByLabel(/^Wide/);
  // In one breath with its coming: a dialog takes 150 ms to come in.
  await wide.evaluate((input: HTMLInputElement) => input.focus());
  await page.waitForTimeout(600);
  await expect(wide).toBeFocused();
});

test('a line of the pile is one stop of the Tab key, and the next one has the focus when it goes', async ({
  page,
  stube,
}) => {
  const site = (await stube.ask<{ id: string }>('/sites', { name: 'Stops', keepsNew: true })).id;
  const size = { width: 4000, depth: 3000, height: 2500 };
  const room = (await stube.ask<{ id: string }>(`/sites/${site}/rows/room`, { name: 'Den', ...size })).id;
  for (const text of ['3 kites', '4 torches', '5 globes'])
    await stube.ask(`/sites/${site}/lines`, { roomId: room, text });
  await page.goto(`${stube.address}/s/${site}/r/${room}/pile`);
  await expect(page).toHaveTitle('Pile · Den · Stube');
  await page.getByLabel('What lies there?').focus();
  // On to the next step within five stops.
  let stops = 0;
  do {
    await page.keyboard.press('Tab');
    stops++;
  } while (!/^Measure|^Group/.test((await focused(page)).name) && stops < 9);
  expect(stops).toBeLessThanOrEqual(5);
  await page.getByLabel('Decision for globes').focus();
  await page.keyboard.press('Tab');
  await expect(page.getByLabel('Decision for torches')).toBeFocused();
  for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Remove torches' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Remove torches' })).toHaveCount(0);
  await expect(page.getByLabel('Decision for kites')).toBeFocused();
});
