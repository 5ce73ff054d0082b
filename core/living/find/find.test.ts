import { describe, expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import { starterOf } from '../../ground/starter/library.ts';
import { Finder } from './search.ts';
import type { Findable } from './word-index.ts';
import { thingsOf, type FindData } from './things.ts';
import { withinBin } from './within.ts';
import { bareShape } from '../../ground/contents/shape.ts';
import type { Line } from '../../ground/model/entities.ts';

const thing = (id: string, name: string, words: string, code = id.toUpperCase()): Findable => ({
  id,
  code,
  name,
  category: name,
  family: 'Making',
  words,
  room: 'Net loft',
  place: 'Net cubes cube A1',
});
const finder = new Finder([
  thing('n1', 'Felt-tip pens', 'markers fibre pens'),
  thing('n2', 'Wool', 'yarn knitting wool'),
  thing('n12', 'Wooden blocks', 'building blocks bricks'),
  thing('n3', 'Bügelperlen', 'iron-on beads'),
  thing('n4', 'Scissors', 'for paper'),
]);
const best = (query: string) => finder.search(query)[0]?.id;

describe('finding', () => {
  test.each([
    ['woo', 'n2'],
    ['yarn', 'n2'],
    ['markr', 'n1'],
    ['BLOCKS', 'n12'],
    ['n12', 'n12'],
    ['bugelperlen', 'n3'],
    ['brick', 'n12'],
    ['buildng bloks', 'n12'],
    ['fibre pen', 'n1'],
    ['where are the felt tips please', 'n1'],
    ['N 12', 'n12'],
    ['siccors', 'n4'],
    ['kids sizzers', 'n4'],
    ['feltips', 'n1'],
    ['ironon beads', 'n3'],
    ['knitingwool', 'n2'],
    ['that striped building thing', 'n12'],
  ])('%s', (query, id) => expect(best(query)).toBe(id));
  test('a code comes first, though others begin like it', () => expect(best('n1')).toBe('n1'));
  test.each(['', '   ', 'zzz', '%%%'])('%j finds nothing', (query) => expect(finder.search(query)).toEqual([]));
  test('no more than were asked for', () => expect(finder.search('net', 2)).toHaveLength(2));
});

describe('an index that follows changes', () => {
  const things = [thing('n1', 'Felt-tip pens', 'markers'), thing('n2', 'Wool', 'yarn'), thing('n3', 'Beads', 'pearls')];
  test('finds what is new and what was renamed, not what is gone, and touches nothing else', () => {
    const followed = new Finder(things);
    const now = [things[0]!, { ...things[1]!, name: 'Rope' }, thing('n4', 'Glue sticks', 'paste')];
    expect(followed.update(now)).toBe(3);
    expect(followed.search('rope')[0]?.id).toBe('n2');
    expect(followed.search('paste')[0]?.id).toBe('n4');
    expect(followed.search('pearls')).toEqual([]);
    expect(followed.update(now)).toBe(0);
    const anew = new Finder(now);
    for (const query of ['felt', 'rope', 'yarn', 'glue', 'wool', 'beads'])
      expect(followed.search(query).map((found) => found.id)).toEqual(anew.search(query).map((found) => found.id));
  });
});

test('a thing of two classes has one home and is found under both, and by each place it is split over', () => {
  const row = { version: 1, siteId: 's' };
  const category = (key: string) => ({
    ...defaultsOf('category'),
    ...row,
    ...starterOf(key)!,
    id: key,
    familyId: 'f',
    starter: key,
  });
  const bin = { ...row, name: 'Puzzles', roomId: 'r', categoryId: 'jigsaw-puzzles', compartmentId: null };
  const line = {
    ...defaultsOf('line'),
    ...row,
    roomId: 'r',
    categoryId: 'jigsaw-puzzles',
    decision: 'keep',
  };
  const data = {
    room: [],
    unit: [],
    compartment: [],
    family: [],
    category: [category('jigsaw-puzzles'), category('geometry-solids')],
    bin: [{ ...bin, id: 'b', code: 'N1', lineIds: [] }],
    setNumber: [{ ...row, id: 'n', lineId: 'l', series: 'pouch', number: 7, name: 'Harbour lotto' }],
    photo: [
      { lineId: 'l', note: 'with the cracked lid' },
      { lineId: null, note: 'the room before' },
    ],
    line: [
      {
        ...line,
        id: 'l',
        name: 'shapes',
        also: ['geometry-solids', 'gone'],
        spread: [{ where: 'windowsill', amount: 1 }],
      },
    ],
  } as unknown as FindData;
  const finder = new Finder(thingsOf(data));
  for (const query of ['puzzle', 'geometry', 'shapes', 'windowsill', 'pouch 7', 'harbour lotto', 'cracked'])
    expect(finder.search(query).map((found) => found.id)).toEqual(['b']);
  // Of several bins that which names the thing, the others by what none names.
  const several = {
    ...data,
    bin: [
      { ...bin, id: 'a', code: 'N1', lineIds: ['maps'] },
      { ...bin, id: 'b', code: 'N2', lineIds: [] },
    ],
    line: [
      { ...line, id: 'maps', name: 'maps' },
      { ...line, id: 'farm', name: 'farm' },
      { ...line, id: 'sold', name: 'castle', decision: 'sell' },
    ],
  } as unknown as FindData;
  const found = (query: string) => new Finder(thingsOf(several)).search(query).map(({ id }) => id);
  expect([found('maps'), found('farm'), found('castle')]).toEqual([['a'], ['b'], ['line:sold']]);
});

test('where in the bin it lies: its compartment or its number, and nothing where that is not told', () => {
  const line = (id: string, name: string, cell: number | null = null) =>
    ({ ...defaultsOf('line'), id, name, cell }) as unknown as Line;
  const shape = { ...bareShape(300, 200, 50), compartments: 6 };
  const lines = [line('r', 'red beads', 4), line('b', 'blue beads')];
  const numbers = [{ id: 'n', siteId: 's', version: 1, lineId: 'b', series: 'pouch', number: 12, name: 'Sea beads' }];
  const of = (query: string) => withinBin({ cells: null }, shape, lines, numbers, query);
  expect(of('red be')).toBe('in compartment 4');
  expect(of('blue')).toBe('in compartment 1');
  expect(of('pouch 12')).toBe('pouch 12');
  expect(of('sea')).toBe('pouch 12');
  expect(of('marbles')).toBe('');
  expect(withinBin({ cells: null }, bareShape(300, 200, 50), lines, [], 'red')).toBe('');
  const cups = { ...lines[0]!, id: 'cups', name: 'tiny cups', insideId: lines[0]!.id };
  expect(withinBin({ cells: null }, undefined, [...lines, cups], [], 'cups')).toBe(`in ${lines[0]!.name}`);
});
