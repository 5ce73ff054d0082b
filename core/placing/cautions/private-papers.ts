/** Private papers are locked away (H14). */
import type { Caution } from './caution.ts';
import { binCaution, placeOf, type Stored } from './stored.ts';

export function privacyCautions(stored: Stored): Caution[] {
  if (!stored.hazards.has('H14') || !stored.at || stored.at.unit.locked) return [];
  return [
    binCaution(
      stored,
      'H14',
      '',
      'warn',
      `Private papers stand unlocked (${placeOf(stored)}).`,
      'A locked drawer or cabinet, and no names on labels that visitors see.',
    ),
  ];
}
