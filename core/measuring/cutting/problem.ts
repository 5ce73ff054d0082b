/** Cutting pieces from stock, as the open format `stube-cut/1` has it. Lengths in mm, prices in minor units. */

export interface Stock {
  id: string;
  material: string;
  length: number;
  price: number;
  /** How many there are; null: as many as are bought. */
  count: number | null;
}
export interface Piece {
  id: string;
  material: string;
  length: number;
  count: number;
}
export interface CutProblem {
  format: 'stube-cut/1';
  /** What the saw takes between two pieces. */
  kerf: number;
  timeMs: number;
  stock: Stock[];
  pieces: Piece[];
}

export interface Bar {
  stock: string;
  pieces: string[];
}
export interface CutAnswer {
  format: 'stube-cut-answer/1';
  /** Null where no plan is known. */
  bars: Bar[] | null;
  price: number | null;
  /** No plan costs less: proven. Null where it is proven, or not known, that there is any plan. */
  bound: number | null;
  /** Proven to be of least price and, of that price, of fewest bars; or that there is no plan. */
  optimal: boolean;
}
