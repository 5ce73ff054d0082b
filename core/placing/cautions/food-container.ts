/** Chemicals in a container for food or drink (H5). */
import { isFoodContainer } from '../../ground/hazards/danger-words.ts';
import type { Caution } from './caution.ts';
import { binCaution, type Stored } from './stored.ts';

/** What it stands in. */
export function foodContainerCautions(stored: Stored): Caution[] {
  if (!stored.hazards.has('H5') || !isFoodContainer(stored.type.name)) return [];
  return [
    binCaution(
      stored,
      'H5',
      'food-container',
      'danger',
      `It is kept in a container for food or drink (${stored.type.name}).`,
      'Back into the container it was sold in, with its label: nobody must take it for food.',
    ),
  ];
}
