/** What is public of this feature. */
export { blockersOf } from './blocking-cost.ts';
export { fillProblemOf } from './fill-problem-of.ts';
export { fitProblemOf } from './fit-problem-of.ts';
export { expandItems } from './item-types.ts';
export { readFitProblem } from './read.ts';
export { ABOVE, type Gap, leftoverOf, topOf } from './report/gaps.ts';
export { type FreeSpace, freeSpaces, nearMisses } from './report/leftover.ts';
export { fitSteps } from './solve.ts';
export { proposeTrays, takesTray, type TraySet } from './tray-set.ts';
export { type FillAnswer, type FillProblem, fillUnitSteps } from './unit-filling.ts';
