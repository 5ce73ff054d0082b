/** What is public of this feature. */
export { AttributeReader } from './attributes.ts';
export { ceilingFor, fineAt, fineCurve, type Insight, PUT_BACK, roughPieces } from './granularity.ts';
export { mergedTraits, partedCategory } from './merge.ts';
export { type BinFate, regroup, type Regrouping } from './regroup.ts';
export { compareSchemes, handMade, type SchemeData, type SchemeResult, SCHEMES } from './schemes.ts';
export { isAnswerable, type Suggestion, suggestScheme } from './suggest.ts';
export { troublesOf } from './troubles.ts';
