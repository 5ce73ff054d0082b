/** Containers reused that may hold traces of what some children must not touch (H13). */
import type { Caution, Child } from './caution.ts';
import { binCaution, type Stored } from './stored.ts';

/** A container that held what some children must not touch. */
const ALLERGEN = /\b(?:peanuts?|nuts?|nut butter|almonds?|egg box(?:es)?|egg cartons?)\b/i;

export function allergenCautions(stored: Stored, children: readonly Child[]): Caution[] {
  if (!children.length || !ALLERGEN.test(stored.type.name)) return [];
  return [
    binCaution(
      stored,
      'H13',
      'allergen',
      'warn',
      `It is kept in what held food that some children must not touch (${stored.type.name}).`,
      'Washed or thrown away: traces of nuts and eggs stay.',
    ),
  ];
}
