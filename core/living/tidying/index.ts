/** What is public of this feature. */
export { canTidy, shareOut, type TidyShare } from './share-out.ts';
export { binsFor, tidyBins, tidyPeople } from './tidy-bins.ts';
