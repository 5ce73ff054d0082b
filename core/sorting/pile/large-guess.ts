/** When a guess of how large something is would decide over the room: then it is asked. */
import type { Compartment, Line } from '../../ground/model/entities.ts';

/** Share of a room's places from which on a line is asked about (our own judgement). */
const LARGE = 0.2;
const MM3_PER_LITRE = 1e6;

/**
 * Whether a line takes more than a fifth of the room's places, and how large one piece of it is was only guessed.
 * @param litres bulk litres of the line; null where nobody can say
 * @param places compartments of the room; none where nothing is measured yet
 * @example isLargeGuess({ measure: 'pieces', length: null, litresEach: null }, 300, []) // false
 */
export const isLargeGuess = (
  { measure, length, litresEach }: Pick<Line, 'measure' | 'length' | 'litresEach'>,
  litres: number | null,
  places: readonly Pick<Compartment, 'width' | 'depth' | 'height'>[],
): boolean =>
  measure === 'pieces' &&
  length === null &&
  litresEach === null &&
  litres !== null &&
  places.length > 0 &&
  litres > LARGE * places.reduce((sum, { width, depth, height }) => sum + (width * depth * height) / MM3_PER_LITRE, 0);
