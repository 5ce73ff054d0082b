import { afterAll, beforeAll, expect, test } from 'vitest';
import { siteWithRoom, testServer, type TestServer } from '../testing/site.ts';
import { fileName } from './documents.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

test.each([
  ['The Ferry House: to order', 'pdf', 'the-ferry-house-to-order.pdf'],
  ['Størrelse “M”\r\nX-Other: 1', 'csv', 'st-rrelse-m-x-other-1.csv'],
  ['Ärmel & Öhr', 'ics', 'armel-ohr.ics'],
  ['帆布', 'pdf', 'site.pdf'],
  ['../../etc', 'svg', 'etc.svg'],
])('a name is safe in a header and on a disk: %s', (title, ending, name) => {
  expect(fileName(title, ending)).toBe(name);
});

test('every document says what it is and how it is to be called; tables say how they are written', async () => {
  const { site, room } = await siteWithRoom(server);
  await server.post(`/sites/${site}/lines`, { roomId: room, text: '6 aprons' });
  await server.post(`/sites/${site}/rooms/${room}/contain`);
  const documents = [
    ['/shopping.pdf?used=', 'application/pdf', 'inline'],
    ['/orders.pdf', 'application/pdf', 'inline'],
    ['/numbers.pdf', 'application/pdf', 'inline'],
    [`/rooms/${room}/first-aid.pdf`, 'application/pdf', 'inline'],
    [`/rooms/${room}/moves.pdf`, 'application/pdf', 'inline'],
    [`/rooms/${room}/label-list.pdf`, 'application/pdf', 'inline'],
    ['/inventory.csv', 'text/csv', 'attachment'],
    ['/orders.csv', 'text/csv', 'attachment'],
    ['/numbers.csv', 'text/csv', 'attachment'],
    ['/today.ics', 'text/calendar', 'attachment'],
  ] as const;
  for (const [path, type, how] of documents) {
    const answer = await server.call.get(`/api/sites/${site}${path}`).buffer(true).expect(200);
    expect([path, answer.headers['content-type']]).toEqual([path, expect.stringContaining(type)]);
    const ending = /\.(\w+)/.exec(path)![1]!;
    expect(answer.headers['content-disposition']).toMatch(new RegExp(`^${how}; filename="?[a-z0-9-]+\\.${ending}"?$`));
    if (ending === 'csv') expect(answer.text.startsWith('\ufeff')).toBe(true);
    if (ending === 'pdf') expect((answer.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  }
  for (const query of ['', '?used=abc', '?used=a:1&used=b:2', '?used=a:x'])
    await server.get(`/sites/${site}/shopping.pdf${query}`, 400);
});
