/** One compartment of a room as a packing problem: the bins that stand in it and those that have no place yet. */
import type { Bin, Category, Compartment, ContainerType } from '../model/entities.ts';
import { shapeOf } from '../containers/shape.ts';
import type { FitProblem } from './problem.ts';

/** Every bin is worth something; one that is fetched often is worth more, up to three times as much. */
const WORTH = { each: 10, aWeek: 2, most: 30 };

/** Container ids are bin ids, each once. */
export function fitProblemOf(
  space: Pick<Compartment, 'width' | 'depth' | 'height' | 'access'>,
  bins: readonly Bin[],
  categories: ReadonlyMap<string, Category>,
  types: ReadonlyMap<string, ContainerType>,
  timeMs: number,
): FitProblem {
  return {
    format: 'stube-fit/1',
    compartment: { width: space.width, depth: space.depth, height: space.height, access: space.access },
    containers: bins.flatMap((bin) => {
      const type = shapeOf(bin, types);
      const category = categories.get(bin.categoryId);
      if (!type || !category) return [];
      const siblings = bins.filter((other) => other.categoryId === bin.categoryId).length;
      const perWeek = category.perWeek / siblings;
      return [
        {
          id: bin.id,
          width: type.outWidth,
          depth: type.outDepth,
          height: type.outHeight,
          turnable: type.form === 'round' || !type.handle,
          stackable: type.stackable && type.lid,
          count: 1,
          value: Math.min(WORTH.most, Math.round(WORTH.each + WORTH.aWeek * perWeek)),
          uses: Math.round(perWeek * 10),
        },
      ];
    }),
    timeMs,
  };
}
