/** A plan of moves: fewest steps part by part, then the least walking. See docs/engines.md. */
import { Random } from '../../ground/engine/random.ts';
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import { planPart, type PartPlan } from './part-plan.ts';
import { partsOf, precedenceOf } from './precedence.ts';
import type { MoveStep, MovesAnswer, MovesProblem } from './problem.ts';
import { followersOf, orderChunks, shorten, walkBetween, walkOf, type Chunk, type Point } from './walk.ts';

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
const TRIES = 400;

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
  const chunks = chunksOf(problem, parts, plans, precedence, idOf);
  const followers = followersOf(chunks);
  const length = plans.reduce((sum, { steps }) => sum + steps.length, 0);
  const bound = precedence.bins.length + plans.reduce((sum, { least }) => sum + least, 0);
  const random = new Random(options.seed ?? 1);
  let least = Infinity;
  const keep = (order: readonly number[]): void => {
    const between = walkBetween(chunks, order);
    if (between >= least) return;
    least = between;
    const steps = order.flatMap((chunk) => chunks[chunk]!.steps);
    best = {
      format: 'stube-moves-answer/1',
      steps,
      length,
      walk: walkOf(problem, steps),
      bound,
      optimal: bound === length,
    };
  };
  keep(orderChunks(chunks, followers, null, null));
  yield progress;
  const rounds = options.rounds ?? ROUNDS;
  const done = options.elapsed ?? null;
  for (let round = 0; chunks.length > 2 && (done ? done() < 1 : round < rounds); round++) {
    const order = orderChunks(chunks, followers, null, round ? random : null);
    for (let idle = 0; idle < 3;) {
      idle = shorten(chunks, followers, order, TRIES, random) ? 0 : idle + 1;
      yield progress;
      if (done && done() >= 1) break;
    }
    keep(order);
  }
  return best!;
}

function chunksOf(
  problem: MovesProblem,
  parts: readonly number[][],
  plans: readonly PartPlan[],
  precedence: ReturnType<typeof precedenceOf>,
  idOf: (bin: number) => string,
): Chunk[] {
  const partOf = new Map(parts.flatMap((part, i) => part.map((bin) => [bin, i] as const)));
  const at = new Map(problem.compartments.map((space) => [space.id, space.at as Point]));
  return plans.map((plan, i): Chunk => {
    const steps = plan.steps.map(({ bin, to }): MoveStep => ({ bin: idOf(bin), to }));
    const [first, last] = [plan.steps[0]!, plan.steps.at(-1)!];
    const binOf = (bin: number) => problem.bins[precedence.bins[bin]!]!;
    const from = binOf(first.bin).from;
    const target = binOf(last.bin).to;
    const after = new Set<number>();
    for (const bin of parts[i]!)
      for (const list of [precedence.takeAfterTakes, precedence.putAfterTakes, precedence.putAfterPuts])
        for (const other of list[bin]!) if (partOf.get(other) !== i) after.add(partOf.get(other)!);
    return {
      steps,
      begins: from ? at.get(from.compartment)! : problem.parking.at,
      ends: target ? at.get(target.compartment)! : problem.parking.at,
      after: [...after],
    };
  });
}

/** In one go: the same seed gives the same plan. @example solveMoves(problem).steps */
export const solveMoves = (problem: MovesProblem, options: MovesOptions = {}): MovesAnswer =>
  runToEnd(movesSteps(problem, options));
