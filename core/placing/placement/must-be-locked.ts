/** What has to be locked: it gets the locked places before anything else may use them (practice P3; hazards H3, H5, H14). */
import { storedIn } from '../cautions/stored.ts';
import type { HazardId } from '../../ground/model/entities.ts';
import type { RoomData } from './room-data.ts';

/** Where there are children in the house, out of reach is not enough for these: they come into rooms that are not theirs. */
const LOCKED: readonly HazardId[] = ['H3', 'H5'];

/** Ids of bins that the usual rule says are locked: private papers anywhere, the others where children are in the house. */
export function mustBeLocked(data: RoomData): string[] {
  const children = data.people.some((person) => person.kind === 'child');
  const asks = (hazard: HazardId) => hazard === 'H14' || (children && LOCKED.includes(hazard));
  return storedIn(data)
    .filter(({ hazards }) => [...hazards].some(asks))
    .map(({ bin }) => bin.id);
}
