/** What places usually take, where nobody told: kept to by a search until something would be left over for it. */
import { clearHeight } from '../../../ground/problems/place-problem.ts';
import type { CompiledDepth } from './compiled.ts';

/** Share of the time after which what is left over is tried in places by what they are allowed to take. */
export const LAST_RESORT = 0.75;

type Limits = Pick<CompiledDepth, 'problem' | 'roomHeight' | 'maxLoad'>;

/** Keeps to what is usual. @returns what lets it be; null where every limit was told */
export function keepToUsual({ problem, roomHeight, maxLoad }: Limits): (() => void) | null {
  const told = { roomHeight: roomHeight.slice(), maxLoad: maxLoad.slice() };
  let guessed = false;
  for (const [i, { usual, access }] of problem.compartments.entries()) {
    if (!usual) continue;
    guessed = true;
    maxLoad[i] = Math.min(maxLoad[i]!, usual.maxLoad);
    roomHeight[i] = Math.min(roomHeight[i]!, clearHeight({ height: usual.height, access }));
  }
  return guessed
    ? () => {
        maxLoad.set(told.maxLoad);
        roomHeight.set(told.roomHeight);
      }
    : null;
}
