/** A binary heap; `before(a, b)` says that a comes out earlier than b. */
export class PriorityQueue<T> {
  private readonly items: T[] = [];
  private readonly before: (a: T, b: T) => boolean;

  constructor(before: (a: T, b: T) => boolean) {
    this.before = before;
  }

  get size(): number {
    return this.items.length;
  }

  peek(): T | undefined {
    return this.items[0];
  }

  push(item: T): void {
    const { items } = this;
    let at = items.push(item) - 1;
    while (at > 0) {
      const up = (at - 1) >> 1;
      if (!this.before(item, items[up]!)) break;
      items[at] = items[up]!;
      at = up;
    }
    items[at] = item;
  }

  pop(): T | undefined {
    const { items } = this;
    const top = items[0];
    const last = items.pop();
    if (last === undefined || !items.length) return top;
    let at = 0;
    for (;;) {
      let down = 2 * at + 1;
      if (down >= items.length) break;
      if (down + 1 < items.length && this.before(items[down + 1]!, items[down]!)) down++;
      if (!this.before(items[down]!, last)) break;
      items[at] = items[down]!;
      at = down;
    }
    items[at] = last;
    return top;
  }
}
