/** From how far letters are read, and how large they have to be for it (practice L2). */
import type { ReadFrom } from '../../ground/model/entities.ts';

const POINT = 25.4 / 72;
/** Height of a lower-case x over the type size, of the face the labels are set in (its own OS/2 table: 0.496). */
export const X_HEIGHT = 0.496;
/** Letters are read at ease when they fill 20 minutes of arc (ISO 9241-303: 20 to 22): height = distance × tan 20′. */
export const ARC = Math.tan(((20 / 60) * Math.PI) / 180);
/** Smallest type for a name, and the largest where it need not be read from afar, mm (7 and 34 point). */
export const TYPE = { least: 7 * POINT, most: 34 * POINT };

/** One stands so far from the shelf with an arm stretched out, and a child sits so far before it, mm (our own judgement). */
const STANDING = 700;
const SEATED = 1500;

/**
 * Where the reader is, mm from the label.
 * @param room who stands in its middle reads the farthest corner
 */
export function readingDistance(from: ReadFrom, room: { width: number; depth: number }): number {
  if (from === 'shelf') return STANDING;
  if (from === 'seated') return SEATED;
  return Math.round(Math.hypot(room.width, room.depth) / 2);
}

/** @returns the type size, mm, that is read at ease from so far, mm */
export const sizeReadFrom = (distance: number): number => (distance * ARC) / X_HEIGHT;

/** @returns mm, rounded down to 5 cm, so that nothing is promised that does not hold */
export const readableFrom = (size: number): number => Math.floor(((size * X_HEIGHT) / ARC + 1e-6) / 50) * 50;
