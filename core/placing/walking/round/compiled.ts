/** A walk in numbers: acts 2t (take) and 2t + 1 (put) of thing t, stops by their place in the list. */
import { indexById } from '../../../ground/model/by-id.ts';
import type { Act, WalkProblem } from './problem.ts';

export interface CompiledWalk {
  things: number;
  acts: number;
  /** By act: its stop. */
  stopOf: Int32Array;
  /** By thing. */
  size: Float64Array;
  carry: number;
  /** Stops and one more, which is as near to every other as can be: where a walk may begin or end anywhere. */
  stops: number;
  far: Float64Array;
  start: number;
  end: number;
  /** By act: those that come before it and after it, also by way of others. */
  before: readonly Int32Array[];
  after: readonly Int32Array[];
  /** Where things may stand in between: so many at a time. */
  parking: Parking | null;
}
/** By thing: the one that takes away again what this one parks; and the one that parks what this one takes away. -1: none. */
export interface Parking {
  places: number;
  leaves: Int32Array;
  came: Int32Array;
}

export const actNumber = (numbers: ReadonlyMap<string, number>, { thing, act }: Act): number =>
  2 * numbers.get(thing)! + Number(act === 'put');

/** Null where the orders go round in a circle, or a thing is larger than what can be carried. */
export function compileWalk(problem: WalkProblem): CompiledWalk | null {
  const { things, carry } = problem;
  if (things.some(({ size }) => size > carry)) return null;
  const at = new Map(problem.stops.map((stop, i) => [stop, i]));
  const anywhere = problem.stops.length;
  const stops = anywhere + 1;
  const far = new Float64Array(stops * stops);
  problem.mm.forEach((row, i) => far.set(row, i * stops));
  const acts = 2 * things.length;
  const numbers = indexById(things);
  const next: Set<number>[] = Array.from({ length: acts }, () => new Set());
  for (let t = 0; t < things.length; t++) next[2 * t]!.add(2 * t + 1);
  for (const [a, b] of problem.order) next[actNumber(numbers, a)]!.add(actNumber(numbers, b));
  const order = topological(next);
  if (!order) return null;
  const after: Int32Array[] = [];
  for (const act of order.reverse()) {
    const all = new Set(next[act]);
    for (const follower of next[act]!) for (const other of after[follower]!) all.add(other);
    after[act] = Int32Array.from(all);
  }
  const before: number[][] = Array.from({ length: acts }, () => []);
  after.forEach((list, act) => list.forEach((other) => before[other]!.push(act)));
  return {
    things: things.length,
    acts,
    stopOf: Int32Array.from({ length: acts }, (_, act) => at.get(things[act >> 1]![act & 1 ? 'to' : 'from'])!),
    size: Float64Array.from(things, ({ size }) => size),
    carry,
    stops,
    far,
    start: problem.start === null ? anywhere : at.get(problem.start)!,
    end: problem.end === null ? anywhere : at.get(problem.end)!,
    before: before.map((list) => Int32Array.from(list)),
    after,
    parking: parkingOf(problem),
  };
}

function parkingOf({ things, parking }: WalkProblem): Parking | null {
  if (!parking?.pairs.length) return null;
  const numbers = indexById(things);
  const leaves = new Int32Array(things.length).fill(-1);
  const came = leaves.slice();
  for (const [parks, takes] of parking.pairs) {
    leaves[numbers.get(parks)!] = numbers.get(takes)!;
    came[numbers.get(takes)!] = numbers.get(parks)!;
  }
  return { places: parking.places, leaves, came };
}

/** Kahn's order; null where there is a circle. */
function topological(next: readonly ReadonlySet<number>[]): number[] | null {
  const waits = new Int32Array(next.length);
  for (const list of next) for (const other of list) waits[other]!++;
  const order = [...waits.keys()].filter((act) => waits[act] === 0);
  for (let i = 0; i < order.length; i++)
    for (const other of next[order[i]!]!) if (--waits[other]! === 0) order.push(other);
  return order.length === next.length ? order : null;
}

/** mm of the acts in that order, from the start to the end. */
export function lengthOf({ far, stops, stopOf, start, end }: CompiledWalk, acts: Iterable<number>): number {
  let [mm, here] = [0, start];
  for (const act of acts) {
    mm += far[here * stops + stopOf[act]!]!;
    here = stopOf[act]!;
  }
  return mm + far[here * stops + end]!;
}

/** What can all be carried at once is taken in one go where the walk begins, as far as it lies there. */
export function takenFirst({ things, before, stopOf, size, carry, start }: CompiledWalk): number[] {
  if (size.reduce((sum, one) => sum + one, 0) > carry) return [];
  return Array.from({ length: things }, (_, t) => 2 * t).filter((act) => stopOf[act] === start && !before[act]!.length);
}
