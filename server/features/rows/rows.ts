/** Making and changing single rows, with everything that hangs on them. */
import { and, eq, inArray } from 'drizzle-orm';
import { layOut, shapeProblems } from '@stube/core/measuring/template';
import { FRESH_CATEGORY, FRESH_PERSON, FRESH_ROOM, FRESH_TRAITS } from '@stube/core/model/fresh';
import type { Compartment, Room, TableName, Unit, UnitShape } from '@stube/core/model/entities';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { EditableTable } from '@stube/contract/rows/entities';
import type { Db } from '../../db/open.ts';
import { makeChange, tableOf, type Recorder } from '../../db/journal.ts';
import { compartment, room, unit } from '../../db/tables.ts';
import { newId } from '../../db/ids.ts';
import { withDecision } from '../pile/service.ts';
import { Refused } from '../../db/problems.ts';
import { removeCompartments, wordFor } from './removal.ts';

type Values = Record<string, unknown>;

/** Which table a reference points into. */
const REFERENCES: Record<string, TableName> = {
  roomId: 'room',
  unitId: 'unit',
  familyId: 'family',
  categoryId: 'category',
  containerTypeId: 'containerType',
  compartmentId: 'compartment',
  lineId: 'line',
};
const LISTS: Record<string, TableName> = { people: 'person', users: 'person', tidiers: 'person', also: 'category' };

export async function checkReferences(recorder: Recorder, values: Values): Promise<void> {
  for (const [field, value] of Object.entries(values)) {
    const table = REFERENCES[field] ?? LISTS[field];
    const ids = table && value ? (Array.isArray(value) ? (value as string[]) : [value as string]) : [];
    if (!table || !ids.length) continue;
    const found = await recorder.db
      .select({ id: tableOf(table).id })
      .from(tableOf(table))
      .where(and(eq(tableOf(table).siteId, recorder.siteId), inArray(tableOf(table).id, ids)));
    if (found.length !== new Set(ids).size)
      throw new Refused([{ field, message: `points to a ${table} that is not there (any more)` }]);
  }
}

/** What a new row gets where its author leaves it open. */
async function defaultsFor(recorder: Recorder, table: EditableTable, values: Values): Promise<Values> {
  switch (table) {
    case 'room': {
      const rooms = (await recorder.db.select().from(room).where(eq(room.siteId, recorder.siteId))) as Room[];
      return {
        code: freeCode(String(values.name), new Set(rooms.map((room) => room.code))),
        sort: rooms.length,
        people: [],
        ...FRESH_ROOM,
      };
    }
    case 'unit':
      return {
        x: 0,
        y: 0,
        locked: false,
        sunlit: false,
        onView: true,
        anchored: false,
        sort: Number.MAX_SAFE_INTEGER / 2,
      };
    case 'person':
      return { colour: 'slate', ...FRESH_PERSON };
    case 'family':
      return { hue: 'oak', pictogram: 'package-open', sort: 99, fine: null };
    case 'category':
      return { starter: null, ...FRESH_TRAITS, ...FRESH_CATEGORY };
    case 'containerType':
      return {
        form: 'box',
        seeThrough: false,
        lid: false,
        handle: false,
        stackable: false,
        mass: 300,
        price: 0,
        pack: 1,
        owned: 0,
        material: 'plastic',
      };
    case 'deferral':
      return { done: false };
    default:
      return {};
  }
}

/** One letter of the name that no room has yet, or two. */
function freeCode(name: string, taken: ReadonlySet<string>): string {
  const letters =
    name
      .toUpperCase()
      .normalize('NFD')
      .replace(/[^A-Z]/g, '') || 'R';
  const alphabet = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';
  const candidates = [
    ...letters,
    ...[...letters.slice(1)].map((letter) => letters[0] + letter),
    ...[...alphabet].map((letter) => letters[0] + letter),
    ...[...alphabet].flatMap((a) => [...alphabet].map((b) => a + b)),
  ];
  return candidates.find((code) => !taken.has(code))!;
}

export async function createRow(db: Db, siteId: string, table: EditableTable, values: Values): Promise<ChangeAnswer> {
  return makeChange(db, siteId, `new ${wordFor(table)} ${String(values.name ?? '')}`.trim(), async (recorder) => {
    await recorder.find('site', siteId);
    await checkReferences(recorder, values);
    const id = newId();
    const row = { id, ...(await defaultsFor(recorder, table, values)), ...values } as never;
    if (table === 'unit') await insertUnit(recorder, row);
    else await recorder.insert(table, [row]);
    if (table === 'room') await firstZone(recorder, row as unknown as Room);
    return id;
  });
}

/** A new room has one zone, so that walks can be reckoned from the start. */
async function firstZone(recorder: Recorder, room: Room): Promise<void> {
  await recorder.insert('zone', [
    {
      id: newId(),
      roomId: room.id,
      name: 'Middle of the room',
      kind: 'whole room',
      x: Math.round(room.width / 2),
      y: Math.round(room.depth / 2),
    },
  ]);
}

async function insertUnit(recorder: Recorder, own: Omit<Unit, 'version' | 'siteId'>): Promise<void> {
  const problems = shapeProblems(own);
  if (problems.length) throw new Refused(problems);
  const others = (await recorder.db.select().from(unit).where(eq(unit.roomId, own.roomId))) as Unit[];
  const in_ = await recorder.find('room', own.roomId);
  // Until it is said where it stands: along the back wall, beside the last one.
  const beside = others.reduce((right, other) => Math.max(right, other.x + other.width / 2), 0);
  const x = own.x || Math.min(in_.width, Math.round(beside + own.width / 2 + 100));
  await recorder.insert('unit', [{ ...own, x, y: own.y || Math.max(0, in_.depth - own.depth), sort: others.length }]);
  await insertCompartments(recorder, own.id, own);
}

const insertCompartments = (recorder: Recorder, unitId: string, shape: UnitShape) =>
  recorder.insert(
    'compartment',
    layOut(shape).map((space, i) => ({ id: newId(), unitId, ...space, sort: i })),
  );

const SHAPE_FIELDS: (keyof UnitShape)[] = [
  'template',
  'width',
  'height',
  'depth',
  'columns',
  'rows',
  'board',
  'raised',
];

export async function patchRow(
  db: Db,
  siteId: string,
  table: TableName,
  id: string,
  { version, ...patch }: Values & { version: number },
  now: Date,
): Promise<ChangeAnswer> {
  return makeChange(db, siteId, `change ${wordFor(table)}`, async (recorder) => {
    await checkReferences(recorder, patch);
    let before: Values = {};
    const after = await recorder.update(table, id, version, (row) => {
      before = row as unknown as Values;
      return withDecision(table, row, patch, now);
    });
    recorder.what = describe(table, before, patch);
    if (table === 'unit' && SHAPE_FIELDS.some((field) => patch[field] !== undefined && patch[field] !== before[field]))
      await reshape(recorder, after as unknown as Unit);
    return id;
  });
}

/** How undo will name it. */
function describe(table: TableName, before: Values, patch: Values): string {
  const name = String(before.name ?? before.code ?? '');
  if (table === 'line' && patch.decision) return `${name}: ${String(patch.decision)}`;
  if (table === 'line' && 'categoryId' in patch) return `move ${name}`;
  if (table === 'category' && patch.familyId) return `move ${name}`;
  if (patch.name && patch.name !== before.name) return `rename ${name} to ${String(patch.name)}`;
  return `change ${wordFor(table)} ${name}`.trim();
}

/** Other measures: compartments of the same name keep their bins, those that vanish give theirs back. */
async function reshape(recorder: Recorder, unit: Unit): Promise<void> {
  const problems = shapeProblems(unit);
  if (problems.length) throw new Refused(problems);
  const old = (await recorder.db.select().from(compartment).where(eq(compartment.unitId, unit.id))) as Compartment[];
  const spaces = layOut(unit);
  const byName = new Map(old.map((space) => [space.name, space]));
  for (const [i, space] of spaces.entries()) {
    const same = byName.get(space.name);
    byName.delete(space.name);
    if (same) await recorder.update('compartment', same.id, null, { ...space, sort: i });
    else await recorder.insert('compartment', [{ id: newId(), unitId: unit.id, ...space, sort: i }]);
  }
  await removeCompartments(recorder, [...byName.values()]);
}
