/** Reads a `stube-fit/1` problem. Unknown fields are ignored. */
import { FieldReader, onlyOnce } from '../../ground/engine/problem-format.ts';
import type { FitProblem } from '../../ground/problems/fit-problem.ts';

const MOST = { side: 20_000, containers: 1000, count: 1000, units: 2000, timeMs: 3_600_000 };

/** @throws FormatError naming the first wrong field */
export function readFitProblem(json: unknown): FitProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-fit/1');
  const compartment = problem.inner('compartment');
  const containers = problem.list('containers', MOST.containers, (fieldReader) => ({
    id: fieldReader.text('id'),
    width: fieldReader.integer('width', 1, MOST.side),
    depth: fieldReader.integer('depth', 1, MOST.side),
    height: fieldReader.integer('height', 1, MOST.side),
    turnable: fieldReader.flag('turnable'),
    stackable: fieldReader.flag('stackable'),
    count: fieldReader.integer('count', 0, MOST.count),
    value: fieldReader.number('value', 0),
    uses: fieldReader.number('uses', 0),
  }));
  onlyOnce(containers, 'containers');
  return {
    format,
    compartment: {
      width: compartment.integer('width', 1, MOST.side),
      depth: compartment.integer('depth', 1, MOST.side),
      height: compartment.integer('height', 1, MOST.side),
      access: compartment.one('access', ['top', 'front']),
    },
    containers,
    timeMs: problem.number('timeMs', 0, MOST.timeMs),
  };
}
