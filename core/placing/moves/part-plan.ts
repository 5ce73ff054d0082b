/**
 * The steps of one part, whose bins hang together in circles, with the fewest parkings. Whatever can go to its place goes
 * there at once, as that never stands in the way of anything later; only which bin is parked next is a choice. States
 * (which bins are taken, which are at their place) are gone through by the number of parkings, so that the first whole
 * one has fewest; where they become too many, only the most promising of each number are kept (beam search).
 */
import type { Precedence } from './precedence.ts';

export interface PartPlan {
  /** Numbers of bins within the precedence, with where each goes. */
  steps: { bin: number; to: 'place' | 'parking' }[];
  parkings: number;
  /** Proven: no plan of this part has fewer parkings. */
  least: number;
}

/** States of one number of parkings that are kept, and once so many were looked at. */
const BEAM = 3000;
const BEAM_LATE = 200;
const MOST_STATES = 150_000;

interface State {
  /** By bin of the part: 0 stands where it stood, 1 parked, 2 at its place. */
  at: Uint8Array;
  parked: number;
  placed: number;
  before: State | null;
  /** Steps from the state before to this one. */
  steps: PartPlan['steps'];
}

/** Gives way every so many states. */
export function* planPart(
  part: readonly number[],
  precedence: Precedence,
  places: number,
): Generator<void, PartPlan | { blocked: number[]; proven: boolean }> {
  const free = yield* search(part, precedence, part.length);
  // Whatever the number of places, no plan has fewer parkings than one without a limit on them.
  const least = free.exact && free.plan ? free.plan.parkings : Number(part.length > 1);
  if (places >= part.length) return { ...free.plan!, least };
  const once = yield* search(part, precedence, places);
  if (once.plan && once.plan.parkings === least) return { ...once.plan, least };
  const again = yield* searchAgain(part, precedence, places, once.plan ? once.plan.parkings : Infinity);
  const plan = again.plan ?? once.plan;
  if (!plan) return { blocked: once.left, proven: again.exact };
  // All ways with so few places were gone through: fewer parkings there are not.
  return { ...plan, least: again.exact ? plan.parkings : least };
}

/** Who comes before whom, among the bins of one part only, by their number in it. */
function withinPart(part: readonly number[]): (lists: readonly number[][]) => number[][] {
  const place = new Map(part.map((bin, i) => [bin, i]));
  return (lists) => part.map((bin) => lists[bin]!.flatMap((other) => place.get(other) ?? []));
}

type Found = { plan: Pick<PartPlan, 'steps' | 'parkings'> | null; exact: boolean; left: number[] };

function* search(part: readonly number[], precedence: Precedence, places: number): Generator<void, Found> {
  const n = part.length;
  const within = withinPart(part);
  const takeAfterTakes = within(precedence.takeAfterTakes);
  const putAfterTakes = within(precedence.putAfterTakes);
  const putAfterPuts = within(precedence.putAfterPuts);
  const isNew = part.map((bin) => precedence.isNew[bin]!);
  const mayTake = (at: Uint8Array, bin: number) => takeAfterTakes[bin]!.every((other) => at[other] !== 0);
  const mayPut = (at: Uint8Array, bin: number) =>
    putAfterTakes[bin]!.every((other) => at[other] !== 0) && putAfterPuts[bin]!.every((other) => at[other] === 2);
  /** Everything that can go to its place goes there. */
  const settle = (state: State): State => {
    for (let again = true; again;) {
      again = false;
      for (let bin = 0; bin < n; bin++) {
        if (state.at[bin] === 2) continue;
        const waits = state.at[bin] === 1;
        if (!waits && !mayTake(state.at, bin)) continue;
        if (!mayPut(state.at, bin)) continue;
        state.at[bin] = 2;
        state.placed++;
        if (waits && !isNew[bin]) state.parked--;
        state.steps.push({ bin: part[bin]!, to: 'place' });
        again = true;
      }
    }
    return state;
  };
  const first: State = { at: new Uint8Array(n), parked: 0, placed: 0, before: null, steps: [] };
  // What comes new waits at the parking without a place of it.
  isNew.forEach((fresh, bin) => fresh && (first.at[bin] = 1));
  let level = [settle(first)];
  let exact = true;
  let looked = 0;
  let furthest = level[0]!;
  for (let parkings = 0; level.length; parkings++) {
    const done = level.find(({ placed }) => placed === n);
    if (done) {
      const steps: PartPlan['steps'] = [];
      for (let state: State | null = done; state; state = state.before) steps.unshift(...state.steps);
      return { plan: { steps, parkings }, exact, left: [] };
    }
    const seen = new Map<string, State>();
    for (const state of level) {
      if (state.placed > furthest.placed) furthest = state;
      if (state.parked >= places) continue;
      for (let bin = 0; bin < n; bin++) {
        if (state.at[bin] !== 0 || !mayTake(state.at, bin)) continue;
        const at = state.at.slice();
        at[bin] = 1;
        const next = settle({
          at,
          parked: state.parked + 1,
          placed: state.placed,
          before: state,
          steps: [{ bin: part[bin]!, to: 'parking' }],
        });
        const key = next.at.join('');
        if (!seen.has(key)) seen.set(key, next);
        if (++looked % 400 === 0) yield;
      }
    }
    let next = [...seen.values()];
    const most = looked > MOST_STATES ? BEAM_LATE : BEAM;
    if (next.length > most) {
      exact = false;
      next = next.sort((a, b) => b.placed - a.placed || a.parked - b.parked).slice(0, most);
    }
    level = next;
  }
  return { plan: null, exact, left: part.filter((_, bin) => furthest.at[bin] !== 2) };
}

/** States looked at in all where bins may be put down and parked again. */
const MOST_AGAIN = 60_000;
const BEAM_AGAIN = 4000;

interface Standing {
  /** As in a state; what only is in the way begins at its place. */
  at: Uint8Array;
  parked: number;
  home: number;
  before: Standing | null;
  steps: PartPlan['steps'];
}

/**
 * With few places what was put down may have to be parked again: a bin stands where it is wanted although something has
 * still to go behind it. States are gone through by the steps that are surely needed (those done, and one for each bin
 * that is not where it is wanted).
 * @param most parkings a plan must have fewer of
 */
function* searchAgain(
  part: readonly number[],
  precedence: Precedence,
  places: number,
  most: number,
): Generator<void, Omit<Found, 'left'>> {
  const n = part.length;
  const within = withinPart(part);
  const fromBarsTake = within(precedence.takeAfterTakes);
  const toBarsTake = within(precedence.takeBarredByTo);
  const toBarsPut = within(precedence.putBarredByTo);
  const putAfterTakes = within(precedence.putAfterTakes);
  const putAfterPuts = within(precedence.putAfterPuts);
  const bearer = within(precedence.bearer);
  const fromBarsPut = within(precedence.putBarredByFrom);
  const isThere = part.map((bin) => precedence.isThere[bin]!);
  const isNew = part.map((bin) => precedence.isNew[bin]!);
  const mayTake = ({ at }: Standing, bin: number): boolean =>
    at[bin] === 0
      ? fromBarsTake[bin]!.every((other) => (isThere[other] ? at[other] !== 2 : at[other] !== 0)) &&
        toBarsTake[bin]!.every((other) => at[other] !== 2)
      : fromBarsPut[bin]!.every((other) => at[other] !== 0) && toBarsPut[bin]!.every((other) => at[other] !== 2);
  const mayPut = ({ at }: Standing, bin: number): boolean =>
    fromBarsPut[bin]!.every((other) => at[other] !== 0) &&
    toBarsPut[bin]!.every((other) => at[other] !== 2) &&
    bearer[bin]!.every((other) => at[other] === 2);
  /**
   * Put there it is in nobody's way any more: all it bars has gone, or stands where it is wanted and will not have to be
   * moved for others again.
   */
  const isSafe = (state: Standing, bin: number, asked: Set<number> = new Set()): boolean => {
    if (asked.has(bin)) return true;
    asked.add(bin);
    const isDone = (other: number) => state.at[other] === 2 && isSafe(state, other, asked);
    return (
      putAfterTakes[bin]!.every((other) => (isThere[other] ? isDone(other) : state.at[other] !== 0)) &&
      putAfterPuts[bin]!.every(isDone)
    );
  };
  const act = (state: Standing, bin: number, to: 'place' | 'parking'): Standing => {
    const at = state.at.slice();
    const was = at[bin]!;
    at[bin] = to === 'place' ? 2 : 1;
    const parked =
      state.parked + (to === 'parking' ? 1 : 0) - (was === 1 && !(isNew[bin] && isFirst(state, bin)) ? 1 : 0);
    const home = state.home + (to === 'place' ? 1 : 0) - (was === 2 ? 1 : 0);
    return { at, parked, home, before: state, steps: [{ bin: part[bin]!, to }] };
  };
  /** A new bin that was never put down waits without a place. */
  const isFirst = (state: Standing, bin: number): boolean => {
    for (let one: Standing | null = state; one; one = one.before)
      if (one.steps.some((step) => step.bin === part[bin])) return false;
    return true;
  };
  const settle = (state: Standing): Standing => {
    let now = state;
    for (let again = true; again;) {
      again = false;
      for (let bin = 0; bin < n; bin++) {
        if (now.at[bin] === 2 || (now.at[bin] === 0 && !mayTake(now, bin))) continue;
        if (!mayPut(now, bin) || !isSafe(now, bin)) continue;
        now = act(now, bin, 'place');
        again = true;
      }
    }
    return now;
  };
  const at = Uint8Array.from(part, (_, bin) => (isThere[bin] ? 2 : isNew[bin] ? 1 : 0));
  const home = isThere.filter(Boolean).length;
  const buckets: Standing[][] = [[settle({ at, parked: 0, home, before: null, steps: [] })]];
  const seen = new Set<string>();
  let looked = 0;
  let exact = true;
  for (let extra = 0; extra < buckets.length + 2; extra++) {
    let open = buckets[extra] ?? [];
    if (open.length > BEAM_AGAIN) {
      exact = false;
      open = open.sort((a, b) => b.home - a.home || a.parked - b.parked).slice(0, BEAM_AGAIN);
    }
    for (let state = open.pop(); state; state = open.pop()) {
      const key = `${state.at.join('')} ${state.parked}`;
      if (seen.has(key)) continue;
      seen.add(key);
      if (state.home === n && state.parked === 0) {
        // Every step beyond one for each bin counts as a parking.
        const steps: PartPlan['steps'] = [];
        for (let one: Standing | null = state; one; one = one.before) steps.unshift(...one.steps);
        const beyond = steps.length - n;
        return { plan: beyond < most ? { steps, parkings: beyond } : null, exact };
      }
      if (++looked > MOST_AGAIN) return { plan: null, exact: false };
      if (looked % 200 === 0) yield;
      for (let bin = 0; bin < n; bin++) {
        const was = state.at[bin]!;
        if (was !== 1 && state.parked < places && mayTake(state, bin) && !(was === 2 && isSafe(state, bin))) {
          const next = settle(act(state, bin, 'parking'));
          (buckets[extra + (was === 2 ? 2 : 1)] ??= []).push(next);
        }
        // Put down though it will have to be moved again: that makes room at the parking.
        if (was !== 2 && (was === 1 || mayTake(state, bin)) && mayPut(state, bin) && !isSafe(state, bin))
          open.push(settle(act(state, bin, 'place')));
      }
    }
  }
  return { plan: null, exact };
}
