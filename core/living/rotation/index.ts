/** What is public of this feature. */
export { type Gap, gapsOf } from './gaps.ts';
export { aimsOf, type RotateAnswer, type RotateProblem, suits } from './problem.ts';
export { readRotateProblem } from './read.ts';
export { plannedSpells, type RoomRotation, rotationOfRoom, USUAL_RULES, isOut } from './rotation-of-room.ts';
export { isInSeason } from './seasons.ts';
export { type SwapTask, swapWalk, type WalkPoint } from './swap-walk.ts';
export { turnSize } from './turn-size.ts';
export { comesBefore, suggestedTurn } from './usual-turns.ts';
export { MONTHS, monthsOfWeeks, weeksOfMonths } from './weeks.ts';
export { whyThis } from './why.ts';
export { rotateWith } from './with-solver.ts';
