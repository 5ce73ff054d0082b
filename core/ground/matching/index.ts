/** What is public of this feature. */
export { isForeign } from './language.ts';
export { sameWords, wordKey } from './phrase.ts';
export { type CategoryProposal, knownCategories, proposeCategories } from './propose.ts';
export { hasAll, plain } from './words.ts';
