/** Which bins a new plan leaves alone, and where. */
import type { DepthPosition } from './problem.ts';
import type { Standing } from './standing.ts';

/** Where pinned bins stand, with all that they stand on. @param pinned ids; what has no room is not among the result */
export function fixedIn(standing: Standing, pinned: readonly string[]): DepthPosition[] {
  const stays = new Set<string>();
  for (const id of pinned) {
    if (!standing.position(id)) continue;
    stays.add(id);
    for (const under of standing.supports(id)) stays.add(under);
  }
  return standing.positions.filter(({ bin }) => stays.has(bin));
}
