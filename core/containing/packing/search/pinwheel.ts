/**
 * Four blocks around a fifth that make one rectangle, as no straight cut can: found by their sides, where they are exact.
 * Blocks come and go; asked for are the pinwheels of one block with those that are there.
 */
import type { Block } from './block.ts';
import type { Floor } from '../item-types.ts';

/** A way in which a block can lie. */
interface Way {
  block: Block;
  turned: boolean;
  width: number;
  depth: number;
}

/** Of trays of few sizes so many pinwheels could be made that not all are looked for. */
const NODE_LIMIT = 2000;

export class Pinwheels {
  private readonly floor: Floor;
  private readonly ways: Way[] = [];
  /** Ways of that width, and of that depth. */
  private readonly byWidth: (Way[] | undefined)[];
  private readonly byDepth: (Way[] | undefined)[];

  private nodesLeft = 0;

  constructor(floor: Floor) {
    this.floor = floor;
    // Asked for are also sums of two sides.
    const sides = 2 * Math.max(floor.width, floor.depth) + 1;
    this.byWidth = new Array<Way[] | undefined>(sides).fill(undefined);
    this.byDepth = this.byWidth.slice();
  }

  add(block: Block): void {
    this.lay({ block, turned: false, width: block.width, depth: block.depth });
    if (block.free && block.width !== block.depth)
      this.lay({ block, turned: true, width: block.depth, depth: block.width });
  }

  private lay(way: Way): void {
    if (way.width > this.floor.width || way.depth > this.floor.depth) return;
    this.ways.push(way);
    (this.byWidth[way.width] ??= []).push(way);
    (this.byDepth[way.depth] ??= []).push(way);
  }

  remove(block: Block): void {
    for (let i = this.ways.length - 1; i >= 0; i--) {
      const way = this.ways[i]!;
      if (way.block !== block) continue;
      this.ways[i] = this.ways.at(-1)!;
      this.ways.pop();
      drop(this.byWidth[way.width]!, way);
      drop(this.byDepth[way.depth]!, way);
    }
  }

  clear(): void {
    for (const { width, depth } of this.ways) {
      this.byWidth[width]!.length = 0;
      this.byDepth[depth]!.length = 0;
    }
    this.ways.length = 0;
  }

  /**
   * Pinwheels of a block that is there with others. a lies in the near left corner, b beside it, c behind b, d behind a,
   * e between them all: a is as wide as d and e, c as b and e; b is as deep as a and e, d as c and e. Turned half round, c
   * is a, and d is b.
   */
  with(block: Block): Block[] {
    const { byWidth, byDepth } = this;
    const found = new Map<number, Block>();
    this.nodesLeft = NODE_LIMIT;
    for (const way of this.ways) {
      if (way.block !== block) continue;
      for (const other of this.ways) {
        if (other.block === block) continue;
        if (this.nodesLeft < 0) return [...found.values()];
        this.around(way, other, found);
        this.around(other, way, found);
        if (way.depth <= other.depth) continue;
        // own as b
        const narrow = byDepth[way.depth - other.depth];
        const wide = byWidth[way.width + other.width];
        if (!narrow?.length || !wide?.length) continue;
        for (const a of narrow) {
          if (a.width <= other.width) continue;
          for (const d of byWidth[a.width - other.width] ?? [])
            for (const c of wide) {
              if (--this.nodesLeft < 0) return [...found.values()];
              if (d.depth === c.depth + other.depth) this.take(a, way, c, d, other, found);
            }
        }
      }
    }
    return [...found.values()];
  }

  /** Those with that one in the middle and that one in the corner. */
  private around(e: Way, a: Way, found: Map<number, Block>): void {
    if (a.width <= e.width) return;
    const behind = this.byWidth[a.width - e.width];
    if (!behind?.length) return;
    const beside = this.byDepth[a.depth + e.depth];
    if (!beside?.length) return;
    for (const b of beside)
      for (const c of this.byWidth[b.width + e.width] ?? [])
        for (const d of behind) {
          if (--this.nodesLeft < 0) return;
          if (d.depth === c.depth + e.depth) this.take(a, b, c, d, e, found);
        }
  }

  private take(a: Way, b: Way, c: Way, d: Way, e: Way, found: Map<number, Block>): void {
    const width = a.width + b.width;
    const depth = a.depth + d.depth;
    const members = [a.block, b.block, c.block, d.block, e.block];
    const mark = members.reduce((sum, block) => sum + block.mark, 0);
    const { floor } = this;
    const fits =
      (width <= floor.width && depth <= floor.depth) ||
      (members.every((block) => block.free) && width <= floor.depth && depth <= floor.width);
    if (!fits || found.has(mark) || new Set(members).size < 5) return;
    const at = ({ block, turned }: Way, x: number, y: number) => ({ block, turned, x, y });
    found.set(mark, {
      width,
      depth,
      free: members.every((block) => block.free),
      type: -1,
      parts: [at(a, 0, 0), at(b, a.width, 0), at(c, d.width, b.depth), at(d, 0, a.depth), at(e, d.width, a.depth)],
      mark,
      pair: 0,
      usedIn: 0,
    });
  }
}

function drop(own: Way[], way: Way): void {
  own[own.indexOf(way)] = own.at(-1)!;
  own.pop();
}
