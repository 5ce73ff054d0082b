/** Numbered sets (practices L4, N3): the next free number, gaps kept or closed, and the index that says what is where. */
import type { Contents } from '../../ground/contents/contents.ts';
import type { Bin, Line, SetNumber } from '../../ground/model/entities.ts';

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

export interface IndexRow {
  number: SetNumber;
  line: Line;
  name: string;
  /** The bin it lies in, and where that is; empty where it has none. */
  bin: string;
  place: string;
}

export interface IndexData {
  numbers: readonly SetNumber[];
  lines: ReadonlyMap<string, Line>;
  /** Bins by the line that lies in them. */
  binOfLine: ReadonlyMap<string, Bin>;
  /** In words, by bin. */
  placeOf: (bin: Bin) => string;
}

/** Which bin each line lies in; of several the last. */
export function binsByLine(
  bins: readonly Bin[],
  contents: ReadonlyMap<string, Pick<Contents, 'lines'>>,
): Map<string, Bin> {
  const found = new Map<string, Bin>();
  for (const bin of bins) for (const { id } of contents.get(bin.id)?.lines ?? []) found.set(id, bin);
  return found;
}

/** By series and number; of what has gone nothing. */
export function indexOf({ numbers, lines, binOfLine, placeOf }: IndexData): IndexRow[] {
  return numbers
    .flatMap((number): IndexRow[] => {
      const line = lines.get(number.lineId);
      if (!line || line.decision !== 'keep') return [];
      const bin = binOfLine.get(line.id);
      return [
        {
          number,
          line,
          name: number.name || line.name,
          bin: bin ? `${bin.code} ${bin.name}` : '',
          place: bin ? placeOf(bin) : '',
        },
      ];
    })
    .sort((a, b) => a.number.series.localeCompare(b.number.series) || a.number.number - b.number.number);
}

/** How many of a line have no number yet. */
export const unnumbered = (line: Pick<Line, 'id' | 'amount' | 'measure'>, numbers: readonly SetNumber[]): number =>
  line.measure === 'pieces'
    ? Math.max(0, Math.round(line.amount) - numbers.filter(({ lineId }) => lineId === line.id).length)
    : 0;
