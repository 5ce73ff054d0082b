/** The second level inside a bin: compartments of a sorting case, or what dividers part (practices C2, C7). Each is a place of its own. */
import type { Bin, ContainerShape, Line } from '../model/entities.ts';

type Inside = Pick<ContainerShape, 'compartments' | 'inWidth' | 'inDepth' | 'inHeight'>;

/** How many cells a bin has: as it was divided, else as its container is; 1 for a plain one. */
export const cellCount = (bin: Pick<Bin, 'cells'>, shape: Pick<Inside, 'compartments'> | undefined): number =>
  bin.cells ?? shape?.compartments ?? 1;

export interface Cell {
  /** From 1 on, row by row from the front left. */
  number: number;
  lines: Line[];
}

/**
 * Which line lies in which cell: as somebody said, the others one by one into what is free, what is more than the cells
 * into the last.
 * @param lines of the bin, in their order
 * @returns none for a bin that is not divided
 */
export function cellsOf(bin: Pick<Bin, 'cells'>, shape: Inside | undefined, lines: readonly Line[]): Cell[] {
  const count = cellCount(bin, shape);
  if (count < 2) return [];
  const cells = Array.from({ length: count }, (_, i): Cell => ({ number: i + 1, lines: [] }));
  const told = (line: Line) => line.cell !== null && line.cell <= count;
  for (const line of lines.filter(told)) cells[line.cell! - 1]!.lines.push(line);
  for (const line of lines.filter((line) => !told(line)))
    (cells.find((cell) => !cell.lines.length) ?? cells.at(-1)!).lines.push(line);
  return cells;
}

/** Rows and columns of so many cells, as square as the inside allows. */
export function cellGrid(
  count: number,
  { inWidth, inDepth }: Pick<Inside, 'inWidth' | 'inDepth'>,
): { columns: number; rows: number } {
  let best = { columns: count, rows: 1, off: Infinity };
  for (let columns = 1; columns <= count; columns++) {
    const rows = Math.ceil(count / columns);
    if (columns * rows !== count && count > 3) continue;
    const off = Math.abs(Math.log(inWidth / columns / (inDepth / rows)));
    if (off < best.off - 1e-9) best = { columns, rows, off };
  }
  return { columns: best.columns, rows: best.rows };
}

/** Inside of one cell, mm. */
export function cellSize(
  count: number,
  shape: Omit<Inside, 'compartments'>,
): { width: number; depth: number; height: number } {
  const { columns, rows } = cellGrid(count, shape);
  return {
    width: Math.floor(shape.inWidth / columns),
    depth: Math.floor(shape.inDepth / rows),
    height: shape.inHeight,
  };
}
