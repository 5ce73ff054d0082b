/** Removing single rows, with everything that hangs on them. */
import { eq, inArray } from 'drizzle-orm';
import type { Bin, Category, Compartment, Line, Room, SiteData, TableName } from '@stube/core/model/entities';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { Db } from '../../db/open.ts';
import { makeChange, type Recorder } from '../../db/journal.ts';
import {
  bin,
  category,
  compartment,
  deferral,
  line,
  person,
  photo,
  room,
  session,
  unit,
  zone,
} from '../../db/tables.ts';
import { Refused } from '../../db/problems.ts';

/** How a row of each table is called. */
const WORDS: Partial<Record<TableName, string>> = { containerType: 'container', bin: 'bin', line: 'line' };
export const wordFor = (table: TableName): string => WORDS[table] ?? table;

/** What stood in them goes to the bench. */
export async function removeCompartments(recorder: Recorder, spaces: Compartment[]): Promise<void> {
  if (!spaces.length) return;
  const inside = (await recorder.db
    .select()
    .from(bin)
    .where(
      inArray(
        bin.compartmentId,
        spaces.map((space) => space.id),
      ),
    )) as Bin[];
  for (const bin of inside) await recorder.update('bin', bin.id, null, { compartmentId: null, pinned: false });
  for (const space of spaces) await recorder.remove('compartment', space.id);
}

/** What goes with a row of each table, before the row itself. */
const BEFORE_REMOVAL: Partial<Record<TableName, (recorder: Recorder, id: string) => Promise<void>>> = {
  async unit(recorder, id) {
    await removeCompartments(
      recorder,
      (await recorder.db.select().from(compartment).where(eq(compartment.unitId, id))) as Compartment[],
    );
  },
  async room(recorder, id) {
    for (const own of await recorder.db.select().from(unit).where(eq(unit.roomId, id)))
      await removeWith(recorder, 'unit', own.id);
    for (const [name, table] of [
      ['zone', zone],
      ['photo', photo],
      ['deferral', deferral],
      ['session', session],
      ['line', line],
      ['bin', bin],
    ] as const)
      for (const own of await recorder.db.select().from(table).where(eq(table.roomId, id)))
        await recorder.remove(name, own.id);
  },
  async category(recorder, id) {
    for (const own of await recorder.db.select().from(line).where(eq(line.categoryId, id)))
      await recorder.update('line', own.id, null, { categoryId: null });
    for (const own of await recorder.db.select().from(bin).where(eq(bin.categoryId, id)))
      await recorder.remove('bin', own.id);
    const also = (await recorder.db.select().from(line).where(eq(line.siteId, recorder.siteId))) as Line[];
    for (const line of also)
      if (line.also.includes(id))
        await recorder.update('line', line.id, null, { also: line.also.filter((one) => one !== id) });
  },
  async line(recorder, id) {
    for (const own of await recorder.db.select().from(photo).where(eq(photo.lineId, id)))
      await recorder.remove('photo', own.id);
  },
  async family(recorder, id) {
    const inside = (await recorder.db.select().from(category).where(eq(category.familyId, id))) as Category[];
    if (inside.length)
      throw new Refused([
        {
          field: 'family',
          message: `still holds ${inside.length} ${inside.length === 1 ? 'category' : 'categories'}: move them first`,
        },
      ]);
  },
  async containerType(recorder, id) {
    const used = await recorder.db.select({ id: bin.id }).from(bin).where(eq(bin.containerTypeId, id));
    if (used.length)
      throw new Refused([
        {
          field: 'container',
          message: `${used.length} ${used.length === 1 ? 'bin uses' : 'bins use'} it: choose another container for them first`,
        },
      ]);
    for (const own of await recorder.db.select().from(category).where(eq(category.containerTypeId, id)))
      await recorder.update('category', own.id, null, { containerTypeId: null });
    // A limit told in containers that are gone limits nothing.
    for (const [name, table] of [
      ['category', category],
      ['person', person],
    ] as const)
      for (const own of await recorder.db.select().from(table).where(eq(table.siteId, recorder.siteId)))
        if (own.limit?.containerTypeId === id) await recorder.update(name, own.id, null, { limit: null });
  },
  async person(recorder, id) {
    const of = recorder.siteId;
    for (const own of (await recorder.db.select().from(room).where(eq(room.siteId, of))) as Room[])
      if (own.people.includes(id))
        await recorder.update('room', own.id, null, { people: own.people.filter((one) => one !== id) });
    for (const own of (await recorder.db.select().from(category).where(eq(category.siteId, of))) as Category[])
      if (own.users.includes(id) || own.tidiers.includes(id))
        await recorder.update('category', own.id, null, {
          users: own.users.filter((user) => user !== id),
          tidiers: own.tidiers.filter((tidier) => tidier !== id),
        });
    const left = await recorder.db.select({ id: person.id }).from(person).where(eq(person.siteId, of));
    if (left.length <= 1)
      throw new Refused([
        { field: 'person', message: 'somebody has to be left: the reach of shelves is reckoned for people' },
      ]);
  },
};

export async function removeWith(
  recorder: Recorder,
  table: TableName,
  id: string,
  version: number | null = null,
): Promise<void> {
  await BEFORE_REMOVAL[table]?.(recorder, id);
  await recorder.remove(table, id, version);
}

export async function removeRow(
  db: Db,
  siteId: string,
  table: TableName,
  id: string,
  version: number,
): Promise<ChangeAnswer> {
  return makeChange(db, siteId, '', async (recorder) => {
    const row = (await recorder.find(table, id)) as SiteData[TableName][number] & { name?: string; code?: string };
    recorder.what = `remove ${wordFor(table)} ${row.code ?? row.name ?? ''}`.trim();
    await removeWith(recorder, table, id, version);
  });
}
