/** Labels from the bins to the paper and the knife, read back, and kept true. */
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { getDocumentProxy } from 'unpdf';
import type { Bin, PrintedLabel } from '@stube/core/model';
import { CALIBRATION, newLayout } from '@stube/core/labels';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';
import { cutName } from './outlines.ts';

let server: TestServer;
let site: string;
let room: string;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  ({ site, room } = await siteWithRoom(server));
  for (const text of ['3 shoeboxes wooden blocks', '2 shoeboxes toy cars', '1 shoebox felt tips'])
    await server.post(own('/lines'), { roomId: room, text });
  await server.post(own(`/rooms/${room}/contain`));
  await server.post(own(`/rooms/${room}/place`));
});
afterAll(() => server.close());

const own = (path: string) => `/sites/${site}${path}`;
const data = () => server.data(site);
const bins = async (): Promise<Bin[]> => [...(await data()).bin].sort((a, b) => a.sort - b.sort);
const printed = async (): Promise<PrintedLabel[]> => (await data()).printedLabel;
const key = (role: string) => (bin: Bin) => ({ role, binId: bin.id });
const print = async (role: string, some: Bin[], status = 200) =>
  server.post(own('/printed'), { room, labels: some.map(key(role)) }, status);

async function fetched(path: string): Promise<Buffer> {
  const { body } = await server.call
    .get(`/api${own(path)}`)
    .buffer()
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200);
  return body;
}
const MM = 72 / 25.4;
/** Every text of a document with its place from the upper left, mm, and each page's size. */
async function read(path: string) {
  const document = await getDocumentProxy(new Uint8Array(await fetched(path)));
  const texts: { page: number; text: string; x: number; y: number; size: number }[] = [];
  const pages: { width: number; height: number }[] = [];
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number);
    const { width, height } = page.getViewport({ scale: 1 });
    pages.push({ width: width / MM, height: height / MM });
    for (const item of (await page.getTextContent()).items)
      if ('str' in item && item.str.trim())
        texts.push({
          page: number,
          text: item.str,
          x: item.transform[4] / MM,
          y: (height - item.transform[5]) / MM,
          size: Math.hypot(item.transform[0], item.transform[1]) / MM,
        });
  }
  return { texts, pages };
}
const named = async (path: string) => (await read(path)).texts.map(({ text }) => text).join(' ');

describe('on paper', () => {
  test('each bin is there once, in letters of the size that was reckoned, and the line to measure is named', async () => {
    const { texts, pages } = await read(`/labels.pdf?room=${room}`);
    expect(pages[0]!.width).toBeCloseTo(210, 1);
    expect(pages[0]!.height).toBeCloseTo(297, 1);
    for (const bin of await bins()) expect(texts.filter(({ text }) => text === bin.code)).toHaveLength(1);
    expect(texts.some(({ text }) => text.startsWith(`${CALIBRATION} mm: measure it`))).toBe(true);
  });
  test('names in other scripts are printed in letters of their own', async () => {
    const names = ['Кубики', 'Τουβλάκια', 'קוביות'];
    for (const [i, bin] of (await bins()).entries())
      await server.patch(own(`/rows/bin/${bin.id}`), { name: names[i % names.length], version: bin.version });
    const said = (await read(`/labels.pdf?room=${room}`)).texts.map(({ text }) => text);
    for (const name of names.slice(0, (await bins()).length)) expect(said).toContain(name);
    expect(said.join('')).not.toContain('··');
  });
  test('stickers lie where the sheet has them, to 0.3 mm, behind those that are used up', async () => {
    const layout = {
      ...newLayout('sticker', 'Small stickers'),
      width: 60.33,
      height: 25.4,
      grid: { columns: 3, rows: 8, left: 10, top: 20, gapX: 2.54, gapY: 1.6 },
      used: 4,
      parts: ['word', 'code'],
    };
    const { id } = await server.post(own('/rows/labelLayout'), layout);
    const [now] = (await data()).room;
    await server.patch(own(`/rows/room/${room}`), { labelLayoutId: id, version: now!.version });
    const all = await bins();
    const { texts } = await read(`/labels.pdf?room=${room}&layout=${id}`);
    // Their codes stand at the left edge of the second and third sticker of the second row, and the next row.
    const spots = all.map((_, i) => ({ x: 10 + ((4 + i) % 3) * 62.87, y: 20 + Math.floor((4 + i) / 3) * 27 }));
    const codes = texts.filter(({ text }) => all.some(({ code }) => code === text));
    expect(codes).toHaveLength(all.length);
    const sorted = [...all].sort((a, b) => a.code.localeCompare(b.code, undefined, { numeric: true }));
    sorted.forEach(({ code }, i) => {
      const at = codes.find(({ text }) => text === code)!;
      expect(Math.abs(at.x - (spots[i]!.x + 2.5))).toBeLessThan(0.3);
      expect(at.y).toBeGreaterThan(spots[i]!.y);
      expect(at.y).toBeLessThan(spots[i]!.y + 25.4);
    });
    await print('bin', all);
    expect((await data()).labelLayout[0]!.used).toBe((4 + all.length) % 24);
  });
  test('a tape is one page as high as it is with its line, and as long as its run', async () => {
    const { id } = await server.post(own('/rows/labelLayout'), newLayout('tape', 'Tape'));
    const [now] = (await data()).room;
    await server.patch(own(`/rows/room/${room}`), { labelLayoutId: id, version: now!.version });
    const { pages, texts } = await read(`/labels.pdf?room=${room}&layout=${id}`);
    expect(pages).toHaveLength(1);
    expect(pages[0]!.height).toBeCloseTo(12 + 8, 1);
    const names = (await bins()).map(({ name }) => name);
    expect(texts.filter(({ text }) => names.includes(text))).toHaveLength(names.length);
    // All in one size, by the longest name.
    const sizes = texts.filter(({ text }) => names.includes(text)).map(({ size }) => size);
    expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThan(0.01);
  });
  test('a list by hand, outlines and a key for the locked guide are documents of their own', async () => {
    expect(await named(`/rooms/${room}/label-list.pdf`)).toContain('written by hand');
    await server.post(own('/rows/person'), { name: 'Mira Sand', kind: 'child', stature: 1100 });
    const [bin] = await bins();
    await server.patch(own(`/rows/bin/${bin!.id}`), { name: "Mira's drawings", version: bin!.version });
    const [now] = (await data()).room;
    await server.patch(own(`/rows/room/${room}`), { visitors: true, version: now!.version });
    const labels = await named(`/labels.pdf?room=${room}`);
    expect(labels).not.toContain('Mira');
    expect(labels).toContain('M.S.');
    const guide = await named(`/rooms/${room}/label-key.pdf`);
    expect(guide).toContain("Mira's drawings");
    expect(guide).toContain('Keep it locked away');
  });
  test('what is not known is refused by name', async () => {
    const refused = async (query: string) => (await server.get(own(`/labels.pdf?${query}`), 400)).fields[0].field;
    expect(await refused('paper=A3')).toBe('paper');
    expect(await refused('which=some')).toBe('which');
    expect(await refused('roles=bin,shelf')).toBe('roles');
    const bare = (await server.post('/sites', { name: 'Bare' })).id as string;
    for (const kind of ['pdf', 'svg']) await server.call.get(`/api/sites/${bare}/labels.${kind}`).expect(200);
    await server.get(own('/labels.pdf?room=nowhere'), 404);
    await server.get(own(`/labels.pdf?room=${room}&layout=nowhere`), 404);
    await server.post(own('/printed'), { room, labels: [{ role: 'bin', binId: 'gone' }] }, 404);
    await server.post(own('/printed'), { room: 'nowhere', labels: [{ role: 'bin', binId: 'gone' }] }, 404);
  });
});

describe('kept true', () => {
  const due = (role = 'bin') => named(`/labels.pdf?room=${room}&which=changed&roles=${role}`);
  test('what is printed is not due until what it says changes; one undo takes the run back', async () => {
    const all = await bins();
    await print('bin', all);
    expect(await due()).toBe('No labels to print.');
    const [bin] = await bins();
    await server.patch(own(`/rows/bin/${bin!.id}`), { name: 'Bridge parts', version: bin!.version });
    expect(await due()).toContain('Bridge');
    await server.post(own('/undo'));
    await server.post(own('/undo'));
    expect(await printed()).toEqual([]);
  });
  test('a bin in another container needs a new label, and the old one is to be taken off', async () => {
    const [bin] = await bins();
    await print('bin', [bin!]);
    const other = (await data()).containerType.find(({ id, lid }) => id !== bin!.containerTypeId && lid)!;
    const [now] = await bins();
    await server.patch(own(`/rows/bin/${bin!.id}`), { containerTypeId: other.id, version: now!.version });
    expect(await due()).toContain(bin!.code);
    await print('bin', [bin!]);
    expect((await printed()).map(({ old }) => old).sort()).toEqual([false, true]);
  });
  test('the label of a place is old when the bin has left it, also when the bin goes', async () => {
    const placed = (await bins()).find(({ compartmentId }) => compartmentId)!;
    await print('place', [placed]);
    const spaces = (await data()).compartment;
    const elsewhere = spaces.find(({ id }) => id !== placed.compartmentId)!;
    const [now] = (await bins()).filter(({ id }) => id === placed.id);
    await server.post(own(`/rooms/${room}/place`), {
      placed: [{ binId: placed.id, version: now!.version, compartmentId: elsewhere.id }],
    });
    expect(await due('place')).toContain(placed.code);
    await print('place', [placed]);
    const labels = await printed();
    expect(labels.find(({ old }) => old)!.compartmentId).toBe(placed.compartmentId);
    expect(labels.find(({ old }) => !old)!.compartmentId).toBe(elsewhere.id);
    const [last] = (await bins()).filter(({ id }) => id === placed.id);
    await server.remove(own(`/rows/bin/${placed.id}`), { version: last!.version });
    expect((await printed()).every(({ old }) => old)).toBe(true);
    await server.post(own('/undo'));
    expect((await printed()).filter(({ old }) => !old)).toHaveLength(1);
  });
});

describe('cut letters', () => {
  test('outlines are closed, as high as told, and of the word in true size', async () => {
    for (const text of ['Hafen', 'Öl & Wachs', 'aéß 8']) {
      const { areas, width } = cutName(text, { height: 25, letters: 'as written', weld: true });
      for (const ring of areas.flat()) expect(ring[0]).toEqual(ring.at(-1));
      expect(areas.length).toBeGreaterThan(2);
      expect(width).toBeGreaterThan(25);
    }
    // Letters of other scripts are cut as well, joined and from right to left.
    expect(cutName('مكعبات', { height: 25, letters: 'as written', weld: true }).areas.length).toBeGreaterThan(2);
    const { areas } = cutName('H', { height: 25, letters: 'as written', weld: true });
    const ys = areas.flat(2).map(([, y]) => y);
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(25, 1);
    // An o is one area with a hole in it.
    const [o] = cutName('o', { height: 25, letters: 'as written', weld: true }).areas;
    expect(o).toHaveLength(2);
  });
  test('the drawing is in millimetres, mirrored where asked, with a line of 100 mm', async () => {
    const svg = String(await fetched(`/labels.svg?room=${room}&height=20&mirrored=true`));
    const [, width, box] = /width="([\d.]+)mm".*?viewBox="0 0 ([\d.]+) /.exec(svg)!;
    expect(width).toBe(box);
    expect(svg).toContain('matrix(-1 0 0 1');
    expect(svg).toMatch(/M0 [\d.]+h100/);
    const count = (await bins()).length;
    expect(svg.match(/<title>/g)).toHaveLength(count);
    expect(svg.match(/Z"/g)!.length).toBe(count);
  });
});

test('three hundred labels are a document within two seconds', async () => {
  const types = (await data()).containerType;
  const [first] = await bins();
  await server.post(own('/batch'), {
    what: 'many',
    create: Array.from({ length: 300 }, (_, i) => ({
      table: 'bin',
      id: `many${i}`,
      values: {
        roomId: room,
        categoryId: first!.categoryId,
        containerTypeId: types[i % types.length]!.id,
        code: `Z${i + 1}`,
        name: `Things number ${i + 1}`,
        litres: 1,
        compartmentId: null,
        pinned: false,
        seenFull: null,
        sort: i,
      },
    })),
  });
  await fetched(`/labels.pdf?room=${room}`);
  const begun = performance.now();
  const { pages } = { pages: await fetched(`/labels.pdf?room=${room}`) };
  const seconds = (performance.now() - begun) / 1000;
  console.log(`300 labels: ${seconds.toFixed(2)} s, ${Math.round(pages.length / 1000)} kB`);
  // A loaded machine takes several times what a quiet one does.
  expect(seconds).toBeLessThan(12);
});
