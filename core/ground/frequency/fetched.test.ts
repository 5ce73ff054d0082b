import { expect, test } from 'vitest';
import type { Observation, ObservationKind } from '../model/entities.ts';
import { fetchedOf, missingBins, PRIOR_WEEKS } from './fetched.ts';

let count = 0;
const saw = (binId: string, kind: ObservationKind, at: string): Observation => ({
  id: `o${count++}`,
  siteId: 's',
  version: 1,
  roomId: 'r',
  binId,
  kind,
  at: `${at}T10:00:00.000Z`,
  foundId: null,
  personId: null,
  seconds: null,
});
const bins = [
  { id: 'a', categoryId: 'wool' },
  { id: 'b', categoryId: 'wool' },
  { id: 'c', categoryId: 'glue' },
];
const categories = new Map([
  ['wool', { perWeek: 2 }],
  ['glue', { perWeek: 5 }],
]);

test('the estimate is worth four weeks, and only weeks in which somebody looked count', () => {
  expect(PRIOR_WEEKS).toBe(4);
  expect(fetchedOf([], bins, categories)).toEqual(new Map());
  // Monday and Sunday of one week, the Monday after, and months later: three weeks.
  const seen = [
    saw('a', 'used', '2026-11-02'),
    saw('b', 'used', '2026-11-08'),
    saw('a', 'used', '2026-11-09'),
    saw('c', 'empty', '2027-03-01'),
  ];
  const found = fetchedOf(seen, bins, categories);
  expect(found.get('wool')).toEqual({ perWeek: (2 * 4 + 3) / (4 + 3), seen: 3, weeks: 3 });
  expect(found.has('glue')).toBe(false);
  // Used and put back is one fetch.
  const both = [saw('c', 'used', '2026-11-02'), saw('c', 'put back', '2026-11-02')];
  expect(fetchedOf(both, bins, categories).get('glue')!.seen).toBe(1);
});

test('a bin is missing until somebody uses, puts back or finds it', () => {
  const gone = [saw('a', 'used', '2026-11-01'), saw('a', 'not here', '2026-11-03')];
  expect([...missingBins(gone).keys()]).toEqual(['a']);
  expect(missingBins([...gone, saw('a', 'empty', '2026-11-04')]).size).toBe(1);
  for (const kind of ['used', 'put back', 'found'] as const)
    expect(missingBins([...gone, saw('a', kind, '2026-11-04')]).size).toBe(0);
});
