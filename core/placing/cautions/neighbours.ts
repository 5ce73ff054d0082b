/** What must not stand together: heat beside what burns, chemicals and changing things with food (H5, H11, H15). */
import { isOver, NATURE, natureOf } from '../../ground/hazards/natures.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Caution } from './caution.ts';
import { binCaution, nameOf, placeOf, type Stored } from './stored.ts';

/** What stands together in one compartment, and chemicals above food in one piece of furniture. */
export function neighbourCautions(all: readonly Stored[]): Caution[] {
  const inCompartment = groupedBy(all, ({ at }) => at?.compartment.id);
  const inUnit = groupedBy(all, ({ at }) => at?.unit.id);
  const natures = new Map(
    all.map((stored) => [stored, natureOf({ ...stored, zoneKind: stored.category.zoneKind })] as const),
  );
  const is = (stored: Stored, nature: keyof typeof NATURE): boolean => (natures.get(stored)! & NATURE[nature]) > 0;
  const found: Caution[] = [];
  for (const stored of all) {
    if (!stored.at) continue;
    const { compartment, unit } = stored.at;
    const beside = inCompartment.get(compartment.id)!.filter((other) => other !== stored);
    /** Food beside it, or where it could drip on. */
    const foodNear = () =>
      [...beside, ...inUnit.get(unit.id)!.filter(({ at }) => isOver(compartment, at!.compartment))].filter((other) =>
        is(other, 'food'),
      );
    if (is(stored, 'hot')) {
      const burning = beside.filter((other) => is(other, 'burns'));
      if (burning.length)
        found.push(
          binCaution(
            stored,
            'H15',
            'beside',
            'danger',
            `It gets hot and stands beside ${burning.map(nameOf).join(', ')} (${placeOf(stored)}).`,
            'A place of its own, and only when it is cold; sprays, solvents and paper elsewhere.',
          ),
        );
    }
    if (is(stored, 'chemical')) {
      const food = foodNear();
      if (food.length)
        found.push(
          binCaution(
            stored,
            'H5',
            'food',
            'danger',
            `It stands with or above food or dishes: ${food.map(nameOf).join(', ')} (${placeOf(stored)}).`,
            'Another, locked place: never above or with food or dishes.',
          ),
        );
    }
    if (is(stored, 'changing')) {
      const food = foodNear();
      if (food.length)
        found.push(
          binCaution(
            stored,
            'H11',
            '',
            'danger',
            `Things for changing nappies stand with or above ${food.map(nameOf).join(', ')} (${placeOf(stored)}).`,
            'Changing apart from food and dishes; clean the surface before anything else stands there.',
          ),
        );
    }
  }
  return found;
}
