/** What is public of this feature. */
export { asItIsOf, figuresOf, neverUsed, type StateFigures } from './as-it-is.ts';
export { type DayPlan, paceOf, planDays, secondsOf } from './pace.ts';
export { portionsOf } from './portions.ts';
export { isWhole, nextStep, roomProgress, type Step, STEPS } from './progress.ts';
