/** From what stands to what is wanted, `stube-moves/1`: lengths and points of the floor in mm. */

export interface MovePosition {
  compartment: string;
  x: number;
  y: number;
  z: number;
  turned: boolean;
}
export interface MoveCompartment {
  id: string;
  width: number;
  depth: number;
  height: number;
  access: 'front' | 'top';
  /** Where one stands before it, on the floor plan. */
  at: [number, number];
}
export interface MoveBin {
  id: string;
  width: number;
  depth: number;
  height: number;
  stackable: boolean;
  /** Null: it comes new, and waits at the parking. */
  from: MovePosition | null;
  /** Null: it leaves for good. */
  to: MovePosition | null;
}
export interface MovesProblem {
  format: 'stube-moves/1';
  timeMs: number;
  /** Where bins may stand in between: the floor, a table; so many at a time. */
  parking: { places: number; at: [number, number] };
  compartments: MoveCompartment[];
  bins: MoveBin[];
}
export interface MoveStep {
  bin: string;
  to: 'place' | 'parking';
}
export type MovesAnswer =
  | {
      format: 'stube-moves-answer/1';
      steps: MoveStep[];
      length: number;
      /** mm */
      walk: number;
      /** Proven: no plan has fewer steps. */
      bound: number;
      optimal: boolean;
    }
  | {
      format: 'stube-moves-answer/1';
      steps: null;
      length: null;
      walk: null;
      bound: null;
      optimal: false;
      /** Bins that get no further with so few places. */
      blocked: string[];
      /** Only where there is no plan at all. */
      proven: boolean;
    };

/** Where a bin stands, as a box; its compartment by number. */
export interface MoveBox {
  space: number;
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  z0: number;
  z1: number;
}

const meet = (a0: number, a1: number, b0: number, b1: number): boolean => a0 < b1 && b0 < a1;
const overX = (a: MoveBox, b: MoveBox): boolean => meet(a.x0, a.x1, b.x0, b.x1);
const overY = (a: MoveBox, b: MoveBox): boolean => meet(a.y0, a.y1, b.y0, b.y1);
const overZ = (a: MoveBox, b: MoveBox): boolean => meet(a.z0, a.z1, b.z0, b.z1);

export const clash = (a: MoveBox, b: MoveBox): boolean =>
  a.space === b.space && overX(a, b) && overY(a, b) && overZ(a, b);
/** Stands on it; and is anywhere above it. */
export const standsOn = (a: MoveBox, b: MoveBox): boolean =>
  a.space === b.space && a.z0 === b.z1 && overX(a, b) && overY(a, b);
export const isAbove = (a: MoveBox, b: MoveBox): boolean =>
  a.space === b.space && a.z0 >= b.z1 && overX(a, b) && overY(a, b);
export const bears = (a: MoveBox, b: MoveBox): boolean =>
  a.space === b.space && a.z1 === b.z0 && a.x0 <= b.x0 && b.x1 <= a.x1 && a.y0 <= b.y0 && b.y1 <= a.y1;
/** Stands before it, in a compartment with its opening at the front. */
export const isInFront = (a: MoveBox, b: MoveBox, front: boolean): boolean =>
  front && a.space === b.space && a.y0 < b.y0 && overX(a, b) && overZ(a, b);

export const boxOf = (bin: MoveBin, at: MovePosition, space: number): MoveBox => ({
  space,
  x0: at.x,
  x1: at.x + (at.turned ? bin.depth : bin.width),
  y0: at.y,
  y1: at.y + (at.turned ? bin.width : bin.depth),
  z0: at.z,
  z1: at.z + bin.height,
});

/** All five fields are the same: it stays. */
export const stays = ({ from, to }: MoveBin): boolean =>
  from !== null &&
  to !== null &&
  from.compartment === to.compartment &&
  from.x === to.x &&
  from.y === to.y &&
  from.z === to.z &&
  from.turned === to.turned;
