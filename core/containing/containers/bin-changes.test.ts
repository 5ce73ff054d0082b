import { expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Bin } from '../../ground/model/entities.ts';
import { leavesPlace } from './bin-changes.ts';

const bin = (id: string, more: Partial<Bin>): Bin => ({
  ...defaultsOf('bin'),
  ...{ id, version: 1, siteId: 's', roomId: 'r', categoryId: 'cars', code: id, name: id, sort: 0 },
  ...{ containerTypeId: 'tub', litres: 5, compartmentId: 'shelf', pinned: false, seenFull: null },
  ...more,
});
const bare = { outWidth: 300, outDepth: 200, outHeight: 100 };
const BINS = [
  bin('P1', { sort: 0 }),
  bin('P2', { sort: 1 }),
  bin('P3', { sort: 2, compartmentId: null }),
  bin('P4', { categoryId: 'dolls' }),
  bin('P5', { categoryId: 'games', containerTypeId: null, ...bare }),
];
test.each([
  ['all as they are', { categoryId: 'cars', containerTypeId: 'tub', count: 3 }, []],
  ['one container less', { categoryId: 'cars', containerTypeId: 'tub', count: 1 }, ['P2']],
  [
    'another container; what is on the bench leaves nothing',
    { categoryId: 'cars', containerTypeId: 'box', count: 3 },
    ['P1', 'P2'],
  ],
  ['as it stands, of the same size', { categoryId: 'games', containerTypeId: null, count: 1, bare: [bare] }, []],
  [
    'as it stands, grown',
    { categoryId: 'games', containerTypeId: null, count: 1, bare: [{ ...bare, outWidth: 400 }] },
    ['P5'],
  ],
])('bins that leave their places: %s', (_what, chosen, ids) =>
  expect(leavesPlace(BINS, [chosen]).map(({ id }) => id)).toEqual(ids),
);
