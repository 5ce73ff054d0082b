/**
 * Pieces with a side of exactly the same length, put together to one block, and blocks put together again: what was cut
 * from one board, or belongs to one system of trays, finds itself so, and a floor of forty pieces becomes one of ten.
 * Which of the equal sides belong together is left to chance at first; pairs that were met in runs that came far are
 * taken more often from then on. Four pieces around a fifth (a pinwheel) are put together as well: nothing else makes
 * them one rectangle.
 */
import type { Random } from '../random.ts';
import { unitsOf, type Floor, type Laid, type Pieces } from './pieces.ts';
import { Pinwheels } from './pinwheel.ts';

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
  /** The run in which it was last put into another. */
  usedIn: number;
}

interface Pair {
  a: Block;
  b: Block;
  side: number;
  /** The other side of the block they would make. */
  sum: number;
  mark: number;
  liking: number;
}

interface Wheel {
  a: null;
  block: Block;
  mark: number;
  liking: number;
}

/** Pieces whose area is more than so many floors crowd it; the power of an area's share by which they are measured then. */
const CROWDED = 1.02;
const SMALL_LESS = 0.25;
/**
 * Liking of a pair: e to that power for every block by which the runs that took it ended better than the mean, doubted
 * while there were few of them; and its ends. A run counts less the more followed it.
 */
const LIKING = { power: 2, crowded: 6, doubt: 5, least: -4, most: 6, memory: 50 };
/** Share by which the mean of all runs follows the last one. */
const FOLLOWING = 0.02;
/** A pinwheel is hardly ever chance: so much likelier than a pair. */
const PINWHEEL = 8;
/** Runs after which everything learned is forgotten: what finds itself does so soon, or learned something wrong. */
const FRESH_AFTER = 1000;

export class Blocks {
  private readonly floor: Floor;
  private readonly random: Random;
  private readonly units: Block[];
  private readonly pinwheels: Block[] = [];
  private readonly turning: Pinwheels;
  private readonly pairs: Pair[];
  /** By pair: runs that took it, and how many blocks they left in the mean. */
  private readonly liking = new Map<number, { n: number; left: number }>();
  /** How many of the blocks in hand have a side of that length, mm. */
  private readonly sides: Int32Array;
  /** Whether the pieces are more than the floor can hold. */
  private readonly crowded: boolean;
  private runs = 0;
  private mean = 0;
  /** The least measure of a run. */
  least = Infinity;

  /** @param pieces with their real sides: lifted ones are equal no longer */
  constructor(floor: Floor, pieces: Pieces, random: Random) {
    this.floor = floor;
    this.random = random;
    this.sides = new Int32Array(2 * Math.max(floor.width, floor.depth) + 2);
    this.units = unitsOf(pieces.count).map((type) => ({
      width: pieces.width[type]!,
      depth: pieces.depth[type]!,
      free: pieces.turnable[type] === 1 || pieces.width[type] === pieces.depth[type],
      type,
      parts: [],
      mark: 1 + random.below(2 ** 33),
      usedIn: 0,
    }));
    const area = this.units.reduce((sum, { width, depth }) => sum + width * depth, 0);
    this.crowded = area > CROWDED * floor.width * floor.depth;
    this.turning = new Pinwheels(floor);
    for (const unit of this.units) {
      this.turning.add(unit);
      this.pinwheels.push(...this.turning.with(unit));
    }
    this.pairs = this.pairsOf(this.units);
  }

  /** Whether any two pieces go together at all. */
  get any(): boolean {
    return this.pinwheels.length + this.pairs.length > 0;
  }

  /** Ways in which two pieces go together: what a run takes grows with them. */
  get ways(): number {
    return this.pairs.length;
  }

  /** Puts together until `enough` blocks are left or nothing fits any more; returns all that are left. */
  run(enough: number): Block[] {
    const { turning } = this;
    const run = ++this.runs;
    const there = ({ usedIn }: Block) => usedIn !== run;
    let blocks = this.units.slice();
    this.sides.fill(0);
    turning.clear();
    for (const block of blocks) {
      this.count(block, 1);
      turning.add(block);
    }
    let pairs = this.pairs.map((pair) => ({ ...pair, liking: this.likingOf(pair.mark) }));
    let wheels = this.pinwheels.map((block) => this.likedWheel(block));
    const made: number[] = [];
    while (blocks.length > enough) {
      const chosen = this.choose(pairs, wheels);
      if (!chosen) break;
      made.push(chosen.mark);
      const next = chosen.a ? joined(chosen) : chosen.block;
      for (const { block } of next.parts) {
        block.usedIn = run;
        this.count(block, -1);
        turning.remove(block);
      }
      this.count(next, 1);
      turning.add(next);
      blocks = blocks.filter(there);
      pairs = pairs.filter(({ a, b }) => there(a) && there(b));
      wheels = wheels.filter(({ block }) => block.parts.every((part) => there(part.block)));
      for (const block of blocks) this.pair(block, next, pairs);
      for (const block of turning.with(next)) wheels.push(this.likedWheel(block));
      blocks.push(next);
    }
    if (blocks.length > enough || enough <= 1) this.learn(made, this.measure(blocks));
    return blocks;
  }

  /**
   * How far a run came, less is better: the number of blocks; where not everything can lie, what is left over counts less
   * the smaller it is.
   */
  measure(blocks: readonly Block[]): number {
    if (!this.crowded) return blocks.length;
    const whole = this.floor.width * this.floor.depth;
    return blocks.reduce((sum, { width, depth }) => sum + Math.pow((width * depth) / whole, SMALL_LESS), 0);
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
    const mark = (a.mark + b.mark) * 8192 + side;
    pairs.push({ a, b, side, sum, mark, liking: this.likingOf(mark) });
  }

  private likedWheel(block: Block): Wheel {
    const mark = block.mark * 8192;
    return { a: null, block, mark, liking: this.likingOf(mark) };
  }

  /** One of them by chance: liked ones, those that alone share a side, and those whose new side others share, likelier. */
  private choose(pairs: readonly Pair[], wheels: readonly Wheel[]): Pair | Wheel | null {
    const { sides } = this;
    const weight = ({ side, sum, liking }: Pair) => (liking * (1 + sides[sum]!)) / Math.max(1, sides[side]! - 1);
    let total = 0;
    for (const pair of pairs) total += weight(pair);
    for (const wheel of wheels) total += PINWHEEL * wheel.liking;
    let at = this.random.next() * total;
    for (const wheel of wheels) if ((at -= PINWHEEL * wheel.liking) <= 0) return wheel;
    for (const pair of pairs) if ((at -= weight(pair)) <= 0) return pair;
    return pairs.at(-1) ?? wheels.at(-1) ?? null;
  }

  private learn(made: readonly number[], left: number): void {
    this.least = Math.min(this.least, left);
    this.mean = this.mean ? this.mean + FOLLOWING * (left - this.mean) : left;
    if (this.runs % FRESH_AFTER === 0) {
      this.liking.clear();
      this.mean = 0;
      this.least = Infinity;
      return;
    }
    for (const mark of made) {
      const own = this.liking.get(mark);
      if (own) {
        own.n++;
        own.left += (left - own.left) / Math.min(own.n, LIKING.memory);
      } else this.liking.set(mark, { n: 1, left });
    }
  }

  private likingOf(mark: number): number {
    const own = this.liking.get(mark);
    if (!own) return 1;
    const better =
      ((this.crowded ? LIKING.crowded : LIKING.power) * (this.mean - own.left) * own.n) / (own.n + LIKING.doubt);
    return Math.exp(Math.max(LIKING.least, Math.min(LIKING.most, better)));
  }
}

/** Two blocks along their equal side: one behind the other where that is the width of the first that cannot be turned. */
function joined({ a, b, side }: Pair): Block {
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
    usedIn: 0,
  };
}

/** Whether a block can lie so that it is that wide. */
const canBeAsWide = ({ width, depth, free }: Block, side: number): boolean =>
  width === side || (free && depth === side);

/** The pieces of a block that lies there. */
export function unfolded(block: Block, x: number, y: number, turned: boolean): Laid[] {
  // A square lies the same either way, and may be one that must not be turned.
  if (block.type >= 0) return [{ type: block.type, x, y, turned: turned && block.width !== block.depth }];
  return block.parts.flatMap((part) =>
    turned
      ? unfolded(part.block, x + part.y, y + part.x, !part.turned)
      : unfolded(part.block, x + part.x, y + part.y, part.turned),
  );
}
