/** What is public of this feature. */
export { BANDS } from './effort.ts';
export { type ReachLine, reachLines } from './reach.ts';
export { brokenRules, formatRule, usableWidth } from './rules.ts';
export { formatAge, medianStature, monthsOld, STATURE_SOURCE } from './stature.ts';
export { comesInto } from './who-comes.ts';
