/**
 * Heights that a person reaches and sees, mm above the floor (docs/engines.md, Where does it go). Overhead grip 1.20 of the
 * stature standing (a child 1.15), eyes 0.936, sitting height 0.52 (body-segment ratios of Drillis and Contini, 1966); a
 * step lifts by 500.
 */
import type { Person } from '../model/entities.ts';
import { adultReach, BANDS, childReach } from './effort.ts';

export interface ReachLine {
  /** mm above the floor. */
  height: number;
  words: string;
}

export const EYES = 0.936;
const SITTING = 0.52;

/** @example reachLines({ kind: 'child', stature: 1000 })[0] // { height: 1150, words: 'reach' } */
export function reachLines({ kind, stature }: Pick<Person, 'kind' | 'stature'>): ReachLine[] {
  const overhead = (kind === 'child' ? childReach(stature) : BANDS.overhead * stature) / 100;
  const lowered = stature * (1 - SITTING);
  const lines =
    kind === 'child'
      ? [
          { height: overhead, words: 'reach' },
          { height: stature * EYES, words: 'eyes' },
          { height: overhead - lowered, words: 'reach, sitting' },
        ]
      : [
          { height: adultReach(stature) / 100, words: 'reach with a step' },
          { height: overhead, words: 'reach' },
          { height: stature * EYES, words: 'eyes' },
        ];
  return lines.map(({ height, words }) => ({ height: Math.round(height), words }));
}
