/** Labels in every medium: a wall of jars by tape, a kit with its lid, a name that changes, a room of pictures. */
import { readFileSync } from 'node:fs';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import type { Page } from '@playwright/test';
import { newLayout } from '@stube/core/labels';
import { MEDIA } from '@stube/core/model';
import { house } from './ferry-house.ts';
import { expect, expectAccessible, expectNoSideScroll, pdfText, test, type Stube } from './stube.ts';
import { born } from './clock.ts';

async function den(stube: Stube, name: string, texts: readonly string[]) {
  const { id: site } = await stube.ask<{ id: string }>('/sites', { name, keepsNew: true });
  const own = `/sites/${site}`;
  const size = { width: 4000, depth: 3000, height: 2500 };
  const { id: room } = await stube.ask<{ id: string }>(`${own}/rows/room`, { name: 'Den', ...size });
  const shelf = { template: 'bookcase', width: 1800, height: 2100, depth: 320, columns: 2, rows: 7, board: 18 };
  await stube.ask(`${own}/rows/unit`, { roomId: room, name: 'Wall', ...shelf, raised: 60, anchored: true });
  for (const text of texts) await stube.ask(`${own}/lines`, { roomId: room, text });
  const data = () => stube.data(site);
  const open = (step: string) => `${stube.address}/s/${site}/r/${room}/${step}`;
  const pdf = async (path: string) =>
    pdfText(new Uint8Array(await (await fetch(`${stube.address}/api${own}${path}`)).arrayBuffer()));
  return { site, room, own, data, open, pdf };
}
const panel = (page: Page) => page.getByRole('complementary', { name: 'Print run' });

test('a wall of thirty jars is labelled by tape; the printer runs out, jams, and goes on', async ({
  page,
  context,
  stube,
}) => {
  test.setTimeout(180_000);
  const { site, room, own, data, open, pdf } = await den(stube, 'Jar house', ['30 mugs buttons']);
  const { category, line, containerType } = await data();
  const jar = containerType.find(({ name }) => name === 'Jam jar')!;
  const used = category.find(({ id }) => id === line[0]!.categoryId)!;
  await stube.ask(`${own}/rooms/${room}/contain`, {
    choices: [{ categoryId: used.id, containerTypeId: jar.id, count: 30 }],
  });
  const bins = (await data()).bin;
  expect(bins).toHaveLength(30);
  const names = 'red,blue,green,gold,silver,pearl,wooden,tiny,large,square'.split(',');
  await stube.ask(`${own}/batch`, {
    what: 'name them',
    update: bins.map(({ id, version }, i) => ({
      table: 'bin',
      id,
      version,
      values: { name: `${names[i % 10]} buttons ${Math.floor(i / 10) + 1}` },
    })),
  });
  await page.goto(open('label'));
  await page.getByRole('button', { name: 'Another layout' }).click();
  await page.getByRole('radio', { name: '9 mm' }).check();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(panel(page).getByRole('radio', { name: 'Tape 9 mm' })).toBeChecked();
  await panel(page).getByLabel('Jam jar, 30').check();
  await expect(page.getByRole('heading', { name: /^30 labels, \d\.\d\d m of tape$/ })).toBeVisible();
  await expectAccessible(page);
  // Pictures of dots: as high as the tape at the printer's dots an inch.
  await page.getByRole('button', { name: 'As pictures of dots' }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save part 1' }).click();
  const picture = PNG.sync.read(readFileSync(await (await saved).path()));
  expect(picture.height).toBe(Math.round((9 * 180) / 25.4));
  const metres = Number(/([\d.]+) m/.exec((await panel(page).getByRole('heading').first().textContent())!)![1]);
  expect(Math.abs(picture.width - (metres * 1000 * 180) / 25.4)).toBeLessThan(30 + 0.006 * 1000 * 7);
  const dots = new Set(Array.from({ length: 4000 }, (_, i) => picture.data[i * 4 * 7]));
  expect([...dots].every((value) => value === 0 || value === 255)).toBe(true);

  // Nobody answers before the printer is there.
  await page.getByRole('button', { name: 'To the label printer' }).click();
  await expect(page.getByRole('alert')).toContainText('No printer answers', { timeout: 30_000 });
  const printer = await context.newPage();
  await printer.goto(`${stube.address}/printer`);
  await printer.getByLabel('Tape, mm').selectOption('9');
  await printer.getByLabel('Left on it, mm').fill('400');
  await expectAccessible(printer);
  await page.getByRole('button', { name: 'To the label printer' }).click();
  await expect(page.getByRole('alert')).toContainText('The tape has run out', { timeout: 30_000 });
  const first = (await data()).printedLabel.length;
  expect(first).toBeGreaterThan(2);
  expect(first).toBeLessThan(30);
  await expect(printer.getByRole('heading', { name: `${first} labels came out` })).toBeVisible();
  await expect(page.getByRole('heading', { name: new RegExp(`^${30 - first} labels`) })).toBeVisible();
  await printer.getByRole('button', { name: /^New tape/ }).click();
  await printer.getByLabel('jams at the next label').check();
  await page.getByRole('button', { name: 'To the label printer' }).click();
  await expect(page.getByRole('alert')).toContainText('jammed', { timeout: 30_000 });
  expect((await data()).printedLabel).toHaveLength(first);
  await page.getByRole('button', { name: 'To the label printer' }).click();
  await expect(page.getByRole('heading', { name: 'Every label is printed' })).toBeVisible({ timeout: 30_000 });
  const after = (await data()).printedLabel;
  expect(new Set(after.map(({ binId }) => binId)).size).toBe(30);
  await expect(printer.getByRole('heading', { name: '30 labels came out' })).toBeVisible();
  expect(await pdf(`/labels.pdf?room=${room}&which=changed`)).toBe('No labels to print.');
  expect(site).toBeTruthy();
});

test('a kit has a label in each compartment and its plan inside the lid', async ({ page, stube }) => {
  const { own, room, site, data, open, pdf } = await den(stube, 'Kit house', [
    '1 handful red beads',
    '1 handful blue beads',
    '1 handful green beads',
  ]);
  await stube.ask(`${own}/rooms/${room}/contain`, {});
  const [bin] = (await data()).bin;
  await page.goto(`${stube.address}/s/${site}/b/${bin!.code}`);
  await page.getByLabel('Cells inside').selectOption('4');
  await expect.poll(async () => (await data()).bin[0]!.cells).toBe(4);
  await page.goto(open('label'));
  await panel(page).getByLabel('inside lids').check();
  await expect(page.getByRole('heading', { name: /^5 labels/ })).toBeVisible();
  const beads = (await data()).line.map(({ name }) => name);
  const paper = await pdf(`/labels.pdf?room=${room}&roles=lid,cell`);
  for (const name of beads) expect(paper.split(name).length - 1).toBeGreaterThanOrEqual(2);
  for (const part of [1, 2, 3]) expect(paper).toContain(`${bin!.code}·${part}`);
  await page.getByRole('button', { name: 'These are printed' }).click();
  await expect(page.getByRole('heading', { name: 'Every label is printed' })).toBeVisible();
  // What lies elsewhere in it makes its plan untrue.
  const [line] = (await data()).line;
  await page.goto(`${stube.address}/s/${site}/b/${bin!.code}`);
  await page.getByLabel(`Cell of ${line!.name}`).selectOption('4');
  await page.goto(open('label'));
  // Its neighbours moved up: three strips and the lid; the strip of the third cell is to be taken off.
  await expect(page.getByRole('heading', { name: /^4 labels/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Old labels' }).getByRole('listitem')).toHaveCount(1);
  await page.getByText('Why these').click();
  await expect(page.getByText('the printed one lists what is not in it any more', { exact: false })).toBeVisible();
  await expectAccessible(page);
});

test('what is renamed, moved or badly printed is on the next run, with its reason, and old labels are taken off', async ({
  page,
  stube,
}) => {
  const { own, room, data, open } = await den(stube, 'True house', ['1 shoebox felt tips', '1 shoebox toy cars']);
  await stube.ask(`${own}/rooms/${room}/contain`, {});
  await stube.ask(`${own}/rooms/${room}/place`, {});
  await page.goto(open('label'));
  await panel(page).getByLabel('at their places').check();
  const count = (await data()).bin.length;
  await expect(page.getByRole('heading', { name: new RegExp(`^${2 * count} labels`) })).toBeVisible();
  // The square is read by a machine from what is shown.
  const sheet = page.locator('figure.paper svg').first();
  const box = (await sheet.locator('path.square').first().boundingBox())!;
  const shot = PNG.sync.read(
    await page.screenshot({
      clip: { x: box.x - 12, y: box.y - 12, width: box.width + 24, height: box.height + 24 },
      scale: 'device',
    }),
  );
  const grown = bigger(shot, 6);
  const code = jsQR(new Uint8ClampedArray(grown.data), grown.width, grown.height)!;
  expect(code.data).toMatch(new RegExp(`^${stube.address}/s/\\w+/b/D\\d$`));
  const paper = page.context().waitForEvent('page');
  await page.getByRole('button', { name: 'Print, and note it' }).click();
  await (await paper).close();
  await expect(page.getByRole('heading', { name: 'Every label is printed' })).toBeVisible();
  await page.getByRole('button', { name: 'Something came out badly' }).click();
  await page.getByRole('dialog').getByRole('checkbox').first().check();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Print these again' }).click();
  await expect(page.getByRole('heading', { name: /^1 label on/ })).toBeVisible();
  await page.getByRole('button', { name: 'These are printed' }).click();
  await expect(page.getByRole('heading', { name: 'Every label is printed' })).toBeVisible();

  const [bin] = (await data()).bin;
  const space = (await data()).compartment.find(({ id }) => id !== bin!.compartmentId)!;
  const patch = (values: object) =>
    page.request.patch(`${stube.address}/api${own}/rows/bin/${bin!.id}`, { data: values });
  await patch({ name: 'Signal flags', version: bin!.version });
  const [renamed] = (await data()).bin.filter(({ id }) => id === bin!.id);
  await stube.ask(`${own}/rooms/${room}/place`, {
    placed: [{ binId: bin!.id, version: renamed!.version, compartmentId: space.id }],
  });
  await page.reload();
  await page.getByText('Why these').click();
  await expect(panel(page).getByText(`the printed one says “${bin!.name}”`)).toBeVisible();
  const old = page.getByRole('region', { name: 'Old labels' });
  await expect(old.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'These are printed' }).click();
  await expect(page.getByRole('heading', { name: 'Every label is printed' })).toBeVisible();
  await old.getByRole('button', { name: /^Taken off/ }).click();
  await expect(old).toHaveCount(0);
  expect((await data()).printedLabel.filter(({ old: gone }) => gone)).toEqual([]);
});

/** The picture so many times as large, for a reader that wants room. */
function bigger(picture: PNG, times: number): PNG {
  const grown = new PNG({ width: picture.width * times, height: picture.height * times });
  for (let y = 0; y < grown.height; y++)
    for (let x = 0; x < grown.width; x++) {
      const from = (Math.floor(y / times) * picture.width + Math.floor(x / times)) * 4;
      picture.data.copy(grown.data, (y * grown.width + x) * 4, from, from + 4);
    }
  return grown;
}

test('a room for three-year-olds has pictures only, one of them drawn by hand', async ({ page, stube }) => {
  const { own, room, site, data, open, pdf } = await den(stube, 'Small house', [
    '1 shoebox wooden blocks',
    '1 shoebox toy cars',
  ]);
  await stube.ask(`${own}/rows/person`, { name: 'Otters', kind: 'child', stature: 980, born: born(41), reads: false });
  await stube.ask(`${own}/rooms/${room}/contain`, {});
  const bins = (await data()).bin;
  await page.goto(`${stube.address}/s/${site}/b/${bins[0]!.code}`);
  await page.getByRole('button', { name: 'Draw it' }).click();
  const pad = page.getByRole('img', { name: /^Drawing of/ });
  const at = (await pad.boundingBox())!;
  await page.mouse.move(at.x + 60, at.y + 60);
  await page.mouse.down();
  await page.mouse.move(at.x + 200, at.y + 220, { steps: 6 });
  await page.mouse.up();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it on the labels' }).click();
  await expect(page.getByRole('img', { name: /^Picture on the labels/ })).toBeVisible();
  await page.goto(open('label'));
  const sheet = page.locator('figure.paper svg').first();
  const drawn = bins.filter(({ categoryId }) => categoryId === bins[0]!.categoryId).length;
  await expect(sheet.locator('image')).toHaveCount(drawn);
  await expect(sheet.locator('g.picture')).toHaveCount(bins.length - drawn);
  await expect(sheet).not.toContainText(/blocks|cars/i);
  expect(await pdf(`/labels.pdf?room=${room}`)).not.toMatch(/blocks|cars/i);
  await page.getByText('For whom, and what else is printed').click();
  await expect(page.getByLabel('Labels in this room')).toContainText('pictures alone');
  await expectAccessible(page);
  await page.getByLabel('Labels in this room').selectOption('words');
  await expect(sheet).toContainText(/blocks|cars/i);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.reload();
  await expect(panel(page)).toBeVisible();
  await expectNoSideScroll(page);
  await expectAccessible(page);
});

test('letters are cut from foil, and a name that is too long is shortened', async ({ page, stube }) => {
  const { own, room, data, open } = await den(stube, 'Foil house', ['1 handful corks']);
  await stube.ask(`${own}/rooms/${room}/contain`, {});
  const [bin] = (await data()).bin;
  await page.request.patch(`${stube.address}/api${own}/rows/bin/${bin!.id}`, {
    data: { name: 'Construction paper and cardboard offcuts (coloured)', version: bin!.version },
  });
  await page.goto(open('label'));
  await page.getByRole('button', { name: 'Another layout' }).click();
  await page.getByRole('radio', { name: 'Hanging tags' }).check();
  await page.getByLabel(/^Wide/).fill('3 cm');
  await page.getByLabel(/^High/).fill('1.4 cm');
  await page.getByRole('button', { name: 'Make it' }).click();
  await panel(page).getByRole('button', { name: 'All of the room, from now on' }).click();
  const long = page.getByRole('region', { name: 'Names that are too long' });
  await expect(long).toBeVisible();
  const shorten = long.getByRole('button', { name: /^Shorten/ });
  if (await shorten.count()) {
    await shorten.click();
    await expect(long).toHaveCount(0);
    expect((await data()).bin[0]!.shortName.length).toBeGreaterThan(2);
  }
  await page.getByRole('button', { name: 'Another layout' }).click();
  await page.getByRole('radio', { name: 'Cut letters' }).check();
  await page.getByRole('button', { name: 'Make it' }).click();
  await panel(page).getByRole('button', { name: 'All of the room, from now on' }).click();
  const foil = page.getByRole('img', { name: /^Outlines of/ });
  await expect(foil).toBeVisible();
  await expect.poll(() => foil.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBeGreaterThan(100);
  await expectAccessible(page);
  const saved = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as SVG' }).click();
  const svg = readFileSync(await (await saved).path(), 'utf8');
  expect(svg).toMatch(/^<svg [^>]*width="[\d.]+mm"/);
  // A layout that is changed asks whether all that hangs is renewed.
  await page.getByRole('button', { name: 'These are printed' }).click();
  await expect(page.getByRole('heading', { name: 'Every label is printed' })).toBeVisible();
  await page.getByRole('button', { name: 'Change this one' }).click();
  await page.getByLabel('Height of a capital letter').fill('4 cm');
  await page.getByLabel('renew all on the next run').check();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: /^1 label of cut letters/ })).toBeVisible();
  await page.getByText('Why these').click();
  await expect(page.getByText('printed in a layout that was changed since')).toBeVisible();
});

test('every medium is printed from the made-up house, each label once', async ({ stube }) => {
  const { site, data } = await house(stube);
  const { room, bin } = data;
  const den = room.find(({ name }) => name === 'Chart room')!;
  const codes = bin.filter(({ roomId }) => roomId === den.id).map(({ code }) => code);
  expect(codes.length).toBeGreaterThan(40);
  for (const medium of MEDIA) {
    const layout = { ...newLayout(medium), parts: ['word', 'code'] };
    const { id } = await stube.ask<{ id: string }>(`/sites/${site}/rows/labelLayout`, layout);
    const now = (await stube.data(site)).room.find((one) => one.id === den.id)!;
    await fetch(`${stube.address}/api/sites/${site}/rows/room/${den.id}`, {
      method: 'PATCH',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ labelLayoutId: id, version: now.version }),
    });
    const kind = medium === 'plotter' ? 'svg' : 'pdf';
    const response = await fetch(
      `${stube.address}/api/sites/${site}/labels.${kind}?room=${den.id}&layout=${id}&roles=bin`,
    );
    expect(response.ok, medium).toBe(true);
    if (medium === 'plotter') {
      expect((await response.text()).match(/<title>/g), medium).toHaveLength(codes.length);
      continue;
    }
    const words = (await pdfText(new Uint8Array(await response.arrayBuffer()))).split(/[^A-Z\d]+/);
    const times = medium === 'folded' ? 2 : 1;
    for (const code of codes) expect(words.filter((word) => word === code).length, `${medium} ${code}`).toBe(times);
  }
});
