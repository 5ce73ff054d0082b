/**
 * How fine a family should be sorted (docs/computing.md, How fine; practice G3). For n pieces in k labelled bins: choosing among the
 * labels takes b·log2(k + 1) (Hick 1952, Hyman 1953), rummaging through half a bin s·n / 2k; putting back is choosing
 * again, a piece at a time.
 */
import { monthsOld } from '../../ground/body/stature.ts';
import type { Line, Person } from '../../ground/model/entities.ts';

/** Seconds for each doubling of the labels: read, or told from pictures. */
export const CHOOSE_SECONDS = { words: 0.15, pictures: 0.3 } as const;
/** Seconds to look at one piece: see-through and shallow, open, deep and opaque. */
export const RUMMAGE_SECONDS = { clear: 0.2, open: 0.4, deep: 0.8 } as const;
export type Insight = keyof typeof RUMMAGE_SECONDS;

/** Pieces that one use leaves to be put back, at the most. */
export const PUT_BACK = 3;
/** Pieces of which a told measure is taken to consist, a litre; only for how long one rummages. */
export const PIECES_A_LITRE = 15;

/** Roughly how many pieces a line is. */
export const roughPieces = (line: Pick<Line, 'amount' | 'measure'>, litres: number): number =>
  line.measure === 'pieces' ? line.amount : litres * PIECES_A_LITRE;

export interface FineCase {
  pieces: number;
  /** Times a week that something is looked for, and pieces put back each time. */
  finds: number;
  back: number;
  reads: boolean;
  insight: Insight;
}

export interface FinePoint {
  bins: number;
  /** Seconds a week. */
  finding: number;
  tidying: number;
  total: number;
}

export function fineAt(bins: number, { pieces, finds, back, reads, insight }: FineCase): FinePoint {
  const choose = (reads ? CHOOSE_SECONDS.words : CHOOSE_SECONDS.pictures) * Math.log2(bins + 1);
  const finding = finds * (choose + (RUMMAGE_SECONDS[insight] * pieces) / (2 * bins));
  const tidying = finds * back * choose;
  return { bins, finding, tidying, total: finding + tidying };
}

export interface FineCurve {
  points: FinePoint[];
  best: FinePoint;
  /** Classes that those who tidy can keep apart; null for anybody of nine and more. */
  ceiling: number | null;
  /** Where the least total lies above the ceiling: what it would have been. */
  without: FinePoint;
}

/** The curve for 1 … `most` bins, and its least point at or below the ceiling. */
export function fineCurve(fineCase: FineCase, most: number, ceiling: number | null): FineCurve {
  const points = Array.from({ length: Math.max(1, most) }, (_, i) => fineAt(i + 1, fineCase));
  const least = (list: readonly FinePoint[]) => list.reduce((a, b) => (b.total < a.total - 1e-9 ? b : a));
  return {
    points,
    best: least(ceiling === null ? points : points.slice(0, Math.max(1, ceiling))),
    ceiling,
    without: least(points),
  };
}

/** Classes in sight that children of an age can keep apart (docs/computing.md, How fine); null from nine years on. */
export function ceilingAt(months: number): number | null {
  if (months < 48) return 6;
  if (months < 72) return 8;
  return months < 108 ? 12 : null;
}

/** The least ceiling among those who tidy. A child without a month of birth is judged by its stature. */
export function ceilingFor(tidiers: readonly Pick<Person, 'kind' | 'born' | 'stature'>[], today: Date): number | null {
  const own = tidiers
    .filter((tidier) => tidier.kind === 'child')
    .map((tidier) => ceilingAt(tidier.born ? monthsOld(tidier.born, today) : monthsAt(tidier.stature)))
    .filter((tidier): tidier is number => tidier !== null);
  return own.length ? Math.min(...own) : null;
}

/** Roughly the age in months at which a child has that stature, by the medians at 4, 6 and 9 years. */
const monthsAt = (stature: number): number => (stature < 1030 ? 36 : stature < 1156 ? 60 : stature < 1326 ? 90 : 120);
