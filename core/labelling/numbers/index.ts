/** What is public of this feature. */
export { binsByLine, indexOf, type IndexRow, unnumbered } from './index-of-numbers.ts';
