/**
 * What is out, week by week (`stube-rotate/1`): things are taken out of the plan by chance and each planned anew in the best
 * way against all others, worse plans being taken for a while (simulated annealing); a bound from prices beside it.
 */
import { Random } from '../../ground/engine/random.ts';
import { RotationBound } from './bound.ts';
import { compileRotation, type CompiledRotation, type Spell } from './compiled.ts';
import type { RotateAnswer, RotateProblem } from './problem.ts';
import { Rotation } from './rotation.ts';

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

/** How much worse a plan may be and still be taken, points: at the beginning, at the end. */
const WARM = 3;
const COLD = 0.05;
const MOST_REMOVED = 4;
/** Rounds of the search between two rounds of the bound. */
const PER_BOUND = 40;
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
  // What others wait for is planned before them; what stands out first of all, so that it may go on.
  const order = inOrder(compiled);
  compiled.fixed.forEach((own, t) => own && rotation.put(t, own));
  for (const t of order) if (!compiled.fixed[t]) rotation.put(t, rotation.best(t)?.spells ?? []);
  let best = rotation.spells.map((own) => [...(own ?? [])]);
  let bestValue = rotation.value;
  const bound = new RotationBound(compiled);
  const progress = (): RotateProgress => ({
    value: bestValue,
    bound: bound.bound,
    answer: () => answerOf(rotationOf(compiled, best), bound.bound),
  });
  yield progress();
  for (let round = 0; elapsed || round < rounds; round++) {
    const share = elapsed ? elapsed() : round / rounds;
    if (share >= 1 || isProven(bestValue, bound.bound)) break;
    if (round % PER_BOUND === 0) {
      bound.improve(bestValue);
      yield progress();
    }
    if (compiled.fixed.every((own) => own !== null)) break;
    const before = rotation.value;
    const heat = WARM * (COLD / WARM) ** share;
    const removed = related(compiled, rotation, random);
    const kept = removed.map((t) => rotation.spells[t]!);
    for (const t of removed) rotation.take(t);
    const again = [...removed].sort((a, b) => order.indexOf(a) - order.indexOf(b));
    if (random.below(2)) shuffle(again, random);
    const noise = random.below(3) ? undefined : () => (random.below(1000) / 1000 - 0.5) * heat;
    let failed = false;
    for (const t of again) {
      const planned = rotation.best(t, noise);
      if (!planned) failed = true;
      rotation.put(t, planned?.spells ?? []);
    }
    const worse = before - rotation.value;
    if (failed || (worse > 0 && random.below(1e6) / 1e6 >= Math.exp(-worse / heat)) || !holds(rotation, removed)) {
      for (const t of removed) rotation.take(t);
      removed.forEach((t, i) => rotation.put(t, kept[i]!));
    } else if (rotation.value > bestValue + 1e-9) {
      bestValue = rotation.value;
      best = rotation.spells.map((own) => [...(own ?? [])]);
    }
  }
  // Rounding of many small changes is left behind.
  return answerOf(rotationOf(compiled, best), bound.bound);
}

/** What was planned before what it waits for may have come too early: such a plan is not kept. */
function holds(rotation: Rotation, changed: readonly number[]): boolean {
  const { after, before } = rotation.compiled;
  const early = (t: number): boolean => {
    const first = rotation.spells[t]?.[0];
    return !!first && after[t]!.some((a) => rotation.firstOut(a) >= Math.max(0, first.from));
  };
  return changed.every((t) => !early(t) && !before[t]!.some(early));
}

function shuffle<T>(list: T[], random: Random): void {
  for (let i = list.length - 1; i > 0; i--) {
    const j = random.below(i + 1);
    [list[i], list[j]] = [list[j]!, list[i]!];
  }
}

/** Things in an order in which what must be out before comes first; what is out at the start leads. */
function inOrder({ problem, after, out }: CompiledRotation): number[] {
  const order: number[] = [];
  const seen = new Set<number>();
  const visit = (t: number): void => {
    if (seen.has(t)) return;
    seen.add(t);
    after[t]!.forEach(visit);
    order.push(t);
  };
  const all = problem.things
    .map((_, t) => t)
    .sort((a, b) => Number(out[b] !== null) - Number(out[a] !== null) || a - b);
  all.forEach(visit);
  return order;
}

/** One by chance, and some that contend with it for slots, weeks or their order. */
function related(compiled: CompiledRotation, rotation: Rotation, random: Random): number[] {
  const count = compiled.problem.things.length;
  let first = random.below(count);
  while (compiled.fixed[first]) first = (first + 1) % count;
  const chosen = new Set([first]);
  const wanted = Math.min(count, 1 + random.below(MOST_REMOVED));
  for (let tries = 0; chosen.size < wanted && tries < 30; tries++) {
    const t = random.below(count);
    const near =
      compiled.groupsOf[t]!.some((g) => compiled.groupsOf[first]!.includes(g)) ||
      compiled.after[first]!.includes(t) ||
      compiled.before[first]!.includes(t) ||
      random.below(6) === 0;
    if (near && rotation.spells[t] && !compiled.fixed[t]) chosen.add(t);
  }
  return [...chosen];
}
