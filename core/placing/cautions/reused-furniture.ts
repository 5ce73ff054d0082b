/** Furniture that had an earlier life (H13). */
import type { RoomData } from '../placement/room-data.ts';
import type { Caution, Child } from './caution.ts';

/** Furniture that is called old, second-hand or a former something. */
const REUSED =
  /\b(?:second[- ]?hand|reused|re-used|upcycled|salvaged|inherited|vintage|antique|old (?:cot|crib|bed|changing table|high ?chair|dresser|locker|pallet)s?|former \w+|(?:converted|drop[- ]side) (?:cot|crib)s?)\b/i;

/** Old cots, furniture and containers are looked over before they serve again. */
export function reuseCautions(data: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units
    .filter((unit) => !unit.checked && (unit.reused || REUSED.test(unit.name)))
    .map((unit) => ({
      key: `H13:${unit.id}`,
      hazard: 'H13',
      severity: 'warn' as const,
      about: unit.name,
      fact: 'It had an earlier life, and nobody has said that it was looked over.',
      helps:
        'No broken slats, sharp edges or flaking paint; no cot older than the rules allow. Say so when it was looked over.',
    }));
}
