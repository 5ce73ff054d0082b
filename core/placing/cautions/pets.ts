/** What a pet gets at: it chews and swallows what stands open and low (hazard H15). */
import type { HazardId } from '../../ground/model/entities.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution } from './caution.ts';
import { binCaution, placeOf, type Stored } from './stored.ts';

/** As high as a dog on its hind legs takes things from, mm above the floor (our own judgement). */
export const PET_REACH = 900;

/** By hazard, what an animal swallows or chews of it; the worst first. */
const SWALLOWED: readonly [HazardId, string][] = [
  ['H3', 'Magnets, button cells or water beads'],
  ['H5', 'Medicines or chemicals'],
  ['H6', 'Cords, yarn or film'],
  ['H2', 'Small parts'],
];

export function petCautions({ room }: Pick<RoomData, 'room'>, stored: Stored): Caution[] {
  const { at, type, hazards } = stored;
  if (!room.pets || !at || type.lid) return [];
  const { compartment, unit } = at;
  if (compartment.door || compartment.drawer || unit.locked || compartment.floor > PET_REACH) return [];
  const found = SWALLOWED.find(([hazard]) => hazards.has(hazard));
  if (!found) return [];
  return [
    binCaution(
      stored,
      'H15',
      'pet',
      found[0] === 'H3' || found[0] === 'H5' ? 'danger' : 'warn',
      `${found[1]} without a lid, ${compartment.floor} mm above the floor (${placeOf(stored)}), and a pet comes in.`,
      'A lid that closes, a door or higher up. Swallowed, they can kill an animal: ask a vet which are the worst for yours.',
    ),
  ];
}
