/** The sides of the pieces that are left, shortest first, and what a gap loses for certain with them. */
import type { ItemTypes } from '../item-types.ts';

export class RemainingSides {
  /** Every side that can lie across, and whose it is. */
  private readonly side: Int32Array;
  private readonly owner: Int16Array;
  // The same of what is left.
  private readonly nowSide: Int32Array;
  private readonly nowOwner: Int16Array;
  private count = 0;
  private left: Uint8Array = new Uint8Array(0);

  constructor({ types, width, turnedWidth, turnable }: ItemTypes) {
    const sides = Array.from({ length: types }, (_, t) =>
      (turnable[t] ? [width[t]!, turnedWidth[t]!] : [width[t]!]).map((side) => ({ t, side })),
    )
      .flat()
      .sort((a, b) => a.side - b.side);
    this.side = Int32Array.from(sides, ({ side }) => side);
    this.owner = Int16Array.from(sides, ({ t }) => t);
    this.nowSide = new Int32Array(sides.length);
    this.nowOwner = new Int16Array(sides.length);
  }

  /** From now on so many of each type are left. */
  look(left: Uint8Array): void {
    this.left = left;
    this.count = 0;
    for (let k = 0; k < this.side.length; k++)
      if (left[this.owner[k]!]) {
        this.nowSide[this.count] = this.side[k]!;
        this.nowOwner[this.count++] = this.owner[k]!;
      }
  }

  /** Shortest side once one piece of type `except` is gone. */
  narrowest(except: number): number {
    const whole = this.left[except]! > 1;
    for (let k = 0; k < this.count; k++) if (whole || this.nowOwner[k] !== except) return this.nowSide[k]!;
    return Infinity;
  }

  /**
   * Area that is lost for certain in a gap of that width and height once one piece of type `except` is gone and `least`
   * is the shortest side: all of it when nothing fits, else the strip beside the piece that fills it best, where two do not
   * fit side by side.
   */
  sureLoss(except: number, least: number, width: number, high: number): number {
    if (width >= 2 * least) return 0;
    if (width < least) return width * high;
    const whole = this.left[except]! > 1;
    let low = 0;
    for (let above = this.count; low < above;) {
      const middle = (low + above) >> 1;
      if (this.nowSide[middle]! <= width) low = middle + 1;
      else above = middle;
    }
    while (!whole && this.nowOwner[low - 1] === except) low--;
    return (width - this.nowSide[low - 1]!) * Math.min(high, least);
  }
}
