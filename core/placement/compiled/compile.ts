/** The placement problem as flat arrays, for search and bounds: what each bin costs where, and where it may not be. */
import { runToEnd } from '../../engine/run-to-end.ts';
import { PlaceCosts, indexByKey } from './costs.ts';
import { Nearest } from './nearest.ts';
import { GROUP_SPLIT, UNPLACED, type PlaceProblem } from '../problem.ts';

export interface CompiledPlace {
  problem: PlaceProblem;
  /** How many of each there are; `b`, `c`, `u` and `g` count them from 0. */
  bins: number;
  compartments: number;
  units: number;
  groups: number;
  /** By c: its unit. */
  unitOf: Int32Array;
  /** By u: its compartments. */
  inUnit: number[][];
  /** By b: its group, −1 for none. */
  groupOf: Int32Array;
  /** By g: its bins. */
  inGroup: number[][];
  /** By b: its width, mm. */
  width: Int32Array;
  /** By b: its mass, g. */
  mass: Int32Array;
  /** By c: the width its bins share, mm, room to grow taken off. */
  widthCapacity: Int32Array;
  /** By c: the load its bins share, g. */
  loadCapacity: Float64Array;
  costs: PlaceCosts;
  /** How many compartments a bin's list holds at most. */
  nearest: number;
  /** By b: its cheapest allowed compartments, cheapest first. */
  choices: Int32Array[];
  /** By b and place in that list: what it costs there, seconds a week. */
  choiceCosts: Float64Array[];
  /** By b: the compartment it is pinned to, −1 for none. */
  pinned: Int32Array;
}

/** Compartments of one bin that the search tries of itself; the others are looked at when these are full. */
const NEAREST = 64;
/** Bins between two yields. */
const YIELD_INTERVAL = 200;

/** @param pins bin id to compartment id: bins that stay; a pin that breaks a rule stays all the same, it was set by hand. */
export function* compileSteps(
  problem: PlaceProblem,
  pins: ReadonlyMap<string, string> = new Map(),
  most = NEAREST,
): Generator<void, CompiledPlace> {
  const bins = problem.bins.length;
  const compartments = problem.compartments.length;
  const units = indexByKey(problem.compartments.map((c) => c.unit));
  const groups = indexByKey(problem.bins.map((b) => b.group).filter((g): g is string => g !== null));
  const costs = new PlaceCosts(problem, pins);
  const choices: Int32Array[] = [];
  const choiceCosts: Float64Array[] = [];
  const nearest = new Nearest(most);
  for (let b = 0; b < bins; b++) {
    if (b % YIELD_INTERVAL === 0) yield;
    costs.prepare(b);
    nearest.clear();
    const pin = costs.pinned[b]!;
    if (pin >= 0) nearest.offer(costs.at(b, pin), pin);
    else nearest.offerAll(costs, b);
    const { values, items } = nearest.sorted();
    choices.push(items);
    choiceCosts.push(values);
  }
  const unitOf = Int32Array.from(problem.compartments, (c) => units.get(c.unit)!);
  const groupOf = Int32Array.from(problem.bins, (b) => (b.group === null ? -1 : groups.get(b.group)!));
  return {
    problem,
    bins,
    compartments,
    units: units.size,
    groups: groups.size,
    unitOf,
    inUnit: listed(unitOf, units.size),
    groupOf,
    inGroup: listed(groupOf, groups.size),
    width: costs.width,
    mass: costs.mass,
    widthCapacity: costs.widthCapacity,
    loadCapacity: costs.loadCapacity,
    costs,
    nearest: most,
    choices,
    choiceCosts,
    pinned: costs.pinned,
  };
}

/** The same in one go. */
export const compilePlace = (...problem: Parameters<typeof compileSteps>): CompiledPlace =>
  runToEnd(compileSteps(...problem));

/** What the cheapest compartment asks at the least that is not among a bin's choices, in seconds a week. */
export const beyondChoices = ({ choiceCosts, nearest }: CompiledPlace, b: number): number =>
  choiceCosts[b]!.length < nearest ? UNPLACED : Math.min(UNPLACED, choiceCosts[b]!.at(-1)!);

/** What belongs to each of so many, from whom each belongs to; −1 is to none. */
function listed(belongsTo: Int32Array, many: number): number[][] {
  const lists: number[][] = Array.from({ length: many }, () => []);
  belongsTo.forEach((to, i) => lists[to]?.push(i));
  return lists;
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
    sum += place.costs.at(b, c);
    const group = place.groupOf[b]!;
    if (group < 0) continue;
    if (!units.has(group)) units.set(group, new Set());
    units.get(group)!.add(place.unitOf[c]!);
  }
  for (const set of units.values()) sum += GROUP_SPLIT * (set.size - 1);
  return sum;
}
