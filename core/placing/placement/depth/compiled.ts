/** A problem in depth as flat arrays: what the search looks at millions of times. */
import { notAbove, notBeneath, notBeside } from '../../../ground/hazards/natures.ts';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { byId, indexById } from '../../../ground/model/by-id.ts';
import {
  accessSeconds,
  adultReach,
  BANDS,
  childReach,
  climbingReach,
  WALK_SECONDS,
} from '../../../ground/body/effort.ts';
import {
  clearHeight,
  HEAVY_MASS,
  UNPLACED,
  type RoomCompartment,
  type PlacePerson,
} from '../../../ground/problems/place-problem.ts';
import { usableWidth } from '../../../ground/body/rules.ts';
import { Bodies } from './bodies.ts';
import { MOVE_SECONDS, type DepthBin, type DepthProblem } from './problem.ts';

/** Grip heights are hundredths of a millimetre. Beyond this nobody reaches. */
const NO_LIMIT = 1e12;

export interface CompiledDepth {
  problem: DepthProblem;
  bins: number;
  spaces: number;
  /** By bin, mm and grams. */
  width: Int32Array;
  depth: Int32Array;
  height: Int32Array;
  mass: Int32Array;
  turnable: Uint8Array;
  stackable: Uint8Array;
  bodies: Bodies;
  /** Seconds a week for each bin that has to be moved first. */
  moving: Float64Array;
  /** Seconds a week for each bin without a place. */
  leftOut: Float64Array;
  /** A child uses it: nothing stands on it or in front of it. */
  ofChild: Uint8Array;
  /** Highest grip allowed, and lowest in what is not locked; hundredths of mm. */
  highest: Float64Array;
  lowest: Float64Array;
  /** Group number, -1 without. */
  group: Int32Array;
  groups: number;
  /** Family number, -1 without; seconds a week for every unit beyond a family's first. */
  family: Int32Array;
  families: number;
  familySpread: number;
  /** Seconds a week for every compartment beyond a group's first. */
  sideBySide: number;
  /** By bin: the number of its kind of container, -1 without; by unit: seconds a week for every kind beyond its first. */
  kind: Int32Array;
  kinds: number;
  kindSeconds: Float64Array;
  /** By space: room inside, mm; load, grams; bottom above the floor. */
  roomWidth: Int32Array;
  roomDepth: Int32Array;
  roomHeight: Int32Array;
  maxLoad: Float64Array;
  floor: Int32Array;
  top: Uint8Array;
  locked: Uint8Array;
  /** Things hang there, one beside the other: nothing on them or behind them. */
  hangs: Uint8Array;
  /** By bin: its natures, and those beside, above and beneath which it must not stand, as bits. */
  nature: Uint8Array;
  notBeside: Uint8Array;
  notAbove: Uint8Array;
  notBeneath: Uint8Array;
  /** By space: those into which it could drip, and those from which something could drip into it. */
  under: Int32Array[];
  above: Int32Array[];
  unit: Int32Array;
  units: number;
  /** bins × spaces: walking and opening, seconds a week; Infinity where its rules or its size keep it out whatever the height. */
  base: Float64Array;
  /** bins × spaces: never more than what it costs there at any height; Infinity as above. */
  least: Float32Array;
  /** By bin: spaces that take it, the cheapest first. */
  order: Int32Array[];
  /** Reckons a bin's rows of base, least and order, where that was put off. */
  ready(bin: number): void;
}

export const gripAt = (place: CompiledDepth, bin: number, space: number, z: number): number =>
  place.top[space]
    ? 2 * (place.floor[space]! + z + place.height[bin]!) * 50
    : (2 * (place.floor[space]! + z) + place.height[bin]!) * 50;

/** Whether the rules of a bin allow that grip height in a space. */
export const reaches = (
  { highest, lowest, locked }: CompiledDepth,
  bin: number,
  space: number,
  grip: number,
): boolean => grip <= highest[bin]! && (locked[space] === 1 || grip >= lowest[bin]!);

/** The least that bending and reaching costs at any height from z up that its rules allow, seconds a week; Infinity where there is none. */
export function leastBody(place: CompiledDepth, bin: number, space: number, z: number): number {
  const from = Math.max(gripAt(place, bin, space, z), place.locked[space] ? -NO_LIMIT : place.lowest[bin]!);
  const top = place.roomHeight[space]! - place.height[bin]!;
  return place.bodies.leastWeek(bin, from, Math.min(gripAt(place, bin, space, top), place.highest[bin]!));
}

/** By bin: seconds a week in its own cheapest place, as if it had the room for itself. */
export const cheapestOf = (place: CompiledDepth): Float64Array =>
  Float64Array.from(place.order, ([first], bin) =>
    first === undefined ? place.leftOut[bin]! : place.least[bin * place.spaces + first]!,
  );

/** What about a space some bins must not meet, and what about a bin minds it, as bits: the same on both sides. */
const OUT = { sun: 1, seen: 2, covered: 4, hangs: 8, locked: 16 };
function keepsOut({ door, drawer, lifts, sunlit, onView, hangs, locked }: RoomCompartment): number {
  const covered = door || drawer || !!lifts;
  return (
    (sunlit && !covered ? OUT.sun : 0) |
    (onView && !covered ? OUT.seen : 0) |
    (covered ? OUT.covered : 0) |
    (hangs ? OUT.hangs : 0) |
    (locked ? OUT.locked : 0)
  );
}
const mindsOf = ({ lightSensitive, view, canHang }: DepthBin, ofChild: boolean): number =>
  (lightSensitive ? OUT.sun : 0) |
  (view === 'hide' ? OUT.seen : 0) |
  (view === 'show' ? OUT.covered : 0) |
  (canHang ? 0 : OUT.hangs) |
  (ofChild ? OUT.locked : 0);

/** More than there are spaces: a key and the number of its space are sorted as one number. */
const SPACES = 2 ** 15;

/** Gives way every so many bins. */
const YIELD_BINS = 40;

/**
 * @param homes bin id to compartment id: what stands somewhere has its price there, whatever rule it breaks
 * @param later rows are reckoned when they are asked for by `ready`: for looking at a room, not for a search
 */
export function* compileDepth(
  problem: DepthProblem,
  homes: ReadonlyMap<string, string> = new Map(),
  later = false,
): Generator<void, CompiledDepth> {
  const [n, m] = [problem.bins.length, problem.compartments.length];
  const people = byId(problem.people);
  const groupNumbers = new Map<string, number>();
  const familyNumbers = new Map<string, number>();
  const kindNumbers = new Map<string, number>();
  const unitNumbers = new Map<string, number>();
  const numberIn = (numbers: Map<string, number>, key: string): number => {
    const known = numbers.get(key);
    if (known !== undefined) return known;
    numbers.set(key, numbers.size);
    return numbers.size - 1;
  };
  const ints = (of: (i: number) => number, length: number) => Int32Array.from({ length }, (_, i) => of(i));
  const bin = problem.bins;
  const at = problem.compartments;
  const spaceAt = indexById(at);
  const usersOf = bin.map((one) => one.uses.map(({ person }) => people.get(person)!));
  const shortest = (list: readonly PlacePerson[]) => Math.min(...list.map(({ stature }) => stature), Infinity);
  const children = problem.people.filter(({ kind }) => kind === 'child');
  const tallestChild = Math.max(0, ...children.map(({ stature }) => stature));
  const place: CompiledDepth = {
    problem,
    bins: n,
    spaces: m,
    width: ints((i) => bin[i]!.width, n),
    depth: ints((i) => bin[i]!.depth, n),
    height: ints((i) => bin[i]!.height, n),
    mass: ints((i) => bin[i]!.mass, n),
    turnable: Uint8Array.from(bin, (one) => Number(one.turnable && one.width !== one.depth)),
    stackable: Uint8Array.from(bin, (one) => Number(one.stackable)),
    bodies: new Bodies(problem),
    moving: Float64Array.from(bin, (one) => 2 * MOVE_SECONDS * one.uses.reduce((sum, use) => sum + use.perWeek, 0)),
    leftOut: Float64Array.from(bin, ({ leftOut = UNPLACED }) => leftOut),
    ofChild: Uint8Array.from(usersOf, (users) => Number(users.some(({ kind }) => kind === 'child'))),
    highest: Float64Array.from(bin, (one, i) => {
      const adults = usersOf[i]!.filter(({ kind }) => kind === 'adult');
      const young = usersOf[i]!.filter(({ kind }) => kind === 'child');
      const reach = Math.min(
        adults.length ? adultReach(shortest(adults)) : NO_LIMIT,
        young.length ? childReach(shortest(young)) : NO_LIMIT,
      );
      const kept = Math.min(reach, (one.highest ?? NO_LIMIT) * 100);
      return one.mass > HEAVY_MASS && adults.length ? Math.min(kept, BANDS.shoulder * shortest(adults)) : kept;
    }),
    // Out of the reach of the tallest child, where it is not locked.
    lowest: Float64Array.from(bin, (one) =>
      one.hazard && children.length ? climbingReach(tallestChild) + 1 : -NO_LIMIT,
    ),
    group: ints((i) => (bin[i]!.group === null ? -1 : numberIn(groupNumbers, bin[i]!.group!)), n),
    groups: 0,
    family: ints((i) => (bin[i]!.family ? numberIn(familyNumbers, bin[i]!.family) : -1), n),
    families: 0,
    familySpread: problem.familySpread ?? 0,
    sideBySide: problem.sideBySide ?? 0,
    kind: ints((i) => (bin[i]!.kind ? numberIn(kindNumbers, bin[i]!.kind) : -1), n),
    kinds: 0,
    kindSeconds: new Float64Array(),
    roomWidth: ints((c) => usableWidth(at[c]!.width, problem.growth), m),
    roomDepth: ints((c) => at[c]!.depth, m),
    roomHeight: ints((c) => clearHeight(at[c]!), m),
    maxLoad: Float64Array.from(at, ({ maxLoad }) => maxLoad),
    floor: ints((c) => at[c]!.floor, m),
    top: Uint8Array.from(at, ({ access }) => Number(access === 'top')),
    locked: Uint8Array.from(at, ({ locked }) => Number(locked)),
    hangs: Uint8Array.from(at, ({ hangs }) => Number(!!hangs)),
    nature: Uint8Array.from(bin, ({ nature = 0 }) => nature),
    notBeside: Uint8Array.from(bin, ({ nature = 0 }) => notBeside(nature)),
    notAbove: Uint8Array.from(bin, ({ nature = 0 }) => notAbove(nature)),
    notBeneath: Uint8Array.from(bin, ({ nature = 0 }) => notBeneath(nature)),
    under: at.map(({ over = [] }) => Int32Array.from(over, (id) => spaceAt.get(id)!)),
    above: at.map(() => new Int32Array()),
    unit: ints((c) => numberIn(unitNumbers, at[c]!.unit), m),
    units: 0,
    base: new Float64Array(n * m).fill(Infinity),
    least: new Float32Array(n * m).fill(Infinity),
    order: [],
    ready: () => {},
  };
  const above: number[][] = at.map(() => []);
  place.under.forEach((lower, c) => lower.forEach((space) => above[space]!.push(c)));
  place.above = above.map((upper) => Int32Array.from(upper));
  place.groups = groupNumbers.size;
  place.families = familyNumbers.size;
  place.kinds = kindNumbers.size;
  place.units = unitNumbers.size;
  place.kindSeconds = Float64Array.from(unitNumbers.keys(), (id) => problem.calm?.[id] ?? 0);
  // What walking from a zone costs, each space in turn.
  const walking = new Map(
    problem.zones.map(({ id }) => [id, Float64Array.from(at, ({ walk }) => (walk[id] ?? 0) * WALK_SECONDS)]),
  );
  const nowhere = new Float64Array(m);
  // Without a lid, and with one.
  const opening = [false, true].map((lid) => Float64Array.from(at, (space) => accessSeconds({ lid }, space)));
  const closed = Uint8Array.from(at, (space) => keepsOut(space));
  const priceAt = (b: number, c: number): number =>
    (place.moving[b]! / MOVE_SECONDS) *
      ((walking.get(bin[b]!.zone) ?? nowhere)[c]! + opening[Number(bin[b]!.lid)]![c]!) +
    (bin[b]!.dearer?.[at[c]!.id] ?? 0);
  bin.forEach(({ id }, b) => {
    const home = spaceAt.get(homes.get(id) ?? '');
    if (home !== undefined) place.base[b * m + home] = priceAt(b, home);
  });
  const leastBits = new Uint32Array(place.least.buffer);
  const keys = new Float64Array(m);
  const compileBin = (b: number): void => {
    const { width, depth, height, mass, turnable } = bin[b]!;
    const minds = mindsOf(bin[b]!, place.ofChild[b] === 1);
    const row = b * m;
    let own = 0;
    for (let c = 0; c < m; c++) {
      if (closed[c]! & minds || height > place.roomHeight[c]! || mass > place.maxLoad[c]!) continue;
      const w = place.roomWidth[c]!;
      const d = place.roomDepth[c]!;
      if (!((width <= w && depth <= d) || (turnable && depth <= w && width <= d))) continue;
      const body = leastBody(place, b, c, 0);
      if (body === Infinity) continue;
      const base = priceAt(b, c);
      if (base === Infinity) continue;
      place.base[row + c] = base;
      // Rounded down, so that it never says more than there is.
      place.least[row + c] = Math.fround((base + body) * (1 - 1e-6));
      // The bits of what is not negative sort as the number does; equal ones by their space.
      if (base + body < place.leftOut[b]!) keys[own++] = leastBits[row + c]! * SPACES + c;
    }
    place.order[b] = Int32Array.from(keys.subarray(0, own).sort(), (key) => key % SPACES);
  };
  if (later) {
    place.ready = (b) => {
      if (!place.order[b]) compileBin(b);
    };
    return place;
  }
  for (let b = 0; b < n; b++) {
    compileBin(b);
    if (b % YIELD_BINS === YIELD_BINS - 1) yield;
  }
  return place;
}

/** Every bin in its own cheapest place, as if it had the room for itself: what plans in depth are compared with. */
export function cheapestSum(problem: DepthProblem): number {
  return cheapestOf(runToEnd(compileDepth(problem))).reduce((sum, seconds) => sum + seconds, 0);
}
