/** The placement problem as flat arrays, for search and bounds. */
import { effortOf } from './effort.ts';
import { GROUP_SPLIT, UNPLACED, type PlaceProblem } from './problem.ts';
import { brokenRules, usableWidth } from './rules.ts';

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
  /** Allowed compartments of each bin, cheapest first. */
  choices: Int32Array[];
  /** Compartment of each pinned bin, −1 for free ones. */
  pinned: Int32Array;
}

/** @param pins bin id to compartment id: bins that stay; a pin that breaks a rule stays all the same, it was set by hand. */
export function compilePlace(problem: PlaceProblem, pins: ReadonlyMap<string, string> = new Map()): CompiledPlace {
  const people = new Map(problem.people.map((person) => [person.id, person]));
  const nB = problem.bins.length;
  const nC = problem.compartments.length;
  const index = <T>(values: T[]): Map<T, number> => new Map([...new Set(values)].map((value, i) => [value, i]));
  const units = index(problem.compartments.map((c) => c.unit));
  const groups = index(problem.bins.map((b) => b.group).filter((g): g is string => g !== null));
  const at = new Map(problem.compartments.map((c, i) => [c.id, i]));
  const cost = new Float64Array(nB * nC).fill(Infinity);
  const pinned = new Int32Array(nB).fill(-1);
  const choices: Int32Array[] = [];
  problem.bins.forEach((bin, b) => {
    const pin = at.get(pins.get(bin.id) ?? '');
    const allowed: number[] = [];
    if (pin !== undefined) {
      pinned[b] = pin;
      cost[b * nC + pin] = effortOf(bin, problem.compartments[pin]!, people).total;
      allowed.push(pin);
    } else
      for (let c = 0; c < nC; c++) {
        const space = problem.compartments[c]!;
        if (brokenRules(bin, space, people, problem.growth).length) continue;
        cost[b * nC + c] = effortOf(bin, space, people).total;
        allowed.push(c);
      }
    allowed.sort((x, y) => cost[b * nC + x]! - cost[b * nC + y]! || x - y);
    choices.push(Int32Array.from(allowed));
  });
  const roomWidth = Int32Array.from(problem.compartments, (c) => usableWidth(c.width, problem.growth));
  const roomLoad = Float64Array.from(problem.compartments, (c) => c.maxLoad);
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
