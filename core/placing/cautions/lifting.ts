/** What is heavy where it stands: lifted from above the shoulder, over heads, or by children (H1, H9). */
import { BANDS, gripHundredths } from '../../ground/body/effort.ts';
import { OVERHEAD_HEIGHT, OVERHEAD_MASS } from '../../ground/body/heights.ts';
import { HEAVY_MASS } from '../../ground/problems/place-problem.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution } from './caution.ts';
import { binCaution, placeOf, type Stored } from './stored.ts';

/** What children carry by themselves, grams; our own judgement. */
export const CHILD_CARRIES = 4000;

export function liftCautions(data: RoomData, all: readonly Stored[]): Caution[] {
  const adults = data.people.filter((person) => person.kind === 'adult');
  const shortest = adults.reduce((least, person) => Math.min(least, person.stature), Infinity);
  const children = new Set(data.people.filter((person) => person.kind === 'child').map((person) => person.id));
  return all.flatMap((stored): Caution[] => {
    const { at, mass, type, category } = stored;
    if (!at) return [];
    const kilos = `${(mass / 1000).toFixed(1)} kg`;
    const found: Caution[] = [];
    const grip = gripHundredths(type.outHeight, at.compartment);
    if (mass > HEAVY_MASS && adults.length && grip > BANDS.shoulder * shortest)
      found.push(
        binCaution(
          stored,
          'H9',
          '',
          'warn',
          `About ${kilos}, lifted from above the shoulder (${placeOf(stored)}).`,
          'Between knee and shoulder, or less in it.',
        ),
      );
    else if (mass > OVERHEAD_MASS && at.compartment.floor >= OVERHEAD_HEIGHT)
      found.push(
        binCaution(
          stored,
          'H1',
          'over',
          'warn',
          `About ${kilos} stands ${at.compartment.floor} mm above the floor.`,
          'Heavy things low, light ones above.',
        ),
      );
    if (mass > CHILD_CARRIES && category.users.length && category.users.every((id) => children.has(id)))
      found.push(
        binCaution(
          stored,
          'H9',
          'child',
          'warn',
          `About ${kilos}, and only children are said to use it.`,
          'Less in each, or on wheels: children carry little.',
        ),
      );
    return found;
  });
}
