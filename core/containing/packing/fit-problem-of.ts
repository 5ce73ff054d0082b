/** One compartment of a room as a packing problem: the bins that stand in it and those that have no place yet. */
import type { Bin, Category, Compartment, ContainerType } from '../../ground/model/entities.ts';
import { bearsAnother, mayTurn, shapeOf } from '../../ground/contents/shape.ts';
import { widthOf } from '../containers/spaces.ts';
import { clearHeight } from '../../ground/problems/place-problem.ts';
import type { FitContainer, FitProblem } from '../../ground/problems/fit-problem.ts';

/** Every bin is worth something; one that is fetched often is worth more, up to three times as much. */
const WORTH = { each: 10, aWeek: 2, most: 30 };

/** A bin as the packing engine knows it, null where nobody knows its size. @param bins all that are asked about */
export function fitContainerOf(
  bin: Bin,
  bins: readonly Bin[],
  categories: ReadonlyMap<string, Category>,
  types: ReadonlyMap<string, ContainerType>,
): FitContainer | null {
  const type = shapeOf(bin, types);
  const category = categories.get(bin.categoryId);
  if (!type || !category) return null;
  const siblings = bins.filter((other) => other.categoryId === bin.categoryId).length;
  const perWeek = category.perWeek / siblings;
  return {
    id: bin.id,
    width: type.outWidth,
    depth: type.outDepth,
    height: type.outHeight,
    turnable: mayTurn(type),
    stackable: bearsAnother(type),
    count: 1,
    value: Math.min(WORTH.most, Math.round(WORTH.each + WORTH.aWeek * perWeek)),
    uses: Math.round(perWeek * 10),
  };
}

/** Container ids are bin ids, each once. The opening counts where it is narrower, and the hand keeps its room above. */
export function fitProblemOf(
  space: Pick<Compartment, 'width' | 'depth' | 'height' | 'access'> & Partial<Pick<Compartment, 'opening'>>,
  bins: readonly Bin[],
  categories: ReadonlyMap<string, Category>,
  types: ReadonlyMap<string, ContainerType>,
  timeMs: number,
): FitProblem {
  return {
    format: 'stube-fit/1',
    compartment: {
      width: widthOf({ width: space.width, opening: space.opening ?? null }),
      depth: space.depth,
      height: clearHeight(space),
      access: space.access,
    },
    containers: bins.flatMap((bin) => fitContainerOf(bin, bins, categories, types) ?? []),
    timeMs,
  };
}
