/** What a pile adds up to: kept, leaving, and still open, in pieces and litres (practice E5). */
import { litresOfLine } from '../../ground/contents/demand.ts';
import type { Category, Decision, Line, Site } from '../../ground/model/entities.ts';
import { fateOf } from './fate.ts';

export interface Sum {
  lines: number;
  /** Counted ones only: what was told in everyday measures has no number. */
  pieces: number;
  /** Bulk litres of those of which they are known, and how many are not. */
  litres: number;
  unknown: number;
}
export interface PileTotals {
  kept: Sum;
  leaving: Sum;
  open: Sum;
  by: Partial<Record<Decision, Sum>>;
}

const nothing = (): Sum => ({ lines: 0, pieces: 0, litres: 0, unknown: 0 });

export function pileTotals(
  lines: readonly Line[],
  categories: ReadonlyMap<string, Category>,
  site: Pick<Site, 'measures'>,
): PileTotals {
  const totals: PileTotals = { kept: nothing(), leaving: nothing(), open: nothing(), by: {} };
  for (const line of lines) {
    const litres = litresOfLine(line, categories.get(line.categoryId ?? ''), site);
    const sums = [totals[fateOf(line.decision)]];
    if (line.decision) sums.push((totals.by[line.decision] ??= nothing()));
    for (const sum of sums) {
      sum.lines++;
      sum.litres += litres ?? 0;
      if (litres === null) sum.unknown++;
      if (line.measure === 'pieces') sum.pieces += line.amount;
    }
  }
  return totals;
}
