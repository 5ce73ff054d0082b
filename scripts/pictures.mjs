// npm run pictures -- ADDRESS [FOLDER] [NAME …]: a PNG of every main view of a running demo, for docs/screenshots.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { launch } from './browser.mjs';
import { ROOT } from './install.mjs';

const [address = 'http://127.0.0.1:4180', folder = join(ROOT, 'docs', 'screenshots'), ...names] = process.argv.slice(2);
const DESK = { width: 1280, height: 800 };
const TABLET = { width: 1024, height: 768 };
const PHONE = { width: 390, height: 844 };
const sites = await (await fetch(`${address}/api/sites`)).json();
const site = sites.find((one) => one.name === 'The Ferry House');
const { data } = await (await fetch(`${address}/api/sites/${site.id}`)).json();
const room = (name) => `/s/${site.id}/r/${data.room.find((one) => one.name === name).id}`;
const binOf = (word) =>
  data.bin.find((one) => one.name.startsWith(word) && one.compartmentId) ?? data.bin.find((one) => one.compartmentId);

/** What is done before the picture is taken. */
const find = async (page) => {
  await page.keyboard.press('/');
  await page.keyboard.type('teddy');
  await page.waitForSelector('[role=option]');
};
const typeLine = async (page) => page.getByLabel('What lies there?').fill('40 picture books 25x20x1 cm');
const pickBin = (word) => async (page) => page.locator(`[data-bin="${binOf(word).id}"]`).click();
const wholePlans = async (page) => {
  await page.getByRole('button', { name: 'Whole plans' }).click();
  await page.getByRole('button', { name: /^Take it over: Least effort/ }).waitFor({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Make them anew' }).waitFor({ timeout: 60_000 });
};
/** Changes the house: it comes last. */
const moves = async (page) => {
  await wholePlans(page);
  await page.getByRole('button', { name: /^Take it over: Least money/ }).click();
  await page.getByRole('button', { name: 'Move step by step' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('heading', { name: /^Moves in/ }).waitFor();
};

const tidy = async (page) => {
  for (const name of ['Otters', 'Herons', 'Pikes']) await page.getByRole('button', { name: new RegExp(name) }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
};
const planned = async (page) => {
  await page.getByRole('button', { name: 'Plan the weeks' }).click();
  await page.getByRole('button', { name: 'Take it over' }).waitFor({ timeout: 60_000 });
};
const oneByOne = async (page) => {
  await page.getByRole('button', { name: 'One by one', exact: true }).click();
  await page.getByRole('button', { name: 'doubtful' }).click();
  await page.getByRole('button', { name: 'Outgrown? Yes' }).click();
};

/** The first page as it is before there is any site. */
const unvisited = async (page) => {
  await page.route('**/api/sites', (route) => route.fulfill({ json: [] }));
  await page.reload();
  await page.getByRole('heading', { name: 'Tell the heap' }).waitFor();
};

const VIEWS = [
  ['first', '/', DESK, unvisited],
  ['house', `/s/${site.id}`, DESK],
  ['pile', `${room("Purser's office")}/pile`, DESK, typeLine],
  ['group', `${room('Net loft')}/group`, DESK],
  ['measure', `${room('Landing room')}/measure`, DESK],
  ['contain', `${room("Purser's office")}/contain`, DESK],
  ['place', `${room('Net loft')}/place`, DESK, pickBin('Plaster and casting')],
  ['plans', `${room('Net loft')}/place`, DESK, wholePlans],
  ['label', `${room('Net loft')}/label`, DESK, async (page) => page.getByLabel('Which').selectOption('all')],
  ['live', `${room('Landing room')}/live`, DESK],
  ['signs', `${room('Landing room')}/signs`, DESK],
  ['tidy', `/s/${site.id}/tidy/${data.room.find((one) => one.name === 'Landing room').id}`, TABLET, tidy],
  ['rotation', `${room('Chart room')}/rotation`, DESK, planned],
  ['find', `${room('Landing room')}/live`, DESK, find],
  ['bin', `/s/${site.id}/b/${binOf('Beads').code}`, DESK],
  ['today', `/s/${site.id}/today`, DESK],
  ['pile-phone', `${room("Purser's office")}/pile`, PHONE],
  ['decide-phone', `${room("Purser's office")}/pile`, PHONE, oneByOne],
  ['moves-phone', `${room("Purser's office")}/place`, PHONE, moves],
];

mkdirSync(folder, { recursive: true });
const browser = await launch();
for (const [name, path, viewport, act] of VIEWS.filter(([name]) => !names.length || names.includes(name))) {
  const page = await browser.newPage({ viewport, locale: 'en-GB' });
  page.on('console', (message) => message.type() === 'error' && console.log(`${name}: ${message.text()}`));
  page.on('pageerror', (error) => console.log(`${name}: ${error.stack}`));
  await page.goto(`${address}${path}`);
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  if (act) await act(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  if (wide > 0) console.log(`${name}: ${wide} px wider than the page`);
  await page.close();
}
await browser.close();
