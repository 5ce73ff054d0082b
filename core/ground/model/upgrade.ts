/** Rows as earlier versions of the model wrote them, in saved files and in the journal, brought to the present one. */
import { ENTITIES, TABLES, type TableName } from './entities.ts';
import { fieldsOf } from './defaults.ts';

/** Counts changes of the model: a field or table that comes (`since`), and one that is called otherwise (below). */
export const MODEL_VERSION = 14;

/** By the version that brought them: new names of fields, by table. */
const RENAMED: Readonly<Record<number, Partial<Record<TableName, Readonly<Record<string, string>>>>>> = {
  3: {
    family: { fine: 'granularity' },
    category: { lie: 'packingKind', factor: 'bulkCorrection', school: 'scheme' },
    line: { whereto: 'destination', facets: 'attributes' },
  },
};

/** By the version that took them away: fields, by table. */
const DROPPED: Readonly<Record<number, Partial<Record<TableName, readonly string[]>>>> = { 9: { bin: ['printed'] } };

/** Versions to which tables were added while they were current: files of them are there with and without. */
const GREW_WHILE_CURRENT: ReadonlySet<number> = new Set([6, 8, 9, 11]);

/** Whether a file of that version may lack the table. */
const mayLack = (table: TableName, from: number): boolean => {
  const since = ENTITIES[table].since ?? 1;
  return since > from || (since === from && GREW_WHILE_CURRENT.has(from));
};

type Values = Record<string, unknown>;

/**
 * A row, or some fields of one, as the present model has them.
 * @param from the version of the model that wrote it
 * @param whole false where only some fields are there: then none is filled in
 */
export function upgradeRow(table: TableName, row: Readonly<Values>, from: number, whole = true): Values {
  let now: Values = { ...row };
  for (let version = from + 1; version <= MODEL_VERSION; version++) {
    const names = RENAMED[version]?.[table];
    for (const name of DROPPED[version]?.[table] ?? []) delete now[name];
    if (names) now = Object.fromEntries(Object.entries(now).map(([field, value]) => [names[field] ?? field, value]));
  }
  if (whole && from < MODEL_VERSION)
    for (const [name, field] of fieldsOf(table))
      if (field.since !== undefined && now[name] === undefined) now[name] = structuredClone(field.default);
  return now;
}

/**
 * All tables of a site file as the present model has them; what is not a list of rows is left for the check to refuse.
 * Where a version 2 is named fields of it may be missing, as it grew while it was current.
 */
export function upgradeSite(data: Readonly<Record<string, unknown>>, from: number): Record<string, unknown> {
  const now: Record<string, unknown> = { ...data };
  for (const table of TABLES) {
    const rows = data[table];
    if (rows === undefined && mayLack(table, from)) now[table] = [];
    else if (Array.isArray(rows))
      now[table] = rows.map((row: unknown) => (isRow(row) ? upgradeRow(table, row, from) : row));
  }
  if (from < 9 && Array.isArray(data.bin)) now.printedLabel = data.bin.flatMap(labelOfBin);
  return now;
}

const isRow = (row: unknown): row is Values => row !== null && typeof row === 'object' && !Array.isArray(row);

/** Before version 9 a bin itself kept what its label says: its code, its name and its cells. */
function labelOfBin(row: unknown): Values[] {
  const said = isRow(row) && typeof row.printed === 'string' ? /^(\S+) (.*?)( \/\d+)?$/.exec(row.printed) : null;
  if (!said) return [];
  const { id, siteId, version, roomId } = row as Values;
  const says = { code: said[1], word: said[2] };
  const nothing = { numberId: null, part: null, compartmentId: null, layoutId: null, printedOn: null };
  return [
    {
      ...nothing,
      id: `label-${String(id)}`.slice(0, 40),
      siteId,
      version,
      roomId,
      role: 'bin',
      binId: id,
      says,
      old: false,
    },
  ];
}
