/** Looks for the best packing on the bare floor: beams of growing width, in turn with blocks or with rebuilding. */
import { Random } from '../../../ground/engine/random.ts';
import type { Incumbent } from '../incumbent.ts';
import { asPlacements, packFloorByBeam, beamParameters, priceOfArea } from './beam-floor.ts';
import { enlargeSides } from '../bounds/enlarge-sides.ts';
import { expandItems, type Floor, type ItemTypes } from '../item-types.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { searchBlocks } from './search-blocks.ts';
import { searchRuinRecreate } from './search-ruin-recreate.ts';

/** Found by trial on floors cut to 9 to 49 pieces: a beam begins with so many states and doubles after each pair. */
const FIRST_WIDTH = 20;
const WIDEST = 4000;
const WIDEST_UNEVEN = 300;

/** Yields for each of the beams: of blocks, where all pieces are worth their room, else of rebuilding, as the choice matters more. */
const TURNS = { blocks: 4, rebuilt: 2 };

/** Runs on chosen subsets for each run on everything, where some pieces are worth more room than others. */
const SUBSET_RUNS = 6;
/** Less spread than this in value per area, and no piece is the better choice. */
const EVEN_WORTH = 1.05;

/**
 * Beams take turns with blocks, or with rebuilding.
 * @param plain real sides; they are lifted here for what is looked at
 */
export function* searchFlat(
  problem: FitProblem,
  plain: ItemTypes,
  incumbent: Incumbent,
  random: Random,
): Generator<void, never> {
  const floor = { width: problem.compartment.width, depth: problem.compartment.depth };
  const beams = searchBeams(problem, plain, incumbent, random);
  const other = new Random(random.below(2 ** 31));
  const uneven = isUneven(floor, plain);
  const beside = uneven ? searchRuinRecreate(problem, incumbent, other) : searchBlocks(floor, plain, incumbent, other);
  const turns = uneven ? TURNS.rebuilt : TURNS.blocks;
  for (let more = true; ;) {
    beams.next();
    yield;
    for (let n = 0; n < turns && more; n++) {
      more = !beside.next().done;
      yield;
    }
  }
}

function* searchBeams(
  problem: FitProblem,
  plain: ItemTypes,
  incumbent: Incumbent,
  random: Random,
): Generator<void, never> {
  const floor = { width: problem.compartment.width, depth: problem.compartment.depth };
  const pieces = enlargeSides(plain, floor);
  const room = priceOfArea(floor, pieces);
  const uneven = isUneven(floor, pieces);
  let width = FIRST_WIDTH;
  for (let run = 0; ; run++) {
    const laid = yield* packFloorByBeam(
      floor,
      pieces,
      { ...room, ...beamParameters(run, random), width, incumbentValue: incumbent.value },
      random,
      run % 2 === 1,
    );
    if (laid) incumbent.offer(asPlacements(laid));
    if (run % 2 === 1) width = Math.min(uneven ? WIDEST_UNEVEN : WIDEST, width * 2);
    yield;
    for (let n = 0; uneven && n < SUBSET_RUNS; n++) {
      const only = someOf(plain, pieces, floor, incumbent.value, random);
      if (!only) continue;
      const found = yield* packFloorByBeam(
        floor,
        only,
        {
          ...priceOfArea(floor, only),
          ...beamParameters(2, random),
          width: FIRST_WIDTH << random.below(3),
          incumbentValue: incumbent.value,
        },
        random,
        random.next() < 0.5,
      );
      if (found) incumbent.offer(asPlacements(found));
      yield;
    }
  }
}

/** Whether not all can lie, and some are worth more room than others. */
function isUneven(floor: Floor, { value, area, count }: ItemTypes): boolean {
  const worths = Array.from(value, (one, t) => one / area[t]!);
  return (
    Math.max(...worths) > EVEN_WORTH * Math.min(...worths) &&
    area.reduce((sum, one, t) => sum + one * count[t]!, 0) > floor.width * floor.depth
  );
}

/** A subset by chance that would fill the floor and be worth more than `beat`, the worthier pieces likelier; null when it would not. */
function someOf(
  plain: ItemTypes,
  pieces: ItemTypes,
  floor: Floor,
  incumbentValue: number,
  random: Random,
): ItemTypes | null {
  const spread = 0.2 + 0.8 * random.next();
  const items = expandItems(plain.count).map((t) => ({
    t,
    key: Math.log(pieces.value[t]! / pieces.area[t]!) + spread * (random.next() + random.next() - 1),
  }));
  items.sort((a, b) => b.key - a.key);
  const count = new Int32Array(plain.types);
  let left = floor.width * floor.depth;
  let value = 0;
  for (const { t } of items) {
    if (pieces.area[t]! > left) continue;
    left -= pieces.area[t]!;
    value += pieces.value[t]!;
    count[t]!++;
  }
  return value > incumbentValue + 1e-9 ? enlargeSides({ ...plain, count }, floor) : null;
}
