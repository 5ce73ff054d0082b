import { expect, test } from 'vitest';
import { gapsOf } from './gaps.ts';
import type { RotateProblem, RotateThing } from './problem.ts';

const thing = (id: string, area: string, more: Partial<RotateThing> = {}): RotateThing => ({
  ...{ id, areas: [area], width: 200, depth: 200, height: 60, from: 30, to: 60, after: [], season: null },
  ...{ interest: 0.5, rested: 3, outFor: 1, shown: true },
  ...more,
});
const slot = (id: string, area: string) => ({ id, area, width: 400, depth: 300, height: 200 });
const problem = (things: RotateThing[], more: Partial<RotateProblem> = {}): RotateProblem => ({
  ...{ format: 'stube-rotate/1', weeks: 4, timeMs: 100, out: {}, things },
  slots: [slot('s1', 'art'), slot('s2', 'number')],
  children: [{ id: 'Otter', months: 40 }],
  rules: { longestSpell: 4, shortestSpell: 1, leastRest: 1, mostRest: 9, swapsAWeek: 2 },
  ...more,
});
const plan = (row: Record<string, string>) => Array.from({ length: 4 }, () => row);
const gaps = (things: RotateThing[], row: Record<string, string>, more?: Partial<RotateProblem>) =>
  gapsOf(problem(things, more), plan(row), (id) => id).map(({ id, because, helps }) => `${id}: ${because} | ${helps}`);

const BEADS = thing('beads', 'number');
const PAINT = thing('paint', 'art');
test('where everything is out and every child has work, nothing is said', () =>
  expect(gaps([BEADS, PAINT], { s1: 'paint', s2: 'beads' })).toEqual([]));
test.each([
  [[PAINT], { s1: 'paint' }, 'Otter: nothing for number is right for this age | add something for number'],
  [
    [PAINT, thing('beads', 'number', { from: 50 })],
    { s1: 'paint' },
    'beads: it is right for none of the children in these weeks | put it away until it is',
  ],
  [
    [BEADS, PAINT, thing('easel', 'art', { height: 900 })],
    { s1: 'paint', s2: 'beads' },
    'easel: it is too large for every place for art | a larger place for art',
  ],
  [
    [BEADS, PAINT, thing('song', 'music')],
    { s1: 'paint', s2: 'beads' },
    'song: no place is for music | make a place for music, or say that it fits another area',
  ],
  [
    [BEADS, PAINT, thing('sums', 'number', { after: ['rods'] }), thing('rods', 'number', { shown: false })],
    { s1: 'paint', s2: 'beads' },
    'sums: rods comes before it and is never out | set rods out by hand, or say that it was out before',
  ],
  [
    [BEADS, PAINT, thing('snow', 'art', { season: [] })],
    { s1: 'paint', s2: 'beads' },
    'snow: it is not its season in these weeks | null',
  ],
  [
    [BEADS, PAINT, thing('clay', 'art')],
    { s1: 'paint', s2: 'beads' },
    'clay: other things for art bring more in these weeks | one more place for art, or pin it where it should be',
  ],
  [
    [BEADS, thing('easel', 'art', { height: 900 })],
    { s2: 'beads' },
    'Otter: easel is too large for the places for art | a larger place for art',
  ],
  [[BEADS], { s2: 'beads' }, 's1: it stays empty: nothing that is for art fits it | say that it is for another area'],
])('%# %o', (things, row, said) => expect(gaps(things, row)).toContain(said));
test('a place that is empty for one week between two things is no gap', () => {
  const rows: Record<string, string>[] = [
    { s1: 'paint', s2: 'beads' },
    { s2: 'beads' },
    { s1: 'clay', s2: 'beads' },
    { s1: 'clay', s2: 'beads' },
  ];
  expect(gapsOf(problem([BEADS, PAINT, thing('clay', 'art')]), rows, (id) => id)).toEqual([]);
});
