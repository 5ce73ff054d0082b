/**
 * High or low, as a room prefers it (schools of the practice): heavy things low and light ones above, or all that children
 * use low. Segment ratios of Drillis and Contini (1966): hip 0.53, eyes 0.936 of the stature.
 */
import { EYES } from '../people/reach.ts';
import type { Room } from '../model/entities.ts';
import type { PlaceBin, PlacePerson } from './problem.ts';

const HIP = 0.53;
/** From this mass on a bin counts as heavy in such a room, grams: half of what must never be above the shoulder. */
const HEAVIER = 4500;

/** The highest grip at which a bin may stand, mm; undefined where the room does not care. */
export function highestOf(
  bin: Pick<PlaceBin, 'mass' | 'uses'>,
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
