/** Whatever is done, in whatever order: the site stays whole, goes back and comes again, and its own file brings it back. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import { type Row, type SiteData, siteProblems, TABLES } from '@stube/core/model';
import { checkSiteFile } from '@stube/contract/site-file/format';
import type { SiteChanges } from '@stube/contract/answers';
import { Acts } from './acts.ts';
import { siteWithRoom, testServer, type TestServer } from './site.ts';

/** All rows by id; versions count how often something was written, and go on when it is taken back. */
const plain = (data: SiteData): unknown =>
  Object.fromEntries(
    TABLES.map((table) => [
      table,
      (data[table] as Row[]).map(({ version: _version, ...values }) => values).sort((a, b) => (a.id < b.id ? -1 : 1)),
    ]),
  );

/** The rows with each id replaced by how its row is told apart otherwise, so that two sites can be compared. */
function withoutIds(data: SiteData): unknown {
  const order = new Map<string, string>();
  const bare = (value: unknown): unknown =>
    typeof value === 'string'
      ? (order.get(value) ?? value)
      : Array.isArray(value)
        ? value.map(bare)
        : value && typeof value === 'object'
          ? Object.fromEntries(
              Object.entries(value)
                .filter(([key]) => key !== 'id' && key !== 'version')
                .map(([key, inner]) => [key, bare(inner)])
                .sort(([a], [b]) => (a! < b! ? -1 : 1)),
            )
          : value;
  // In the order of the model: what is pointed to has its name before what points.
  return TABLES.map((table) => {
    // A row may point to one of its own table: first it is named without that.
    const own = data[table] as Row[];
    for (const { id } of own) order.set(id, table);
    const named = own.map((row) => [row.id, `${table} ${JSON.stringify(bare(row))}`] as const);
    for (const [id, name] of named) order.set(id, name);
    const rows = own.map((row) => ({ row, key: JSON.stringify(bare(row)) })).sort((a, b) => (a.key < b.key ? -1 : 1));
    rows.forEach(({ row, key }) => order.set(row.id, `${table} ${key}`));
    return [table, rows.map(({ key }) => key)];
  });
}

/** What a page knows that follows the site by asking what has changed. */
class Follower {
  data: SiteData;
  revision: number;
  constructor({ data, revision }: { data: SiteData; revision: number }) {
    this.data = data;
    this.revision = revision;
  }
  async follow(server: TestServer, site: string): Promise<boolean> {
    const changes: SiteChanges & { whole?: true } = await server.get(`/sites/${site}/changes?since=${this.revision}`);
    expect(changes.whole).toBeUndefined();
    const moved = changes.revision !== this.revision;
    for (const table of TABLES) {
      const gone = new Set(changes.removed[table] ?? []);
      const newer = new Map((changes.rows[table] as Row[] | undefined)?.map((row) => [row.id, row]) ?? []);
      const rows = (this.data[table] as Row[]).filter((row) => !gone.has(row.id) && !newer.has(row.id));
      (this.data as unknown as Record<string, Row[]>)[table] = [...rows, ...newer.values()];
    }
    this.revision = changes.revision;
    return moved;
  }
}

const ACTS = 400;

/** Declares the tests of one seed: a file each, so that they run beside one another. */
export function describeActsOfChance(seed: number): void {
  let server: TestServer;
  beforeAll(async () => {
    server = await testServer();
  });
  afterAll(() => server.close());
  test('of two persons leave nothing torn, and the file of the site brings it back', async () => {
    const { site } = await siteWithRoom(server);
    const page = new Follower(await server.get(`/sites/${site}`));
    const acts = new Acts(server, site, seed);
    const statuses = new Map<number, number>();
    for (let n = 0; n < ACTS; n++) {
      const who = acts.chance(0.7) ? 'ona' : 'milo';
      const status = acts.chance(0.06)
        ? (
            await server.call
              .post(`/api/sites/${site}/${acts.chance(0.6) ? 'undo' : 'redo'}`)
              .set('X-Stube-Device', who)
              .send({})
          ).status
        : await acts.once(page.data, who);
      if (status !== null) statuses.set(status, (statuses.get(status) ?? 0) + 1);
      expect(status ?? 200).toBeLessThan(500);
      await page.follow(server, site);
      if (n % 50 !== 49) continue;
      const data = await server.data(site);
      expect(plain(page.data)).toEqual(plain(data));
      expect(siteProblems(data)).toEqual([]);
    }
    expect(statuses.get(200)).toBeGreaterThan(ACTS / 4);
    const file = JSON.parse((await server.call.get(`/api/sites/${site}/export`).expect(200)).text);
    expect(checkSiteFile(file)).toMatchObject({ ok: true });
    const { siteId } = await server.post('/import', file);
    const copy = await server.data(siteId);
    // It is named apart from the one that is there.
    copy.site[0]!.name = file.data.site[0].name;
    expect(withoutIds(copy)).toEqual(withoutIds(await server.data(site)));
    // The pictures of what is there now, and only these.
    expect(Object.keys(file.pictures).sort()).toEqual(file.data.photo.map((photo: Row) => photo.id).sort());
  });

  test('are all taken back, one by one, and all done again', async () => {
    const { site } = await siteWithRoom(server);
    const acts = new Acts(server, site, seed + 100);
    const page = new Follower(await server.get(`/sites/${site}`));
    const states = [plain(page.data)];
    for (let n = 0; n < 120; n++) {
      expect((await acts.once(page.data, 'ona')) ?? 200).toBeLessThan(500);
      await page.follow(server, site);
      const now = plain(page.data);
      // What wrote nothing is no step.
      if (JSON.stringify(now) !== JSON.stringify(states.at(-1))) states.push(now);
    }
    const last = states.at(-1);
    const step = async (way: 'undo' | 'redo') =>
      (await server.call.post(`/api/sites/${site}/${way}`).set('X-Stube-Device', 'ona').send({}).expect(200)).body;
    const first = states[0];
    let steps = 0;
    for (; !(await step('undo')).nothing; steps++) {
      await page.follow(server, site);
      if (JSON.stringify(plain(page.data)) === JSON.stringify(first)) break;
    }
    expect(plain(await server.data(site))).toEqual(first);
    for (let n = 0; n <= steps; n++) await step('redo');
    expect(plain(await server.data(site))).toEqual(last);
  });
}
