/**
 * Which things bring most where only so much width is free, exactly: depth first with the best by the width first, and a
 * table over the widths where that takes too long. Its arrays are kept and used again.
 */
export class Knapsack {
  /** What each thing brings, and how wide it is: set before asking. */
  readonly profit: Float64Array;
  readonly width: Int32Array;
  /** After asking: 1 for each thing that is taken. */
  readonly chosen: Uint8Array;
  private readonly order: Int32Array;
  private readonly ratio: Float64Array;
  private readonly path: Int32Array;
  private readonly bestPath: Int32Array;
  private bestLength = 0;
  private best = 0;
  private nodes = 0;
  private count = 0;
  private gain = new Float64Array(0);
  private table = new Uint8Array(0);

  /** @param things the most that are asked about at once */
  constructor(things: number) {
    this.profit = new Float64Array(things);
    this.width = new Int32Array(things);
    this.chosen = new Uint8Array(things);
    this.order = new Int32Array(things);
    this.ratio = new Float64Array(things);
    this.path = new Int32Array(things);
    this.bestPath = new Int32Array(things);
  }

  /** The most that the first `count` things can bring in `room`; sets `chosen`. */
  most(count: number, room: number): number {
    const { profit, width, order, ratio, chosen, bestPath } = this;
    for (let i = 0; i < count; i++) {
      const value = profit[i]! / width[i]!;
      let at = i;
      for (; at > 0 && ratio[at - 1]! < value; at--) {
        ratio[at] = ratio[at - 1]!;
        order[at] = order[at - 1]!;
      }
      ratio[at] = value;
      order[at] = i;
    }
    this.count = count;
    this.best = 0;
    this.bestLength = 0;
    // About as many steps as the table would take.
    this.nodes = count * room;
    this.descend(0, room, 0, 0);
    if (this.nodes <= 0) return this.byTable(count, room);
    chosen.fill(0, 0, count);
    for (let k = 0; k < this.bestLength; k++) chosen[bestPath[k]!] = 1;
    return this.best;
  }

  /** The same without thing k. */
  without(k: number, count: number, room: number): number {
    const { profit, width } = this;
    const last = count - 1;
    const [own, wide] = [profit[k]!, width[k]!];
    profit[k] = profit[last]!;
    width[k] = width[last]!;
    const gain = last ? this.most(last, room) : 0;
    profit[k] = own;
    width[k] = wide;
    return gain;
  }

  private descend(next: number, left: number, sum: number, depth: number): void {
    const { profit, width, order, ratio, path, count } = this;
    if (sum > this.best) {
      this.best = sum;
      this.bestLength = depth;
      for (let k = 0; k < depth; k++) this.bestPath[k] = path[k]!;
    }
    for (let i = next; i < count; i++) {
      if (--this.nodes <= 0 || sum + left * ratio[i]! <= this.best) return;
      const thing = order[i]!;
      if (width[thing]! > left) continue;
      path[depth] = thing;
      this.descend(i + 1, left - width[thing]!, sum + profit[thing]!, depth + 1);
    }
  }

  private byTable(count: number, room: number): number {
    const { profit, width, chosen } = this;
    const span = room + 1;
    if (this.gain.length < span) this.gain = new Float64Array(span * 2);
    if (this.table.length < span * count) this.table = new Uint8Array(span * count * 2);
    const { gain, table } = this;
    gain.fill(0, 0, span);
    for (let i = 0; i < count; i++) {
      const w = width[i]!;
      const p = profit[i]!;
      const row = i * span;
      table.fill(0, row, row + span);
      for (let at = room; at >= w; at--) {
        const better = gain[at - w]! + p;
        if (better > gain[at]!) {
          gain[at] = better;
          table[row + at] = 1;
        }
      }
    }
    let at = room;
    for (let i = count - 1; i >= 0; i--) {
      chosen[i] = table[i * span + at]!;
      if (chosen[i]) at -= width[i]!;
    }
    return gain[room]!;
  }
}
