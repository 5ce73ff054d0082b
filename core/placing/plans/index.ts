/** What is public of this feature. */
export { type PlanOptions, solveTogether, type TogetherProgress, togetherSteps } from './together/solve.ts';
export type { PlanAnswer, TogetherProblem } from './together/problem.ts';
export { togetherOf } from './together/open.ts';
export { readPlanProblem } from './together/read.ts';
export { anotherLike, boarded, NEAR_UNIT, type WhatIf } from './apply-what-if.ts';
export { weeksToMakeGood } from './carrying.ts';
export type { PlannedBin } from './planned-bins.ts';
export { type Remedy, remedyFor } from './remedy.ts';
export { rightingOf } from './righting.ts';
export { bestChanges, differenceOf, type WhatIfEffect, whatIfsOf, whatIfSteps, whatIfWords } from './what-if.ts';
export { planRoomOf, planSavedRoom, type SavedPlans } from './saved-room.ts';
export type { PlanFigures } from './figures.ts';
export type { PlanRoom } from './plan-room.ts';
export { roomWays, type RoomWays, sensibleProblem } from './room-problem.ts';
export { type PlanStrategy, planStrategies } from './strategies.ts';
export { type PlanChoice, planOfNow, type PlanProgress, type WholePlan, wholePlanSteps } from './whole-plan.ts';
