/** What is public of this feature. */
export { type InsideOfEach, isAlike, outsideOf, readAlike } from './by-inside.ts';
export { blockedProblems, lessBlocked, withBlocked } from './blocked.ts';
export { planBoards } from './board-plan.ts';
export { DIFFERENCE_TOLD, guideOf, type GuideStep, leastOf, type Side } from './guide.ts';
export { isLoadGuessed } from './guesses.ts';
export { type Overlooked, overlookedPlaces } from './overlooked.ts';
export type { Split } from './part-inside.ts';
export { readReadings } from './readings.ts';
export { reshape, sameShape } from './reshape.ts';
export { inRoundNumbers } from './round-numbers.ts';
export { compartmentsOf, outlineOf, shapeProblems, sharedSizes } from './template.ts';
export { startOf, TEMPLATES } from './templates.ts';
export { alwaysTight, tightSides, tightWords } from './tight.ts';
