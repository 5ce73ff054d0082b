/** The index of numbered sets (practices L4, N3): what has which number, in which bin it lies and where that is. */
import type { Contents } from '../../ground/contents/contents.ts';
import type { Bin, Line, SetNumber } from '../../ground/model/entities.ts';

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
