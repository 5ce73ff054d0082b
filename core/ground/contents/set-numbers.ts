/** Numbered sets (practices L4, N3): the next free number, gaps kept or closed. */
import type { SetNumber } from '../model/entities.ts';

export const SERIES = ['pouch', 'disc', 'puzzle', 'game', 'book', 'box'] as const;

type Numbered = Pick<SetNumber, 'series' | 'number'>;
const taken = (numbers: readonly Numbered[], series: string): Set<number> =>
  new Set(numbers.filter((known) => known.series === series).map(({ number }) => number));

/**
 * The next numbers of a series.
 * @param gaps whether numbers that came free are given again; else they go on behind the last
 * @example nextNumbers([{ series: 'pouch', number: 1 }, { series: 'pouch', number: 3 }], 'pouch', 2, true) // [2, 4]
 */
export function nextNumbers(numbers: readonly Numbered[], series: string, count: number, gaps: boolean): number[] {
  const used = taken(numbers, series);
  const next: number[] = [];
  for (let number = gaps ? 1 : Math.max(0, ...used) + 1; next.length < count; number++)
    if (!used.has(number)) next.push(number);
  return next;
}

/** Numbers of a series that nothing has, below its last. */
export function gapsIn(numbers: readonly Numbered[], series: string): number[] {
  const used = taken(numbers, series);
  const gaps: number[] = [];
  for (let number = 1; number < Math.max(0, ...used); number++) if (!used.has(number)) gaps.push(number);
  return gaps;
}

/**
 * Gaps closed from below, in the order of the numbers: written in this order, no number is there twice meanwhile.
 * @returns what changes
 */
export function closeGaps(numbers: readonly SetNumber[], series: string): { row: SetNumber; number: number }[] {
  return numbers
    .filter((known) => known.series === series)
    .sort((a, b) => a.number - b.number)
    .map((row, i) => ({ row, number: i + 1 }))
    .filter(({ row, number }) => row.number !== number);
}
