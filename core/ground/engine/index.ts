/** What is public of this feature. */
export { isBroken, loadSolver, type SolveProgram } from './mixed-integer.ts';
export { FormatError } from './problem-format.ts';
export { Random } from './random.ts';
export { runToEnd } from './run-to-end.ts';
