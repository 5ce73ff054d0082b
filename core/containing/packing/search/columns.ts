/** Containers stood on one another: made into columns, which then are laid on the floor like single pieces. */
import type { Random } from '../../../ground/engine/random.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import type { Placement3d } from '../placement.ts';

/** One container in a column, against the column's near left corner. */
export interface InColumn {
  type: number;
  x: number;
  y: number;
  z: number;
  turned: boolean;
}

/** Free part of a top. */
interface Top {
  x: number;
  y: number;
  width: number;
  depth: number;
  z: number;
}

export interface Column {
  width: number;
  depth: number;
  turnable: boolean;
  value: number;
  members: InColumn[];
  tops: Top[];
}

/** Which way a top's rest is parted, and how tight a fit is preferred, is left to chance now and then. */
const WHIM = 0.15;
/** Share of the columns that begin with a turned container. */
const TURNED = 0.15;

export function columnOf(problem: FitProblem, type: number): Column {
  const container = problem.containers[type]!;
  return {
    width: container.width,
    depth: container.depth,
    turnable: container.turnable,
    value: container.value,
    members: [{ type, x: 0, y: 0, z: 0, turned: false }],
    tops: container.stackable
      ? [{ x: 0, y: 0, width: container.width, depth: container.depth, z: container.height }]
      : [],
  };
}

/** The same column a quarter turn round. */
export const turnedColumn = (column: Column): Column => ({
  ...column,
  width: column.depth,
  depth: column.width,
  members: column.members.map((inColumn) => ({ ...inColumn, x: inColumn.y, y: inColumn.x, turned: !inColumn.turned })),
  tops: column.tops.map((top) => ({ ...top, x: top.y, y: top.x, width: top.depth, depth: top.width })),
});

/** What stands in a column whose near left corner is there. */
export const placementsOf = (column: Column, x: number, y: number): Placement3d[] =>
  column.members.map((inColumn) => ({
    type: inColumn.type,
    x: x + inColumn.x,
    y: y + inColumn.y,
    z: inColumn.z,
    turned: inColumn.turned,
  }));

/** Stands one more container on the tightest free top of the columns; false when none takes it. */
export function standOn(problem: FitProblem, columns: readonly Column[], type: number, random: Random): boolean {
  const container = problem.containers[type]!;
  let best: { column: Column; top: Top; turned: boolean } | null = null;
  let least = Infinity;
  for (const column of columns)
    for (const top of column.tops) {
      if (top.z + container.height > problem.compartment.height) continue;
      for (let turn = 0; turn <= (container.turnable && container.width !== container.depth ? 1 : 0); turn++) {
        const w = turn ? container.depth : container.width;
        const d = turn ? container.width : container.depth;
        if (w > top.width || d > top.depth) continue;
        // A column that could be turned and no longer can is a little worse.
        const spare =
          (top.width * top.depth - w * d) * (1 + WHIM * random.next()) +
          (column.turnable && !container.turnable ? 2000 : 0);
        if (spare < least) {
          least = spare;
          best = { column, top, turned: turn === 1 };
        }
      }
    }
  if (!best) return false;
  const { column, top, turned } = best;
  const w = turned ? container.depth : container.width;
  const d = turned ? container.width : container.depth;
  column.tops.splice(column.tops.indexOf(top), 1);
  const along = top.width - w > top.depth - d !== random.next() < WHIM;
  const rests: Top[] = along
    ? [
        { ...top, x: top.x + w, width: top.width - w },
        { ...top, y: top.y + d, depth: top.depth - d, width: w },
      ]
    : [
        { ...top, y: top.y + d, depth: top.depth - d },
        { ...top, x: top.x + w, width: top.width - w, depth: d },
      ];
  column.tops.push(...rests.filter((rest) => rest.width > 0 && rest.depth > 0));
  if (container.stackable) column.tops.push({ x: top.x, y: top.y, width: w, depth: d, z: top.z + container.height });
  column.members.push({ type, x: top.x, y: top.y, z: top.z, turned });
  column.turnable &&= container.turnable;
  column.value += container.value;
  return true;
}

/** Columns from units in that order; a unit in `alone` begins a column of its own. */
export function buildColumns(
  problem: FitProblem,
  order: readonly number[],
  alone: (item: number) => boolean,
  typeOf: ArrayLike<number>,
  random: Random,
): Column[] {
  const columns: Column[] = [];
  for (const item of order) {
    const type = typeOf[item]!;
    if (!alone(item) && standOn(problem, columns, type, random)) continue;
    const column = columnOf(problem, type);
    // What may not be turned itself may need it turned.
    columns.push(column.turnable && random.next() < TURNED ? turnedColumn(column) : column);
  }
  return columns;
}
