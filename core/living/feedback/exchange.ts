/** Two bins that change places, where one is left in the place of the other and there is no room beside it. */
import { Standing, type Home } from '../../placing/placement/depth/standing.ts';

export interface Exchange {
  /** The bin that makes room. */
  withId: string;
  /** Seconds a week by which the room's effort changes. */
  change: number;
}

/** So many bins of the other place are tried. */
const MOST_TRIED = 6;

/**
 * @param spaceId where the bin is left
 * @param pinned bins that stay where they are
 * @returns the exchange that costs least; null where none fits or a rule forbids it
 */
export function exchangeFor(
  standing: Standing,
  binId: string,
  spaceId: string,
  pinned: ReadonlySet<string>,
): Exchange | null {
  const home = standing.homes.get(binId);
  if (!home || home.compartment === spaceId) return null;
  const there = [...standing.homes].filter(([id, { compartment }]) => compartment === spaceId && !pinned.has(id));
  const at = (compartment: string): Home => ({ compartment, x: null, y: null, z: null, turned: false });
  const before = new Set(standing.crowded);
  let best: Exchange | null = null;
  for (const [withId] of there.slice(0, MOST_TRIED)) {
    const without = standing.without(binId).without(withId);
    // A place that is forbidden to one of them has no spot for it.
    if (!without.spotIn(binId, spaceId) || !without.spotIn(withId, home.compartment)) continue;
    const homes = new Map(standing.homes);
    homes.set(binId, at(spaceId)).set(withId, at(home.compartment));
    const after = new Standing(standing.problem, homes, standing);
    if (after.crowded.some((id) => !before.has(id))) continue;
    const change = after.effort - standing.effort;
    if (!best || change < best.change) best = { withId, change };
  }
  return best;
}
