/** What stands somewhere put into an arrangement, and what was only shifted put back. */
import type { Arrangement } from './arrangement.ts';
import { bearerOf, boxAt, childrenBlocked, isFree, mayStand } from './boxes.ts';
import type { DepthPosition } from './problem.ts';
import { TIE } from './searching.ts';

/** By id: the number of a bin or a compartment. */
export type Numbers = ReadonlyMap<string, number>;

/** Puts bins where they stand, what is on another after it. @param stays ids of those that stay whatever rule they break */
export function putStanding(
  now: Arrangement,
  standing: readonly DepthPosition[],
  stays: ReadonlySet<string>,
  binAt: Numbers,
  spaceAt: Numbers,
): void {
  for (const position of [...standing].sort((a, b) => a.z - b.z)) {
    const { x, y, z, turned } = position;
    const [bin, space] = [binAt.get(position.bin)!, spaceAt.get(position.compartment)!];
    const box = boxAt(now.place, bin, position);
    const on = bearerOf(now, space, box);
    const stay = stays.has(position.bin);
    if (!stay && (on === undefined || !mayStand(now, bin, space, box, on))) continue;
    // What stays may be against the rules already: the others are not to blame for that.
    const blocked = childrenBlocked(now, space);
    now.put(bin, space, x, y, z, Number(turned), on ?? -1);
    if (!stay && childrenBlocked(now, space) > blocked) now.take(bin);
  }
}

/** Rounds of putting back: each may make room for another. */
const ROUNDS = 3;

/** What stays in its compartment and was only shifted goes back to where it stands, where that costs nothing: it need not be touched. */
export function shiftBack(
  now: Arrangement,
  standing: readonly DepthPosition[],
  binAt: Numbers,
  spaceAt: Numbers,
): void {
  let moved = true;
  for (let round = 0; moved && round < ROUNDS; round++) {
    moved = false;
    for (const position of standing) {
      const [bin, space] = [binAt.get(position.bin)!, spaceAt.get(position.compartment)!];
      const [x, y, z, turned] = [now.x0[bin]!, now.y0[bin]!, now.z0[bin]!, now.turned[bin]!];
      if (now.space[bin] !== space || now.carries[bin]! > 0) continue;
      if (x === position.x && y === position.y && z === position.z && turned === Number(position.turned)) continue;
      const [before, blocked, on] = [now.effort, childrenBlocked(now, space), now.on[bin]!];
      now.take(bin);
      const box = boxAt(now.place, bin, position);
      const bearer = bearerOf(now, space, box);
      if (bearer !== undefined && isFree(now, space, box) && mayStand(now, bin, space, box, bearer)) {
        now.put(bin, space, position.x, position.y, position.z, Number(position.turned), bearer);
        if (now.effort <= before + TIE && childrenBlocked(now, space) <= blocked) {
          moved = true;
          continue;
        }
        now.take(bin);
      }
      now.put(bin, space, x, y, z, turned, on);
    }
  }
}
