/** What is public of this feature. */
export { changeOverOf } from './change-over.ts';
