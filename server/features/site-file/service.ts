/** A site in one file, out and in; the inventory as a table. */
import { litresOfLine } from '@stube/core/containers/demand';
import { pathsOf } from '@stube/core/find/things';
import { sayAmount } from '@stube/core/pile/measures';
import { TABLES, type Limit, type Row, type SiteData, type TableName } from '@stube/core/model/entities';
import { EXPORT_FORMAT, EXPORT_VERSION, type SiteExport } from '@stube/contract/requests';
import type { FieldProblem } from '@stube/contract/check';
import type { Db } from '../../db/open.ts';
import { makeChange } from '../../db/journal.ts';
import { picture } from '../../db/tables.ts';
import { newId } from '../../db/ids.ts';
import { Refused } from '../../db/problems.ts';
import { tableCsv } from '../../documents/table.ts';
import { picturesOf } from '../photos/service.ts';
import { readSite } from '../sites/service.ts';

export async function exportSite(db: Db, siteId: string, now: Date): Promise<SiteExport> {
  const data = await readSite(db, siteId);
  return {
    format: EXPORT_FORMAT,
    version: EXPORT_VERSION,
    exportedAt: now.toISOString(),
    data,
    pictures: await picturesOf(
      db,
      data.photo.map((photo) => photo.id),
    ),
  };
}

/** Where each table points to; a list field holds many. */
const POINTS: Record<Exclude<TableName, 'site'>, Record<string, TableName>> = {
  person: {},
  room: { people: 'person' },
  zone: { roomId: 'room' },
  unit: { roomId: 'room' },
  compartment: { unitId: 'unit' },
  family: {},
  containerType: {},
  category: { familyId: 'family', users: 'person', tidiers: 'person', containerTypeId: 'containerType' },
  line: { roomId: 'room', categoryId: 'category', also: 'category' },
  bin: { roomId: 'room', categoryId: 'category', containerTypeId: 'containerType', compartmentId: 'compartment' },
  session: { roomId: 'room' },
  deferral: { roomId: 'room' },
  photo: { roomId: 'room', lineId: 'line' },
};

function checkWhole(data: SiteData): void {
  const ids = new Map(TABLES.map((table) => [table, new Set(data[table].map((row) => row.id))]));
  const problems: FieldProblem[] = [];
  const say = (field: string, message: string) => {
    if (problems.length < 20) problems.push({ field, message });
  };
  for (const table of TABLES) {
    if (ids.get(table)!.size !== data[table].length) say(`data.${table}`, 'holds the same id twice');
    if (table === 'site') continue;
    data[table].forEach((row, i) => {
      const { limit } = row as { limit?: Limit | null };
      if (limit && !ids.get('containerType')!.has(limit.containerTypeId))
        say(`data.${table}.${i}.limit`, 'points to a container that is not in the file');
      for (const [field, target] of Object.entries(POINTS[table])) {
        const value = (row as unknown as Record<string, unknown>)[field];
        for (const id of value === null ? [] : Array.isArray(value) ? value : [value])
          if (!ids.get(target)!.has(id as string))
            say(`data.${table}.${i}.${field}`, `points to a ${target} that is not in the file`);
      }
    });
  }
  const codes = data.bin.map((bin) => bin.code);
  if (new Set(codes).size !== codes.length) say('data.bin', 'holds the same code twice');
  if (problems.length) throw new Refused(problems);
}

/** Takes a whole file in as a new site, or nothing of it. Every id is new, so that a file can come in twice. */
export async function importSite(db: Db, file: SiteExport): Promise<string> {
  checkWhole(file.data);
  const fresh = new Map<string, string>();
  for (const table of TABLES) for (const row of file.data[table]) fresh.set(`${table} ${row.id}`, newId());
  const siteId = fresh.get(`site ${file.data.site[0]!.id}`)!;
  await makeChange(
    db,
    siteId,
    `import ${file.data.site[0]!.name}`,
    async (recorder) => {
      for (const table of TABLES) {
        const points = table === 'site' ? {} : POINTS[table];
        const rows = file.data[table].map((row) => {
          const {
            version: _version,
            siteId: _siteId,
            ...own
          } = row as unknown as Row & { siteId?: string } & Record<string, unknown>;
          const copy: Record<string, unknown> = { ...own, id: fresh.get(`${table} ${row.id}`) };
          for (const [field, target] of Object.entries(points)) {
            const value = copy[field];
            copy[field] = Array.isArray(value)
              ? value.map((id) => fresh.get(`${target} ${id}`))
              : value === null
                ? null
                : fresh.get(`${target} ${value}`);
          }
          const limit = copy.limit as Limit | null | undefined;
          if (limit) copy.limit = { ...limit, containerTypeId: fresh.get(`containerType ${limit.containerTypeId}`) };
          return copy;
        });
        if (rows.length) await recorder.insert(table, rows as never);
      }
      for (const [id, data] of Object.entries(file.pictures)) {
        const photoId = fresh.get(`photo ${id}`);
        if (photoId) await recorder.db.insert(picture).values({ photoId, siteId, data });
      }
    },
    { first: true },
  );
  return siteId;
}

const INVENTORY = [
  'code',
  'name',
  'family',
  'category',
  'amount',
  'litres',
  'container',
  'room',
  'unit',
  'compartment',
] as const;

export async function inventoryCsv(db: Db, siteId: string): Promise<string> {
  const data = await readSite(db, siteId);
  const categories = new Map(data.category.map((category) => [category.id, category]));
  const families = new Map(data.family.map((family) => [family.id, family.name]));
  const types = new Map(data.containerType.map((type) => [type.id, type.name]));
  const paths = pathsOf(data);
  const rows = [...data.bin]
    .sort((a, b) => a.code.localeCompare(b.code, undefined, { numeric: true }))
    .map((bin) => {
      const category = categories.get(bin.categoryId);
      const lines = data.line.filter(
        (line) => line.roomId === bin.roomId && line.categoryId === bin.categoryId && line.decision === 'keep',
      );
      const path = paths.get(bin.id)!;
      return {
        code: bin.code,
        name: bin.name,
        family: families.get(category?.familyId ?? '') ?? '',
        category: category?.name ?? '',
        amount: lines.map((line) => sayAmount(line.amount, line.measure)).join(' + '),
        litres: Number(bin.litres.toFixed(1)),
        container: types.get(bin.containerTypeId) ?? '',
        room: path.room,
        unit: path.unit ?? '',
        compartment: path.compartment ?? '',
      };
    });
  const loose = data.line
    .filter(
      (line) =>
        line.decision === 'keep' &&
        !data.bin.some((bin) => bin.roomId === line.roomId && bin.categoryId === line.categoryId),
    )
    .map((line) => ({
      code: '',
      name: line.name,
      family: families.get(categories.get(line.categoryId ?? '')?.familyId ?? '') ?? '',
      category: categories.get(line.categoryId ?? '')?.name ?? '',
      amount: sayAmount(line.amount, line.measure),
      litres: Number(litresOfLine(line, categories.get(line.categoryId ?? ''), data.site[0]!).toFixed(1)),
      container: '',
      room: data.room.find((room) => room.id === line.roomId)?.name ?? '',
      unit: '',
      compartment: '',
    }));
  const all = [...rows, ...loose];
  return tableCsv(
    INVENTORY.map((title) => ({ title, of: (row: (typeof all)[number]) => row[title] })),
    all,
  );
}
