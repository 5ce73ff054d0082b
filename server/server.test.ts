import { MODEL_VERSION } from '@stube/core/model';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { CUBES, ROOM } from '@stube/core/model/testing/rows';
import { siteWithRoom, testServer, type TestServer } from './testing/site.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const binary = (call: ReturnType<TestServer['call']['get']>) =>
  call.buffer().parse((res, done) => {
    const parts: Buffer[] = [];
    res.on('data', (part: Buffer) => parts.push(part));
    res.on('end', () => done(null, Buffer.concat(parts)));
  });

describe('the way of a heap', () => {
  test('pile, contain, place, print, export: each step is kept', async () => {
    const { site, room } = await siteWithRoom(server);
    for (const text of ['3 shoeboxes wooden blocks', '60 felt tips', '2 mugs beads', '12 dvds, give away'])
      await server.post(`/sites/${site}/lines`, { roomId: room, text });
    await server.post(`/sites/${site}/rooms/${room}/contain`);
    await server.post(`/sites/${site}/rooms/${room}/place`);
    const data = await server.data(site);
    expect(data.line.map((line) => line.decision)).toEqual(['keep', 'keep', 'keep', 'give away']);
    expect(data.family.map((family) => family.name).sort()).toEqual([
      'Bits and beads',
      'Building',
      'Drawing',
      'Electrics',
    ]);
    expect(data.bin.length).toBeGreaterThanOrEqual(3);
    expect(data.bin.every((bin) => bin.compartmentId && /^N\d+$/.test(bin.code))).toBe(true);

    const pdf = await binary(server.call.get(`/api/sites/${site}/labels.pdf?room=${room}&paper=Letter`)).expect(200);
    expect(pdf.body.subarray(0, 5).toString()).toBe('%PDF-');
    const csv = (await server.call.get(`/api/sites/${site}/inventory.csv`).expect(200)).text;
    expect(csv).toContain('code,name,family,category,amount,litres,container,room,unit,compartment');
    expect(csv).toMatch(
      /N\d+,Wooden blocks[ \d]*,Building,Wooden blocks,3 shoeboxes,[\d.]+,(?:"[^"]+"|[^,]+),Net loft,Low cubes,cube/,
    );

    const file = await server.get(`/sites/${site}/export`);
    expect(file).toMatchObject({
      format: 'stube-site',
      version: MODEL_VERSION,
      exportedAt: '2026-03-01T10:00:00.000Z',
    });
    const { siteId } = await server.post('/import', file);
    const copy = await server.data(siteId);
    expect(copy.bin.map((bin) => bin.code).sort()).toEqual(data.bin.map((bin) => bin.code).sort());
    expect(copy.bin.every((bin) => copy.compartment.some((space) => space.id === bin.compartmentId))).toBe(true);
  });

  test('bins that are there keep their codes when the containers are reckoned again', async () => {
    const { site, room } = await siteWithRoom(server);
    await server.post(`/sites/${site}/lines`, { roomId: room, text: '2 shoeboxes toy cars' });
    await server.post(`/sites/${site}/rooms/${room}/contain`);
    const before = await server.data(site);
    await server.post(`/sites/${site}/lines`, { roomId: room, text: '3 mugs buttons' });
    await server.post(`/sites/${site}/rooms/${room}/contain`);
    const after = await server.data(site);
    expect(after.bin.length).toBeGreaterThan(before.bin.length);
    for (const bin of before.bin) expect(after.bin.find((one) => one.id === bin.id)?.code).toBe(bin.code);
  });

  test('how full a bin is seen to be teaches the category', async () => {
    const { site, room } = await siteWithRoom(server);
    await server.post(`/sites/${site}/lines`, { roomId: room, text: '1 shoebox toy cars' });
    await server.post(`/sites/${site}/rooms/${room}/contain`);
    const bin = (await server.data(site)).bin[0]!;
    await server.post(`/sites/${site}/bins/${bin.id}/seen`, { version: bin.version, full: 1.2 });
    const learned = (await server.data(site)).category[0]!.bulkCorrection;
    expect(learned).toBeGreaterThan(1.1);
    // The same seen again of the same things teaches nothing more.
    const seen = (await server.data(site)).bin[0]!;
    await server.post(`/sites/${site}/bins/${bin.id}/seen`, { version: seen.version, full: 1.2 });
    expect((await server.data(site)).category[0]!.bulkCorrection).toBe(learned);
  });
});

describe('undo and redo', () => {
  test('a hundred changes go back and come again, each in its order', async () => {
    const { site, room } = await siteWithRoom(server);
    for (let i = 0; i < 105; i++)
      await server.post(`/sites/${site}/lines`, { roomId: room, text: `${i + 1} toy cars` });
    const full = await server.data(site);
    for (let i = 0; i < 105; i++) await server.post(`/sites/${site}/undo`);
    expect((await server.data(site)).line).toEqual([]);
    for (let i = 0; i < 105; i++) await server.post(`/sites/${site}/redo`);
    const strip = (lines: { version: number }[]) => lines.map(({ version: _version, ...own }) => own);
    const byAmount = (a: { amount: number }, b: { amount: number }) => a.amount - b.amount;
    expect(strip([...(await server.data(site)).line].sort(byAmount))).toEqual(strip([...full.line].sort(byAmount)));
  });

  test('something new ends what could be redone', async () => {
    const { site, room } = await siteWithRoom(server);
    await server.post(`/sites/${site}/lines`, { roomId: room, text: 'toy cars' });
    await server.post(`/sites/${site}/undo`);
    await server.post(`/sites/${site}/lines`, { roomId: room, text: 'balls' });
    expect(await server.post(`/sites/${site}/redo`)).toEqual({ nothing: true });
  });

  test('a room comes back with all that stood in it', async () => {
    const { site, room } = await siteWithRoom(server);
    await server.post(`/sites/${site}/lines`, { roomId: room, text: '3 shoeboxes wooden blocks' });
    await server.post(`/sites/${site}/rooms/${room}/contain`);
    await server.post(`/sites/${site}/rooms/${room}/place`);
    const before = await server.data(site);
    await server.remove(`/sites/${site}/rows/room/${room}`, { version: before.room[0]!.version });
    const gone = await server.data(site);
    expect([gone.room, gone.unit, gone.compartment, gone.line, gone.bin].map((rows) => rows.length)).toEqual([
      0, 0, 0, 0, 0,
    ]);
    await server.post(`/sites/${site}/undo`);
    const back = await server.data(site);
    expect(back.bin.map((bin) => [bin.id, bin.compartmentId]).sort()).toEqual(
      before.bin.map((bin) => [bin.id, bin.compartmentId]).sort(),
    );
    expect(back.compartment).toHaveLength(6);
  });

  test('the beginning of a site is not taken back; a removed site can be', async () => {
    const { id } = await server.post('/sites', { name: 'Empty quay' });
    expect(await server.post(`/sites/${id}/undo`)).toEqual({ nothing: true });
    await server.remove(`/sites/${id}`, {});
    await server.get(`/sites/${id}`, 404);
    await server.post(`/sites/${id}/restore`);
    expect((await server.get(`/sites/${id}`)).data.site[0].name).toBe('Empty quay');
  });
});

describe('nothing lost', () => {
  test('a stale write is told, with what stands there now, and changes nothing', async () => {
    const { site, room } = await siteWithRoom(server);
    const { version } = (await server.data(site)).room[0]!;
    await server.patch(`/sites/${site}/rows/room/${room}`, { name: 'Loft', version });
    const conflict = await server.patch(`/sites/${site}/rows/room/${room}`, { name: 'Attic', version }, 409);
    expect(conflict.current.name).toBe('Loft');
    expect((await server.data(site)).room[0]!.name).toBe('Loft');
  });

  test.each([
    ['/rows/room', { ...ROOM, width: -5 }, 400, 'width'],
    ['/rows/room', { ...ROOM, colour: 'x' }, 400, 'colour'],
    ['/rows/unit', { ...CUBES, roomId: 'nowhere' }, 422, 'roomId'],
    ['/rows/unit', { ...CUBES, roomId: 'ROOM', columns: 12, width: 400 }, 422, 'columns'],
    ['/lines', { roomId: 'ROOM', text: '3 shoeboxes' }, 422, 'text'],
    ['/lines', { roomId: 'ROOM' }, 400, 'text'],
    [
      '/rows/containerType',
      { name: 'Box', outWidth: 100, outDepth: 100, outHeight: 100, inWidth: 120, inDepth: 90, inHeight: 90 },
      400,
      'inWidth',
    ],
    ['/bins/x/observed', { kind: 'lost' }, 400, 'kind'],
    ['/printed', { room: 'ROOM', labels: [] }, 400, 'labels'],
    ['/numbers', { lineId: 'x', series: '', count: 1 }, 400, 'series'],
  ])('%s refuses %j with %d at %s', async (path, body, status, field) => {
    const { site, room } = await siteWithRoom(server);
    const before = await server.data(site);
    const own = Object.fromEntries(Object.entries(body).map(([key, value]) => [key, value === 'ROOM' ? room : value]));
    const problem = await server.post(`/sites/${site}${path}`, own, status);
    expect(problem.fields.map((field: { field: string }) => field.field)).toContain(field);
    expect(problem.fields[0].message).toBeTruthy();
    expect(await server.data(site)).toEqual(before);
  });

  test('a container that holds bins, and a family that holds categories, cannot be removed', async () => {
    const { site, room } = await siteWithRoom(server);
    await server.post(`/sites/${site}/lines`, { roomId: room, text: '3 shoeboxes wooden blocks' });
    await server.post(`/sites/${site}/rooms/${room}/contain`);
    const data = await server.data(site);
    const type = data.containerType.find((type) => type.id === data.bin[0]!.containerTypeId)!;
    await server.remove(`/sites/${site}/rows/containerType/${type.id}`, { version: type.version }, 422);
    await server.remove(`/sites/${site}/rows/family/${data.family[0]!.id}`, { version: data.family[0]!.version }, 422);
  });

  test('fewer compartments give their bins back to the bench, the others keep theirs', async () => {
    const { site, room, unit } = await siteWithRoom(server);
    for (const text of ['2 shoeboxes toy cars', '2 shoeboxes toy animals', '1 shoebox toy figures', '1 shoebox planks'])
      await server.post(`/sites/${site}/lines`, { roomId: room, text });
    await server.post(`/sites/${site}/rooms/${room}/contain`);
    await server.post(`/sites/${site}/rooms/${room}/place`);
    const before = await server.data(site);
    const bottom = new Set(before.compartment.filter((space) => space.name.endsWith('2')).map((space) => space.id));
    await server.patch(`/sites/${site}/rows/unit/${unit}`, { rows: 1, height: 400, version: before.unit[0]!.version });
    const after = await server.data(site);
    expect(after.compartment.map((space) => space.name)).toEqual(['cube A1', 'cube B1', 'cube C1']);
    for (const bin of before.bin)
      expect(after.bin.find((one) => one.id === bin.id)!.compartmentId).toBe(
        bottom.has(bin.compartmentId!) ? null : bin.compartmentId,
      );
  });

  test('a file with one bad row, one lost reference or another version brings nothing in', async () => {
    const { site } = await siteWithRoom(server);
    const file = await server.get(`/sites/${site}/export`);
    const count = (await server.get('/sites')).length;
    const bad = [
      { ...file, version: MODEL_VERSION + 1 },
      { ...file, data: { ...file.data, room: [{ ...file.data.room[0], width: 'wide' }] } },
      { ...file, data: { ...file.data, unit: [{ ...file.data.unit[0], roomId: 'gone' }] } },
      { ...file, data: undefined },
    ];
    for (const [i, body] of bad.entries())
      expect((await server.post('/import', body, i === 2 ? 422 : 400)).fields.length).toBeGreaterThan(0);
    expect((await server.get('/sites')).length).toBe(count);
  });

  test('what is not JSON, too large, from another page or at no address is refused plainly', async () => {
    await server.call.post('/api/sites').set('Content-Type', 'application/json').send('{').expect(400);
    await server.call
      .post('/api/sites')
      .send({ name: 'x'.repeat(1_100_000) })
      .expect(413);
    await server.call.post('/api/sites').set('Origin', 'http://elsewhere.example').send({ name: 'x' }).expect(403);
    await server.get('/nothing-here', 404);
    await server.get('/sites/none', 404);
  });
});
