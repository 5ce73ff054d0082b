/** Pictures: only what can be shown is kept, without what a camera tells; all that was saved can be brought back. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import { holdsMore, looksWhole } from './picture.ts';
import { jpegOf, withExif } from '../../../testing/pictures.ts';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
let site = '';
let room = '';
beforeAll(async () => {
  server = await testServer();
  ({ site, room } = await siteWithRoom(server));
  await server.post(`/sites/${site}/lines`, { roomId: room, text: '3 shoeboxes wooden blocks' });
});
afterAll(() => server.close());

const send = (jpeg: Buffer, status: number) =>
  server.call
    .post(`/api/sites/${site}/rooms/${room}/photos`)
    .query({ kind: 'heap', takenOn: '2026-03-01', width: 8, height: 6 })
    .type('image/jpeg')
    .send(jpeg)
    .expect(status);
const kept = async (id: string): Promise<Buffer> =>
  (await server.call.get(`/api/sites/${site}/photos/${id}.jpg`).expect(200)).body as Buffer;

test.each([
  ['three bytes of one', Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), Buffer.alloc(80, 7)])],
  ['the head of one', jpegOf(400, 300).subarray(0, 300)],
  ['a drawing', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>')],
  ['a page', Buffer.from('<html><script>alert(1)</script></html>')],
  ['nothing', Buffer.alloc(0)],
])('%s is refused and says what it is about', async (_, bytes) => {
  const { body } = await send(bytes, 422);
  expect(body.fields[0].message).toContain('The photograph of the heap is not a JPEG picture');
  expect((await server.data(site)).photo).toEqual([]);
});

test('what a camera tells is not kept; in a file what holds nothing else comes back as it was', async () => {
  const { body } = await send(withExif(jpegOf(40, 30)), 200);
  const picture = await kept(body.id);
  expect(picture.includes('taken at the quay')).toBe(false);
  expect(holdsMore(picture)).toBe(false);
  const file = await server.get(`/sites/${site}/export`);
  const exif = { ...file, pictures: { [body.id]: withExif(jpegOf(40, 30)).toString('base64') } };
  // What came from a camera is cleaned; what was clean already stays as it is, however often it goes out and in.
  for (const sent of [exif, file]) {
    const { siteId } = await server.post('/import', sent);
    const { pictures } = await server.get(`/sites/${siteId}/export`);
    expect(Object.values(pictures)).toHaveLength(1);
    const copy = Buffer.from(Object.values(pictures)[0] as string, 'base64');
    expect(holdsMore(copy)).toBe(false);
    if (sent === file) expect(copy.equals(picture)).toBe(true);
  }
});

test('a file with what is no picture is refused whole, and names the photograph', async () => {
  const file = await server.get(`/sites/${site}/export`);
  const sites = (await server.get('/sites')).length;
  file.data.photo[0].note = 'by the window';
  for (const bad of [Buffer.from([0xff, 0xd8, 0xff, 1, 2, 3]), Buffer.from('<svg/>')]) {
    file.pictures = { [file.data.photo[0].id]: bad.toString('base64') };
    const problem = await server.post('/import', file, 422);
    expect(problem.fields[0].message).toContain('The photograph of the heap “by the window” of 2026-03-01 is not');
  }
  await server.post('/import', { ...file, pictures: { a: 3 } }, 400);
  await server.post('/import', { ...file, pictures: { a: { b: 'c' } } }, 400);
  await server.call.post('/api/import').type('application/json').send('{"format":').expect(400);
  expect((await server.get('/sites')).length).toBe(sites);
});

test('one that was kept before pictures were looked at stops no document, and no file', async () => {
  const photo = (await server.data(site)).photo[0]!;
  await server.store.client.query('update picture set data = $1 where photo_id = $2', ['/9j/AAAA', photo.id]);
  await server.post(`/sites/${site}/rooms/${room}/contain`);
  const { category, bin } = await server.data(site);
  await server.patch(`/sites/${site}/rows/photo/${photo.id}`, { categoryId: category[0]!.id, version: photo.version });
  expect(bin.length).toBeGreaterThan(0);
  const pdf = await server.call.get(`/api/sites/${site}/labels.pdf?room=${room}`).expect(200);
  expect(pdf.headers['content-type']).toContain('pdf');
  expect(looksWhole(Buffer.from('/9j/AAAA', 'base64'))).toBe(false);
  const file = await server.get(`/sites/${site}/export`);
  expect(file.pictures).toEqual({});
  await server.post('/import', file);
});
