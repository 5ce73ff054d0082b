/** Placement problems from a seed: rooms along a corridor with furniture of common kinds, bins with users, groups and rules. */
import type { PlaceBin, PlaceCompartment, PlacePerson, PlaceProblem } from '@stube/core/place/problem';
import { greedyPlace } from './baselines.ts';
import { Random } from '@stube/core/random';

/** Bins, compartments, rooms, zones, adults and children. */
export const SIZES = {
  small: [12, 10, 1, 4, 2, 2],
  home: [40, 30, 3, 10, 3, 3],
  class: [120, 80, 3, 9, 3, 20],
  centre: [500, 300, 14, 31, 14, 80],
  campus: [2000, 1200, 45, 108, 50, 260],
} as const;
export type PlaceSize = keyof typeof SIZES;

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
      ? Math.hypot(a.x - b.x, a.y - b.y)
      : toDoor(a) + toDoor(b) + DOORS_APART * Math.abs(a.room - b.room);
  return Math.round(Math.max(1, metres) * 10) / 10;
}

type Kind = (random: Random) => {
  floors: number[];
  columns: number;
  space: Partial<PlaceCompartment> & Pick<PlaceCompartment, 'width' | 'depth' | 'height' | 'maxLoad'>;
};

const pick = <T>(random: Random, list: readonly T[]): T => list[random.below(list.length)]!;
const chance = (random: Random, share: number): boolean => random.next() < share;
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

const BIN_SIZES = [
  [150, 200, 110],
  [200, 300, 150],
  [270, 350, 180],
  [320, 360, 300],
  [130, 260, 180],
  [235, 300, 230],
  [400, 300, 180],
  [95, 255, 110],
  [185, 300, 150],
  [280, 200, 140],
] as const;

/** How many use a bin, as often as they stand here. */
const USERS = [0, ...Array<number>(11).fill(1), ...Array<number>(11).fill(2), 3, 3, 3, 4, 4, 5];

export function placeProblem(size: PlaceSize, seed: number, timeMs: number): PlaceProblem {
  const [wanted, spaces, rooms, places, adults, children] = SIZES[size];
  const random = new Random(seed * 6151 + wanted);
  const people = Array.from({ length: adults + children }, (_, i): PlacePerson =>
    i < adults
      ? { id: `p${i}`, kind: 'adult', stature: 1550 + random.below(320) }
      : { id: `p${i}`, kind: 'child', stature: 980 + random.below(420) },
  );
  const zones = Array.from({ length: places }, (_, i) => ({ id: `z${i}`, spot: spotIn(random.below(rooms), random) }));
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
  let group = 0;
  const bins: PlaceBin[] = [];
  while (bins.length < wanted) {
    const together = chance(random, 0.15) ? 2 + Math.floor(4.6 * random.next() ** 1.4) : 1;
    const zone = pick(random, zones).id;
    for (let i = 0; i < together && bins.length < wanted; i++) {
      const [w, d, h] = pick(random, BIN_SIZES);
      const users = pick(random, USERS);
      const child = chance(random, 0.35);
      const hazard = !child && chance(random, 0.15);
      const uses = Array.from({ length: users }, () => ({
        person: pick(
          random,
          people.filter((one) => one.kind === 'adult' || (child && !hazard)),
        ).id,
        perWeek: pick(random, [0.15, 0.25, 0.4, 0.6, 0.8, 1, 1.5, 2, 2.5, 3, 4, 6, 7, 14]),
      }));
      bins.push({
        id: `b${bins.length}`,
        width: w + 5 * random.below(4),
        depth: d,
        height: h,
        mass: 500 + random.below(Math.round((w * d * h) / 3000)),
        lid: chance(random, 0.33),
        zone: chance(random, 0.72) ? zone : pick(random, zones).id,
        uses,
        group: together > 1 ? `g${group}` : null,
        hazard,
        childReach: child,
        lightSensitive: chance(random, 0.09),
        view: chance(random, 0.06) ? 'show' : chance(random, 0.09) ? 'hide' : null,
      });
    }
    group++;
  }
  const problem: PlaceProblem = {
    format: 'stube-place/1',
    people,
    zones: zones.map(({ id }) => ({ id })),
    compartments,
    bins,
    growth: pick(random, [0.05, 0.1, 0.15]),
    timeMs,
  };
  ease(problem);
  // In every other problem a few fit nowhere, whatever else is done.
  if (seed % 2 === 0) for (const bin of bins.slice(0, Math.ceil(wanted / 250))) bin.height = 900;
  return problem;
}

/** Takes demands from the bins that a plain greedy leaves out, until it finds a place for all: rooms hold what is in them. */
function ease(problem: PlaceProblem): void {
  for (let tries = 0; tries < 30; tries++) {
    const left = greedyPlace(problem).unplaced;
    if (!left.length) return;
    for (const b of left) {
      const bin = problem.bins[b]!;
      Object.assign(bin, { hazard: false, view: null, lightSensitive: false, mass: Math.min(bin.mass, 4000) });
      if (tries > 2) Object.assign(bin, { width: 80, depth: 200, height: 110 });
      if (tries > 5) bin.uses = bin.uses.slice(0, 1);
    }
  }
}
