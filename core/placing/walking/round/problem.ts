/** One walk that takes things and puts them elsewhere, `stube-walk/1`: lengths in mm. */

export interface Act {
  thing: string;
  act: 'take' | 'put';
}
export interface WalkThing {
  id: string;
  /** Stops. */
  from: string;
  to: string;
  size: number;
}
export interface WalkProblem {
  format: 'stube-walk/1';
  timeMs: number;
  /** Sizes of what is carried at a time sum to that at most. */
  carry: number;
  stops: string[];
  /** Between stops, symmetric, no way round being shorter. */
  mm: number[][];
  /** Null: wherever the walk begins best. */
  start: string | null;
  /** Null: it ends where the last thing is put. */
  end: string | null;
  things: WalkThing[];
  /** Of each pair the first act comes before the second. */
  order: [Act, Act][];
  /** Beyond the open format: of each pair the first thing stands in between until the second is taken; so many at a time. */
  parking?: { places: number; pairs: [string, string][] };
}
export type WalkAnswer =
  | {
      format: 'stube-walk-answer/1';
      acts: Act[];
      mm: number;
      /** Proven: no walk is shorter. */
      bound: number;
      optimal: boolean;
    }
  | {
      format: 'stube-walk-answer/1';
      acts: null;
      mm: null;
      bound: null;
      /** Whether it is proven that no order of acts is possible. */
      optimal: boolean;
    };
