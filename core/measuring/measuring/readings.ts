/** Several readings of one length: walls are not straight, and what has to go in meets the least of them (practice M3). */
import type { LengthSystem } from '../../ground/model/site.ts';
import { parseLength } from '../../ground/notation/length.ts';

export interface Readings {
  /** mm */
  least: number;
  count: number;
  /** Between the least and the most, mm. */
  differ: number;
}

/**
 * @param text one length or several, parted by semicolons, a comma with a space, or `and`
 * @returns null where any of them is no length
 * @example readReadings('41.2; 40.9; 41.6', 'metric') // { least: 409, count: 3, differ: 7 }
 */
export function readReadings(text: string, system: LengthSystem): Readings | null {
  const lengths = text
    .split(/;|,\s|\band\b|\n/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => parseLength(part, system));
  if (!lengths.length || lengths.some((length) => length === null)) return null;
  const known = lengths as number[];
  const least = Math.min(...known);
  return { least, count: known.length, differ: Math.max(...known) - least };
}
