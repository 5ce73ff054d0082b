/** Homes in depth, `stube-place/2`: two rows and more, one bin on another, with what has to be moved first. Lengths mm, masses g. */
import type { PlaceBin, PlaceProblem, RoomBin, RoomProblem } from '../../../ground/problems/place-problem.ts';

interface InDepth {
  /** Width and depth may change places. */
  turnable: boolean;
  /** Another may stand on it. */
  stackable: boolean;
}
/** The open format. */
export interface OpenDepthProblem extends Omit<PlaceProblem, 'bins'> {
  format: 'stube-place/2';
  bins: (PlaceBin & InDepth)[];
}
export type DepthBin = RoomBin & InDepth;
/** What is placed: a problem in the open format, or one of a room, which says more. */
export interface DepthProblem extends Omit<RoomProblem, 'bins'> {
  format: 'stube-place/2';
  bins: DepthBin[];
}
/** Where a bin stands: x from the left, y from the front, z from the bottom of its compartment. */
export interface DepthPosition {
  bin: string;
  compartment: string;
  x: number;
  y: number;
  z: number;
  turned: boolean;
}
export interface DepthAnswer {
  format: 'stube-place-answer/2';
  placed: DepthPosition[];
  unplaced: string[];
  /** Seconds a week. */
  effort: number;
  /** Proven: no answer has less effort. */
  bound: number;
  optimal: boolean;
}

/** Seconds for each bin that has to be moved first, at every fetch and every putting back (docs/engines.md, Where does it go). */
export const MOVE_SECONDS = 4;
