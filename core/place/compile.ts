/** The placement problem as flat arrays, for search and bounds: what each bin costs in each compartment, and where it may not be. */
import {
  BANDS,
  DOOR_SECONDS,
  DRAWER_SECONDS,
  LID_SECONDS,
  WALK_SECONDS,
  bodySeconds,
  effortOf,
  gripHundredths,
} from './effort.ts';
import {
  FRONT_CLEARANCE,
  GROUP_SPLIT,
  HEAVY_MASS,
  UNPLACED,
  type PlaceBin,
  type PlaceCompartment,
  type PlacePerson,
  type PlaceProblem,
} from './problem.ts';
import { usableWidth } from './rules.ts';

export interface CompiledPlace {
  problem: PlaceProblem;
  bins: number;
  compartments: number;
  units: number;
  groups: number;
  unitOf: Int32Array;
  /** Group of each bin, −1 for none. */
  groupOf: Int32Array;
  width: Int32Array;
  mass: Int32Array;
  roomWidth: Int32Array;
  roomLoad: Float64Array;
  /** Seconds a week, bins × compartments row by row; Infinity where a rule forbids it. */
  cost: Float64Array;
  /** The cheapest allowed compartments of each bin, cheapest first; at most {@link NEAREST}. */
  choices: Int32Array[];
  /** Compartment of each pinned bin, −1 for free ones. */
  pinned: Int32Array;
}

/** Compartments of one bin that the search tries of itself; the others are looked at when these are full. */
export const NEAREST = 64;

const FORBIDDEN = Infinity;

/**
 * What depends on how high and which way a bin is reached, the same for all compartments of one height: Σ perWeek ×
 * seconds of body motion for one motion, or infinite when somebody cannot reach it or it is too heavy there.
 */
function bodyAt(bin: PlaceBin, users: readonly PlacePerson[], grip: number): number {
  let body = 0;
  let shortestAdult = Infinity;
  for (let u = 0; u < users.length; u++) {
    const person = users[u]!;
    if (person.kind === 'adult') shortestAdult = Math.min(shortestAdult, person.stature);
    const limit = person.kind === 'adult' ? BANDS.overhead * person.stature + 50000 : BANDS.childReach * person.stature;
    if (grip > limit) return FORBIDDEN;
    body += bin.uses[u]!.perWeek * bodySeconds(person, grip);
  }
  return bin.mass > HEAVY_MASS && grip > BANDS.shoulder * shortestAdult ? FORBIDDEN : body;
}

/** @param pins bin id to compartment id: bins that stay; a pin that breaks a rule stays all the same, it was set by hand. */
export function compilePlace(problem: PlaceProblem, pins: ReadonlyMap<string, string> = new Map()): CompiledPlace {
  const people = new Map(problem.people.map((person) => [person.id, person]));
  const children = problem.people.filter((person) => person.kind === 'child');
  const nB = problem.bins.length;
  const nC = problem.compartments.length;
  const index = <T>(values: T[]): Map<T, number> => new Map([...new Set(values)].map((value, i) => [value, i]));
  const units = index(problem.compartments.map((c) => c.unit));
  const groups = index(problem.bins.map((b) => b.group).filter((g): g is string => g !== null));
  const at = new Map(problem.compartments.map((c, i) => [c.id, i]));
  // Compartments of one height and access are reached alike.
  const levelKeys = index(problem.compartments.map((c) => `${c.floor} ${c.access}`));
  const level = Int32Array.from(problem.compartments, (c) => levelKeys.get(`${c.floor} ${c.access}`)!);
  const levelAt: PlaceCompartment[] = [];
  problem.compartments.forEach((c, i) => (levelAt[level[i]!] ??= c));
  const roomWidth = Int32Array.from(problem.compartments, (c) => usableWidth(c.width, problem.growth));
  const roomLoad = Float64Array.from(problem.compartments, (c) => c.maxLoad);
  const depth = Int32Array.from(problem.compartments, (c) => c.depth);
  const clear = Int32Array.from(problem.compartments, (c) =>
    c.access === 'top' ? c.height : c.height - FRONT_CLEARANCE,
  );
  const opening = Float64Array.from(
    problem.compartments,
    (c) => (c.door ? DOOR_SECONDS : 0) + (c.drawer ? DRAWER_SECONDS : 0),
  );
  const covered = Uint8Array.from(problem.compartments, (c) => (c.door || c.drawer ? 1 : 0));
  const flag = (key: 'locked' | 'sunlit' | 'onView') => Uint8Array.from(problem.compartments, (c) => (c[key] ? 1 : 0));
  const [locked, sunlit, onView] = [flag('locked'), flag('sunlit'), flag('onView')];
  const walks = new Map(
    problem.zones.map((zone) => [
      zone.id,
      Float64Array.from(problem.compartments, (c) => (c.walk[zone.id] ?? 0) * WALK_SECONDS),
    ]),
  );
  const nowhere = new Float64Array(nC);
  const cost = new Float64Array(nB * nC).fill(Infinity);
  const pinned = new Int32Array(nB).fill(-1);
  const choices: Int32Array[] = [];
  const body = new Float64Array(levelKeys.size);
  const grip = new Float64Array(levelKeys.size);
  /** A hazard is out of reach of every child when it is out of reach of the tallest. */
  const tallestChild = children.reduce((most, child) => Math.max(most, child.stature), 0);

  problem.bins.forEach((bin, b) => {
    const pin = at.get(pins.get(bin.id) ?? '');
    if (pin !== undefined) {
      pinned[b] = pin;
      cost[b * nC + pin] = effortOf(bin, problem.compartments[pin]!, people).total;
      choices.push(Int32Array.of(pin));
      return;
    }
    const users = bin.uses.map((use) => people.get(use.person)!);
    body.fill(-1);
    const perWeek = bin.uses.reduce((sum, use) => sum + use.perWeek, 0);
    const byChild = users.some((person) => person.kind === 'child');
    const walk = walks.get(bin.zone) ?? nowhere;
    const lid = bin.lid ? LID_SECONDS : 0;
    const { width: wide, depth: deep, height: high, mass: heavy, hazard, view, lightSensitive } = bin;
    const allowed: number[] = [];
    for (let c = 0; c < nC; c++) {
      if (wide > roomWidth[c]! || deep > depth[c]! || high > clear[c]! || heavy > roomLoad[c]!) continue;
      const l = level[c]!;
      if (body[l]! < 0) {
        grip[l] = gripHundredths(bin.height, levelAt[l]!);
        body[l] = bodyAt(bin, users, grip[l]!);
      }
      if (body[l] === FORBIDDEN) continue;
      if (locked[c] ? byChild : hazard && children.length > 0 && grip[l]! <= BANDS.childReach * tallestChild + 30000)
        continue;
      if (covered[c] ? view === 'show' : (lightSensitive && sunlit[c]) || (view === 'hide' && onView[c])) continue;
      cost[b * nC + c] = 2 * (perWeek * (walk[c]! + opening[c]! + lid) + body[l]!);
      allowed.push(c);
    }
    choices.push(nearest(allowed, cost.subarray(b * nC, (b + 1) * nC)));
  });
  // What was pinned by hand may overfill a place; then nothing more goes in, and the bound stays true.
  const pinnedWidth = new Float64Array(nC);
  const pinnedLoad = new Float64Array(nC);
  problem.bins.forEach((bin, b) => {
    if (pinned[b]! < 0) return;
    pinnedWidth[pinned[b]!]! += bin.width;
    pinnedLoad[pinned[b]!]! += bin.mass;
  });
  for (let c = 0; c < nC; c++) {
    roomWidth[c] = Math.max(roomWidth[c]!, pinnedWidth[c]!);
    roomLoad[c] = Math.max(roomLoad[c]!, pinnedLoad[c]!);
  }
  return {
    problem,
    bins: nB,
    compartments: nC,
    units: units.size,
    groups: groups.size,
    unitOf: Int32Array.from(problem.compartments, (c) => units.get(c.unit)!),
    groupOf: Int32Array.from(problem.bins, (b) => (b.group === null ? -1 : groups.get(b.group)!)),
    width: Int32Array.from(problem.bins, (b) => b.width),
    mass: Int32Array.from(problem.bins, (b) => b.mass),
    roomWidth,
    roomLoad,
    cost,
    choices,
    pinned,
  };
}

/** The cheapest compartments of a row of costs, in order, without sorting what is far off. */
function nearest(allowed: number[], row: Float64Array): Int32Array {
  let near = allowed;
  // A pivot from a sample leaves a little more than is wanted.
  for (let tries = 0; tries < 4 && near.length > 2 * NEAREST; tries++) {
    const sample: number[] = [];
    for (let i = 0; i < 15; i++) sample.push(row[near[Math.floor(((i + 0.5) * near.length) / 15)]!]!);
    sample.sort((a, b) => a - b);
    const pivot = sample[Math.min(14, Math.ceil((15 * 1.5 * NEAREST) / near.length))]!;
    const nearer: number[] = [];
    for (const c of near) if (row[c]! <= pivot) nearer.push(c);
    if (nearer.length < NEAREST || nearer.length === near.length) break;
    near = nearer;
  }
  return Int32Array.from(near.sort((x, y) => row[x]! - row[y]! || x - y).slice(0, NEAREST));
}

/** Effort of a whole assignment (compartment of each bin, −1 for none), in seconds a week. */
export function assignmentEffort(place: CompiledPlace, assignment: ArrayLike<number>): number {
  let sum = 0;
  const units = new Map<number, Set<number>>();
  for (let b = 0; b < place.bins; b++) {
    const c = assignment[b]!;
    if (c < 0) {
      sum += UNPLACED;
      continue;
    }
    sum += place.cost[b * place.compartments + c]!;
    const group = place.groupOf[b]!;
    if (group < 0) continue;
    if (!units.has(group)) units.set(group, new Set());
    units.get(group)!.add(place.unitOf[c]!);
  }
  for (const set of units.values()) sum += GROUP_SPLIT * (set.size - 1);
  return sum;
}
