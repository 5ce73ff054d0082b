/** What is public of this feature. */
export { type PlanOptions, solveTogether, type TogetherProgress, togetherSteps } from './together/solve.ts';
export type { PlanAnswer, RoomPlanProblem } from './together/problem.ts';
export { readPlanProblem } from './together/read.ts';
export { anotherLike, boarded, NEAR_UNIT, type WhatIf } from './apply-what-if.ts';
export { weeksToMakeGood } from './carrying.ts';
export type { PlannedBin } from './planned-bins.ts';
export { rightingOf } from './righting.ts';
export { bestChanges, differenceOf, type WhatIfEffect, whatIfsOf, whatIfSteps, whatIfWords } from './what-if.ts';
export {
  type PlanFigures,
  planOfNow,
  type PlanProgress,
  type PlanRoom,
  planStrategies,
  type WholePlan,
  wholePlanSteps,
} from './whole-plan.ts';
