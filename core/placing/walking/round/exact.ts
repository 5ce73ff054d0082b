/**
 * The shortest walk of few things, by dynamic programming over what is done (Held and Karp 1962, with each thing to be
 * taken, carried or put). What may be put where one stands is put at once: that never makes a walk longer.
 */
import { type CompiledWalk, type Parking, takenFirst } from './compiled.ts';

/** States times acts that are looked at in a fraction of half a second. */
const MOST = 50_000_000;
/** States between two looks at the clock. */
const TURN = 2000;

interface Frame {
  /** Taken where the walk begins, before anything else: they are carried from the first step on. */
  first: number[];
  /** By thing: 2 where it is carried from the start, else 3. */
  radix: Int32Array;
  /** By thing: what one more counts in the number of a state. */
  step: Int32Array;
  states: number;
}

function frameOf(walk: CompiledWalk): Frame {
  const { things } = walk;
  const first = takenFirst(walk);
  const radix = new Int32Array(things).fill(3);
  for (const act of first) radix[act >> 1] = 2;
  const step = new Int32Array(things);
  let states = 1;
  for (let t = 0; t < things; t++) {
    step[t] = states;
    states *= radix[t]!;
    if (states > MOST) break;
  }
  return { first, radix, step, states };
}

/** Whether so many things are few. */
export function isFew(walk: CompiledWalk): boolean {
  const { states } = frameOf(walk);
  return states * walk.acts * new Set(walk.stopOf).size <= MOST;
}

/** @returns the acts of a shortest walk; null where there is none. Gives way every few milliseconds. */
export function* shortestWalk(walk: CompiledWalk): Generator<void, number[] | null> {
  const { things, acts, before, size, carry, stopOf, far, stops, start, end, parking } = walk;
  const { first, radix, step, states } = frameOf(walk);
  const used = [...new Set([start, ...stopOf])];
  const width = used.length;
  const at = Int32Array.from(stopOf, (stop) => used.indexOf(stop));
  const between = new Float64Array(width * width);
  used.forEach((a, i) => used.forEach((b, j) => (between[i * width + j] = far[a * stops + b]!)));
  const mm = new Float64Array(states * width).fill(Infinity);
  const cameBy = new Int16Array(states * width).fill(-1);
  const cameFrom = new Int16Array(states * width);
  mm[0] = 0;
  const digit = new Int32Array(things);
  const open: number[] = [];
  const isDone = (act: number): boolean => {
    const now = digit[act >> 1]! + (radix[act >> 1] === 2 ? 1 : 0);
    return act & 1 ? now === 2 : now >= 1;
  };
  for (let state = 0; state < states; state++) {
    if (state % TURN === TURN - 1) yield;
    const row = state * width;
    let reached = false;
    for (let s = 0; s < width && !reached; s++) reached = mm[row + s]! < Infinity;
    if (!reached) continue;
    let load = 0;
    for (let t = 0, rest = state; t < things; t++) {
      digit[t] = rest % radix[t]!;
      rest = Math.floor(rest / radix[t]!);
      if (radix[t] === 2 ? digit[t] === 0 : digit[t] === 1) load += size[t]!;
    }
    const isFull = parking !== null && parkedNow(parking, isDone) >= parking.places;
    open.length = 0;
    for (let act = 0; act < acts; act++) {
      if (isDone(act) || !before[act]!.every(isDone)) continue;
      if (isFull && act & 1 && parking.leaves[act >> 1]! >= 0) continue;
      if (act & 1 || load + size[act >> 1]! <= carry) open.push(act);
    }
    for (let s = 0; s < width; s++) {
      const here = mm[row + s]!;
      if (here === Infinity) continue;
      const atOnce = open.find((act) => act & 1 && at[act] === s);
      for (const act of atOnce === undefined ? open : [atOnce]) {
        const next = (state + step[act >> 1]!) * width + at[act]!;
        const long = here + between[s * width + at[act]!]!;
        if (long >= mm[next]!) continue;
        mm[next] = long;
        cameBy[next] = act;
        cameFrom[next] = s;
      }
    }
  }
  const last = (states - 1) * width;
  let best = -1;
  let least = Infinity;
  for (let s = 0; s < width; s++) {
    const long = mm[last + s]! + far[used[s]! * stops + end]!;
    if (long < least) [least, best] = [long, s];
  }
  if (best < 0) return null;
  const order: number[] = [];
  for (let [state, s] = [states - 1, best]; state > 0;) {
    const act = cameBy[state * width + s]!;
    const from = cameFrom[state * width + s]!;
    order.push(act);
    state -= step[act >> 1]!;
    s = from;
  }
  return [...first, ...order.reverse()];
}

/** How many stand in between. */
const parkedNow = ({ leaves }: Parking, isDone: (act: number) => boolean): number =>
  leaves.reduce((sum, later, t) => sum + Number(later >= 0 && isDone(2 * t + 1) && !isDone(2 * later)), 0);
