/** What is public of this feature. */
export { heavyFirst } from './heavy-first.ts';
export { homesNow, type MovePlan, type MovesRoom, planMoves } from './moves-of-room.ts';
export { readMovesProblem } from './read.ts';
export { movesSteps } from './solve.ts';
export { moveWords, type MoveWords } from './words.ts';
