/**
 * All drawers and shelves of one unit filled in one go (practice C3): the bins meant for it are dealt out evenly, each
 * place is packed by the engine, what found no room is tried in every other place, and in the end places are emptied in
 * pairs and packed anew as long as something is left over.
 */
import { Random } from '../../ground/engine/random.ts';
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import type { FitAnswer, FitCompartment, FitContainer, FitProblem } from '../../ground/problems/fit-problem.ts';
import { fitSteps } from './solve.ts';

export interface FillSpace extends FitCompartment {
  id: string;
  /** Grams it bears. */
  maxLoad: number;
}
export interface FillBin extends FitContainer {
  /** Grams. */
  mass: number;
  /** Ids of the places that its rules allow. */
  allowed: readonly string[];
  /** Where it stands now; it stays there where that costs nothing. */
  home: string | null;
  /** What belongs together. */
  group: string;
}
export interface FillProblem {
  spaces: FillSpace[];
  /** Each with a count of 1. */
  bins: FillBin[];
}
export interface FilledSpace {
  space: string;
  problem: FitProblem;
  answer: FitAnswer;
}
export interface FillAnswer {
  spaces: FilledSpace[];
  /** Ids of the bins that found no room. */
  without: string[];
}
export interface FillProgress {
  /** Bins that found room. */
  placed: number;
  answer(): FillAnswer;
}

/** Rounds of the engine for one place: at first, and where it matters. */
const ROUNDS = { first: 12, again: 30 };
/** Pairs of places that are emptied and packed anew, at most, while something is left over. */
const PAIRS = 60;
/** What is dealt out may be so much more than the even share, as places do not come in every size. */
const OVER = 1.15;

const volume = ({ width, depth, height }: { width: number; depth: number; height: number }) => width * depth * height;

/** Gives way every few milliseconds; ends when everything stands or nothing better is found. */
export function* fillUnitSteps(problem: FillProblem, seed = 1): Generator<FillProgress, FillAnswer> {
  const { spaces, bins } = problem;
  const random = new Random(seed);
  const filled = new Map<string, FilledSpace>();
  const inSpace = new Map<string, FillBin[]>();
  let open = new Set(bins.filter(({ allowed }) => spaces.some(({ id }) => allowed.includes(id))));
  const never = bins.filter((bin) => !open.has(bin));
  const choices = new Map(bins.map((bin) => [bin, spaces.filter(({ id }) => bin.allowed.includes(id)).length]));
  const answer = (): FillAnswer => ({
    spaces: spaces.flatMap(({ id }) => filled.get(id) ?? []),
    without: [...open, ...never].map(({ id }) => id),
  });
  const progress = (): FillProgress => ({ placed: bins.length - open.size - never.length, answer });

  /** Packs as many of them into one place as can be, none beyond its load. */
  function* pack(space: FillSpace, wanted: readonly FillBin[], rounds: number): Generator<FillProgress, FillBin[]> {
    let trying = [...wanted];
    for (;;) {
      const fit: FitProblem = {
        format: 'stube-fit/1',
        compartment: { width: space.width, depth: space.depth, height: space.height, access: space.access },
        // What has few other places is worth more here.
        containers: trying.map((bin) => ({
          id: bin.id,
          width: bin.width,
          depth: bin.depth,
          height: bin.height,
          turnable: bin.turnable,
          stackable: bin.stackable,
          count: 1,
          value: Math.round(bin.value * (1 + 2 / choices.get(bin)!)),
          uses: bin.uses,
        })),
        timeMs: 0,
      };
      const steps = fitSteps(fit, { seed, iterations: rounds });
      let next = steps.next();
      while (!next.done) {
        yield progress();
        next = steps.next();
      }
      const inside = trying.filter(({ id }) => next.value.placed.some((put) => put.id === id));
      const load = inside.reduce((sum, { mass }) => sum + mass, 0);
      if (load <= space.maxLoad || !inside.length) {
        filled.set(space.id, { space: space.id, problem: fit, answer: next.value });
        return inside;
      }
      // The heaviest goes elsewhere.
      const heaviest = inside.reduce((a, b) => (b.mass > a.mass ? b : a));
      trying = trying.filter((bin) => bin !== heaviest);
    }
  }
  const settle = (space: FillSpace, inside: readonly FillBin[]): void => {
    inSpace.set(space.id, [...inside]);
    for (const bin of inside) open.delete(bin);
  };

  const room = spaces.reduce((sum, space) => sum + volume(space), 0);
  const share = (bins.reduce((sum, bin) => sum + volume(bin), 0) / Math.max(1, room)) * OVER;
  const scarce = (space: FillSpace) => bins.filter(({ allowed }) => allowed.includes(space.id)).length;
  const order = [...spaces].sort((a, b) => scarce(a) - scarce(b) || volume(a) - volume(b));
  for (const space of order) {
    const wanted = [...open]
      .filter(({ allowed }) => allowed.includes(space.id))
      .sort(
        (a, b) =>
          Number(b.home === space.id) - Number(a.home === space.id) ||
          choices.get(a)! - choices.get(b)! ||
          a.group.localeCompare(b.group) ||
          volume(b) - volume(a),
      );
    let dealt = 0;
    const most = Math.min(1, share) * volume(space);
    const hand = wanted.filter((bin) => {
      const takes = dealt === 0 || dealt + volume(bin) <= most || choices.get(bin) === 1;
      if (takes) dealt += volume(bin);
      return takes;
    });
    settle(space, hand.length ? yield* pack(space, hand, ROUNDS.first) : []);
  }
  // What is left over goes wherever there is still room beside what stands.
  for (const space of [...order].reverse()) {
    const more = [...open].filter(({ allowed }) => allowed.includes(space.id));
    if (!more.length) continue;
    const before = inSpace.get(space.id)!;
    const kept = filled.get(space.id);
    const inside = yield* pack(space, [...before, ...more], ROUNDS.again);
    const worth = (list: readonly FillBin[]) => list.reduce((sum, { value }) => sum + value, 0);
    if (inside.length < before.length || worth(inside) <= worth(before)) {
      if (kept) filled.set(space.id, kept);
      else filled.delete(space.id);
      continue;
    }
    for (const bin of before) if (!inside.includes(bin)) open.add(bin);
    settle(space, inside);
    yield progress();
  }
  for (let pair = 0; pair < PAIRS && open.size && spaces.length > 1; pair++) {
    const [a, b] = [random.below(spaces.length), random.below(spaces.length - 1)];
    const both = [spaces[a]!, spaces[b >= a ? b + 1 : b]!];
    const before = both.map(({ id }) => ({ id, inside: inSpace.get(id)!, filled: filled.get(id) }));
    const opened = new Set(open);
    for (const { inside } of before) for (const bin of inside) open.add(bin);
    for (const space of both) {
      const wanted = [...open].filter(({ allowed }) => allowed.includes(space.id));
      filled.delete(space.id);
      settle(space, wanted.length ? yield* pack(space, wanted, ROUNDS.again) : []);
    }
    if (open.size < opened.size) continue;
    // Nothing won: as it was.
    open = opened;
    for (const { id, inside, filled: was } of before) {
      inSpace.set(id, inside);
      if (was) filled.set(id, was);
      else filled.delete(id);
    }
    yield progress();
  }
  return answer();
}

/** In one go. @example fillUnit({ spaces, bins }).without */
export const fillUnit = (problem: FillProblem, seed = 1): FillAnswer => runToEnd(fillUnitSteps(problem, seed));
