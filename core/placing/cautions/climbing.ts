/** What children climb after: wanted things on top of furniture (H1). */
import { childReach, gripHundredths } from '../../ground/body/effort.ts';
import { SIX_YEARS } from '../../ground/hazards/ages.ts';
import type { Compartment, Unit } from '../../ground/model/entities.ts';
import type { Caution, Child } from './caution.ts';
import { binCaution, type Stored } from './stored.ts';

/** Whether a compartment is the top of its unit: open to the room above. */
const isTop = (compartment: Compartment, unit: Unit): boolean =>
  unit.template === 'top' || compartment.z >= unit.height - unit.board;

/** What children want and see but do not reach, on top of furniture: they climb after it. */
export function topCautions(all: readonly Stored[], children: readonly Child[]): Caution[] {
  const climbers = children.filter((child) => child.months < SIX_YEARS);
  return all.flatMap((stored): Caution[] => {
    const { at, category, type } = stored;
    if (!at || !climbers.length || !isTop(at.compartment, at.unit)) return [];
    const wanted =
      category.users.length === 0
        ? !stored.hazards.size && !['office', 'changing'].includes(category.zoneKind)
        : children.some((child) => category.users.includes(child.id));
    const grip = gripHundredths(type.outHeight, at.compartment);
    if (!wanted || climbers.every((child) => grip <= childReach(child.stature))) return [];
    return [
      binCaution(
        stored,
        'H1',
        'top',
        'danger',
        `It stands on top of ${at.unit.name}, ${at.compartment.floor} mm above the floor: children see it and climb after it.`,
        'No toys on top of tall furniture: lower, or out of sight.',
      ),
    ];
  });
}
