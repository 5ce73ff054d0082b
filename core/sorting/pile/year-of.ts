/** The year a keepsake or paper belongs to: one bin a year (practice E4). */
import type { Line } from '../../ground/model/entities.ts';

/**
 * The year that its name tells, else the one in which it was decided to keep it.
 * @returns null where neither is known
 * @example yearOf({ name: 'school work 2024', decidedAt: null }) // '2024'
 */
export const yearOf = ({ name, decidedAt }: Pick<Line, 'name' | 'decidedAt'>): string | null =>
  /\b((?:19|20)\d\d)\b/.exec(name)?.[1] ?? decidedAt?.slice(0, 4) ?? null;
