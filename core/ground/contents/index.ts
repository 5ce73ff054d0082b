/** What is public of this feature. */
export { cellCount, cellGrid, cellSize, cellsOf } from './cells.ts';
export { type Contents, contentsOf } from './contents.ts';
export { type Demand, demandOf, demandsOf, litresOfLine } from './demand.ts';
export { insideLitres, learnedCorrection, PACKING_FACTOR, PACKING_WORDS } from './litres.ts';
export { EVERYDAY_MEASURES, formatAmount } from './measures.ts';
export { kindOfLine, takenAlong } from './piece.ts';
export { closeGaps, gapsIn, nextNumbers, SERIES } from './set-numbers.ts';
export { bareShape, type BinShape, shapeOf, WITHOUT_CONTAINER } from './shape.ts';
export { isWaiting, WAY_OUT } from './stored-lines.ts';
