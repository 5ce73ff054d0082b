/** Until when a consumable is good: its own day, or so many days after it was opened, whichever comes first. */
import { addDays } from './day.ts';
import type { Par } from '../model/entities.ts';

export interface UseBy {
  /** ISO date. */
  day: string;
  why: 'spoils' | 'opened';
}

/** Whether it spoils at all: then the oldest is used first. */
export const spoils = ({ expires, keepsDays }: Pick<Par, 'expires' | 'keepsDays'>): boolean =>
  expires !== null || keepsDays !== null;

/** @returns null where nobody said */
export function useBy({ expires, opened, keepsDays }: Pick<Par, 'expires' | 'opened' | 'keepsDays'>): UseBy | null {
  const openUntil = opened && keepsDays ? addDays(opened, keepsDays) : null;
  if (openUntil && (!expires || openUntil < expires)) return { day: openUntil, why: 'opened' };
  return expires ? { day: expires, why: 'spoils' } : null;
}
