/** Rectangles to be laid on a floor, by type, as flat arrays: what the searches work on. */

export interface ItemTypes {
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
export interface Placement2d {
  type: number;
  x: number;
  y: number;
  turned: boolean;
}

export interface Layout {
  laid: Placement2d[];
  value: number;
}

/** The type of each unit, from how many there are of each type. */
export const expandItems = (count: ArrayLike<number>): number[] =>
  Array.from(count).flatMap((n, type) => Array.from({ length: n }, () => type));

export interface ItemType {
  width: number;
  depth: number;
  turnable: boolean;
  value: number;
  count: number;
}

export function itemTypesOf(list: readonly ItemType[]): ItemTypes {
  return {
    types: list.length,
    width: Int32Array.from(list, (itemType) => itemType.width),
    depth: Int32Array.from(list, (itemType) => itemType.depth),
    turnedWidth: Int32Array.from(list, (itemType) => itemType.depth),
    turnedDepth: Int32Array.from(list, (itemType) => itemType.width),
    turnable: Uint8Array.from(list, (itemType) => (itemType.turnable && itemType.width !== itemType.depth ? 1 : 0)),
    area: Float64Array.from(list, (itemType) => itemType.width * itemType.depth),
    value: Float64Array.from(list, (itemType) => itemType.value),
    count: Int32Array.from(list, (itemType) => itemType.count),
  };
}

/** The same pieces with the floor's two directions exchanged. */
export const exchanged = (pieces: ItemTypes): ItemTypes => ({
  ...pieces,
  width: pieces.depth,
  depth: pieces.width,
  turnedWidth: pieces.turnedDepth,
  turnedDepth: pieces.turnedWidth,
});
export const exchangedLaid = (laid: readonly Placement2d[]): Placement2d[] =>
  laid.map((placement) => ({ ...placement, x: placement.y, y: placement.x }));
