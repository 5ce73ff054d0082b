import { describe, expect, test } from 'vitest';
import { Finder, type Findable } from './search.ts';

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
  ])('%s', (query, id) => expect(best(query)).toBe(id));
  test('a code comes first, though others begin like it', () => expect(best('n1')).toBe('n1'));
  test.each(['', '   ', 'zzz', '%%%'])('%j finds nothing', (query) => expect(finder.search(query)).toEqual([]));
  test('no more than were asked for', () => expect(finder.search('net', 2)).toHaveLength(2));
});
