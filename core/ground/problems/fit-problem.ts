/** The packing problem and its answer, `stube-fit/1`: lengths in mm; x from the left, y from the front, z from the floor. */

export interface FitCompartment {
  width: number;
  depth: number;
  height: number;
  access: 'top' | 'front';
}
export interface FitContainer {
  id: string;
  width: number;
  depth: number;
  height: number;
  /** Width and depth may change places. */
  turnable: boolean;
  /** Another container may stand on it. */
  stackable: boolean;
  count: number;
  value: number;
  /** How often a week each is taken out. */
  uses: number;
}
export interface FitProblem {
  format: 'stube-fit/1';
  compartment: FitCompartment;
  containers: FitContainer[];
  timeMs: number;
}
export interface FitPlacement {
  id: string;
  n: number;
  x: number;
  y: number;
  z: number;
  turned: boolean;
}
export interface FitAnswer {
  format: 'stube-fit-answer/1';
  placed: FitPlacement[];
  value: number;
  /** Proven: no answer has more value. */
  bound: number;
  /** Value and bound meet. */
  optimal: boolean;
}
