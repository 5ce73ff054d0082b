/** What is public of this feature. */
export { fetchedOf, missingBins } from './fetched.ts';
