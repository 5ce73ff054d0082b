/**
 * Heights that a person reaches and sees, mm above the floor. Overhead grip 1.20 of the stature standing (docs/engines.md, Where does it go; a
 * child 1.15), eyes 0.936, sitting height 0.52 (body-segment ratios of Drillis and Contini, 1966); a step lifts by 500.
 */
import type { Person } from '../model/entities.ts';
import { BANDS } from '../placement/effort.ts';

export interface ReachLine {
  /** mm above the floor. */
  height: number;
  words: string;
}

export const EYES = 0.936;
const SITTING = 0.52;
/** A step stool, mm. */
const STEP = 500;

/** @example reachLines({ kind: 'child', stature: 1000 })[0] // { height: 1150, words: 'reach' } */
export function reachLines({ kind, stature }: Pick<Person, 'kind' | 'stature'>): ReachLine[] {
  const overhead = (stature * (kind === 'child' ? BANDS.childReach : BANDS.overhead)) / 100;
  const lowered = stature * (1 - SITTING);
  const lines =
    kind === 'child'
      ? [
          { height: overhead, words: 'reach' },
          { height: stature * EYES, words: 'eyes' },
          { height: overhead - lowered, words: 'reach, sitting' },
        ]
      : [
          { height: overhead + STEP, words: 'reach with a step' },
          { height: overhead, words: 'reach' },
          { height: stature * EYES, words: 'eyes' },
        ];
  return lines.map(({ height, words }) => ({ height: Math.round(height), words }));
}
