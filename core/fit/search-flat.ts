/** Looks for the best packing on the bare floor: beams of growing width, with chance in what they prefer. */
import { Random } from '../random.ts';
import { beamSearch, type BeamOptions } from './beam.ts';
import { exchanged, exchangedLaid, type Floor, type Laid, type Pieces } from './pieces.ts';
import { lifted } from './lift.ts';
import type { FitProblem } from './problem.ts';
import type { Incumbent } from './incumbent.ts';
import type { Put } from './put.ts';
import { searchRebuilt } from './search-rebuilt.ts';
import { searchBlocks } from './search-blocks.ts';

/** Found by trial on floors cut to 9 to 49 pieces: a beam begins with so many states and doubles after each pair. */
const FIRST_WIDTH = 20;
const WIDEST = 4000;
const WIDEST_UNEVEN = 300;
const LIKING = { roughness: [0.03, 0.13], largeFirst: [0, 0.08], noise: 0.1 } as const;

/** What room costs at the margin when only area counts, and what using each type loses at that price. */
export function priceOfRoom(floor: Floor, pieces: Pieces): Pick<BeamOptions, 'loss' | 'price' | 'reach'> {
  const order = Array.from({ length: pieces.types }, (_, t) => t).sort(
    (a, b) => pieces.value[b]! / pieces.area[b]! - pieces.value[a]! / pieces.area[a]!,
  );
  const room = floor.width * floor.depth;
  let left = room;
  let price = 0;
  for (const t of order) {
    const taken = pieces.area[t]! * pieces.count[t]!;
    if (taken > left) {
      price = pieces.value[t]! / pieces.area[t]!;
      break;
    }
    left -= taken;
  }
  // Everything would fit: room costs nothing, but the search still wants to know what it wastes.
  const everything = price === 0;
  if (everything) price = Math.min(...order.map((t) => pieces.value[t]! / pieces.area[t]!));
  const loss = Float64Array.from(pieces.area, (area, t) => Math.max(0, area - pieces.value[t]! / price));
  // Holds at any price: what a packing is worth is what its room costs and what its pieces are worth beyond that.
  const reach =
    price * room +
    order.reduce((sum, t) => sum + Math.max(0, pieces.value[t]! - price * pieces.area[t]!) * pieces.count[t]!, 0);
  return { loss, price, reach };
}

/** Breaths for each of the beams: of blocks, where all pieces are worth their room, else of rebuilding, as the choice matters more. */
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
  plain: Pieces,
  incumbent: Incumbent,
  random: Random,
): Generator<void, never> {
  const floor = { width: problem.compartment.width, depth: problem.compartment.depth };
  const beams = searchBeams(problem, plain, incumbent, random);
  const other = new Random(random.below(2 ** 31));
  const uneven = isUneven(floor, plain);
  const beside = uneven ? searchRebuilt(problem, incumbent, other) : searchBlocks(floor, plain, incumbent, other);
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
  plain: Pieces,
  incumbent: Incumbent,
  random: Random,
): Generator<void, never> {
  const floor = { width: problem.compartment.width, depth: problem.compartment.depth };
  const pieces = lifted(plain, floor);
  const room = priceOfRoom(floor, pieces);
  const uneven = isUneven(floor, pieces);
  let width = FIRST_WIDTH;
  for (let run = 0; ; run++) {
    const laid = yield* lay(
      floor,
      pieces,
      { ...room, ...liking(run, random), width, beat: incumbent.value },
      random,
      run % 2 === 1,
    );
    if (laid) incumbent.offer(asPuts(laid));
    if (run % 2 === 1) width = Math.min(uneven ? WIDEST_UNEVEN : WIDEST, width * 2);
    yield;
    for (let n = 0; uneven && n < SUBSET_RUNS; n++) {
      const only = someOf(plain, pieces, floor, incumbent.value, random);
      if (!only) continue;
      const found = yield* lay(
        floor,
        only,
        {
          ...priceOfRoom(floor, only),
          ...liking(2, random),
          width: FIRST_WIDTH << random.below(3),
          beat: incumbent.value,
        },
        random,
        random.next() < 0.5,
      );
      if (found) incumbent.offer(asPuts(found));
      yield;
    }
  }
}

/** Whether not all can lie, and some are worth more room than others. */
function isUneven(floor: Floor, { value, area, count }: Pieces): boolean {
  const worths = Array.from(value, (one, t) => one / area[t]!);
  return (
    Math.max(...worths) > EVEN_WORTH * Math.min(...worths) &&
    area.reduce((sum, one, t) => sum + one * count[t]!, 0) > floor.width * floor.depth
  );
}

/** A subset by chance that would fill the floor and be worth more than `beat`, the worthier pieces likelier; null when it would not. */
function someOf(plain: Pieces, pieces: Pieces, floor: Floor, beat: number, random: Random): Pieces | null {
  const spread = 0.2 + 0.8 * random.next();
  const units = Array.from(plain.count).flatMap((n, t) =>
    Array.from({ length: n }, () => ({
      t,
      key: Math.log(pieces.value[t]! / pieces.area[t]!) + spread * (random.next() + random.next() - 1),
    })),
  );
  units.sort((a, b) => b.key - a.key);
  const count = new Int32Array(plain.types);
  let left = floor.width * floor.depth;
  let value = 0;
  for (const { t } of units) {
    if (pieces.area[t]! > left) continue;
    left -= pieces.area[t]!;
    value += pieces.value[t]!;
    count[t]!++;
  }
  return value > beat + 1e-9 ? lifted({ ...plain, count }, floor) : null;
}

const within = ([from, to]: readonly [number, number], random: Random): number => from + random.next() * (to - from);
/** The first two runs without chance. */
export const liking = (run: number, random: Random): Pick<BeamOptions, 'roughness' | 'largeFirst' | 'noise'> =>
  run < 2
    ? { roughness: 0.08, largeFirst: 0.05, noise: 0 }
    : {
        roughness: within(LIKING.roughness, random),
        largeFirst: within(LIKING.largeFirst, random),
        noise: LIKING.noise,
      };

/** One beam, from the front or from the left. */
export function* lay(
  floor: Floor,
  pieces: Pieces,
  options: BeamOptions,
  random: Random,
  fromLeft: boolean,
): Generator<void, Laid[] | null> {
  if (!fromLeft) return (yield* beamSearch(floor, pieces, options, random))?.laid ?? null;
  const layout = yield* beamSearch({ width: floor.depth, depth: floor.width }, exchanged(pieces), options, random);
  return layout ? exchangedLaid(layout.laid) : null;
}

export const asPuts = (laid: readonly Laid[]): Put[] =>
  laid.map(({ type, x, y, turned }) => ({ type, x, y, z: 0, turned }));
