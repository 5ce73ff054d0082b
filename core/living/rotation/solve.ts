/**
 * What is out, week by week (`stube-rotate/1`): things are taken out of the plan by chance and each planned anew in the best
 * way against all others, some weeks being closed to it by chance; worse plans are taken for a while (simulated annealing),
 * and the end of the time improves the best one. A bound from prices beside it.
 */
import { Random } from '../../ground/engine/random.ts';
import { RotationBound } from './bound.ts';
import { compileRotation, type CompiledRotation, type Spell } from './compiled.ts';
import type { RotateAnswer, RotateProblem } from './problem.ts';
import { Rotation } from './rotation.ts';
import { Ruin } from './ruin.ts';

export interface RotateOptions {
  seed?: number;
  /** Share of the time that is over, 0 to 1: how warm it still is follows from it. */
  elapsed?: () => number;
  /** Ends after so many rounds, where no time is told. */
  rounds?: number;
}

export interface RotateProgress {
  value: number;
  bound: number;
  answer(): RotateAnswer;
}

/** How much worse a plan may be and still be taken, points, by the number of things: few have to be shaken harder. */
const WARM = 30;
const warmth = (things: number): number => WARM / Math.sqrt(Math.max(1, things));
/** It cools down to a tenth of that. */
const COOLED = 0.1;
/** From that share of the time on the best plan is improved, taking hardly any that is worse, points. */
const POLISH = { from: 0.85, heat: 0.1 };
/** Rounds of the search between two reports, and between two rounds of the bound. */
const PER_REPORT = 100;
const PER_BOUND = 1000;
const SAME = 1e-6;

export const isProven = (value: number, bound: number): boolean => bound - value <= SAME * Math.max(1, Math.abs(value));

/** The answer in the open format. @param bound infinite: nothing was proven */
export function answerOf(rotation: Rotation, bound: number): RotateAnswer {
  const value = rotation.value;
  const proven = Math.max(value, bound);
  return {
    format: 'stube-rotate-answer/1',
    plan: rotation.plan(),
    value,
    bound: proven,
    optimal: isProven(value, proven),
  };
}

/** A plan from kept spells. */
export function rotationOf(compiled: CompiledRotation, spells: readonly Spell[][]): Rotation {
  const rotation = new Rotation(compiled);
  spells.forEach((own, t) => rotation.put(t, [...own]));
  return rotation;
}

export function* rotateSteps(
  problem: RotateProblem,
  { seed = 1, elapsed, rounds = 4000 }: RotateOptions = {},
): Generator<RotateProgress, RotateAnswer> {
  const compiled = compileRotation(problem);
  const random = new Random(seed);
  const rotation = new Rotation(compiled);
  const ruin = new Ruin(rotation, random);
  compiled.fixed.forEach((own, t) => own && rotation.put(t, own));
  ruin.begin();
  let best = rotation.spells.map((own) => [...(own ?? [])]);
  let bestValue = rotation.value;
  const bound = new RotationBound(compiled);
  const progress = (): RotateProgress => ({
    value: bestValue,
    bound: bound.bound,
    answer: () => answerOf(rotationOf(compiled, best), bound.bound),
  });
  yield progress();
  const isFixed = compiled.fixed.every((own) => own !== null);
  const warm = warmth(problem.things.length);
  let polishing = false;
  for (let round = 0; elapsed || round < rounds; round++) {
    const share = elapsed ? elapsed() : round / rounds;
    if (share >= 1 || isProven(bestValue, bound.bound)) break;
    if (round % PER_BOUND === 0) bound.improve(bestValue);
    if (round % PER_REPORT === 0) yield progress();
    if (isFixed) break;
    if (!polishing && share > POLISH.from) {
      polishing = true;
      best.forEach((_, t) => rotation.take(t));
      best.forEach((own, t) => rotation.put(t, [...own]));
    }
    const heat = polishing ? POLISH.heat : warm * COOLED ** (share / POLISH.from);
    const before = rotation.value;
    const undo = ruin.replan();
    const worse = before - rotation.value;
    if (!undo.holds || (worse > 0 && random.next() >= Math.exp(-worse / heat))) undo.back();
    else if (rotation.value > bestValue + 1e-9) {
      bestValue = rotation.value;
      best = rotation.spells.map((own) => [...(own ?? [])]);
    }
  }
  // Rounding of many small changes is left behind.
  return answerOf(rotationOf(compiled, best), bound.bound);
}
