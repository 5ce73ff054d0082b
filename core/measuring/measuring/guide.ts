/**
 * Measuring a piece of furniture step by step, in the order in which one stands before it: across its columns, down its
 * rows, into its depth. What was reckoned alike is asked once and taken over (practice M1).
 */
import type { Compartment } from '../../ground/model/entities.ts';

export type Side = 'width' | 'height' | 'depth';
type Measured = Pick<Compartment, 'id' | 'name' | 'x' | 'z' | 'width' | 'height' | 'depth'>;

export interface GuideStep {
  side: Side;
  /** What is to be measured, in words. */
  asks: string;
  /** Compartments that take this length. */
  spaces: string[];
}

const WORDS: Record<Side, string> = { width: 'Inside width', height: 'Inside height', depth: 'Inside depth' };
const ORDER: readonly Side[] = ['width', 'height', 'depth'];
/** Readings of the same length that differ by more than this, mm, are told: furniture is seldom square. */
export const DIFFERENCE_TOLD = 5;

/** Where it lies along the side: columns from the left, rows from the top, and all of the depth together. */
const placeOf = (space: Measured, side: Side): number =>
  side === 'width' ? space.x : side === 'height' ? -(space.z + space.height) : 0;

/**
 * @param each sides whose like columns or rows are asked one by one
 * @returns the fewest lengths that tell every inside
 */
export function guideOf(spaces: readonly Measured[], each: ReadonlySet<Side> = new Set()): GuideStep[] {
  return ORDER.flatMap((side) => {
    const groups = new Map<string, Measured[]>();
    for (const space of [...spaces].sort((a, b) => placeOf(a, side) - placeOf(b, side))) {
      const key = each.has(side) ? `${placeOf(space, side)} ${space[side]}` : String(space[side]);
      groups.set(key, [...(groups.get(key) ?? []), space]);
    }
    return [...groups.values()].map((group): GuideStep => {
      const lines = new Set(group.map((space) => placeOf(space, side))).size;
      const of =
        group.length === 1
          ? group[0]!.name
          : group.length === spaces.length
            ? side === 'depth'
              ? 'all'
              : lines > 1
                ? `each of the ${lines} ${side === 'width' ? 'columns' : 'rows'}`
                : `the ${side === 'width' ? 'column' : 'row'}`
            : `${group[0]!.name}${group.length > 2 ? ` and ${group.length - 1} like it` : ` and ${group[1]!.name}`}`;
      return { side, asks: `${WORDS[side]} of ${of}`, spaces: group.map(({ id }) => id) };
    });
  });
}

/** Of several readings of one length the least counts: it has to go in. @returns what is to be said of them, or null */
export function leastOf(readings: readonly number[]): { mm: number; differs: number | null } | null {
  if (!readings.length) return null;
  const mm = Math.min(...readings);
  const differs = Math.max(...readings) - mm;
  return { mm, differs: differs > DIFFERENCE_TOLD ? differs : null };
}
