/** What goes wrong where: the true home of things against where they were found, missed and looked for (practice F4). */
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Bin, Observation, Stray } from '../../ground/model/entities.ts';

export interface Misplaced {
  binId: string;
  /** Times it, or a thing of it, was found elsewhere, by the compartment it was found in; most often first. */
  found: { spaceId: string; times: number }[];
  elsewhere: number;
  notHere: number;
  overFull: number;
  /** Strays that were matched to its things. */
  strays: number;
  /** Mean seconds of tidying it and of looking for it; null where nobody measured. */
  tidySeconds: number | null;
  searches: number;
  searchSeconds: number | null;
  /** All that went wrong, the most first in the table. */
  trouble: number;
}

const mean = (values: readonly number[]): number | null =>
  values.length ? values.reduce((sum, value) => sum + value, 0) / values.length : null;

/**
 * @param lineBins the bins that hold a line, by its id
 * @returns bins with any trouble, the worst first
 */
export function misplacedOf(
  bins: readonly Pick<Bin, 'id'>[],
  observations: readonly Observation[],
  strays: readonly Pick<Stray, 'lineId' | 'settled'>[],
  lineBins: ReadonlyMap<string, string>,
): Misplaced[] {
  const seen = groupedBy(observations, ({ binId }) => binId);
  const strayed = groupedBy(strays, ({ lineId }) => lineBins.get(lineId ?? ''));
  return bins
    .map(({ id }): Misplaced => {
      const own = seen.get(id) ?? [];
      const count = (kind: Observation['kind']) => own.filter((one) => one.kind === kind).length;
      const secondsOf = (kind: Observation['kind']) =>
        mean(own.flatMap((one) => (one.kind === kind && one.seconds !== null ? [one.seconds] : [])));
      const places = groupedBy(
        own.filter(({ kind }) => kind === 'elsewhere'),
        ({ foundId }) => foundId ?? undefined,
      );
      const found = [...places].map(([spaceId, times]) => ({ spaceId, times: times.length }));
      found.sort((a, b) => b.times - a.times || a.spaceId.localeCompare(b.spaceId));
      const strayCount = strayed.get(id)?.length ?? 0;
      const trouble = count('elsewhere') + count('not here') + count('over-full') + strayCount;
      return {
        binId: id,
        found,
        elsewhere: count('elsewhere'),
        notHere: count('not here'),
        overFull: count('over-full'),
        strays: strayCount,
        tidySeconds: secondsOf('tidied'),
        searches: count('searched'),
        searchSeconds: secondsOf('searched'),
        trouble,
      };
    })
    .filter(({ trouble, searches }) => trouble + searches > 0)
    .sort((a, b) => b.trouble - a.trouble || b.searches - a.searches || a.binId.localeCompare(b.binId));
}
