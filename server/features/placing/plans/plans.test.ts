/** A whole plan is taken over as one change, and a move plan is printed. */
import { afterAll, beforeAll, beforeEach, expect, test } from 'vitest';
import { siteWithRoom, testServer, type TestServer } from '../../../testing/site.ts';

let server: TestServer;
let site: string;
let room: string;
beforeAll(async () => {
  server = await testServer();
});
beforeEach(async () => {
  ({ site, room } = await siteWithRoom(server));
  await server.post(own('/lines'), { roomId: room, text: '3 shoeboxes wooden blocks' });
  await server.post(own(`/rooms/${room}/contain`), {});
});
afterAll(() => server.close());
const own = (path: string) => `/sites/${site}${path}`;
const data = () => server.data(site);
const known = async () => (await data()).bin.map(({ id, version }) => ({ id, version }));
const plan = async (more: object = {}) => {
  const { category, containerType, compartment } = await data();
  const categoryId = category[0]!.id;
  return {
    bins: await known(),
    choices: [{ categoryId, containerTypeId: containerType[0]!.id, count: 2 }],
    placed: [
      { categoryId, nth: 0, compartmentId: compartment[0]!.id, x: 0, y: 0, z: 0, turned: false },
      { categoryId, nth: 1, compartmentId: compartment[1]!.id, x: 10, y: 0, z: 0, turned: true },
    ],
    ...more,
  };
};
const take = (body: object, status = 200) => server.post(own(`/rooms/${room}/plan`), body, status);

test('containers and places are one change, and one undo takes both back', async () => {
  const before = await data();
  const answer = await take(await plan());
  expect(answer.history.undo).toBe('plan: 2 bins placed');
  const { bin, compartment } = await data();
  expect(bin.sort((a, b) => a.sort - b.sort).map(({ compartmentId, x, turned }) => [compartmentId, x, turned])).toEqual(
    [
      [compartment[0]!.id, 0, false],
      [compartment[1]!.id, 10, true],
    ],
  );
  await server.post(own('/undo'));
  const places = ({ bin }: Awaited<ReturnType<typeof data>>) =>
    bin.map(({ id, x, compartmentId }) => [id, x, compartmentId]).sort();
  expect(places(await data())).toEqual(places(before));
});
test('where the bins have changed since, or something is not there, it is named and nothing is written', async () => {
  const before = await data();
  const good = await plan();
  const [one] = good.bins;
  await take({ ...good, bins: [{ ...one!, version: one!.version + 1 }, ...good.bins.slice(1)] }, 409);
  expect((await take({ ...good, bins: [...good.bins, { id: 'more', version: 1 }] }, 422)).fields[0].field).toBe('bins');
  const gone = { ...good.placed[1]!, compartmentId: 'gone' };
  expect((await take({ ...good, placed: [good.placed[0], gone] }, 422)).fields[0].field).toBe('placed.1.compartmentId');
  const many = { ...good.placed[1]!, nth: 9 };
  expect((await take({ ...good, placed: [many] }, 422)).fields[0].field).toBe('placed.0.nth');
  const { x: _x, ...half } = good.placed[0]!;
  expect((await take({ ...good, placed: [half] }, 400)).fields[0].field).toMatch(/^placed\.0/);
  expect((await data()).bin).toEqual(before.bin);
});
test('what stands without a container stands as the plan has it; of lines that are none of it nothing is written', async () => {
  const { line, category } = await data();
  const bare = [0, 1].map((i) => ({
    outWidth: 300 + i,
    outDepth: 200,
    outHeight: 100,
    lineIds: [line[0]!.id],
    litres: 7.5,
  }));
  const choices = [{ categoryId: category[0]!.id, containerTypeId: null, count: 2, bare }];
  await take({ ...(await plan()), choices });
  const { bin } = await data();
  expect(bin.map(({ containerTypeId, outWidth }) => [containerTypeId, outWidth])).toEqual([
    [null, 300],
    [null, 301],
  ]);
  const wrong = [{ ...choices[0]!, bare: [{ ...bare[0]!, lineIds: ['gone'] }] }];
  expect((await take({ ...(await plan()), choices: wrong }, 422)).fields[0].field).toBe('choices.bare');
  const flat = [{ ...choices[0]!, bare: [{ ...bare[0]!, outHeight: 0 }] }];
  expect((await take({ ...(await plan()), choices: flat }, 400)).fields[0].field).toMatch(/^choices\.0\.bare/);
});
test('the moves of a room are printed; of a room that is not there, nothing', async () => {
  const { body } = await server.call
    .get(`/api${own(`/rooms/${room}/moves.pdf`)}`)
    .buffer()
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200);
  expect(body.subarray(0, 5).toString()).toBe('%PDF-');
  await server.get(own('/rooms/nowhere/moves.pdf'), 404);
});
