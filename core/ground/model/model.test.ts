/** What follows from the description of the entities: who points to whom, what files of earlier versions become, copies. */
import { describe, expect, test } from 'vitest';
import { defaultsOf, noRows } from './defaults.ts';
import { TABLES, type SiteData } from './entities.ts';
import { copySite } from './copy.ts';
import { cleared, idsIn, REFERENCES, withIds } from './references.ts';
import { freeCode } from './room-code.ts';
import { ON_THE_BENCH } from './bin.ts';
import { MODEL_VERSION, upgradeRow, upgradeSite } from './upgrade.ts';
import { siteProblems } from './whole.ts';

test('every pointer of the model, with what happens when the other end goes', () =>
  expect(
    REFERENCES.map(({ table, field, at, to, whenGone }) => `${table}.${field}${at ? `.${at}` : ''} ${to} ${whenGone}`),
  ).toEqual([
    'person.limit.containerTypeId containerType clear',
    'room.people person clear',
    'room.labelLayoutId labelLayout clear',
    'zone.roomId room remove',
    'unit.roomId room remove',
    'compartment.unitId unit remove',
    'category.familyId family refuse',
    'category.users person clear',
    'category.containerTypeId containerType clear',
    'category.tidiers person clear',
    'category.limit.containerTypeId containerType clear',
    'line.roomId room remove',
    'line.categoryId category clear',
    'line.keepsakeOf person clear',
    'line.also category clear',
    'line.insideId line clear',
    'setNumber.lineId line remove',
    'bin.roomId room remove',
    'bin.categoryId category remove',
    'bin.containerTypeId containerType refuse',
    'bin.lineIds line clear',
    'bin.compartmentId compartment clear',
    'bin.parkId compartment clear',
    'bin.labelLayoutId labelLayout clear',
    'printedLabel.roomId room remove',
    'printedLabel.binId bin clear',
    'printedLabel.numberId setNumber clear',
    'printedLabel.compartmentId compartment clear',
    'printedLabel.layoutId labelLayout clear',
    'observation.roomId room remove',
    'observation.binId bin remove',
    'observation.foundId compartment clear',
    'observation.personId person clear',
    'recall.personId person remove',
    'recall.binId bin remove',
    'rotating.lineId line remove',
    'rotating.afterIds line clear',
    'rotating.readyIds person clear',
    'rotating.notYetIds person clear',
    'rotating.doneIds person clear',
    'slot.compartmentId compartment remove',
    'spell.slotId slot remove',
    'spell.lineId line remove',
    'interest.lineId line remove',
    'season.binId bin remove',
    'par.lineId line remove',
    'par.useId compartment clear',
    'par.backId compartment clear',
    'par.nextId line clear',
    'stockCount.parId par remove',
    'stockOrder.parId par remove',
    'kitItem.roomId room remove',
    'kitCheck.roomId room remove',
    'daySlot.roomId room remove',
    'daySlot.personId person clear',
    'daySlot.lineIds line clear',
    'stray.roomId room remove',
    'stray.lineId line clear',
    'stray.personId person clear',
    'routine.roomId room remove',
    'routine.personId person clear',
    'routineDay.routineId routine remove',
    'session.roomId room remove',
    'deferral.roomId room remove',
    'move.roomId room remove',
    'move.binId bin remove',
    'move.fromId compartment clear',
    'photo.roomId room remove',
    'photo.lineId line remove',
    'photo.containerTypeId containerType remove',
    'photo.categoryId category remove',
    'fixture.roomId room remove',
    'acknowledgement.roomId room remove',
    'cutPiece.compartmentId compartment remove',
  ]));

test('what is pointed to stands before what points', () => {
  // A line may lie in another line: foreign keys are checked when the change is over.
  for (const { table, to } of REFERENCES) expect(TABLES.indexOf(to)).toBeLessThanOrEqual(TABLES.indexOf(table));
});

describe('a pointer', () => {
  const of = (table: string, field: string) =>
    REFERENCES.find((reference) => reference.table === table && reference.field === field)!;
  test('is found, cleared and written anew in a field, a list and a part of an object', () => {
    const bin = { compartmentId: 'a', pinned: true };
    expect(idsIn(bin, of('bin', 'compartmentId'))).toEqual(['a']);
    expect(cleared(bin, of('bin', 'compartmentId'), new Set(['a']))).toEqual(ON_THE_BENCH);
    const room = { people: ['a', 'b', 'c'] };
    expect(idsIn(room, of('room', 'people'))).toEqual(['a', 'b', 'c']);
    expect(cleared(room, of('room', 'people'), new Set(['b']))).toEqual({ people: ['a', 'c'] });
    const person = { limit: { containerTypeId: 't', count: 2 } };
    expect(idsIn(person, of('person', 'limit'))).toEqual(['t']);
    expect(cleared(person, of('person', 'limit'), new Set(['t']))).toEqual({ limit: null });
    expect(withIds(person, of('person', 'limit'), (id) => `${id}2`)).toEqual({
      limit: { containerTypeId: 't2', count: 2 },
    });
    expect(withIds(room, of('room', 'people'), (id) => `${id}2`)).toEqual({ people: ['a2', 'b2', 'c2'] });
    expect(withIds({ limit: null }, of('person', 'limit'), (id) => id)).toEqual({});
    expect(idsIn({}, of('room', 'people'))).toEqual([]);
  });
});

describe('rows of earlier versions', () => {
  test('get new names of fields, and what new rows begin with', () => {
    const first = { id: 'l', name: 'blocks', amount: 3, measure: 'shoebox' };
    expect(upgradeRow('line', first, 1)).toEqual({ ...first, ...defaultsOf('line') });
    const second = { whereto: 'school', facets: { colour: 'red' }, also: ['x'] };
    expect(upgradeRow('line', second, 2)).toMatchObject({
      destination: 'school',
      attributes: { colour: 'red' },
      also: ['x'],
    });
    expect(upgradeRow('category', { lie: 'soft', factor: 1.2, school: 'colour' }, 2)).toMatchObject({
      packingKind: 'soft',
      bulkCorrection: 1.2,
      scheme: 'colour',
    });
    expect(upgradeRow('category', { lie: 'soft' }, 2)).not.toHaveProperty('lie');
  });
  test('of which only some fields are there get no others', () =>
    expect(upgradeRow('family', { fine: 3 }, 2, false)).toEqual({ granularity: 3 }));
  test('of the present version stay as they are', () => {
    const row = { id: 'x', name: 'y' };
    expect(upgradeRow('line', row, MODEL_VERSION)).toEqual(row);
  });
  test('no two rows share a list that was filled in', () => {
    const [one, two] = [upgradeRow('line', {}, 1), upgradeRow('line', {}, 1)];
    (one.also as string[]).push('x');
    expect(two.also).toEqual([]);
  });
  test('tables that came later are empty, what is no list is left for the check', () => {
    const data = upgradeSite({ site: [], line: 'none', bin: [null, 3] }, 1);
    expect(data).toMatchObject({ session: [], deferral: [], photo: [], line: 'none', bin: [null, 3] });
    expect(data).not.toHaveProperty('room');
    expect(upgradeSite({}, 2)).not.toHaveProperty('session');
  });
});

const row = { version: 3, siteId: 's' };
const small = (): SiteData => ({
  ...noRows(),
  site: [{ ...defaultsOf('site'), id: 's', version: 3, name: 'House' }],
  person: [{ ...row, ...defaultsOf('person'), id: 'p', name: 'Ona', kind: 'adult', stature: 1700 }],
  room: [
    {
      ...row,
      ...defaultsOf('room'),
      id: 'r',
      name: 'Loft',
      code: 'L',
      width: 1,
      depth: 1,
      height: 1,
      sort: 0,
      people: ['p'],
    },
  ],
});

describe('a site', () => {
  test('hangs together, or says where it does not', () => {
    expect(siteProblems(small())).toEqual([]);
    const torn = small();
    torn.room[0]!.people = ['nobody'];
    torn.person.push(torn.person[0]!);
    expect(siteProblems(torn).map((problem) => problem.field)).toEqual(['data.person', 'data.room.0.people']);
  });
  test('is copied under new ids, everything pointing to the copies', () => {
    let n = 0;
    const copy = copySite(small(), () => `new${n++}`);
    expect(copy.siteId).toBe('new0');
    expect(copy.rowsOf('room')[0]).toMatchObject({ id: copy.idOf('room', 'r'), people: [copy.idOf('person', 'p')] });
    expect(copy.rowsOf('room')[0]).not.toHaveProperty('version');
  });
});

test.each([
  ['Net loft', [], 'N'],
  ['Net loft', ['N'], 'E'],
  ['Aa', ['A'], 'AA'],
  ['Übungsraum', [], 'U'],
  ['123', [], 'R'],
])('the code of %j beside %j is %s', (name, taken, code) => expect(freeCode(name, new Set(taken))).toBe(code));
