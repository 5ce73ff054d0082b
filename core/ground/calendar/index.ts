/** What is public of this feature. */
export { addDays, dayIn, daysBetween, isTimeZone, LATER_DAYS, type Moment, momentIn, startOfDay } from './day.ts';
export { readMonth } from './read-month.ts';
export { useBy } from './use-by.ts';
