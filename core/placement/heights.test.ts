import { expect, test } from 'vitest';
import { highestOf } from './heights.ts';
import type { PlacePerson } from './problem.ts';

const people: PlacePerson[] = [
  { id: 'ann', kind: 'adult', stature: 1700 },
  { id: 'otter', kind: 'child', stature: 1000 },
];
const bin = (mass: number, ...users: string[]) => ({ mass, uses: users.map((person) => ({ person, perWeek: 1 })) });

test.each([
  ['weight', bin(5000, 'ann'), 901],
  ['weight', bin(5000, 'ann', 'otter'), 530],
  ['weight', bin(4000, 'ann'), undefined],
  ['children', bin(5000, 'ann'), undefined],
  ['children', bin(500, 'ann', 'otter'), 936],
  [null, bin(5000, 'ann', 'otter'), undefined],
] as const)('kept by %s: %o', (heights, one, highest) => expect(highestOf(one, heights, people)).toBe(highest));
