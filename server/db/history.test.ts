/** Whatever is done, in whatever order, can be taken back step by step and done again. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import { Random } from '@stube/core/engine/random';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { Row, SiteData } from '@stube/core/model/entities';
import { siteWithRoom, testServer, type TestServer } from '../testing/site.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

/** All rows by id; versions count how often something was written, and go on when it is taken back. */
const plain = (data: SiteData): unknown =>
  Object.fromEntries(
    Object.entries(data).map(([table, rows]) => [
      table,
      (rows as Row[]).map(({ version: _version, ...own }) => own).sort((a, b) => (a.id < b.id ? -1 : 1)),
    ]),
  );

const TEXTS = [
  '3 shoeboxes wooden blocks',
  '60 felt tips',
  '2 mugs beads',
  '12 dvds, give away',
  '4 toy cars',
  '1 lamp',
];

test.each([1, 2])('thirty changes of chance (%d), back and forth', async (seed) => {
  const random = new Random(seed);
  const { site, room } = await siteWithRoom(server);
  const path = `/sites/${site}`;
  const any = <T>(list: readonly T[]): T | undefined => list[random.below(list.length)];
  /** One change as it is answered; null where there was nothing to change. */
  const change = async (): Promise<ChangeAnswer | null> => {
    const data = await server.data(site);
    const line = any(data.line);
    const category = any(data.category);
    const bin = any(data.bin);
    const ways: (() => Promise<ChangeAnswer> | undefined)[] = [
      () => server.post(`${path}/lines`, { roomId: room, text: any(TEXTS)! }),
      () => server.post(`${path}/lines`, { roomId: room, text: any(TEXTS)! }),
      () => line && server.patch(`${path}/rows/line/${line.id}`, { amount: line.amount + 1, version: line.version }),
      () =>
        line &&
        server.patch(`${path}/rows/line/${line.id}`, {
          decision: line.decision === 'keep' ? 'give away' : 'keep',
          version: line.version,
        }),
      () => line && server.remove(`${path}/rows/line/${line.id}`, { version: line.version }),
      () => category && server.remove(`${path}/rows/category/${category.id}`, { version: category.version }),
      () => server.post(`${path}/rooms/${room}/contain`),
      () => server.post(`${path}/rooms/${room}/place`),
      () => bin && server.post(`${path}/bins/${bin.id}/seen`, { version: bin.version, full: random.below(12) / 10 }),
      () => bin && server.post(`${path}/printed`, { bins: [bin.id] }),
      () => server.post(`${path}/rows/unit`, { ...unitValues(random), roomId: room }),
      () => {
        const unit = data.unit.length > 1 ? any(data.unit) : undefined;
        return unit ? server.remove(`${path}/rows/unit/${unit.id}`, { version: unit.version }) : undefined;
      },
    ];
    return (await ways[random.below(ways.length)]!()) ?? null;
  };

  const states = [plain(await server.data(site))];
  for (let tries = 0; states.length <= 30 && tries < 200; tries++) {
    const answer = await change();
    if (!answer) continue;
    const now = plain(await server.data(site));
    const touched = [...Object.values(answer.rows), ...Object.values(answer.removed)].some((rows) => rows.length);
    // What wrote nothing is no step.
    if (touched) states.push(now);
    else expect(now).toEqual(states.at(-1));
  }
  expect(states.length).toBeGreaterThan(20);
  for (let at = states.length - 2; at >= 0; at--) {
    await server.post(`${path}/undo`);
    expect(plain(await server.data(site))).toEqual(states[at]);
  }
  for (let at = 1; at < states.length; at++) {
    await server.post(`${path}/redo`);
    expect(plain(await server.data(site))).toEqual(states[at]);
  }
});

const unitValues = (random: Random) => ({
  name: `Shelf ${random.below(1000)}`,
  template: 'bookcase',
  width: 600 + 100 * random.below(4),
  height: 1200,
  depth: 300,
  columns: 1,
  rows: 2 + random.below(3),
  board: 18,
  raised: 0,
});
