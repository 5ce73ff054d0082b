/** What is public of this feature. */
export type { FitAnswer, FitContainer, FitProblem } from './fit-problem.ts';
export {
  clearHeight,
  HEAVY_MASS,
  type PlaceCompartment,
  type PlacePerson,
  type PlaceProblem,
  UNPLACED,
} from './place-problem.ts';
