import { expect, test } from 'vitest';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Compartment } from '../../ground/model/entities.ts';
import { placesFor, whatWouldHelp } from './spaces.ts';

const space = (name: string, more: Partial<Compartment> = {}): Compartment => ({
  ...({ ...defaultsOf('compartment'), id: name, unitId: 'u', name } as Compartment),
  ...more,
});
const units = new Map([['u', { name: 'Bay bookcase' }]]);
const box = { outWidth: 300, outDepth: 300, outHeight: 300, soft: false, handle: true, form: 'box' as const };
const like = { width: 350, depth: 350, height: 330, access: 'front' as const, maxLoad: 10_000 };

test('every compartment that takes it and bears it counts', () => {
  const shelves = [
    space('1', like),
    space('2', like),
    space('3', { ...like, maxLoad: 2000 }),
    space('4', { ...like, height: 310 }),
  ];
  expect(placesFor(box, 1000, shelves)).toBe(3);
  expect(placesFor(box, 5000, shelves)).toBe(2);
  expect(placesFor(box, 1000, [])).toBe(0);
});
test('a box hangs on no hook, a bag does; what is wider than the opening does not go in', () => {
  const hook = [space('hook', { ...like, hangs: true })];
  expect(placesFor(box, 1000, hook)).toBe(0);
  expect(placesFor({ ...box, soft: true }, 1000, hook)).toBe(1);
  expect(placesFor({ ...box, form: 'round' }, 1000, hook)).toBe(1);
  expect(placesFor(box, 1000, [space('behind hinges', { ...like, opening: 290 })])).toBe(0);
  expect(placesFor(box, 1000, [space('behind hinges', { ...like, opening: 300 })])).toBe(1);
});

test.each([
  [
    'too low',
    [space('shelf 2', { ...like, height: 250 })],
    1000,
    'shelf 2 of Bay bookcase would take it, were its board 70 mm higher',
  ],
  [
    'the least change',
    [space('a', { ...like, height: 250 }), space('b', { ...like, height: 300 })],
    1000,
    'b of Bay bookcase would take it, were its board 20 mm higher',
  ],
  [
    'too weak',
    [space('a', { ...like, maxLoad: 4000 })],
    6000,
    'it weighs 6.0 kg, and a of Bay bookcase bears 4.0 kg: less in each, or a stronger shelf',
  ],
  [
    'too narrow',
    [space('a', { ...like, width: 200 })],
    1000,
    'a shelf at least 300 × 300 mm and 320 mm high would take it, or another container',
  ],
] as const)('%s: what would help', (_, spaces, mass, words) =>
  expect(whatWouldHelp(box, mass, spaces, units)).toBe(words),
);
