/** Reads a `stube-walk/1` problem. Unknown fields are ignored. */
import { FieldReader, FormatError, onlyOnce } from '../../../ground/engine/problem-format.ts';
import type { Act, WalkProblem } from './problem.ts';

const MOST = { stops: 2000, things: 2000, orders: 200_000, timeMs: 3_600_000, size: 1_000_000 };

/** @throws FormatError naming the first wrong field */
export function readWalkProblem(json: unknown): WalkProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-walk/1');
  const timeMs = problem.number('timeMs', 0, MOST.timeMs);
  const carry = problem.number('carry', 0);
  const stops = problem.texts('stops', MOST.stops);
  const known = new Set(stops);
  if (known.size < stops.length) throw new FormatError('stops', 'names a stop twice');
  const mm = problem.rows('mm', stops.length);
  for (const [i, row] of mm.entries())
    for (const [j, far] of row.entries())
      if (far !== mm[j]![i] || (i === j && far !== 0))
        throw new FormatError(`mm[${i}][${j}]`, i === j ? 'must be 0' : `must be as mm[${j}][${i}]`);
  const stop = (of: FieldReader, path: string, name: string): string => {
    const told = of.text(name);
    if (!known.has(told)) throw new FormatError(`${path}${name}`, `"${told}" is none of the stops`);
    return told;
  };
  const start = stop(problem, '', 'start');
  const end = problem.textOrNull('end') === null ? null : stop(problem, '', 'end');
  const things = problem.list('things', MOST.things, (reader, path) => ({
    id: reader.text('id'),
    from: stop(reader, `${path}.`, 'from'),
    to: stop(reader, `${path}.`, 'to'),
    size: reader.number('size', 0, MOST.size),
  }));
  onlyOnce(things, 'things');
  const ids = new Set(things.map(({ id }) => id));
  const act = (value: unknown, path: string): Act => {
    const reader = new FieldReader(value, path);
    const thing = reader.text('thing');
    if (!ids.has(thing)) throw new FormatError(`${path}.thing`, `"${thing}" is none of the things`);
    return { thing, act: reader.one('act', ['take', 'put']) };
  };
  const order = problem.pairs('order', MOST.orders, act);
  return { format, timeMs, carry, stops, mm, start, end, things, order };
}
