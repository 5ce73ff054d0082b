/** What is public of this feature. */
export { dangersOfLine, type LineDanger } from './dangers-of-line.ts';
export { HAZARD_WORDS } from './hazards.ts';
export { isYoung, keptFromChildren } from './kept-from-children.ts';
