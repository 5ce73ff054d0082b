/** One walk: a first one, search until the time is up, and the proof where things are few. See docs/engines.md. */
import { indexById } from '../../../ground/model/by-id.ts';
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { walkBound } from './bound.ts';
import { compileWalk, lengthOf, type CompiledWalk } from './compiled.ts';
import { firstWalk } from './construct.ts';
import { isFew, shortestWalk } from './exact.ts';
import type { Act, WalkAnswer, WalkProblem } from './problem.ts';
import { WalkSearch } from './search.ts';

export interface WalkOptions {
  seed?: number;
  /** Things in an order in which one after the other can be done: it begins there. */
  from?: readonly string[];
  /** How much of the time is over, 0 … 1, for callers with a clock; by turns otherwise. */
  elapsed?: () => number;
  /** Turns of search at the most, where there is no clock. */
  turns?: number;
}
export interface WalkProgress {
  /** The best walk so far; null before there is one. */
  answer(): WalkAnswer | null;
}

const TRIES = 20;
const TURNS = 100;
/** Where things are few the shortest is found; what is searched before is for the case that the time is too short. */
const TURNS_BEFORE_PROOF = 10;
/** A bound is proven up to rounding, mm. */
const ROUNDING = 1e-6;

/** Gives way every few milliseconds. */
export function* walkSteps(problem: WalkProblem, options: WalkOptions = {}): Generator<WalkProgress, WalkAnswer> {
  const { seed = 1, from, elapsed, turns = TURNS } = options;
  const walk = compileWalk(problem);
  const first = walk && (from ? oneByOne(problem, from) : firstWalk(walk));
  if (!walk || !first) return noWalk(first !== undefined);
  const search = new WalkSearch(walk, first, seed);
  let bound = 0;
  const progress: WalkProgress = { answer: () => answerOf(problem, walk, search.best, bound) };
  yield progress;
  bound = walkBound(walk, search.bestMm);
  const few = isFew(walk);
  const most = few ? TURNS_BEFORE_PROOF : turns;
  const isProven = () => search.bestMm - bound < ROUNDING;
  for (let turn = 0; !isProven() && (few || !elapsed ? turn < most : elapsed() < 1); turn++) {
    search.step(few || !elapsed ? turn / most : elapsed(), TRIES);
    yield progress;
  }
  if (few && !isProven()) {
    const proof = shortestWalk(walk);
    let next = proof.next();
    for (; !next.done; next = proof.next()) yield progress;
    const shortest = next.value;
    if (shortest) return answerOf(problem, walk, shortest, lengthOf(walk, shortest));
  }
  return answerOf(problem, walk, search.best, bound);
}

/** In one go, by turns: the same seed gives the same walk. @example solveWalk(problem).mm */
export const solveWalk = (problem: WalkProblem, options: Omit<WalkOptions, 'elapsed'> = {}): WalkAnswer =>
  runToEnd(walkSteps(problem, options));

function oneByOne({ things }: WalkProblem, from: readonly string[]): number[] {
  const numbers = indexById(things);
  return from.flatMap((id) => [2 * numbers.get(id)!, 2 * numbers.get(id)! + 1]);
}

const noWalk = (isProven: boolean): WalkAnswer => ({
  format: 'stube-walk-answer/1',
  acts: null,
  mm: null,
  bound: null,
  optimal: isProven,
});

function answerOf(problem: WalkProblem, walk: CompiledWalk, acts: Iterable<number>, bound: number): WalkAnswer {
  const order = [...acts];
  const mm = lengthOf(walk, order);
  // Where all lengths are whole, so is the shortest walk.
  const isWhole = problem.mm.every((row) => row.every(Number.isInteger));
  const proven = Math.min(mm, isWhole ? Math.ceil(bound - ROUNDING) : bound);
  return {
    format: 'stube-walk-answer/1',
    acts: order.map((act): Act => ({ act: act & 1 ? 'put' : 'take', thing: problem.things[act >> 1]!.id })),
    mm,
    bound: proven,
    optimal: proven === mm,
  };
}
