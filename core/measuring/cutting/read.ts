/** Reads a `stube-cut/1` problem. Unknown fields are ignored. */
import { FieldReader, FormatError, onlyOnce } from '../../ground/engine/problem-format.ts';
import type { CutProblem } from './problem.ts';

const MOST = {
  length: 100_000,
  kerf: 1000,
  price: 100_000_000,
  kinds: 500,
  count: 1000,
  pieces: 2000,
  timeMs: 3_600_000,
};

/** @throws FormatError naming the first wrong field, or a piece that is longer than every stock of its material */
export function readCutProblem(json: unknown): CutProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-cut/1');
  const kerf = problem.integer('kerf', 0, MOST.kerf);
  const timeMs = problem.number('timeMs', 0, MOST.timeMs);
  const stock = problem.list('stock', MOST.kinds, (reader) => ({
    id: reader.text('id'),
    material: reader.text('material'),
    length: reader.integer('length', 1, MOST.length),
    price: reader.integer('price', 0, MOST.price),
    count: reader.integerOrNull('count', 0, MOST.pieces),
  }));
  const pieces = problem.list('pieces', MOST.kinds, (reader) => ({
    id: reader.text('id'),
    material: reader.text('material'),
    length: reader.integer('length', 1, MOST.length),
    count: reader.integer('count', 1, MOST.count),
  }));
  onlyOnce(stock, 'stock');
  onlyOnce(pieces, 'pieces');
  pieces.forEach(({ id, material, length }, i) => {
    if (!stock.some((bar) => bar.material === material && bar.count !== 0 && bar.length >= length))
      throw new FormatError(`pieces[${i}].length`, `"${id}" is longer than every stock of ${material}`);
  });
  const total = pieces.reduce((sum, { count }) => sum + count, 0);
  if (total > MOST.pieces) throw new FormatError('pieces', `must not be more than ${MOST.pieces} in all`);
  return { format, kerf, timeMs, stock, pieces };
}
