/**
 * A rotation by the search and a solver of mixed-integer programs together: small ones are proven, in large ones some areas
 * at a time are planned anew while all else stays.
 */
import type { SolveProgram } from '../../ground/engine/mixed-integer.ts';
import { Random } from '../../ground/engine/random.ts';
import type { RotateAnswer, RotateProblem } from './problem.ts';
import { rotationProgram } from './program.ts';
import { isProven, rotateSteps } from './solve.ts';

/** Up to so many columns the whole is given to the solver. */
const WHOLE = 6000;
/** Share of the time for the search, where the solver takes the whole, and where it takes parts. */
const SEARCH_WHOLE = 0.12;
const SEARCH_PARTS = 0.4;
/** Seconds for a part. */
const PART_SECONDS = 1.5;
/** Left for writing the answer, ms. */
const LEFT = 60;

/** @param clock milliseconds */
export function rotateWith(problem: RotateProblem, solve: SolveProgram, clock: () => number, seed = 1): RotateAnswer {
  const began = clock();
  const left = (): number => problem.timeMs - LEFT - (clock() - began);
  const program = rotationProgram(problem);
  const whole = program.columns <= WHOLE;
  const share = problem.timeMs * (whole ? SEARCH_WHOLE : SEARCH_PARTS);
  const steps = rotateSteps(problem, { seed, elapsed: () => (clock() - began) / share });
  let step = steps.next();
  while (!step.done) step = steps.next();
  let answer = step.value;
  if (answer.optimal || left() <= 0) return answer;
  const better = (found: RotateAnswer | null): void => {
    const bound = Math.min(answer.bound, found?.bound ?? Infinity);
    if (found && found.value > answer.value) answer = found;
    answer = { ...answer, bound: Math.max(bound, answer.value) };
    answer.optimal = isProven(answer.value, answer.bound);
  };
  if (whole) {
    const found = solve(program, program.startFrom(answer), left() / 1000);
    if (found) better(program.answer(found.values, found.bound));
    return answer;
  }
  const random = new Random(seed);
  const areas = [...new Set(problem.slots.map(({ area }) => area))];
  while (left() > 300 && !answer.optimal) {
    const chosen = new Set([areas[random.below(areas.length)]!, areas[random.below(areas.length)]!]);
    const free = new Set(
      problem.things.filter((thing) => thing.areas.some((area) => chosen.has(area))).map(({ id }) => id),
    );
    const part = rotationProgram(problem, { plan: answer, free });
    const found = solve(part, part.startFrom(answer), Math.min(PART_SECONDS, left() / 1000));
    // What is proven of a part says nothing of the whole.
    if (found) better(part.answer(found.values, Infinity));
  }
  return answer;
}
