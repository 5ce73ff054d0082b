/** Changes of an arrangement that can be given up: what was put is taken, what was taken is put back. */
import type { Arrangement } from './arrangement.ts';
import type { Spots } from './spots.ts';

const PUT = -1;
const TAKEN = -2;
const SWAPPED = -3;

export class ChangeLog {
  private readonly now: Arrangement;
  private readonly spots: Spots;
  /** Numbers one after the other, as millions of changes are given up: what each needs, then what it was. */
  private readonly entries: number[] = [];

  constructor(now: Arrangement, spots: Spots) {
    this.now = now;
    this.spots = spots;
  }
  clear(): void {
    this.entries.length = 0;
  }
  /** Puts a bin at the spot that was found last. */
  put(bin: number): void {
    this.entries.push(this.now.version[this.spots.space]!, bin, PUT);
    this.spots.put(bin);
  }
  take(bin: number): void {
    const { now, entries } = this;
    const space = now.space[bin]!;
    entries.push(now.version[space]!, now.on[bin]!, now.turned[bin]!, now.z0[bin]!, now.y0[bin]!, now.x0[bin]!);
    entries.push(space, bin, TAKEN);
    now.take(bin);
  }
  /** Two bins of one size change places. @param change what the arrangement said that it costs */
  swap(a: number, b: number, change: number): void {
    const { now, entries } = this;
    entries.push(now.version[now.space[a]!]!, now.version[now.space[b]!]!, change, a, b, SWAPPED);
    now.swap(a, b, change);
  }
  /** All of it, the last one first. */
  undo(): void {
    while (this.entries.length) this.undoLast();
  }
  /** The last change. */
  undoLast(): void {
    const { now, entries } = this;
    const act = entries.pop()!;
    const bin = entries.pop()!;
    if (act === PUT) {
      const space = now.space[bin]!;
      now.take(bin);
      now.isAsIn(space, entries.pop()!);
    } else if (act === SWAPPED) {
      const other = entries.pop()!;
      now.swap(bin, other, -entries.pop()!);
      now.isAsIn(now.space[bin]!, entries.pop()!);
      now.isAsIn(now.space[other]!, entries.pop()!);
    } else {
      const space = entries.pop()!;
      const x = entries.pop()!;
      const y = entries.pop()!;
      const z = entries.pop()!;
      const turned = entries.pop()!;
      now.put(bin, space, x, y, z, turned, entries.pop()!);
      now.isAsIn(space, entries.pop()!);
    }
  }
}
