/** What is public of this feature. */
export {
  barsAlike,
  bearsWeight,
  cutProblemOf,
  FIXING_CAUTION,
  fixingsOf,
  isFromSheets,
  leftOf,
  type ListedPiece,
  listPieces,
} from './cut-list.ts';
export type { Bar, CutAnswer, CutProblem, Piece, Stock } from './problem.ts';
export { readCutProblem } from './read.ts';
export { type CutSheet, planSheets, type SheetPlan } from './sheets.ts';
export { cutSteps } from './solve.ts';
export { wallFixingsOf } from './wall-fixings.ts';
