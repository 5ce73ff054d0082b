import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { CATALOGUE } from '../../containing/containers/catalogue.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import { NO_SIZE } from '../../placing/cautions/testing/scene.ts';
import type { Bin, Category, Line, Person } from '../../ground/model/entities.ts';
import { AttributeReader } from './attributes.ts';
import { compareSchemes, SCHEMES, type SchemeData, type SchemeResult } from './schemes.ts';
import { isAnswerable, suggestScheme } from './suggest.ts';
import { regroup } from './regroup.ts';
import { STARTER_CATEGORIES, starterOf } from '../../ground/starter/library.ts';

const row = { version: 1, siteId: 's' };
const category = (key: string, more: Partial<Category> = {}): Category => ({
  ...defaultsOf('category'),
  ...row,
  ...starterOf(key)!,
  id: key,
  familyId: 'f',
  starter: key,
  ...more,
});
const person = (name: string, more: Partial<Person> = {}): Person => ({
  ...defaultsOf('person'),
  ...row,
  id: name,
  name,
  kind: 'child',
  stature: 1000,
  colour: 'moss',
  ...more,
});
const line = (name: string, categoryId: string | null, amount = 10, more: Partial<Line> = {}): Line => ({
  ...row,
  id: name,
  ...lineValues(name, { categoryId, amount, ...more }),
});
const typesById = new Map(
  CATALOGUE.map((shape, i) => [`t${i}`, { ...row, ...shape, id: `t${i}`, owned: 0, tried: null }]),
);
const bin = (code: string, categoryId: string): Bin => ({
  ...row,
  ...NO_SIZE,
  id: code,
  roomId: 'r',
  categoryId,
  containerTypeId: 't4',
  code,
  name: categoryId,
  litres: 1,
  compartmentId: null,
  pinned: false,
  shortName: '',
  labelLayoutId: null,
  seenFull: null,
  cells: null,
  x: null,
  y: null,
  z: null,
  turned: false,
  parkId: null,
  sort: 0,
});
const today = '2026-11-25';
const data = (lines: Line[], categories: Category[], people: Person[] = []): SchemeData => ({
  site: { measures: {}, growth: 0.1, fillLimit: 0.8 },
  room: { people: people.map((person) => person.id) },
  lines,
  categories,
  people,
  types: CATALOGUE.map((shape, i) => ({ ...row, ...shape, id: `t${i}`, owned: 0, tried: null })),
  compartments: [],
  taken: new Map(),
  today,
});

describe('attributes', () => {
  const brushes = category('paint-brushes', { users: ['Otters'], zoneKind: 'art' });
  const people = [person('Otters', { born: '2022-06' }), person('Pikes', { born: '2016-01' })];
  const reader = new AttributeReader(new Map([[brushes.id, brushes]]), people, new Date(today));
  test('are read from name, category and users', () => {
    const one = line('red wooden brushes Pikes 12', brushes.id, 5, { length: 300, width: 10, height: 10 });
    expect(reader.of(one, 'colour')).toBe('red');
    expect(reader.of(one, 'material')).toBe('wood');
    expect(reader.of(one, 'person')).toBe('Pikes');
    expect(reader.of(one, 'number')).toBe('12');
    expect(reader.of(one, 'activity')).toBe('art and making');
    expect(reader.of(one, 'stage')).toBe('3 to 5');
    expect(reader.of(one, 'size')).toBe('small');
    expect(reader.of(line('x', brushes.id), 'person')).toBe('Otters');
    expect(reader.of(line('Easter baskets', null), 'theme')).toBe('spring');
    expect(reader.of(line('x', null), 'material')).toBeNull();
  });
  test('what was said by hand comes before what is read', () => {
    expect(reader.of(line('red ball', null, 1, { attributes: { colour: 'crimson' } }), 'colour')).toBe('crimson');
  });
});

describe('schools', () => {
  const categories = [category('paint-brushes', { zoneKind: 'art' }), category('felt-sheets', { zoneKind: 'art' })];
  const lines = [
    line('long brushes', 'paint-brushes', 30),
    line('red felt', 'felt-sheets', 40),
    line('blue felt', 'felt-sheets', 40),
    line('one lost thing', null, 1),
    line('gone', 'felt-sheets', 9, { decision: 'give away' }),
  ];
  const results = compareSchemes(data(lines, categories));
  const by = (key: string) => results.find((result) => result.scheme === key)!;
  test('each groups the kept lines by its attribute; what it does not know stays with its kind', () => {
    expect(by('kind').groups.map((group) => [group.name, group.lineIds.length])).toEqual(
      expect.arrayContaining([
        [categories[0]!.name, 1],
        [categories[1]!.name, 2],
        ['not sorted yet', 1],
      ]),
    );
    expect(by('colour').groups.map((group) => group.name)).toEqual(expect.arrayContaining(['red', 'blue']));
    expect(by('colour')).toMatchObject({ torn: 1, told: 0.5 });
    expect(by('activity').groups).toHaveLength(2);
    expect(by('kind')).toMatchObject({ orphans: 1, torn: 0 });
  });
  test('a category by hand keeps its lines whatever the school', () => {
    const own = category('felt-sheets', { starter: null, name: 'My felt' });
    const kept = compareSchemes(data(lines, [categories[0]!, own]));
    for (const result of kept) expect(result.groups.find((group) => group.name === 'My felt')!.lineIds).toHaveLength(2);
  });
  test('non-readers take longer, and the youngest who tidy set the ceiling', () => {
    const child = [person('Otters', { born: '2023-06', reads: false })];
    const slow = compareSchemes(data(lines, categories, child))[0]!;
    expect(slow.finding).toBeGreaterThan(results[0]!.finding * 0.99);
    expect(slow.tidying).toBeGreaterThan(
      compareSchemes(data(lines, categories, [person('A', { reads: true, born: '2023-06' })]))[0]!.tidying,
    );
    expect(slow.ceiling).toBe(6);
  });
  test('one is suggested that sorts and can be answered, with the reason', () => {
    const suggestion = suggestScheme(results)!;
    expect(isAnswerable(by(suggestion.scheme))).toBe(true);
    expect(by(suggestion.scheme).classes).toBeGreaterThan(1);
    expect(suggestion.reason).toMatch(/classes in \d+ bins/);
    expect(suggestScheme(compareSchemes(data([], [])))).toBeNull();
  });
  test('what children must not reach never shares a class with what they use', () => {
    const mixed = [
      line('metal whisk', 'toy-kitchen-ware', 4),
      line('metal craft knives', 'craft-knives', 6),
      line('metal tins', 'clean-packaging', 5),
    ];
    const material = compareSchemes(
      data(
        mixed,
        ['toy-kitchen-ware', 'craft-knives', 'clean-packaging'].map((key) => category(key)),
      ),
    ).find((result) => result.scheme === 'material')!;
    const knives = material.groups.find((group) => group.lineIds.includes('metal craft knives'))!;
    expect(knives).toMatchObject({ safe: true, lineIds: ['metal craft knives'], name: 'metal, kept safe' });
    expect(material.groups.find((group) => group.name === 'metal')!.lineIds).toHaveLength(2);
  });
  test('no scheme loses a line or counts one twice', () => {
    const keys = STARTER_CATEGORIES.slice(0, 40).map((starter) => starter.key);
    const some = keys.map((key) => category(key));
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.string(), fc.constantFrom(...keys, null), fc.integer({ min: 1, max: 400 })), {
          maxLength: 30,
        }),
        (said) => {
          const own = said.map(([name, key, amount], i) => line(name, key, amount, { id: `l${i}` }));
          for (const result of compareSchemes(data(own, some))) {
            expect(result.groups.flatMap((group) => group.lineIds).sort()).toEqual(own.map((l) => l.id).sort());
            expect(result.scheme).toBe(SCHEMES.find((scheme) => scheme.key === result.scheme)!.key);
            for (const group of result.groups) expect(group.full).toBeLessThanOrEqual(1 + 1e-9);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('regrouping', () => {
  const categories = [category('paint-brushes'), category('felt-sheets')];
  const lines = [
    line('red felt', 'felt-sheets', 40),
    line('blue felt', 'felt-sheets', 40),
    line('brushes', 'paint-brushes'),
  ];
  const families = [{ ...row, id: 'f', name: 'Things', hue: 'oak', pictogram: 'x', sort: 0, granularity: null }];
  let count = 0;
  const newId = () => `n${count++}`;
  const colour = compareSchemes(data(lines, categories)).find((result) => result.scheme === 'colour')!;
  const sorted = (result: SchemeResult, of: Line[], known: Category[], bins: Bin[] = []) =>
    regroup(
      result,
      {
        lines: of,
        categories: known,
        families,
        bins,
        printed: new Set(),
        types: typesById,
        site: { measures: {} },
      },
      newId,
    );
  const change = sorted(colour, lines, categories);

  test('makes the categories of the scheme and moves only what it tells', () => {
    expect(change.create.map((one) => one.values.name).sort()).toEqual(['Blue', 'By colour', 'Red']);
    expect(change.update.map((one) => one.id).sort()).toEqual(['blue felt', 'red felt']);
    expect(change.create[1]!.values).toMatchObject({
      packingKind: categories[1]!.packingKind,
      scheme: 'colour',
      starter: null,
    });
  });
  test('going back to kind brings every line home, and a second time nothing is made twice', () => {
    const made = change.create
      .filter((one) => one.table === 'category')
      .map((one) => ({ ...row, ...one.values, id: one.id }) as unknown as Category);
    const moved = lines.map((line) => ({ ...line, ...change.update.find((update) => update.id === line.id)?.values }));
    const all = [...categories, ...made];
    const results = compareSchemes(data(moved, all));
    const back = sorted(
      results.find((result) => result.scheme === 'kind')!,
      moved,
      all,
    );
    expect(back.create).toEqual([]);
    expect(back.update.map((one) => one.values.categoryId)).toEqual(['felt-sheets', 'felt-sheets']);
    const again = sorted(
      results.find((result) => result.scheme === 'colour')!,
      moved,
      all,
    );
    expect(again).toMatchObject({ create: [], update: [] });
  });
  test('what was grouped by hand stays where it is', () => {
    const own = [category('paint-brushes', { starter: null, name: 'Mine' }), category('felt-sheets')];
    const red = [line('red brushes', 'paint-brushes')];
    const result = compareSchemes(data(red, own)).find((result) => result.scheme === 'colour')!;
    expect(sorted(result, red, own).update).toEqual([]);
  });
  test('bins go with what is in them: none is left without things, and what is kept safe stays so', () => {
    const keys = ['toy-kitchen-ware', 'craft-knives', 'clean-packaging'];
    const known = keys.map((key) => category(key));
    const of = [line('metal pans', keys[0]!, 4), line('metal knives', keys[1]!, 6), line('metal tins', keys[2]!, 5)];
    const bins = keys.flatMap((categoryId, i) => [bin(`N${i}`, categoryId), bin(`M${i}`, categoryId)]);
    const material = compareSchemes(data(of, known)).find((result) => result.scheme === 'material')!;
    const moved = sorted(material, of, known, bins);
    expect(moved.bins).toHaveLength(bins.length);
    const classes = new Map(
      moved.create.filter((made) => made.table === 'category').map((made) => [made.id, made.values]),
    );
    const safe = [...classes].find(([, values]) => values.name === 'Metal, kept safe')!;
    expect(safe[1].hazards).toEqual(known[1]!.hazards);
    const to = new Map(
      moved.update.filter((change) => change.table === 'bin').map(({ id, values }) => [id, values.categoryId]),
    );
    const gone = new Set(moved.remove.map(({ id }) => id));
    for (const own of bins) {
      if (gone.has(own.id)) continue;
      expect(to.get(own.id)).toBeDefined();
      expect(to.get(own.id) === safe[0]).toBe(own.categoryId === 'craft-knives');
    }
    for (const group of material.groups) {
      const id = [...classes].find(([, values]) => String(values.name).toLowerCase() === group.name.toLowerCase())![0];
      expect([...to].filter(([own, at]) => at === id && !gone.has(own)).length).toBe(
        Math.min(group.bins, group.lineIds.length * 2),
      );
    }
  });
});
