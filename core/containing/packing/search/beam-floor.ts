/** Pieces laid on a bare floor by one beam, with chance in what it prefers. */
import type { Random } from '../../../ground/engine/random.ts';
import { beamSearch, type BeamOptions } from './beam.ts';
import { exchanged, exchangedLaid, type Floor, type Placement2d, type ItemTypes } from '../item-types.ts';
import type { Placement3d } from '../placement.ts';

/** Found by trial on floors cut to 9 to 49 pieces. */
const BEAM_PARAMETERS = { outlinePenalty: [0.03, 0.13], largeFirst: [0, 0.08], noise: 0.1 } as const;

/** What room costs at the margin when only area counts, and what using each type loses at that price. */
export function priceOfArea(floor: Floor, pieces: ItemTypes): Pick<BeamOptions, 'loss' | 'price' | 'reach'> {
  const order = Array.from({ length: pieces.types }, (_, t) => t).sort(
    (a, b) => pieces.value[b]! / pieces.area[b]! - pieces.value[a]! / pieces.area[a]!,
  );
  const area = floor.width * floor.depth;
  let left = area;
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
    price * area +
    order.reduce((sum, t) => sum + Math.max(0, pieces.value[t]! - price * pieces.area[t]!) * pieces.count[t]!, 0);
  return { loss, price, reach };
}

const within = ([from, to]: readonly [number, number], random: Random): number => from + random.next() * (to - from);
/** The first two runs without chance. */
export const beamParameters = (
  run: number,
  random: Random,
): Pick<BeamOptions, 'outlinePenalty' | 'largeFirst' | 'noise'> =>
  run < 2
    ? { outlinePenalty: 0.08, largeFirst: 0.05, noise: 0 }
    : {
        outlinePenalty: within(BEAM_PARAMETERS.outlinePenalty, random),
        largeFirst: within(BEAM_PARAMETERS.largeFirst, random),
        noise: BEAM_PARAMETERS.noise,
      };

/** One beam, from the front or from the left. */
export function* packFloorByBeam(
  floor: Floor,
  pieces: ItemTypes,
  options: BeamOptions,
  random: Random,
  fromLeft: boolean,
): Generator<void, Placement2d[] | null> {
  if (!fromLeft) return (yield* beamSearch(floor, pieces, options, random))?.laid ?? null;
  const layout = yield* beamSearch({ width: floor.depth, depth: floor.width }, exchanged(pieces), options, random);
  return layout ? exchangedLaid(layout.laid) : null;
}

export const asPlacements = (laid: readonly Placement2d[]): Placement3d[] =>
  laid.map(({ type, x, y, turned }) => ({ type, x, y, z: 0, turned }));
