/** The cheapest place in which a bin raises no caution of that hazard any more (practice P16). */
import { cautionsOf } from '../cautions/cautions.ts';
import type { Caution } from '../cautions/caution.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import { optionsFor, type PlaceOption } from '../placement/depth/explain.ts';
import { Standing } from '../placement/depth/standing.ts';
import type { RoomData } from '../placement/room-data.ts';

/** Places that are tried, the cheapest first. */
const TRIED = 12;

/**
 * @param room as it is on the day from which the caution holds
 * @returns null where the caution is not about one bin, or no place of the room ends it
 */
export function rightingOf(room: RoomData, { key, hazard }: Caution): { binId: string; option: PlaceOption } | null {
  const binId = key.slice(key.lastIndexOf(':') + 1);
  const bin = room.bins.find(({ id }) => id === binId);
  if (!bin) return null;
  const problem = depthProblemOf(room);
  const options = optionsFor(new Standing(problem, homesOf(room.bins)), binId)
    .filter(({ spot, compartment }) => spot && compartment !== bin.compartmentId)
    .sort((a, b) => a.change - b.change);
  for (const option of options.slice(0, TRIED)) {
    const moved = { ...bin, compartmentId: option.compartment, z: option.spot!.z };
    const after = { ...room, bins: room.bins.map((known) => (known.id === binId ? moved : known)) };
    const still = cautionsOf(after).some((left) => left.hazard === hazard && left.key.endsWith(`:${binId}`));
    if (!still) return { binId, option };
  }
  return null;
}
