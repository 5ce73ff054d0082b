/** What may be written: every field within its limits, every fault named at its field. */
import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { defaultsOf, type TableName, TABLES } from '@stube/core/model';
import { CUBES, lineValues, ROOM, TIN } from '@stube/core/model/testing/rows';
import { batch } from './batch.ts';
import { importedLines } from '../import/requests.ts';
import { newLine } from '../pile/requests.ts';
import { containRequest } from '../containers/requests.ts';
import { placeRequest } from '../placement/requests.ts';
import { checkSiteFile } from '../site-file/format.ts';
import { FIELDS } from './fields.ts';
import { check } from '../check.ts';
import { CREATABLE, createSchema, patchSchema, rowSchema, type CreatableTable } from './schemas.ts';

const fieldsOf = (checked: ReturnType<typeof check>): string[] =>
  checked.ok ? [] : checked.fields.map((problem) => problem.field);

/** A new row of each table that people make, with nothing that may be left out. */
const NEW: Record<CreatableTable, Record<string, unknown>> = {
  person: { name: 'Ona', kind: 'adult', stature: 1700 },
  room: ROOM,
  zone: { roomId: 'r', name: 'Rug', kind: 'play on the floor', x: 10, y: 20 },
  unit: { ...CUBES, roomId: 'r' },
  family: { name: 'Building' },
  category: { familyId: 'f', name: 'Planks' },
  deferral: { roomId: 'r', what: 'Bottom drawer', until: '2026-03-09' },
  containerType: TIN,
  fixture: { roomId: 'r', kind: 'heater', x: 10, y: 20 },
  labelLayout: { name: 'Jars', medium: 'tape' },
  stray: { roomId: 'r', what: 'blue wheel', foundOn: '2026-03-09', due: '2026-04-09' },
  routine: { name: 'Reset', kind: 'weekly reset', minutes: 20, rule: 'FREQ=WEEKLY;BYDAY=FR', from: '2026-03-09' },
  routineDay: { routineId: 'k', day: '2026-03-13' },
  holiday: { name: 'Spring', from: '2026-04-01', to: '2026-04-10' },
  rotating: { lineId: 'l', areas: ['numbers'], fromMonths: 36, toMonths: 60 },
  slot: { compartmentId: 'c', area: 'numbers' },
  spell: { slotId: 's', lineId: 'l', from: '2026-03-09' },
  interest: { lineId: 'l', kind: 'loved', on: '2026-03-09' },
  season: { binId: 'b', name: 'Winter', comesOut: '11-20', goesBack: '01-10' },
  par: { lineId: 'l', least: 2, wanted: 6 },
  stockCount: { parId: 'p', amount: 3, on: '2026-03-09' },
  stockOrder: { parId: 'p', packs: 2, on: '2026-03-09' },
  kitItem: { roomId: 'r', name: 'Plasters' },
  daySlot: { roomId: 'r', weekday: 1, activity: 'Printing' },
  kitCheck: { roomId: 'r', on: '2026-03-09', by: 'Ona' },
  cutPiece: { compartmentId: 'c', part: 'rod' },
  cutStock: { part: 'rod', length: 2400 },
  acknowledgement: {
    roomId: 'r',
    key: 'H1:u',
    fact: 'It is high.',
    about: 'Tall case',
    hazard: 'H1',
    reason: 'Fixed by the landlord',
    on: '2026-03-09',
  },
};
NEW.zone.kind = (FIELDS.zone.kind!.describe() as unknown as { allow: unknown[] }).allow.find(
  (one) => typeof one === 'string',
);

describe.each(CREATABLE)('a new %s', (table) => {
  test('is taken with what is asked for and no more', () => {
    expect(check(createSchema(table), NEW[table])).toMatchObject({ ok: true });
    expect(fieldsOf(check(createSchema(table), { ...NEW[table], elsewhere: 1 }))).toEqual(['elsewhere']);
  });
  test('names each field that is missing', () => {
    for (const field of Object.keys(NEW[table])) {
      const { [field]: _left, ...rest } = NEW[table];
      expect(fieldsOf(check(createSchema(table), rest))).toContain(field);
    }
  });
  test('refuses what is no value of its fields, whatever it is', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(NEW[table])),
        fc.oneof(fc.object(), fc.constant(''), fc.constant(Number.NaN), fc.constant(-1e9), fc.constant([])),
        (field, value) => {
          expect(fieldsOf(check(createSchema(table), { ...NEW[table], [field]: value }))).toContain(field);
        },
      ),
      { numRuns: 60 },
    );
  });
  test('is changed field by field, with the version its author has read', () => {
    const [field, value] = Object.entries(NEW[table]).find(([name]) => !name.startsWith('in'))!;
    expect(check(patchSchema(table), { [field]: value, version: 3 })).toEqual({
      ok: true,
      value: { [field]: value, version: 3 },
    });
    expect(fieldsOf(check(patchSchema(table), { [field]: value }))).toEqual(['version']);
    expect(check(patchSchema(table), { version: 3 }).ok).toBe(false);
  });
});

test('a container is not larger inside than outside, in each direction', () => {
  for (const side of ['Width', 'Depth', 'Height'])
    expect(fieldsOf(check(createSchema('containerType'), { ...NEW.containerType, [`in${side}`]: 201 }))).toEqual([
      `in${side}`,
    ]);
});

test('a change does not bring back what is left out: defaults are for new rows only', () => {
  const changed = check(patchSchema('category'), { name: 'Boards', version: 1 });
  expect(changed).toEqual({ ok: true, value: { name: 'Boards', version: 1 } });
});

describe('days', () => {
  test.each(['2026-02-29', '2026-13-01', '26-01-01', '2026-1-1', 'tomorrow', ''])('%j is none', (until) => {
    expect(fieldsOf(check(createSchema('deferral'), { ...NEW.deferral, until }))).toEqual(['until']);
  });
  test.each(['2028-02-29', '2026-12-31'])('%j is one', (until) => {
    expect(check(createSchema('deferral'), { ...NEW.deferral, until }).ok).toBe(true);
  });
});

test('every table has its fields, and a whole row asks for id and version', () => {
  for (const table of TABLES as readonly TableName[]) {
    expect(Object.keys(FIELDS[table]).length).toBeGreaterThan(2);
    const missing = fieldsOf(check(rowSchema(table), {}));
    expect(missing).toEqual(expect.arrayContaining(table === 'site' ? ['id', 'version'] : ['id', 'version', 'siteId']));
  }
});

const planks = lineValues('Planks', { sort: 1 });

describe('several rows at once', () => {
  test('need something to do, and a name for undo', () => {
    expect(check(batch, { what: 'nothing' }).ok).toBe(false);
    expect(fieldsOf(check(batch, { remove: [{ table: 'line', id: 'a', version: 1 }] }))).toEqual(['what']);
    expect(check(batch, { what: 'one', remove: [{ table: 'line', id: 'a', version: 1 }] }).ok).toBe(true);
  });
  test('a fault is named by its place in the list', () => {
    const create = [
      { table: 'line', id: 'a', values: planks },
      { table: 'line', id: 'b', values: { ...planks, amount: 0 } },
      {
        table: 'category',
        id: 'c',
        values: { ...defaultsOf('category'), starter: null, familyId: 'f', name: 'x', perWeek: 501 },
      },
    ];
    expect(fieldsOf(check(batch, { what: 'three', create }))).toEqual([
      'create.1.values.amount',
      'create.2.values.perWeek',
    ]);
  });
  test('rooms, people and furniture are not written this way', () => {
    for (const table of ['room', 'person', 'unit', 'site'])
      expect(fieldsOf(check(batch, { what: 'x', remove: [{ table, id: 'a', version: 1 }] }))).toEqual([
        'remove.0.table',
      ]);
  });
  test('a list that comes in has at least one line', () => {
    expect(fieldsOf(check(importedLines, { name: 'list.csv', lines: [] }))).toEqual(['lines']);
    const { sort: _sort, ...values } = planks;
    const lines = [{ starter: null, perWeek: null, values }];
    expect(check(importedLines, { name: 'list.csv', lines }).ok).toBe(true);
  });
});

describe('other requests', () => {
  test.each([
    [newLine, { roomId: 'r', text: '   ' }, 'text'],
    [newLine, { roomId: 'r', text: 'x'.repeat(201) }, 'text'],
    [newLine, { roomId: 'r', text: 'x', decision: 'burn' }, 'decision'],
    [newLine, { roomId: 'r', text: 'x', ignore: ['colour'] }, 'ignore.0'],
    [newLine, { roomId: 'no spaces here', text: 'x' }, 'roomId'],
    [containRequest, { choices: [{ categoryId: 'c', containerTypeId: 't', count: 1.5 }] }, 'choices.0.count'],
    [placeRequest, { placed: [{ binId: 'b', version: 1 }] }, 'placed.0.compartmentId'],
    [placeRequest, { placed: [{ binId: 'b', compartmentId: null }] }, 'placed.0.version'],
  ])('%# names %j', (schema, body, field) => {
    expect(fieldsOf(check(schema as Parameters<typeof check>[0], body))).toContain(field);
  });
  test.each([
    [{ format: 'another', version: 2, exportedAt: 'x', data: {} }, 'format'],
    [{ format: 'stube-site', version: 99, exportedAt: 'x', data: {} }, 'version'],
    [{ format: 'stube-site', version: 3, exportedAt: 'x', data: { site: [] } }, 'data.site'],
  ])('a file %j is refused at %s', (file, field) => expect(fieldsOf(checkSiteFile(file))).toContain(field));
  test('only the first fault of a field is told, in words', () => {
    const checked = check(newLine, { roomId: 'r', text: 7 });
    expect(checked.ok ? [] : checked.fields).toHaveLength(1);
    expect(checked.ok ? '' : checked.fields[0]!.message).toMatch(/must be a string/);
  });
});
