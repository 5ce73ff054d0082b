/** Pieces that lie together as one rectangle. */

export interface Part {
  block: Block;
  x: number;
  y: number;
  turned: boolean;
}

export interface Block {
  width: number;
  depth: number;
  /** May lie either way. */
  free: boolean;
  /** Of a single piece; −1 for what is put together. */
  type: number;
  parts: readonly Part[];
  /** Sum of its pieces' numbers: the same pieces make the same number. */
  mark: number;
  /** The number of the pair it was made of, 0 of anything else. */
  pair: number;
  /** The change in which it was last put into another. */
  usedIn: number;
}
