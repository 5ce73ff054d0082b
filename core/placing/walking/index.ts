/** What is public of this feature. */
export { walksOf } from './walks.ts';
