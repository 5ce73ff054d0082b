/** Rooms from a seed: along a corridor, with furniture of common kinds and the people who use it; nothing stands there yet. */
import type { PlaceCompartment, PlacePerson, PlaceProblem } from '@stube/core/problems';
import { Random } from '@stube/core/engine';

/** What the seed is drawn with, compartments, rooms, zones, adults and children. */
export const SIZES = {
  small: [12, 10, 1, 4, 2, 2],
  home: [40, 30, 3, 10, 3, 3],
  class: [120, 80, 3, 9, 3, 20],
  centre: [500, 300, 14, 31, 14, 80],
} as const;
export type RoomSize = keyof typeof SIZES;

/** A place in a room that is 7 m wide and 5 m deep, its door in the middle of the corridor's side. */
interface Spot {
  room: number;
  x: number;
  y: number;
}
const ROOM = { width: 7, depth: 5 };
/** Rooms lie on both sides of the corridor: from one door to the next, m. */
const DOORS_APART = 3.75;
const spotIn = (room: number, random: Random): Spot => ({
  room,
  x: random.next() * ROOM.width,
  y: random.next() * ROOM.depth,
});
const toDoor = ({ x, y }: Spot): number => Math.abs(x - ROOM.width / 2) + y;
/** Metres to walk, never less than one. */
function walking(a: Spot, b: Spot): number {
  const metres =
    a.room === b.room
      ? Math.abs(a.x - b.x) + Math.abs(a.y - b.y)
      : toDoor(a) + toDoor(b) + DOORS_APART * Math.abs(a.room - b.room);
  return Math.round(Math.max(1, metres) * 10) / 10;
}

type Kind = (random: Random) => {
  floors: number[];
  columns: number;
  space: Partial<PlaceCompartment> & Pick<PlaceCompartment, 'width' | 'depth' | 'height' | 'maxLoad'>;
};

export const pick = <T>(random: Random, list: readonly T[]): T => list[random.below(list.length)]!;
export const chance = (random: Random, share: number): boolean => random.next() < share;
const steps = (first: number, by: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => first + i * by);

/** Cubes, bookcases, cabinets behind doors, low shelves, drawers, a board high on the wall. */
const KINDS: Kind[] = [
  (random) => ({
    floors: steps(50, 345, 2 + random.below(3)),
    columns: 1 + random.below(4),
    space: { width: 335, depth: 380, height: 335, maxLoad: 13000 },
  }),
  (random) => ({
    floors: steps(80, 345, 4 + random.below(3)),
    columns: 1,
    space: { width: pick(random, [600, 800]), depth: 290, height: 325, maxLoad: 25000 },
  }),
  (random) => ({
    floors: steps(90, 400, 4 + random.below(2)),
    columns: 1,
    space: {
      width: 800,
      depth: pick(random, [400, 560]),
      height: 380,
      maxLoad: 30000,
      door: true,
      locked: chance(random, 0.5),
      onView: false,
    },
  }),
  () => ({ floors: steps(60, 350, 2), columns: 1, space: { width: 1000, depth: 360, height: 330, maxLoad: 30000 } }),
  (random) => ({
    floors: steps(90, 165, 3 + random.below(3)),
    columns: 1,
    space: { width: pick(random, [500, 600]), depth: 450, height: 140, maxLoad: 15000, access: 'top', drawer: true },
  }),
  (random) => ({
    floors: [2010],
    columns: 2,
    space: { width: pick(random, [900, 1200]), depth: 320, height: 400, maxLoad: 20000 },
  }),
];

export function emptyRoom(size: RoomSize, seed: number, timeMs: number): PlaceProblem {
  const [wanted, spaces, rooms, places, adults, children] = SIZES[size];
  const random = new Random(seed * 6151 + wanted);
  const people = Array.from({ length: adults + children }, (_, i): PlacePerson =>
    i < adults
      ? { id: `p${i}`, kind: 'adult', stature: 1550 + random.below(320) }
      : { id: `p${i}`, kind: 'child', stature: 980 + random.below(420) },
  );
  const zones = Array.from({ length: places }, (_, i) => ({
    id: `z${i}`,
    spot: spotIn(i < rooms ? i : random.below(rooms), random),
  }));
  const compartments: PlaceCompartment[] = [];
  for (let unit = 0; compartments.length < spaces; unit++) {
    // Most compartments are cubes.
    const { floors, columns, space } = (chance(random, 0.25) ? KINDS[0]! : pick(random, KINDS))(random);
    const at = spotIn(unit % rooms, random);
    const walk = Object.fromEntries(zones.map((zone) => [zone.id, walking(zone.spot, at)]));
    const [sunlit, onView] = [chance(random, 0.25), chance(random, 0.6)];
    for (const floor of floors)
      for (let column = 0; column < columns && compartments.length < spaces; column++)
        compartments.push({
          id: `c${compartments.length}`,
          unit: `u${unit}`,
          floor,
          access: 'front',
          door: false,
          drawer: false,
          locked: false,
          sunlit,
          onView,
          walk,
          ...space,
        });
  }
  return {
    people,
    zones: zones.map(({ id }) => ({ id })),
    compartments,
    bins: [],
    growth: pick(random, [0.05, 0.1, 0.15]),
    timeMs,
  };
}
