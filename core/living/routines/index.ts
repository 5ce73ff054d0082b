/** What is public of this feature. */
export { daysDue, ruleProblem, wordsOfRule } from './recurrence.ts';
export { type DueRoutine, dueRoutines, usualRoutines } from './routines.ts';
