/** Where something of another room could be parked (practice P14). */
import type { BinShape } from '../../../ground/contents/shape.ts';
import { parkedWidth } from '../parked.ts';
import type { RoomData } from '../room-data.ts';
import { depthProblemOf, homesOf } from './depth-problem-of.ts';
import { Standing } from './standing.ts';

/** Compartments of a room that have so much of their front free as it takes, whatever is pushed aside for it. */
export function freeToPark(room: RoomData, shape: BinShape): ReadonlySet<string> {
  const { now, problem } = new Standing(depthProblemOf(room), homesOf(room.bins));
  const free = problem.compartments.filter(({ width, depth }, space) => {
    let [taken, from] = [0, 0];
    for (const bin of [...now.inside[space]!].sort((a, b) => now.x0[a]! - now.x0[b]!)) {
      taken += Math.max(0, now.x1[bin]! - Math.max(from, now.x0[bin]!));
      from = Math.max(from, now.x1[bin]!);
    }
    return taken + parkedWidth({ shape }, { width: Infinity, depth }) <= width;
  });
  return new Set(free.map(({ id }) => id));
}
