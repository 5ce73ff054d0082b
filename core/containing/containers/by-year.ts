/** What is kept by the year: a bin of its own, or a few, for each (practice E4). */
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { yearOf } from '../../sorting/pile/year-of.ts';
import type { Demand, DemandLine } from '../../ground/contents/demand.ts';

export interface DemandPart {
  /** Null for all of it, where nothing is kept by the year. */
  year: string | null;
  lines: DemandLine[];
  litres: number;
}

/** A demand in its years, the earliest first; in one part where its category's limit is not one of each year. */
export function partsOf(demand: Demand): DemandPart[] {
  if (!demand.category.limit?.perYear) return [{ year: null, lines: demand.lines, litres: demand.litres }];
  return [...groupedBy(demand.lines, ({ line }) => yearOf(line) ?? 'of no year')]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([year, lines]) => ({ year, lines, litres: lines.reduce((sum, { litres }) => sum + (litres ?? 0), 0) }));
}

/**
 * So many containers given out to the years: one each, the others one by one to where most is for each.
 * @returns counts in the order of the parts; null where there are fewer containers than years
 */
export function sharedOut(parts: readonly DemandPart[], count: number): number[] | null {
  if (count < parts.length) return null;
  const counts = parts.map(() => 1);
  for (let left = count - parts.length; left > 0; left--) {
    const loads = parts.map((part, i) => part.litres / counts[i]!);
    counts[loads.indexOf(Math.max(...loads))]! += 1;
  }
  return counts;
}
