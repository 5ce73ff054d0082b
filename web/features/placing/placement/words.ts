/** How good a plan can get at all, in plain words. */
import { counted } from '@stube/core/notation';
import { minutes, signedSeconds } from '../../../parts/numbers.ts';

export function formatGap(gap: { effort: number; bound: number } | null, loose: number): string {
  const out = loose ? `${counted(loose, 'bin has', 'bins have')} no place yet. ` : '';
  if (!gap)
    return loose
      ? `${out}Stube proposes one for each.`
      : 'How much better it could be at the most is reckoned when places are proposed.';
  // What has no place costs nobody knows how much: of the rest nothing can be said.
  if (loose) return `${out}Whole plans try other containers for them.`;
  const left = gap.effort - gap.bound;
  return (
    out +
    (left < 0.5
      ? 'No plan is better by minutes and by what each place is for: this is proven.'
      : `At most ${signedSeconds(left).slice(1)} a week could still be gained, by minutes and by what each place is for.`)
  );
}

/** The same while it is looked for. */
export function formatSearch(now: { effort: number; bound: number; unplaced: number } | null): string {
  if (!now) return 'Looking for better places …';
  // Before anything is proven there is nothing to say of it.
  const open = now.effort - now.bound;
  const proven = now.bound >= 0.5 ? `, at most ${minutes(open)} a week could still be gained` : '';
  const loose = now.unplaced ? `, ${now.unplaced} without a place` : '';
  return `Looking for better places${loose}${proven}.`;
}

/** @example thosePlaced(3) // 'the 3 that are placed' */
export const thosePlaced = (count: number): string =>
  count === 1 ? 'the one that is placed' : `the ${count} that are placed`;
