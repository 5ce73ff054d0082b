/**
 * High or low, as a room prefers it (schools of the practice): heavy things low and light ones above, or all that children
 * use low. Segment ratios of Drillis and Contini (1966): hip 0.53, eyes 0.936 of the stature.
 */
import { EYES } from './reach.ts';
import type { Room } from '../model/entities.ts';
import { gripHundredths } from './effort.ts';
import type { RoomBin, RoomCompartment, PlacePerson } from '../problems/place-problem.ts';

const HIP = 0.53;
/** From this mass on a bin counts as heavy in such a room, grams: half of what must never be above the shoulder. */
const HEAVIER = 4500;

/** Nothing heavier, grams, stands so high above the floor or higher, mm (practice P4, nothing heavy overhead; our own judgement). */
export const OVERHEAD_MASS = 5000;
export const OVERHEAD_HEIGHT = 1500;
/** Of the room below that height, the share that heavy things may ask for and still be kept there. */
const SHARE_BELOW = 0.5;

/**
 * Heavy things are kept below that height, as long as there is room for them: where it is scarce, a place overhead is
 * better than none, and a caution tells it. What children must not reach stays free to go up.
 */
export function keptFromOverhead(bins: readonly RoomBin[], compartments: readonly RoomCompartment[]): RoomBin[] {
  const isHeavy = (bin: RoomBin): boolean => bin.mass > OVERHEAD_MASS && !bin.hazard;
  const volume = ({ width, depth, height }: Pick<RoomBin, 'width' | 'depth' | 'height'>) => width * depth * height;
  const below = compartments.filter(({ floor }) => floor < OVERHEAD_HEIGHT).reduce((sum, one) => sum + volume(one), 0);
  const asked = bins.filter(isHeavy).reduce((sum, bin) => sum + volume(bin), 0);
  if (!asked || asked > SHARE_BELOW * below) return [...bins];
  return bins.map((bin) => {
    if (!isHeavy(bin)) return bin;
    const grip = gripHundredths(bin.height, { floor: OVERHEAD_HEIGHT, access: 'front' }) / 100 - 1;
    return { ...bin, highest: Math.min(grip, bin.highest ?? Infinity) };
  });
}

/** The highest grip at which a bin may stand, mm; undefined where the room does not care. */
export function highestOf(
  bin: Pick<RoomBin, 'mass' | 'uses'>,
  heights: Room['heights'],
  people: readonly PlacePerson[],
): number | undefined {
  const users = people.filter(({ id }) => bin.uses.some(({ person }) => person === id));
  if (heights === 'weight' && bin.mass >= HEAVIER)
    return Math.round(HIP * Math.min(...users.map(({ stature }) => stature)));
  const children = users.filter(({ kind }) => kind === 'child').map(({ stature }) => stature);
  if (heights === 'children' && children.length) return Math.round(EYES * Math.min(...children));
  return undefined;
}
