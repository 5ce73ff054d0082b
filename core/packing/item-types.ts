/** Rectangles to be laid on a floor, by type, as flat arrays: what the searches work on. */

export interface Pieces {
  types: number;
  /** Across the floor, mm. */
  width: Int32Array;
  /** Into the floor, mm. */
  depth: Int32Array;
  /** The same when turned; they differ from the exchanged sides once they are lifted. */
  turnedWidth: Int32Array;
  turnedDepth: Int32Array;
  /** May be turned, and it makes a difference. */
  turnable: Uint8Array;
  /** The least floor it takes, mm². */
  area: Float64Array;
  value: Float64Array;
  count: Int32Array;
}

export interface Floor {
  width: number;
  depth: number;
}

/** One rectangle laid down; `turned` is against how the type is written. */
export interface Laid {
  type: number;
  x: number;
  y: number;
  turned: boolean;
}

export interface Layout {
  laid: Laid[];
  value: number;
}

/** The type of each unit, from how many there are of each type. */
export const unitsOf = (count: ArrayLike<number>): number[] =>
  Array.from(count).flatMap((n, type) => Array.from({ length: n }, () => type));

export interface PieceType {
  width: number;
  depth: number;
  turnable: boolean;
  value: number;
  count: number;
}

export function piecesOf(list: readonly PieceType[]): Pieces {
  return {
    types: list.length,
    width: Int32Array.from(list, (one) => one.width),
    depth: Int32Array.from(list, (one) => one.depth),
    turnedWidth: Int32Array.from(list, (one) => one.depth),
    turnedDepth: Int32Array.from(list, (one) => one.width),
    turnable: Uint8Array.from(list, (one) => (one.turnable && one.width !== one.depth ? 1 : 0)),
    area: Float64Array.from(list, (one) => one.width * one.depth),
    value: Float64Array.from(list, (one) => one.value),
    count: Int32Array.from(list, (one) => one.count),
  };
}

/** The same pieces with the floor's two directions exchanged. */
export const exchanged = (pieces: Pieces): Pieces => ({
  ...pieces,
  width: pieces.depth,
  depth: pieces.width,
  turnedWidth: pieces.turnedDepth,
  turnedDepth: pieces.turnedWidth,
});
export const exchangedLaid = (laid: readonly Laid[]): Laid[] => laid.map((one) => ({ ...one, x: one.y, y: one.x }));
