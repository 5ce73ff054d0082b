/**
 * Pieces with a side of exactly the same length, put together to one block, and blocks put together again: what was cut
 * from one board, or belongs to one system of trays, finds itself so, and a floor of forty pieces becomes one of ten.
 * Which of the equal sides belong together is left to chance; then some blocks are taken apart again and their parts put
 * together another way (ruin and recreate: Schrimpf et al. 2000), which is kept where no more blocks are left than before,
 * and now and then where there are. Four pieces around a fifth (a pinwheel) are put together as well: nothing else makes them one
 * rectangle.
 */
import type { Random } from '../../../ground/engine/random.ts';
import { expandItems, type Floor, type Placement2d, type ItemTypes } from '../item-types.ts';
import type { Block } from './block.ts';
import { Pinwheels } from './pinwheel.ts';

interface Pair {
  a: Block;
  b: Block;
  side: number;
  /** The other side of the block they would make. */
  sum: number;
  mark: number;
}

/** Pieces whose area is more than so many floors crowd it; the power of an area's share by which they are measured then. */
const CROWDED = 1.02;
const SMALL_LESS = 0.25;
/** Blocks taken apart in a change at most, and the chance that a part is taken apart as well. */
const APART = { most: 3, deeper: 0.6 };
/** A worse measure by so much is kept in one change of e; changes without a better one until all begins anew. */
const HEAT = { all: 0.5, crowded: 0.15 };
const STALE = 2000;
/** A side among many others nearly as long is equal to one by chance: a pair counts by that power of how crowded it is there. */
const CHANCE = { power: 0.5, within: 10, least: 0.05 };
/** A pinwheel is hardly ever chance: so much likelier than a pair. */
const PINWHEEL = 60;

export class Blocks {
  private readonly floor: Floor;
  private readonly random: Random;
  private readonly items: Block[];
  private readonly turning: Pinwheels;
  /** How many of the blocks in hand have a side of that length, mm. */
  private readonly sides: Int32Array;
  /** What a pair along a side of that length counts for. */
  private readonly rare: Float64Array;
  /** Whether the pieces are more than the floor can hold. */
  private readonly crowded: boolean;
  private changes = 0;
  private sinceBetter = 0;
  private now: Block[];
  /** Ways in which two pieces go together, and five. */
  readonly ways: { pairs: number; pinwheels: number };
  /** The least measure since it all began anew. */
  least = Infinity;

  /** @param pieces with their real sides: lifted ones are equal no longer */
  constructor(floor: Floor, pieces: ItemTypes, random: Random) {
    this.floor = floor;
    this.random = random;
    const longest = Math.max(floor.width, floor.depth);
    this.sides = new Int32Array(2 * longest + 2);
    this.items = expandItems(pieces.count).map((type) => ({
      width: pieces.width[type]!,
      depth: pieces.depth[type]!,
      free: pieces.turnable[type] === 1 || pieces.width[type] === pieces.depth[type],
      type,
      parts: [],
      mark: 1 + random.below(2 ** 33),
      pair: 0,
      usedIn: 0,
    }));
    this.rare = rarity(this.items, longest);
    const area = this.items.reduce((sum, { width, depth }) => sum + width * depth, 0);
    this.crowded = area > CROWDED * floor.width * floor.depth;
    this.turning = new Pinwheels(floor);
    const pinwheels = this.items.reduce((sum, item) => {
      this.turning.add(item);
      return sum + this.turning.with(item).length;
    }, 0);
    this.ways = { pairs: this.pairsOf(this.items).length, pinwheels };
    this.now = this.items;
  }

  /** Whether any two pieces go together at all. */
  get any(): boolean {
    return this.ways.pairs + this.ways.pinwheels > 0;
  }

  /** Puts together what is left in pieces, at first, and another way from then on; returns all blocks that are left. */
  change(): readonly Block[] {
    const anew = this.now === this.items || this.sinceBetter > STALE;
    if (anew) {
      this.least = Infinity;
      this.now = this.together(this.items, [], new Set());
    } else {
      const { kept, parts, barred } = this.apart();
      const next = this.together(parts, kept, barred);
      const worse = this.measure(next) - this.measure(this.now);
      const heat = this.crowded ? HEAT.crowded : HEAT.all;
      if (worse <= 0 || this.random.next() < Math.exp(-worse / heat)) this.now = next;
    }
    const measure = this.measure(this.now);
    this.sinceBetter = measure < this.least - 1e-9 ? 0 : this.sinceBetter + 1;
    this.least = Math.min(this.least, measure);
    return this.now;
  }

  /**
   * How far it came, less is better: the number of blocks; where not everything can lie, what is left over counts less the
   * smaller it is.
   */
  private measure(blocks: readonly Block[]): number {
    if (!this.crowded) return blocks.length;
    const whole = this.floor.width * this.floor.depth;
    return blocks.reduce((sum, { width, depth }) => sum + Math.pow((width * depth) / whole, SMALL_LESS), 0);
  }

  /** Takes some blocks apart, and what they were made of as well by chance; the same pairs are barred for once. */
  private apart(): { kept: Block[]; parts: Block[]; barred: Set<number> } {
    const { random } = this;
    const kept = this.now.slice();
    const made = kept.filter((block) => block.type < 0);
    const parts: Block[] = [];
    const barred = new Set<number>();
    const divide = (block: Block): void => {
      if (block.pair) barred.add(block.pair);
      for (const { block: part } of block.parts)
        if (part.type < 0 && random.next() < APART.deeper) divide(part);
        else parts.push(part);
    };
    for (let n = 1 + random.below(APART.most); n > 0 && made.length; n--) {
      const [block] = made.splice(random.below(made.length), 1);
      kept.splice(kept.indexOf(block!), 1);
      divide(block!);
    }
    return { kept, parts, barred };
  }

  /** Puts together until nothing fits any more. Among `kept` there is nothing to find but what was barred before. */
  private together(parts: readonly Block[], kept: readonly Block[], barred: ReadonlySet<number>): Block[] {
    const { turning } = this;
    const change = ++this.changes;
    const there = ({ usedIn }: Block) => usedIn !== change;
    let blocks = [...kept, ...parts];
    this.sides.fill(0);
    turning.clear();
    for (const block of blocks) {
      block.usedIn = 0;
      this.count(block, 1);
      turning.add(block);
    }
    let pairs = this.pairsOf(blocks).filter((pair) => !barred.has(pair.mark));
    const found = new Map(parts.flatMap((part) => turning.with(part)).map((wheel) => [wheel.mark, wheel]));
    let wheels = [...found.values()];
    for (;;) {
      const chosen = this.choose(pairs, wheels);
      if (!chosen) return blocks;
      const next = 'parts' in chosen ? chosen : joined(chosen);
      for (const { block } of next.parts) {
        block.usedIn = change;
        this.count(block, -1);
        turning.remove(block);
      }
      this.count(next, 1);
      turning.add(next);
      blocks = blocks.filter(there);
      pairs = pairs.filter(({ a, b }) => there(a) && there(b));
      wheels = wheels.filter(({ parts: five }) => five.every(({ block }) => there(block)));
      for (const block of blocks) this.pair(block, next, pairs);
      wheels.push(...turning.with(next));
      blocks.push(next);
    }
  }

  private count({ width, depth }: Block, by: number): void {
    this.sides[width]! += by;
    if (depth !== width) this.sides[depth]! += by;
  }

  private pairsOf(blocks: readonly Block[]): Pair[] {
    const pairs: Pair[] = [];
    blocks.forEach((b, i) => {
      for (let j = 0; j < i; j++) this.pair(blocks[j]!, b, pairs);
    });
    return pairs;
  }

  /** Takes up in which ways two blocks go together. */
  private pair(a: Block, b: Block, pairs: Pair[]): void {
    if (a.width === b.width) this.offer(a, b, a.width, a.depth + b.depth, pairs);
    if (a.depth === b.depth && (a.depth !== a.width || b.depth !== b.width))
      this.offer(a, b, a.depth, a.width + b.width, pairs);
    if ((!a.free && !b.free) || a.width === a.depth || b.width === b.depth) return;
    if (a.width === b.depth) this.offer(a, b, a.width, a.depth + b.width, pairs);
    if (a.depth === b.width) this.offer(a, b, a.depth, a.width + b.depth, pairs);
  }

  private offer(a: Block, b: Block, side: number, sum: number, pairs: Pair[]): void {
    const { width, depth } = this.floor;
    if (!((side <= width && sum <= depth) || (side <= depth && sum <= width))) return;
    // Sixty pieces and a side of 8 m stay exact.
    pairs.push({ a, b, side, sum, mark: (a.mark + b.mark) * 8192 + side });
  }

  /** One of them by chance: those along a rare side, that alone share it, or whose new side others share, likelier. */
  private choose(pairs: readonly Pair[], wheels: readonly Block[]): Pair | Block | null {
    const { sides, rare } = this;
    const weight = ({ side, sum }: Pair) => (rare[side]! * (1 + sides[sum]!)) / Math.max(1, sides[side]! - 1);
    let total = PINWHEEL * wheels.length;
    for (const pair of pairs) total += weight(pair);
    let at = this.random.next() * total - PINWHEEL * wheels.length;
    if (at < 0) return wheels[this.random.below(wheels.length)]!;
    for (const pair of pairs) if ((at -= weight(pair)) <= 0) return pair;
    return pairs.at(-1) ?? null;
  }
}

/** By length: how few sides of the pieces are nearly as long, to the power of CHANCE. */
function rarity(items: readonly Block[], longest: number): Float64Array {
  const { power, within, least } = CHANCE;
  const near = new Float64Array(2 * longest + 2);
  for (const item of items)
    for (const side of [item.width, item.depth])
      for (let off = -within; off <= within; off++)
        if (side + off >= 0 && side + off < near.length)
          near[side + off]! += (within + 1 - Math.abs(off)) / (within + 1) ** 2;
  return near.map((one) => Math.max(least, one) ** -power);
}

/** Two blocks along their equal side: one behind the other where that is the width of the first that cannot be turned. */
function joined({ a, b, side, mark }: Pair): Block {
  const fixed = a.free ? (b.free ? null : b) : a;
  const behind = !fixed || (fixed.width === side && canBeAsWide(a === fixed ? b : a, side));
  const aTurned = (behind ? a.width : a.depth) !== side;
  const bTurned = (behind ? b.width : b.depth) !== side;
  const [aw, ad] = aTurned ? [a.depth, a.width] : [a.width, a.depth];
  const [bw, bd] = bTurned ? [b.depth, b.width] : [b.width, b.depth];
  return {
    width: behind ? side : aw + bw,
    depth: behind ? ad + bd : side,
    free: !fixed,
    type: -1,
    parts: [
      { block: a, x: 0, y: 0, turned: aTurned },
      { block: b, x: behind ? 0 : aw, y: behind ? ad : 0, turned: bTurned },
    ],
    mark: a.mark + b.mark,
    pair: mark,
    usedIn: 0,
  };
}

/** Whether a block can lie so that it is that wide. */
const canBeAsWide = ({ width, depth, free }: Block, side: number): boolean =>
  width === side || (free && depth === side);

/** The pieces of a block that lies there. */
export function unfolded(block: Block, x: number, y: number, turned: boolean): Placement2d[] {
  // A square lies the same either way, and may be one that must not be turned.
  if (block.type >= 0) return [{ type: block.type, x, y, turned: turned && block.width !== block.depth }];
  return block.parts.flatMap((part) =>
    turned
      ? unfolded(part.block, x + part.y, y + part.x, !part.turned)
      : unfolded(part.block, x + part.x, y + part.y, part.turned),
  );
}
