/** Placement problems from a seed: rooms along a corridor with furniture of common kinds, bins with users, groups and rules. */
import {
  FRONT_CLEARANCE,
  type PlaceBin,
  type PlaceCompartment,
  type PlacePerson,
  type PlaceProblem,
} from '@stube/core/placement/problem';
import { brokenRules, usableWidth } from '@stube/core/placement/rules';
import { Random } from '@stube/core/engine/random';

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

/** Outside sizes of bins, mm: any width with any depth and height. */
const WIDTHS = [80, 100, 130, 150, 150, 190, 200, 200, 235, 265, 280, 330, 400];
const DEPTHS = [150, 200, 200, 200, 260, 280, 300, 300, 350, 380, 440];
const HEIGHTS = [60, 110, 140, 150, 150, 180, 180, 210, 230, 230, 230, 280, 300, 350];
const PER_WEEK = [0.15, 0.25, 0.4, 0.6, 0.8, 1, 1, 1.5, 1.5, 2, 2, 2.5, 3, 4, 5, 7, 9, 14];

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
  const problem: PlaceProblem = {
    format: 'stube-place/1',
    people,
    zones: zones.map(({ id }) => ({ id })),
    compartments,
    bins: [],
    growth: pick(random, [0.05, 0.1, 0.15]),
    timeMs,
  };
  /** What happens in a room; all rooms have as much to hold, though not as many zones. */
  const zoneOf = () => {
    const room = random.below(rooms);
    return pick(
      random,
      zones.filter(({ spot }) => spot.room === room),
    ).id;
  };
  const room = roomFor(problem, random);
  for (let group = 0; problem.bins.length < wanted; group++) {
    const together = chance(random, 0.14) ? 2 + Math.floor(5 * random.next() ** 1.4) : 1;
    const zone = zoneOf();
    for (let i = 0; i < together && problem.bins.length < wanted; i++) {
      const bin = binFor(people, random, `b${problem.bins.length}`, chance(random, 0.78) ? zone : zoneOf());
      problem.bins.push(room({ ...bin, group: together > 1 ? `g${group}` : null }));
    }
  }
  // In every other problem a few fit nowhere, whatever else is done.
  if (seed % 2 === 0) for (const bin of problem.bins.slice(0, Math.ceil(wanted / 250))) bin.height = 900;
  return problem;
}

function binFor(people: readonly PlacePerson[], random: Random, id: string, zone: string): PlaceBin {
  const [width, depth, height] = [pick(random, WIDTHS), pick(random, DEPTHS), pick(random, HEIGHTS)];
  const child = chance(random, 0.35);
  const hazard = !child && chance(random, 0.15);
  const users = people.filter((person) => person.kind === 'adult' || child);
  return {
    id,
    width,
    depth,
    height,
    mass: 300 + Math.round((width * depth * height * (60 + random.below(340))) / 1e6),
    lid: chance(random, 0.3),
    zone,
    uses: Array.from({ length: pick(random, USERS) }, () => ({
      person: pick(random, users).id,
      perWeek: pick(random, PER_WEEK),
    })),
    group: null,
    hazard,
    childReach: child,
    lightSensitive: chance(random, 0.1),
    view: chance(random, 0.06) ? 'show' : chance(random, 0.09) ? 'hide' : null,
  };
}

/**
 * Finds room for one bin after another, and takes from it what does not fit there: so all of them have a place together,
 * though nobody who begins anew need find it.
 */
function roomFor({ people, compartments, growth }: PlaceProblem, random: Random): (bin: PlaceBin) => PlaceBin {
  const byId = new Map(people.map((person) => [person.id, person]));
  const left = compartments.map(({ width, maxLoad }) => ({ width: usableWidth(width, growth), maxLoad }));
  const narrowest = Math.min(...WIDTHS);
  return (wanted) => {
    let bin = wanted;
    for (let tries = 0; tries < 400; tries++) {
      const c = random.below(compartments.length);
      const at = compartments[c]!;
      if (left[c]!.width < narrowest) continue;
      // First whatever fits as it is; then it is made smaller, in the end it asks for less.
      const tried = {
        ...wanted,
        ...(tries > 60 && {
          width: Math.min(bin.width, left[c]!.width),
          depth: Math.min(bin.depth, at.depth),
          height: Math.min(bin.height, at.height - (at.access === 'top' ? 0 : FRONT_CLEARANCE)),
          mass: Math.min(bin.mass, left[c]!.maxLoad),
        }),
        ...(tries > 150 && { hazard: false, view: null, lightSensitive: false, uses: wanted.uses.slice(0, 1) }),
      };
      if (tried.width > left[c]!.width || tried.mass > left[c]!.maxLoad) continue;
      if (brokenRules(tried, at, byId, growth).length) continue;
      left[c]!.width -= tried.width;
      left[c]!.maxLoad -= tried.mass;
      bin = tried;
      break;
    }
    return bin;
  };
}
