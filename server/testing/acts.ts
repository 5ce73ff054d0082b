/** Acts of chance on a site, over all routes that change something: what a busy, careless house would do in months. */
import { Random } from '@stube/core/engine';
import {
  CONDITIONS,
  DECISIONS,
  ENTITIES,
  MATERIALS,
  type SiteData,
  type TableName,
  TABLES,
  ZONE_KINDS,
} from '@stube/core/model';
import { EVERYDAY_MEASURES } from '@stube/core/contents';
import { STARTER_CATEGORIES } from '@stube/core/starter';
import { FIELDS } from '@stube/contract/rows/fields';
import { CREATABLE, REMOVABLE } from '@stube/contract/rows/schemas';
import { jpegOf } from './pictures.ts';
import type { TestServer } from './site.ts';

type Values = Record<string, unknown>;
const MEASURES = ['pieces', ...EVERYDAY_MEASURES.map((measure) => measure.key)];
const TEXTS = [
  '3 shoeboxes wooden blocks',
  '60 felt tips',
  '2 mugs beads',
  '12 dvds, give away',
  '4 toy cars',
  'lamp, return by 5 Jan',
  'puzzle 24 pieces, 2 missing',
];

/** Fields that hold a day. */
const DAYS_IN = 'deadline due keepUntil until takenOn from to on day foundOn expires opened filledFor'.split(' ');

export class Acts {
  private readonly server: TestServer;
  private readonly site: string;
  private readonly random: Random;
  private made = 0;

  constructor(server: TestServer, site: string, seed: number) {
    this.server = server;
    this.site = site;
    this.random = new Random(seed);
  }

  any<T>(list: readonly T[]): T | undefined {
    return list[this.random.below(list.length)];
  }
  chance(share: number): boolean {
    return this.random.next() < share;
  }

  /** One act. @returns its status, null where there was nothing to act on */
  async once(data: SiteData, who: string): Promise<number | null> {
    const path = `/api/sites/${this.site}`;
    const post = async (to: string, body: object) =>
      (
        await this.server.call
          .post(path + to)
          .set('X-Stube-Device', who)
          .send(body)
      ).status;
    const [room, line, category, bin] = [
      this.any(data.room),
      this.any(data.line),
      this.any(data.category),
      this.any(data.bin),
    ];
    const acts: (() => Promise<number> | null)[] = [
      () => (room ? post('/lines', { roomId: room.id, text: this.any(TEXTS) }) : null),
      () =>
        line
          ? post(`/lines/${line.id}/category`, { version: line.version, starter: this.any(STARTER_CATEGORIES)!.key })
          : null,
      () => post(`/rows/${this.any(CREATABLE)}`, this.rowOf(this.any(CREATABLE)!, data)),
      () => {
        const table = this.any(CREATABLE)!;
        return post(`/rows/${table}`, this.rowOf(table, data));
      },
      async () => (await this.patch(data, who)) ?? 200,
      async () => (await this.patch(data, who)) ?? 200,
      async () => (this.chance(0.4) ? ((await this.remove(data, who)) ?? 200) : 200),
      () => post('/batch', this.batch(data)),
      () => (room ? post(`/rooms/${room.id}/contain`, {}) : null),
      () =>
        room && category && data.containerType.length
          ? post(`/rooms/${room.id}/contain`, {
              choices: [
                {
                  categoryId: category.id,
                  containerTypeId: this.any(data.containerType)!.id,
                  count: this.random.below(4),
                },
              ],
            })
          : null,
      () => {
        const space = this.any(data.compartment);
        return bin
          ? post(`/rooms/${bin.roomId}/place`, {
              placed: [
                { binId: bin.id, version: bin.version, compartmentId: this.chance(0.8) ? (space?.id ?? null) : null },
              ],
              pin: this.chance(0.5),
            })
          : null;
      },
      () => (bin ? post(`/bins/${bin.id}/seen`, { version: bin.version, full: this.random.below(16) / 10 }) : null),
      () =>
        bin
          ? post(`/bins/${bin.id}/observed`, { kind: this.any(['used', 'put back', 'empty', 'not here', 'tidied']) })
          : null,
      () => {
        const space = this.any(data.compartment);
        return bin && space ? post(`/bins/${bin.id}/observed`, { kind: 'elsewhere', foundId: space.id }) : null;
      },
      () => (room ? post(`/rooms/${room.id}/as-it-is`, {}) : null),
      () => (bin ? post('/printed', { room: bin.roomId, labels: [{ role: 'bin', binId: bin.id }] }) : null),
      () => (line ? post('/numbers', { lineId: line.id, series: 'pouch', count: 2 }) : null),
      () => post('/numbers/close', { series: 'pouch' }),
      () => (room ? post(`/rooms/${room.id}/session`, { act: this.any(['start', 'pause', 'resume', 'end']) }) : null),
      () => (room ? this.photo(room.id, line?.id, who) : null),
      () =>
        room
          ? post('/import', {
              name: 'list.csv',
              lines: [1, 2].map(() => ({
                starter: this.chance(0.5) ? this.any(STARTER_CATEGORIES)!.key : null,
                perWeek: null,
                values: this.lineValues(room.id, category?.id ?? null),
              })),
            })
          : null,
    ];
    return (await this.any(acts)!()) ?? null;
  }

  private async photo(roomId: string, lineId: string | undefined, who: string): Promise<number> {
    const jpeg = jpegOf(8, 6, this.random.below(256));
    const query = {
      kind: this.any(['heap', 'line']),
      takenOn: '2026-03-01',
      width: 8,
      height: 6,
      ...(lineId && this.chance(0.5) ? { lineId } : {}),
    };
    return (
      await this.server.call
        .post(`/api/sites/${this.site}/rooms/${roomId}/photos`)
        .set('X-Stube-Device', who)
        .query(query)
        .type('image/jpeg')
        .send(jpeg)
    ).status;
  }
  private async patch(data: SiteData, who: string): Promise<number | null> {
    const table = this.any(TABLES)!;
    const row = this.any(data[table] as { id: string; version: number }[]);
    const field = this.any(Object.keys(ENTITIES[table].fields))!;
    if (!row) return null;
    const body = { [field]: this.valueOf(table, field, data), version: row.version - (this.chance(0.05) ? 1 : 0) };
    return (
      await this.server.call
        .patch(`/api/sites/${this.site}/rows/${table}/${row.id}`)
        .set('X-Stube-Device', who)
        .send(body)
    ).status;
  }
  private async remove(data: SiteData, who: string): Promise<number | null> {
    const table = this.any(REMOVABLE)!;
    const row = this.any(data[table] as { id: string; version: number }[]);
    if (!row || (table === 'room' && data.room.length < 3)) return null;
    return (
      await this.server.call
        .delete(`/api/sites/${this.site}/rows/${table}/${row.id}`)
        .set('X-Stube-Device', who)
        .send({ version: row.version })
    ).status;
  }

  private batch(data: SiteData): Values {
    const [room, category, family, line] = [
      this.any(data.room),
      this.any(data.category),
      this.any(data.family),
      this.any(data.line),
    ];
    const id = `made${this.made++}-${this.random.below(1e9)}`;
    return {
      what: this.text(200),
      create: [
        ...(room ? [{ table: 'line', id, values: this.lineValues(room.id, category?.id ?? null) }] : []),
        ...(family && this.chance(0.5)
          ? [{ table: 'category', id: `${id}c`, values: this.rowOf('category', data) }]
          : []),
      ],
      ...(line
        ? { update: [{ table: 'line', id: line.id, version: line.version, values: { note: this.text(400) } }] }
        : {}),
    };
  }

  private text(max: number): string {
    const letters = 'abc ÄÖü ß🧶,;"\'<>&=';
    const length = this.chance(0.2) ? max : 1 + this.random.below(12);
    // Some letters take two places: no longer than allowed, and nothing that a trim would change.
    const text = Array.from({ length }, () => this.any([...letters])!)
      .join('')
      .slice(0, max - 2)
      .trim();
    return text || 'x';
  }
  private lineValues(roomId: string, categoryId: string | null): Values {
    const told = this.chance(0.4);
    return {
      roomId,
      categoryId,
      name: this.text(120),
      amount: this.any([1, 3, 0.5, 100_000, 12])!,
      measure: this.any(MEASURES),
      length: told ? this.any([1, 300, 20_000])! : null,
      width: told ? this.any([1, 200, 20_000])! : null,
      height: told ? this.any([1, 20_000])! : null,
      decision: this.any(DECISIONS),
      note: this.text(400),
      sort: this.random.below(1000),
    };
  }

  private rowOf(table: TableName, data: SiteData): Values {
    const needed = Object.entries(ENTITIES[table].fields).filter(
      ([, field]) => !('default' in field) && !field.computed,
    );
    const row = Object.fromEntries(needed.map(([name]) => [name, this.valueOf(table, name, data)]));
    if (table === 'containerType')
      for (const side of ['Width', 'Depth', 'Height'])
        row[`in${side}`] = Math.min(Number(row[`in${side}`]), Number(row[`out${side}`]));
    return row;
  }

  /** A value that the field may hold, at its limits more often than not. */
  private valueOf(table: TableName, field: string, data: SiteData): unknown {
    const { to, many, at } = ENTITIES[table].fields[field]!;
    const idIn = () => this.any(data[to as TableName] as { id: string }[])?.id ?? 'nobody';
    if (to && many) return [...new Set(Array.from({ length: this.random.below(3) }, idIn))];
    if (to && at) return this.chance(0.5) ? null : { [at]: idIn(), count: this.any([1, 200]) };
    if (to)
      return (field === 'categoryId' && table === 'line') ||
        field === 'compartmentId' ||
        (field === 'containerTypeId' && table === 'category')
        ? this.chance(0.2)
          ? null
          : idIn()
        : idIn();
    const described = (FIELDS[table] as Record<string, { describe(): unknown }>)[field]!.describe() as {
      type: string;
      allow?: unknown[];
      rules?: { name: string; args?: { limit?: number; regex?: string } }[];
    };
    const allowed = (described.allow ?? []).filter((value) => typeof value !== 'object' || value === null);
    if (described.type === 'any' || (allowed.length && this.chance(0.15))) return this.any(allowed);
    if (described.type === 'boolean') return this.chance(0.5);
    if (described.type === 'number') {
      const limit = (name: string) => described.rules?.find((rule) => rule.name === name)?.args?.limit;
      const [min, max] = [limit('min') ?? (limit('greater') ?? 0) + 0.5, limit('max') ?? 1000];
      const whole = described.rules?.some((rule) => rule.name === 'integer');
      const value = this.any([
        min,
        max,
        min + (max - min) * this.random.next(),
        min + Math.min(max - min, 500) * this.random.next(),
      ])!;
      return whole ? Math.round(value) : value;
    }
    return (
      this.special(table, field) ?? this.text(described.rules?.find((rule) => rule.name === 'max')?.args?.limit ?? 20)
    );
  }
  private special(table: TableName, field: string): unknown {
    if (DAYS_IN.includes(field)) return this.any(['2026-01-01', '2028-02-29', '2099-12-31']);
    const of: Record<string, () => unknown> = {
      currency: () => this.any(['EUR', 'JPY']),
      measures: () => ({ mug: 0.4 }),
      colour: () => 'moss',
      hue: () => 'oak',
      pictogram: () => 'box',
      starter: () => this.any(STARTER_CATEGORIES)!.key,
      scheme: () => 'colour',
      born: () => '2021-04',
      code: () => (table === 'room' ? this.any(['Q', 'ZZ']) : `Q${this.random.below(99_999)}`),
      comesOut: () => this.any(['01-01', '12-31']),
      goesBack: () => this.any(['02-28', '07-04']),
      areas: () => ['art', this.text(40)],
      weeksOfYear: () => [1, 53],
      found: () => [this.text(160)],
      steps: () => [this.text(60)],
      decidedAt: () => '2026-03-01T10:00:00.123456Z',
      startedAt: () => '2026-03-01T10:00:00+02:00',
      runningSince: () => null,
      endedAt: () => '2026-03-01T11:00:00.000Z',
      synonyms: () => [this.text(60)],
      hazards: () => ['H2'],
      zoneKind: () => this.any(ZONE_KINDS),
      material: () => this.any(MATERIALS),
      condition: () => this.any(CONDITIONS),
      spread: () => [{ where: this.text(80), amount: 0.25 }],
      attributes: () => ({ colour: this.text(60) }),
      doubts: () => ({}),
    };
    return Object.hasOwn(of, field) ? of[field]!() : undefined;
  }
}
