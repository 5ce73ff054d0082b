/** The pile through the interface: sessions, lists that come in, several rows at once, photographs, papers that go out. */
import { beforeAll, describe, expect, test } from 'vitest';
import { defaultsOf, type Line } from '@stube/core/model';
import { lineValues } from '@stube/core/model/testing/rows';
import { litresOfLine } from '@stube/core/contents';
import { jpegOf } from '../../../testing/pictures.ts';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
let site: string;
let room: string;
beforeAll(async () => {
  server = await testServer();
  ({ site, room } = await siteWithRoom(server));
});
const own = (path: string) => `/sites/${site}${path}`;
const lineNamed = async (name: string): Promise<Line> =>
  (await server.data(site)).line.find((line) => line.name === name)!;
const values = (name: string, more: Partial<Line> = {}) => {
  const { sort: _sort, ...own } = lineValues(name, { roomId: room, amount: 2, ...more });
  return own;
};

describe('a decision with its dates', () => {
  test('what is put off comes back in thirty days, or when it was said', async () => {
    await server.post(own('/lines'), { roomId: room, text: 'scrap wood, decide later' });
    expect(await lineNamed('scrap wood')).toMatchObject({ due: '2026-03-31', decidedAt: null });
    await server.post(own('/lines'), { roomId: room, text: 'return lamp by 12/12/2026' });
    expect(await lineNamed('lamp')).toMatchObject({ decision: 'return', due: '2026-12-12' });
    await server.post(own('/lines'), { roomId: room, text: 'tax papers, keep until 2033' });
    expect(await lineNamed('tax papers')).toMatchObject({ due: null, keepUntil: '2033-12-31' });
  });
  test('deciding notes the hour and takes the date away', async () => {
    const wood = await lineNamed('scrap wood');
    await server.patch(own(`/rows/line/${wood.id}`), { decision: 'give away', version: wood.version });
    expect(await lineNamed('scrap wood')).toMatchObject({ due: null, decidedAt: '2026-03-01T10:00:00.000Z' });
  });
  test('a wrong guess goes back into the name', async () => {
    await server.post(own('/lines'), { roomId: room, text: 'broken hearts', ignore: ['condition'] });
    expect(await lineNamed('broken hearts')).toMatchObject({ condition: null });
  });
});

describe('several rows at once', () => {
  test('are one change, and one undo takes them all back', async () => {
    const lamp = await lineNamed('lamp');
    const before = (await server.data(site)).line.length;
    await server.post(own('/batch'), {
      what: 'split lamp',
      create: [{ table: 'line', id: 'half-of-it', values: { ...values('half lamp'), sort: 9 } }],
      update: [{ table: 'line', id: lamp.id, version: lamp.version, values: { amount: 3 } }],
    });
    expect((await server.data(site)).line).toHaveLength(before + 1);
    expect(await lineNamed('lamp')).toMatchObject({ amount: 3, due: '2026-12-12' });
    await server.post(own('/undo'));
    expect((await server.data(site)).line).toHaveLength(before);
    expect((await lineNamed('lamp')).amount).toBe(1);
  });
  test('one stale row keeps all from being written', async () => {
    const lamp = await lineNamed('lamp');
    const body = {
      what: 'two',
      create: [{ table: 'line', id: 'never', values: { ...values('never'), sort: 1 } }],
      update: [{ table: 'line', id: lamp.id, version: lamp.version - 1, values: { amount: 3 } }],
    };
    await server.post(own('/batch'), body, 409);
    expect(await lineNamed('never')).toBeUndefined();
  });
  test.each([
    [
      'create.0.values.amount',
      { create: [{ table: 'line', id: 'x', values: { ...values('x', { amount: -1 }), sort: 1 } }] },
    ],
    ['update.0.values.granularity', { update: [{ table: 'family', id: 'x', version: 1, values: { granularity: 0 } }] }],
    ['create.0.table', { create: [{ table: 'site', id: 'x', values: {} }] }],
  ])('what is wrong is named: %s', async (field, body) => {
    const answer = await server.post(own('/batch'), { what: 'x', ...body }, 400);
    expect(answer.fields.map((field: { field: string }) => field.field)).toContain(field);
  });
  test('a family, its category and the lines in it can come together', async () => {
    const lamp = await lineNamed('lamp');
    await server.post(own('/batch'), {
      what: 'group by material',
      create: [
        { table: 'category', id: 'cat-metal', values: { ...categoryValues('Metal'), familyId: 'fam-new' } },
        {
          table: 'family',
          id: 'fam-new',
          values: { name: 'By material', hue: 'slate', pictogram: 'package-open', sort: 9 },
        },
      ],
      update: [{ table: 'line', id: lamp.id, version: lamp.version, values: { categoryId: 'cat-metal' } }],
    });
    expect((await lineNamed('lamp')).categoryId).toBe('cat-metal');
    await server.post(own('/undo'));
    expect((await server.data(site)).category.some((category) => category.id === 'cat-metal')).toBe(false);
  });
});
test('a category that is put right brings its own kind, with its size; what was told stays', async () => {
  await server.post(own('/lines'), { roomId: room, text: '300 gloves 24x12 cm', starter: 'spare-clothes' });
  const wrong = await lineNamed('gloves');
  expect(wrong.kind).toBe('spare-clothes');
  await server.post(own(`/lines/${wrong.id}/category`), { starter: 'disposable-gloves', version: wrong.version });
  const right = await lineNamed('gloves');
  expect(right).toMatchObject({ kind: 'disposable-gloves', length: 240, width: 120, lies: null });
  const { category, site: sites } = await server.data(site);
  const litres = (line: Line) =>
    litresOfLine(
      line,
      category.find(({ id }) => id === line.categoryId),
      sites[0]!,
    )!;
  expect(litres(right)).toBeLessThan(litres(wrong) / 5);
});
const categoryValues = (name: string) => ({ ...defaultsOf('category'), starter: null, name });

describe('a list from elsewhere', () => {
  const lines = (count: number) =>
    Array.from({ length: count }, (_, i) => ({
      starter: i % 2 ? 'wooden-blocks' : null,
      perWeek: null,
      values: values(`thing ${i}`),
    }));
  test('comes in as one change, with what it takes from the library', async () => {
    const before = (await server.data(site)).line.length;
    await server.post(own('/import'), { name: 'list.csv', lines: lines(1200) });
    const data = await server.data(site);
    expect(data.line).toHaveLength(before + 1200);
    expect(data.line.find((line) => line.name === 'thing 1')!.categoryId).toBe(
      data.category.find((category) => category.starter === 'wooden-blocks')!.id,
    );
    await server.post(own('/undo'));
    expect((await server.data(site)).line).toHaveLength(before);
  });
  test('one bad line keeps all out', async () => {
    const before = (await server.data(site)).line.length;
    const bad = [...lines(3), { starter: null, perWeek: null, values: values('', {}) }];
    const answer = await server.post(own('/import'), { name: 'list.csv', lines: bad }, 400);
    expect(answer.fields[0].field).toBe('lines.3.values.name');
    expect((await server.data(site)).line).toHaveLength(before);
  });
});

test('a session starts, pauses, goes on and ends; two at once are refused', async () => {
  await server.post(own(`/rooms/${room}/session`), { act: 'start' });
  await server.post(own(`/rooms/${room}/session`), { act: 'start' }, 422);
  await server.post(own(`/rooms/${room}/session`), { act: 'pause' });
  expect((await server.data(site)).session[0]).toMatchObject({ runningSince: null, endedAt: null });
  await server.post(own(`/rooms/${room}/session`), { act: 'resume' });
  await server.post(own(`/rooms/${room}/session`), { act: 'end' });
  expect((await server.data(site)).session[0]).toMatchObject({
    runningSince: null,
    endedAt: '2026-03-01T10:00:00.000Z',
  });
  await server.post(own(`/rooms/${room}/session`), { act: 'pause' }, 422);
});

test('the days of a makeover come as a calendar', async () => {
  await server.get(own(`/rooms/${room}/days.ics`), 422);
  const { data } = { data: await server.data(site) };
  await server.patch(own(`/rows/room/${room}`), { minutesADay: 30, version: data.room[0]!.version });
  await server.post(own('/rows/deferral'), { roomId: room, what: 'bottom drawer', until: '2026-03-09' });
  const text = (await server.call.get(`/api${own(`/rooms/${room}/days.ics`)}`).expect(200)).text;
  expect(text).toContain('BEGIN:VEVENT');
  expect(text).toContain('DTSTART:20260301T090000');
  expect(text).toMatch(/SUMMARY:.*bottom drawer/);
});

test('what leaves comes as a table and on paper', async () => {
  await server.post(own('/lines'), { roomId: room, text: '=SUM(A1) pens, give away' });
  const csv = (await server.call.get(`/api${own('/list.csv?of=leaving')}`).expect(200)).text;
  expect(csv).toContain("'=SUM(A1) pens");
  const returns = (await server.call.get(`/api${own('/list.csv?of=returns')}`).expect(200)).text;
  expect(returns).toContain('lamp');
  expect(returns).not.toContain('SUM');
  const pdf = await server.call.get(`/api${own('/list.pdf?of=leaving')}`).expect(200);
  expect(pdf.body.subarray(0, 5).toString()).toBe('%PDF-');
  await server.get(own('/list.csv?of=all'), 400);
});

test('a photograph is stored, shown, taken back by undo and kept in an export', async () => {
  const jpeg = jpegOf();
  const path = `/api${own(`/rooms/${room}/photos`)}?kind=heap&takenOn=2026-03-01&width=800&height=600`;
  const { id } = (await server.call.post(path).type('image/jpeg').send(jpeg).expect(200)).body;
  const kept = (await server.call.get(`/api${own(`/photos/${id}.jpg`)}`).expect(200)).body as Buffer;
  expect(kept.subarray(0, 3)).toEqual(jpeg.subarray(0, 3));
  await server.call.post(path).type('image/jpeg').send(Buffer.from('GIF89a')).expect(422);
  await server.call.post(path.replace('heap', 'cat')).type('image/jpeg').send(jpeg).expect(400);
  const file = await server.get(own('/export'));
  expect(Object.keys(file.pictures)).toEqual([id]);
  const copy = (await server.post('/import', file)).siteId;
  const again = (await server.data(copy)).photo[0]!;
  await server.call.get(`/api/sites/${copy}/photos/${again.id}.jpg`).expect(200);
  await server.call.get(`/api/sites/${copy}/photos/${id}.jpg`).expect(404);
  await server.post(own('/undo'));
  expect((await server.data(site)).photo).toEqual([]);
});

test('a file of the first version still comes in', async () => {
  const file = await server.get(own('/export'));
  const old = structuredClone(file);
  old.version = 1;
  delete old.pictures;
  for (const table of ['session', 'deferral', 'photo']) delete old.data[table];
  for (const line of old.data.line) for (const field of Object.keys(defaultsOf('line'))) delete line[field];
  const copy = (await server.post('/import', old)).siteId;
  expect((await server.data(copy)).line[0]).toMatchObject({ also: [], spread: [], setMissing: 0 });
});
