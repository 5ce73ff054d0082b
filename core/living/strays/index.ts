/** What is public of this feature. */
export { strayDanger } from './danger.ts';
export { matchStray, type StrayMatch, TRAY_DAYS, TRAY_LIMIT } from './match.ts';
