/** Bins that were found over-full since they were last found otherwise. */
import type { Observation } from '../../ground/model/entities.ts';

/** @returns how often in a row, by bin id */
export function overFullBins(observations: readonly Observation[]): Map<string, number> {
  const count = new Map<string, number>();
  for (const { binId, kind } of [...observations].sort((a, b) => a.at.localeCompare(b.at)))
    if (kind === 'over-full') count.set(binId, (count.get(binId) ?? 0) + 1);
    else if (kind === 'empty') count.delete(binId);
  return count;
}
