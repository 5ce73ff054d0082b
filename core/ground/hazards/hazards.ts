/** The hazards a category can bring, in words (docs/practice.md, Hazards). */
import type { HazardId } from '../model/entities.ts';

export const HAZARD_WORDS: Record<HazardId, string> = {
  H2: 'small parts: not for the very young',
  H3: 'strong magnets, button cells, water beads',
  H4: 'blades, needles, hot glue: sharp or burning',
  H5: 'solvents, sprays, cleaners, medicines',
  H6: 'bags, film, cords over 220 mm',
  H14: 'private papers, names and photographs',
  H15: 'gets hot: never stored warm',
};
