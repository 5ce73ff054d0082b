/** What a plan asks to be carried, how long that takes, and when what it saves has made that good. */
import { byId } from '../../ground/model/by-id.ts';
import { WALK_SECONDS } from '../../ground/body/effort.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { PlannedBin } from './planned-bins.ts';

/** Taking a bin up, carrying it some steps, wiping and putting it down: our own judgement, seconds, walking apart. */
const MOVE_STEP_SECONDS = 40;
/** Pushing one aside on its own board: our own judgement, seconds. */
const SHIFT_SECONDS = 10;

/** How many bins are carried from where they stand to where the plan has them, and about how long that takes. */
export function movesBetween(room: RoomData, bins: readonly PlannedBin[]): { moved: number; moveSeconds: number } {
  const before = byId(room.bins);
  const unitOf = new Map(room.compartments.map((space) => [space.id, space.unitId]));
  const units = byId(room.units);
  const pointOf = (compartmentId: string | null) => {
    const unit = units.get(unitOf.get(compartmentId ?? '') ?? '');
    return unit ?? { x: room.room.width / 2, y: room.room.depth / 2 };
  };
  const moved = bins.filter((bin) => {
    const own = before.get(bin.id);
    if (!bin.compartmentId) return false;
    // Putting away what has no place yet is no move.
    if (!own?.compartmentId) return false;
    if (own.compartmentId !== bin.compartmentId) return true;
    // Where nobody had said where it stands, it may stand just there.
    return own.x !== null && (own.x !== bin.x || own.y !== bin.y || own.z !== bin.z || own.turned !== bin.turned);
  });
  const seconds = moved.reduce((sum, bin) => {
    const here = before.get(bin.id)?.compartmentId ?? null;
    if (here === bin.compartmentId) return sum + SHIFT_SECONDS;
    const [from, to] = [pointOf(here), pointOf(bin.compartmentId)];
    const metres = (Math.abs(from.x - to.x) + Math.abs(from.y - to.y)) / 1000;
    return sum + MOVE_STEP_SECONDS + 2 * metres * WALK_SECONDS;
  }, 0);
  return { moved: moved.length, moveSeconds: Math.round(seconds) };
}

/** Weeks in which what a plan saves has made good what its carrying takes. @param saved seconds a week @returns null where that is no saving */
export const weeksToMakeGood = (moveSeconds: number, saved: number): number | null =>
  saved >= 1 ? Math.ceil(moveSeconds / saved) : null;
