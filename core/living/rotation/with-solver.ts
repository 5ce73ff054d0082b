/**
 * A rotation by the search and, where it is small, a solver of mixed-integer programs after it: that proves the plan, or
 * makes it better. A solver that fails changes nothing.
 */
import type { SolveProgram } from '../../ground/engine/mixed-integer.ts';
import type { RotateAnswer, RotateProblem } from './problem.ts';
import { programSize, rotationProgram } from './program.ts';
import { isProven, rotateSteps } from './solve.ts';

/** Up to so many columns it is given to the solver: more take it too much time and memory. */
const MOST_COLUMNS = 6000;
/** Share of the time for the search, where the solver comes after it. */
const SEARCH = 0.5;
/** Share of what is left that the solver is told: it looks at the clock between steps only. */
const OF_LEFT = 0.85;
/** Left for writing the answer, ms. */
const LEFT = 60;

/** @param clock milliseconds */
export function rotateWith(problem: RotateProblem, solve: SolveProgram, clock: () => number, seed = 1): RotateAnswer {
  const began = clock();
  const all = problem.timeMs - LEFT;
  const isSmall = programSize(problem) <= MOST_COLUMNS;
  const share = all * (isSmall ? SEARCH : 1);
  const steps = rotateSteps(problem, { seed, elapsed: () => (clock() - began) / share });
  let step = steps.next();
  while (!step.done) step = steps.next();
  const answer = step.value;
  if (answer.optimal || !isSmall) return answer;
  const program = rotationProgram(problem);
  const left = all - (clock() - began);
  if (left <= 0) return answer;
  const found = solve(program, program.startFrom(answer), (OF_LEFT * left) / 1000);
  if (!found) return answer;
  const solved = program.answer(found.values, found.bound);
  const better = solved.value > answer.value ? solved : answer;
  const bound = Math.max(better.value, Math.min(answer.bound, solved.bound));
  return { ...better, bound, optimal: isProven(better.value, bound) };
}
