import type { PlaceCosts } from './costs.ts';

/** Keeps the few least of many offered values, in a heap with the greatest of them on top. */
export class Nearest {
  private readonly most: number;
  private readonly values: Float64Array;
  private readonly items: Int32Array;
  private size = 0;

  constructor(most: number) {
    this.most = most;
    this.values = new Float64Array(most);
    this.items = new Int32Array(most);
  }

  clear(): void {
    this.size = 0;
  }

  /** Nothing at or above it is kept. */
  get worst(): number {
    return this.size < this.most ? Infinity : this.values[0]!;
  }

  offer(value: number, item: number): void {
    const { values, items } = this;
    if (this.size < this.most) {
      let at = this.size++;
      for (; at > 0;) {
        const above = (at - 1) >> 1;
        if (values[above]! >= value) break;
        values[at] = values[above]!;
        items[at] = items[above]!;
        at = above;
      }
      values[at] = value;
      items[at] = item;
    } else if (value < values[0]!) this.sink(value, item, this.size);
  }

  /** Offers the compartments of a bin that are not listed yet, nearest first, and ends where no other could be kept. */
  offerAll(costs: PlaceCosts, b: number, listed?: Uint8Array): void {
    for (const c of costs.byWalk(b)) {
      if (costs.leastAfter(b, c) >= this.worst) return;
      if (listed?.[c]) continue;
      const cost = costs.at(b, c);
      if (cost < this.worst) this.offer(cost, c);
    }
  }

  /** What was kept, least first; then it is empty. */
  sorted(): { values: Float64Array; items: Int32Array } {
    const { values, items } = this;
    for (let last = this.size - 1; last > 0; last--) {
      const value = values[last]!;
      const item = items[last]!;
      values[last] = values[0]!;
      items[last] = items[0]!;
      this.sink(value, item, last);
    }
    const kept = { values: values.slice(0, this.size), items: items.slice(0, this.size) };
    this.size = 0;
    return kept;
  }

  /** Puts a value on top of the first `size` and lets it sink to its place. */
  private sink(value: number, item: number, size: number): void {
    const { values, items } = this;
    let at = 0;
    for (;;) {
      let below = 2 * at + 1;
      if (below >= size) break;
      if (below + 1 < size && values[below + 1]! > values[below]!) below++;
      if (values[below]! <= value) break;
      values[at] = values[below]!;
      items[at] = items[below]!;
      at = below;
    }
    values[at] = value;
    items[at] = item;
  }
}
