/** What is public of this feature. */
export { walksOf } from './walks.ts';
export type { Act, WalkAnswer, WalkProblem } from './round/problem.ts';
export { readWalkProblem } from './round/read.ts';
export { solveWalk, walkSteps } from './round/solve.ts';
