/** The second level inside a bin: bags, pouches, compartments (practice G3). */
import type { Family } from '../../ground/model/entities.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { roughPieces } from '../../sorting/grouping/granularity.ts';
import type { Demand } from '../../ground/contents/demand.ts';

/** More parts than these in one bin are a case of their own. */
export const MAX_POUCHES = 12;

/** Pieces that differ: those of one line are much alike and count by their square root (docs/computing.md, Other ways of sorting). */
const differing = ({ lines }: Demand): number =>
  lines.reduce((sum, { line, litres }) => sum + Math.sqrt(roughPieces(line, litres ?? 0)), 0);

/**
 * Inner parts of each category's bins. A family that is to be sorted into more classes than it has categories gets
 * them inside; else small things of several lines get one part for each line. No entry where none help.
 * @returns by the id of the category
 */
export function innerParts(
  demands: readonly Demand[],
  families: ReadonlyMap<string, Pick<Family, 'granularity'>>,
): Map<string, number> {
  const parts = new Map<string, number>();
  for (const [id, own] of groupedBy(demands, (demand) => demand.category.familyId)) {
    const wanted = families.get(id)?.granularity ?? null;
    const all = own.reduce((sum, demand) => sum + differing(demand), 0);
    for (const demand of own) {
      const share =
        wanted !== null && wanted > own.length && all > 0
          ? Math.round((wanted * differing(demand)) / all)
          : demand.lines.length > 1 && ['small', 'long', 'flat'].includes(demand.lies)
            ? demand.lines.length
            : 0;
      if (share > 1) parts.set(demand.category.id, Math.min(MAX_POUCHES, share));
    }
  }
  return parts;
}
