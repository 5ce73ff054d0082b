/** A plan of moves: fewest steps part by part, then the shortest walk that does them. See docs/engines.md. */
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import { planPart, type PartPlan } from './part-plan.ts';
import { partsOf, precedenceOf } from './precedence.ts';
import type { MoveStep, MovesAnswer, MovesProblem } from './problem.ts';
import type { WalkAnswer } from '../walking/round/problem.ts';
import { walkSteps } from '../walking/round/solve.ts';
import { walkOf, walkOfSteps } from './walk.ts';

export interface MovesOptions {
  seed?: number;
  /** How much of the time is over, 0 … 1, for callers with a clock; by rounds otherwise. */
  elapsed?: () => number;
  /** Rounds spent on the walk, where there is no clock. */
  rounds?: number;
}
export interface MovesProgress {
  /** The best plan so far; null before there is one. */
  answer(): MovesAnswer | null;
}

const ROUNDS = 60;

/** Gives way every few milliseconds. */
export function* movesSteps(problem: MovesProblem, options: MovesOptions = {}): Generator<MovesProgress, MovesAnswer> {
  let best: MovesAnswer | null = null;
  const progress: MovesProgress = { answer: () => best };
  const precedence = precedenceOf(problem);
  const parts = partsOf(precedence);
  yield progress;
  const plans: PartPlan[] = [];
  const blocked: number[] = [];
  let proven = false;
  for (const part of parts) {
    const steps = planPart(part, precedence, problem.parking.places);
    let next = steps.next();
    while (!next.done) {
      yield progress;
      next = steps.next();
    }
    if ('blocked' in next.value) {
      blocked.push(...next.value.blocked);
      // One part for which there is no plan is enough.
      proven ||= next.value.proven;
    } else plans.push(next.value);
  }
  const idOf = (bin: number): string => problem.bins[precedence.bins[bin]!]!.id;
  if (blocked.length)
    return {
      format: 'stube-moves-answer/1',
      steps: null,
      length: null,
      walk: null,
      bound: null,
      optimal: false,
      blocked: blocked.map(idOf),
      proven,
    };
  const steps = plans.flatMap((plan) => plan.steps);
  const length = steps.length;
  const bound = precedence.bins.length + plans.reduce((sum, { least }) => sum + least, 0);
  const tell = (order: readonly number[]): void => {
    const told = order.map((step): MoveStep => ({ bin: idOf(steps[step]!.bin), to: steps[step]!.to }));
    best = {
      format: 'stube-moves-answer/1',
      steps: told,
      length,
      walk: walkOf(problem, told),
      bound,
      optimal: bound === length,
    };
  };
  tell([...steps.keys()]);
  yield progress;
  const { seed = 1, elapsed, rounds = ROUNDS } = options;
  const walk = walkSteps(walkOfSteps(problem, plans, precedence), {
    seed,
    ...(elapsed ? { elapsed } : {}),
    turns: rounds,
    from: steps.map((_, i) => String(i)),
  });
  const told = ({ acts }: WalkAnswer): void => {
    if (acts) tell(acts.flatMap(({ act, thing }) => (act === 'take' ? Number(thing) : [])));
  };
  let next = walk.next();
  for (; !next.done; next = walk.next()) {
    const { answer } = next.value;
    progress.answer = () => {
      const now = answer();
      if (now) told(now);
      return best;
    };
    yield progress;
  }
  told(next.value);
  return best!;
}

/** In one go: the same seed gives the same plan. @example solveMoves(problem).steps */
export const solveMoves = (problem: MovesProblem, options: MovesOptions = {}): MovesAnswer =>
  runToEnd(movesSteps(problem, options));
