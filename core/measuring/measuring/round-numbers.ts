/** Starting measures as people of each system would have them: a default is there to be believed or typed over. */
import type { LengthSystem } from '../../ground/model/site.ts';
import { MM_PER_INCH } from '../../ground/notation/length.ts';

/** Thinner than that are boards: in quarter inches. From the second on are rooms: in whole feet. mm. */
const BOARD = 50;
const ROOM = 2000;
const FOOT = 12 * MM_PER_INCH;

/** @example inRoundNumbers(4500, 'imperial') // 4572 */
export function inRoundNumbers(mm: number, system: LengthSystem): number {
  if (system !== 'imperial' || mm === 0) return mm;
  const step = mm < BOARD ? MM_PER_INCH / 4 : mm < ROOM ? MM_PER_INCH : FOOT;
  return Math.round(Math.round(mm / step) * step);
}
