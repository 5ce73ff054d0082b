// npm run measure: the built application in figures: cold start, size of the first load, key press to answer on 10,000 bins.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { launch } from './browser.mjs';
import { prepare } from './serve.mjs';
import { forkServer, stop } from './server.mjs';

const BINS = 10_000;
const STARTS = 5;

await prepare();
const directory = mkdtempSync(join(tmpdir(), 'stube-measure-'));
const start = async () => {
  const began = performance.now();
  const { child, ready } = forkServer({ STUBE_DATA: directory, PORT: '0' });
  // Nothing is left running when a measurement fails.
  process.once('exit', () => child.kill());
  const address = `http://127.0.0.1:${(await ready).port}`;
  await fetch(`${address}/api/sites`);
  return { child, address, ms: performance.now() - began };
};
const median = (list) => [...list].sort((a, b) => a - b)[list.length >> 1];

const first = await start();
console.log(`cold start with a new data directory: ${first.ms.toFixed(0)} ms to the first answer`);
const ask = async (path, body) =>
  (
    await fetch(`${first.address}/api${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    })
  ).json();
const { id } = await ask('/sites', { name: 'Many bins', keepsNew: true });
const { id: room } = await ask(`/sites/${id}/rows/room`, { name: 'Hall', width: 9000, depth: 9000, height: 3000 });
for (const text of [
  '3 shoeboxes wooden blocks',
  '60 felt tips',
  '2 mugs beads',
  '40 picture books',
  '20 wool',
  '12 puppets',
  '30 first-aid supplies',
  '8 globes',
])
  await ask(`/sites/${id}/lines`, { roomId: room, text });
await ask(`/sites/${id}/rooms/${room}/contain`, {});
// A site of that size comes in as a file: every bin many times over, under codes and names of their own.
const file = await (await fetch(`${first.address}/api/sites/${id}/export`)).json();
const some = file.data.bin;
file.data.bin = Array.from({ length: BINS }, (_, i) => ({
  ...some[i % some.length],
  id: `bin${i}`,
  code: `H${i + 1}`,
  lineIds: [],
  name: `${some[i % some.length].name} ${i}`,
}));
const told = file.data.line;
file.data.line = Array.from({ length: BINS }, (_, i) => ({
  ...told[i % told.length],
  id: `line${i}`,
  name: `${told[i % told.length].name} ${i}`,
  sort: i,
}));
const imported = await ask('/import', file);
if (!imported.siteId) throw new Error(JSON.stringify(imported).slice(0, 400));
const { siteId } = imported;
await stop(first.child);

const starts = [];
for (let i = 0; i < STARTS; i++) {
  const again = await start();
  starts.push(again.ms);
  await stop(again.child);
}
console.log(`cold start with ${BINS} bins: ${median(starts).toFixed(0)} ms to the first answer (median of ${STARTS})`);

const { child, address } = await start();
const browser = await launch();
for (const [name, path] of [
  ['the list of sites', '/'],
  ['a pile', `/s/${siteId}/r/${(await (await fetch(`${address}/api/sites/${siteId}`)).json()).data.room[0].id}/pile`],
]) {
  const page = await browser.newPage();
  const sizes = [];
  page.on('response', (response) => {
    if (/\.(js|css)$/.test(new URL(response.url()).pathname))
      sizes.push(response.body().then((body) => gzipSync(body).length));
  });
  await page.goto(address + path);
  await page.waitForLoadState('networkidle');
  const bytes = (await Promise.all(sizes)).reduce((sum, one) => sum + one, 0);
  console.log(`first load of ${name}: ${(bytes / 1000).toFixed(0)} kB gzip of JavaScript and CSS`);
  await page.close();
}
const page = await browser.newPage();
const opened = [];
for (let i = 0; i < STARTS; i++) {
  const began = performance.now();
  await page.goto(`${address}/s/${siteId}`);
  await page.getByRole('heading', { name: 'Rooms' }).waitFor({ timeout: 60_000 });
  opened.push(performance.now() - began);
}
console.log(
  `a site of ${BINS} lines and ${BINS} bins opens in ${median(opened).toFixed(0)} ms from the address to its page (median of ${STARTS})`,
);
await page.waitForLoadState('networkidle');
await page.keyboard.press('/');
await page.keyboard.type('b');
await page.waitForSelector('[role=option]', { timeout: 60_000 });
const times = [];
const field = page.getByRole('combobox', { name: 'What are you looking for?' });
for (const word of ['wooden', 'marker', 'yarn', 'bead', 'story', 'puppet', 'globe', 'bloks']) {
  await field.fill('');
  await page.waitForSelector('[role=option]', { state: 'detached' });
  // From three letters on, as people are told to type; each from the key to the frame after its answer is on the page.
  for (let letters = 3; letters <= word.length; letters++)
    times.push(
      await field.evaluate(
        (input, text) =>
          new Promise((resolve) => {
            const began = performance.now();
            const seen = new MutationObserver(() => {
              if (document.querySelector('.answer')?.dataset.asked !== text) return;
              seen.disconnect();
              requestAnimationFrame(() => resolve(performance.now() - began));
            });
            seen.observe(document.body, { childList: true, subtree: true, attributes: true });
            input.value = text;
            input.dispatchEvent(new Event('input', { bubbles: true }));
          }),
        word.slice(0, letters),
      ),
    );
}
console.log(
  `key press to answer on ${BINS} bins: median ${median(times).toFixed(0)} ms, worst ${Math.max(...times).toFixed(0)} ms of ${times.length} keys`,
);
await page.close();

// A long list comes in, and the room is compared by every school.
const LINES = 5000;
const kinds = ['wooden blocks', 'red wool', 'felt tips', 'picture books', 'glue sticks', 'puppets', 'globes', 'beads'];
const rows = Array.from({ length: LINES }, (_, i) => `${kinds[i % kinds.length]} ${i};${1 + (i % 40)};pcs;keep`);
const { id: long } = await (
  await fetch(`${address}/api/sites`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name: 'Long list' }),
  })
).json();
const { id: hall } = await (
  await fetch(`${address}/api/sites/${long}/rows/room`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name: 'Hall', width: 9000, depth: 9000, height: 3000 }),
  })
).json();
const lists = await browser.newPage();
await lists.goto(`${address}/s/${long}/r/${hall}/pile`);
await lists.getByRole('button', { name: 'Take in a list' }).click();
const began = performance.now();
await lists.locator('input[accept*=csv]').setInputFiles({
  name: 'long.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(['what;how many;unit;keep', ...rows].join('\n')),
});
await lists.getByRole('button', { name: `Take in ${LINES} lines` }).click({ timeout: 60_000 });
const read = performance.now();
await lists.getByText(`${LINES} lines came in`).waitFor({ timeout: 60_000 });
console.log(
  `list of ${LINES} rows: ${(read - began).toFixed(0)} ms until it is read, ${(performance.now() - read).toFixed(0)} ms until it is written and shown`,
);
await lists.goto(`${address}/s/${long}/r/${hall}/group`);
const compared = [];
for (let i = 0; i < STARTS; i++) {
  await lists.getByRole('button', { name: 'Ways to sort' }).waitFor();
  // From the press to the table on the page, by the page's own clock.
  compared.push(
    await lists.evaluate(
      () =>
        new Promise((resolve) => {
          const began = performance.now();
          const seen = new MutationObserver(() => {
            if (!document.querySelector('table.schools')) return;
            seen.disconnect();
            resolve(Math.round(performance.now() - began));
          });
          seen.observe(document.body, { childList: true, subtree: true });
          [...document.querySelectorAll('button')].find((one) => one.textContent.includes('Ways to sort')).click();
        }),
    ),
  );
  await lists.keyboard.press('Escape');
}
console.log(`all schools compared at ${LINES} lines: ${compared.join(', ')} ms from the press to the table`);
await browser.close();
await stop(child);
rmSync(directory, { recursive: true, force: true });
