/** What is public of this feature. */
export {
  type Departure,
  departuresOf,
  handedOver,
  type ListedLine,
  type ListKey,
  listOf,
  LISTS,
  sumOf,
} from './departures.ts';
export { advise, DOUBTS, PLAN_DAYS } from './doubts.ts';
export { fateOf, isOpen } from './fate.ts';
export { kindIn, kindPutRight } from './kind-in.ts';
export { isLargeGuess } from './large-guess.ts';
export { dueLines, limitsOf, ODDS_AND_ENDS, pastKeeping } from './limits.ts';
export { goingHalf, onceMore } from './line-changes.ts';
export { decided, decisionFor, lineOf, MAX_PUT_OFF, putOffProblem, withDecision } from './new-line.ts';
export { roomNamed } from './other-room.ts';
export { isParsedLine, type ParsedLine, parseLine, type TokenKind } from './parse-line.ts';
export { proposedDecision } from './proposed-decision.ts';
export { readLines, readLinesProblem } from './read-lines.ts';
export { dayOf, readDay } from './reading/day.ts';
export { severalThings } from './several.ts';
export { pileTotals, type PileTotals, type Sum } from './totals.ts';
