/** Looks for packings made of blocks: pieces are put together by equal sides, and what is left is laid by a narrow beam. */
import type { Random } from '../random.ts';
import { Blocks, unfolded, type Block } from './blocks.ts';
import type { Incumbent } from './incumbent.ts';
import { piecesOf, type Floor, type Pieces } from './pieces.ts';
import { asPuts, lay, liking, priceOfRoom } from './lay.ts';

/** Among more than that too many sides are equal by chance. */
const MOST_UNITS = 90;
/** Runs of putting together in a breath at most, and how many pairs are looked at in one about. */
const BREATH = { runs: 12, pairs: 2500 };
/** One run of so many stops early, when between so many blocks are left: what is wrong is mostly put together late. */
const EARLY = { every: 3, least: 8, most: 18 };
/** Of the others only those that came about as far as any, and one of so many besides, are laid. */
const LAID_BESIDES = 12;
/** So much more than the least is about as far. */
const NEARLY = 1;
const BEAM = { least: 12, most: 80 };

/** @param plain real sides */
export function* searchBlocks(
  floor: Floor,
  plain: Pieces,
  incumbent: Incumbent,
  random: Random,
): Generator<void, void> {
  if (plain.count.reduce((sum, n) => sum + n, 0) > MOST_UNITS) return;
  const blocks = new Blocks(floor, plain, random);
  if (!blocks.any) return;
  const breath = Math.max(1, Math.min(BREATH.runs, Math.round(BREATH.pairs / blocks.ways)));
  for (let run = 0; ; run++) {
    const early = run % EARLY.every === 1;
    const left = blocks.run(early ? EARLY.least + random.below(EARLY.most - EARLY.least) : 1);
    if (early || blocks.measure(left) <= blocks.least + NEARLY || random.below(LAID_BESIDES) === 0) {
      yield* layBlocks(left);
      yield;
    } else if (run % breath === 0) yield;
  }

  function* layBlocks(left: readonly Block[]): Generator<void, void> {
    const pieces = piecesOf(
      left.map((block) => ({
        width: block.width,
        depth: block.depth,
        turnable: block.free,
        value: valueOf(block),
        count: 1,
      })),
    );
    const laid = yield* lay(
      floor,
      pieces,
      {
        ...priceOfRoom(floor, pieces),
        ...liking(2, random),
        width: BEAM.least + random.below(BEAM.most - BEAM.least),
        beat: incumbent.value,
      },
      random,
      random.next() < 0.5,
    );
    if (laid) incumbent.offer(asPuts(laid.flatMap(({ type, x, y, turned }) => unfolded(left[type]!, x, y, turned))));
  }

  function valueOf(block: Block): number {
    return block.type >= 0 ? plain.value[block.type]! : block.parts.reduce((sum, part) => sum + valueOf(part.block), 0);
  }
}
