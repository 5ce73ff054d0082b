/** Looks for packings made of blocks: pieces are put together by equal sides, and what is left is laid by a narrow beam. */
import type { Random } from '../../../ground/engine/random.ts';
import type { Block } from './block.ts';
import { Blocks, unfolded } from './blocks.ts';
import type { Incumbent } from '../incumbent.ts';
import { itemTypesOf, type Floor, type ItemTypes } from '../item-types.ts';
import { asPlacements, packFloorByBeam, beamParameters, priceOfArea } from './beam-floor.ts';

/** Among more than that too many sides are equal by chance. */
const MAX_UNITS = 90;
/** Changes in a yield at most, and how many pairs are looked at in one about. */
const YIELD_INTERVAL = { changes: 40, pairs: 8000 };
/** What one change of so many leaves is laid, if not more blocks than that. */
const LAID = { every: 60, most: 24 };
const BEAM = { least: 12, most: 80 };

/** @param plain real sides */
export function* searchBlocks(
  floor: Floor,
  plain: ItemTypes,
  incumbent: Incumbent,
  random: Random,
): Generator<void, void> {
  if (plain.count.reduce((sum, n) => sum + n, 0) > MAX_UNITS) return;
  const blocks = new Blocks(floor, plain, random);
  if (!blocks.any) return;
  const yieldInterval = Math.max(
    1,
    Math.min(YIELD_INTERVAL.changes, Math.round(YIELD_INTERVAL.pairs / Math.max(1, blocks.ways.pairs))),
  );
  let least = Infinity;
  for (let n = 0; ; n++) {
    const left = blocks.change();
    const further = blocks.least < least;
    least = blocks.least;
    if (further || (n % LAID.every === 0 && left.length <= LAID.most)) {
      yield* layBlocks(left);
      yield;
    } else if (n % yieldInterval === 0) yield;
  }

  function* layBlocks(left: readonly Block[]): Generator<void, void> {
    const pieces = itemTypesOf(
      left.map((block) => ({
        width: block.width,
        depth: block.depth,
        turnable: block.free,
        value: valueOf(block),
        count: 1,
      })),
    );
    const laid = yield* packFloorByBeam(
      floor,
      pieces,
      {
        ...priceOfArea(floor, pieces),
        ...beamParameters(2, random),
        width: BEAM.least + random.below(BEAM.most - BEAM.least),
        incumbentValue: incumbent.value,
      },
      random,
      random.next() < 0.5,
    );
    if (laid)
      incumbent.offer(asPlacements(laid.flatMap(({ type, x, y, turned }) => unfolded(left[type]!, x, y, turned))));
  }

  function valueOf(block: Block): number {
    return block.type >= 0 ? plain.value[block.type]! : block.parts.reduce((sum, part) => sum + valueOf(part.block), 0);
  }
}
