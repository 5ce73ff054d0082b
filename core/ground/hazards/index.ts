/** What is public of this feature. */
export { HAZARD_WORDS } from './hazards.ts';
export { isYoung, keptFromChildren } from './kept-from-children.ts';
