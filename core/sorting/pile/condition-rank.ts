/** What goes first when something has to go (practices E2, E6). */
import type { Line } from '../../ground/model/entities.ts';

const RANK: Partial<Record<NonNullable<Line['condition']>, number>> = {
  broken: 0,
  'dried out': 0,
  incomplete: 1,
  worn: 2,
};

/** Broken and dried-out things first (0), what is as it should be last (3). */
export const conditionRank = (condition: Line['condition']): number => (condition ? (RANK[condition] ?? 3) : 3);
