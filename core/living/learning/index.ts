/** What is public of this feature. */
export { type Asked, type Question, type QuestionKind, questionOf } from './questions.ts';
export { AGAIN_AFTER, answered, progressOf, roundOf } from './recall.ts';
