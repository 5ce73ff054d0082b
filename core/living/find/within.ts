/** Where inside a bin the thing lies that was asked for: which compartment, which numbered set. */
import { cellsOf } from '../../ground/contents/cells.ts';
import type { BinShape } from '../../ground/contents/shape.ts';
import { plain, stem } from '../../ground/matching/words.ts';
import type { Bin, Line, SetNumber } from '../../ground/model/entities.ts';

const stems = (text: string): string[] =>
  plain(text)
    .split(' ')
    .filter(Boolean)
    .map((word) => stem(word));

/** Every word of the query begins a word of the text. */
function answers(text: string, query: readonly string[]): boolean {
  const words = stems(text);
  return query.every((asked) => words.some((word) => word.startsWith(asked)));
}

/**
 * @param lines what lies in the bin
 * @returns empty where nothing in it answers by itself
 * A toy may be the container of another: then that is told.
 * @example withinBin(bin, shape, lines, [], 'red beads') // 'in compartment 4'
 */
export function withinBin(
  bin: Pick<Bin, 'cells'>,
  shape: BinShape | undefined,
  lines: readonly Line[],
  numbers: readonly SetNumber[],
  query: string,
): string {
  const asked = stems(query);
  if (!asked.length) return '';
  const ids = new Set(lines.map(({ id }) => id));
  const set = numbers.find(
    ({ lineId, series, number, name }) => ids.has(lineId) && answers(`${series} ${number} ${name}`, asked),
  );
  if (set) return `${set.series} ${set.number}`;
  const guest = lines.find((line) => line.insideId && answers(line.name, asked));
  const host = guest && lines.find(({ id }) => id === guest.insideId);
  if (host) return `in ${host.name}`;
  const cell = cellsOf(bin, shape, lines).find(({ lines: own }) => own.some(({ name }) => answers(name, asked)));
  return cell ? `in compartment ${cell.number}` : '';
}
