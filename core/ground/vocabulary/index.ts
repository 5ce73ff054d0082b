/** What is public of this feature. */
export { type Meaning, meaningOf } from './meaning.ts';
export { nounKey, useWords, vocabulary } from './vocabulary.ts';
