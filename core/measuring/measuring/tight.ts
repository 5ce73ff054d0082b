/** Fits that hang by a few millimetres on a size that nobody measured (practice M1: measure the inside, not the outside). */
import type { Compartment } from '../../ground/model/entities.ts';
import { clearHeight } from '../../ground/problems/place-problem.ts';

/** A tape, a warped board and a bulging box together are good for so much, mm. */
export const TIGHT = 5;

export type Side = 'wide' | 'deep' | 'high';
type Space = Pick<Compartment, 'width' | 'depth' | 'height' | 'access' | 'measured'> &
  Partial<Pick<Compartment, 'opening'>>;

/**
 * @param taken how far into the place something reaches, mm
 * @returns the sides on which no more than {@link TIGHT} is left though the place was only reckoned
 * @example tightSides(shelf, { width: 348, depth: 300, height: 200 }) // ['wide']
 */
export function tightSides(space: Space, taken: { width: number; depth: number; height: number }): Side[] {
  if (space.measured) return [];
  const left = (room: number, used: number) => room - used >= 0 && room - used <= TIGHT;
  const sides: Side[] = [];
  if (left(Math.min(space.width, space.opening ?? Infinity), taken.width)) sides.push('wide');
  if (left(space.depth, taken.depth)) sides.push('deep');
  if (left(clearHeight(space), taken.height)) sides.push('high');
  return sides;
}

/**
 * Whether a container is bound to such a fit: every place that takes it was only reckoned and leaves it no more than that.
 * @param fits whether a place takes it
 * @returns the place with the most room and its tight sides; null where some place takes it easily, or none at all
 */
export function alwaysTight<S extends Space>(
  type: { outWidth: number; outDepth: number; outHeight: number },
  spaces: readonly S[],
  fits: (space: S) => boolean,
): { space: S; sides: Side[] } | null {
  let found: { space: S; sides: Side[] } | null = null;
  for (const space of spaces) {
    if (!fits(space)) continue;
    const sides = tightSides(space, { width: type.outWidth, depth: type.outDepth, height: type.outHeight });
    if (!sides.length) return null;
    if (!found || sides.length < found.sides.length) found = { space, sides };
  }
  return found;
}

/** In words: what to measure before anything is bought. */
export const tightWords = (name: string, sides: readonly Side[]): string =>
  `Measure how ${sides.join(' and ')} ${name} is: it fits by no more than ${TIGHT} mm, and the size is only reckoned.`;
