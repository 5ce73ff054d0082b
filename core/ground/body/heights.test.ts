import { expect, test } from 'vitest';
import { highestOf, keptFromOverhead } from './heights.ts';
import type { RoomBin, RoomCompartment, PlacePerson } from '../problems/place-problem.ts';

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

test('heavy things stay below overhead where there is room, and go up where there is none or children must not reach them', () => {
  const shelf = { width: 1000, depth: 400, height: 400, floor: 300 } as RoomCompartment;
  const heavy = (more: Partial<RoomBin> = {}) =>
    ({ width: 400, depth: 300, height: 200, mass: 7000, hazard: false, ...more }) as RoomBin;
  const highest = (bins: RoomBin[], spaces = [shelf]) => keptFromOverhead(bins, spaces).map((one) => one.highest);
  expect(highest([heavy(), heavy({ mass: 4000 }), heavy({ hazard: true })])).toEqual([1599, undefined, undefined]);
  expect(highest([heavy({ highest: 900 })])).toEqual([900]);
  expect(highest([heavy()], [{ ...shelf, floor: 1600 }])).toEqual([undefined]);
  expect(highest(Array.from({ length: 6 }, () => heavy()))).toEqual(Array.from({ length: 6 }, () => undefined));
});
