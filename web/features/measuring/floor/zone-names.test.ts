import fc from 'fast-check';
import { expect, test } from 'vitest';
import { zoneNames } from './zone-names.ts';

const room = { width: 5000, depth: 4000 };
const zone = (id: string, name: string, x: number, y: number) => ({ id, name, x, y });

test('a name is written above the middle, and where something stands there, where it can be read', () => {
  const free = zoneNames([zone('z', 'Reading', 2500, 2000)], [], room, 200).get('z')!;
  expect(free).toEqual({ x: 2500, y: 2180 });
  const bench = { left: 1800, right: 3200, front: 2050, back: 2500 };
  const beside = zoneNames([zone('z', 'Reading', 2500, 2000)], [bench], room, 200).get('z')!;
  expect(beside.y).toBeLessThan(bench.front);
});
test('two zones with one middle have names that do not lie on one another', () => {
  const at = zoneNames(
    [zone('a', 'Middle of everything', 2500, 2000), zone('b', 'Game table', 2500, 2000)],
    [],
    room,
    150,
  );
  expect(Math.abs(at.get('a')!.y - at.get('b')!.y)).toBeGreaterThan(150);
});
test('a name never leaves the room as long as it is no longer than it is wide', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 5000 }), fc.integer({ min: 0, max: 4000 }), (x, y) => {
      const at = zoneNames([zone('z', 'Costume corner', x, y)], [], room, 150).get('z')!;
      expect(at.x).toBeGreaterThanOrEqual(580);
      expect(at.x).toBeLessThanOrEqual(4420);
      expect(at.y).toBeGreaterThan(100);
      expect(at.y).toBeLessThan(3900);
    }),
  );
});
