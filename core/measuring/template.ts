/** Parametric pieces of furniture: from a few outside measures to every compartment's inside sizes and place. */
import type { CompartmentSpace, TemplateKind, UnitShape } from '../model/entities.ts';

export interface TemplateInfo {
  label: string;
  hint: string;
  start: Omit<UnitShape, 'template'>;
  /** Usual load of one compartment in grams; the maker's plate holds where there is one. */
  load: number;
  doors: boolean;
}

/** Starting measures are those of ordinary furniture; each is there to be typed over. */
export const TEMPLATES: Record<TemplateKind, TemplateInfo> = {
  cubes: {
    label: 'Cube shelf',
    hint: 'a grid of open cubes',
    start: { width: 1120, height: 760, depth: 390, columns: 3, rows: 2, board: 18, raised: 0 },
    load: 13000,
    doors: false,
  },
  bookcase: {
    label: 'Bookcase',
    hint: 'long open shelves',
    start: { width: 800, height: 1800, depth: 300, columns: 1, rows: 5, board: 20, raised: 60 },
    load: 20000,
    doors: false,
  },
  cabinet: {
    label: 'Cabinet with doors',
    hint: 'shelves behind a pair of doors',
    start: { width: 900, height: 1900, depth: 420, columns: 1, rows: 4, board: 20, raised: 80 },
    load: 25000,
    doors: true,
  },
  chest: {
    label: 'Drawer chest',
    hint: 'drawers one above the other',
    start: { width: 800, height: 900, depth: 480, columns: 1, rows: 4, board: 18, raised: 60 },
    load: 12000,
    doors: false,
  },
  trunk: {
    label: 'Trunk or bench',
    hint: 'one space, opened from above',
    start: { width: 900, height: 450, depth: 450, columns: 1, rows: 1, board: 18, raised: 0 },
    load: 30000,
    doors: false,
  },
};

/** What a drawer loses inside its front: runner and side, at each side; bottom and headroom; front and back. mm. */
export const DRAWER_LOSS = { side: 26, height: 45, depth: 60 };

/** No compartment is worth measuring below this, mm. */
export const MIN_INSIDE = 30;

export type ShapeProblem = { field: keyof UnitShape; message: string };

/** What is wrong with the measures, at the field that says it; an empty list means they can be built. */
export function shapeProblems(shape: UnitShape): ShapeProblem[] {
  const problems: ShapeProblem[] = [];
  const whole = (field: 'columns' | 'rows', most: number) => {
    if (!Number.isInteger(shape[field]) || shape[field] < 1 || shape[field] > most)
      problems.push({ field, message: `must be a whole number from 1 to ${most}` });
  };
  whole('columns', 12);
  whole('rows', 20);
  for (const field of ['width', 'height', 'depth'] as const)
    if (!(shape[field] >= 60 && shape[field] <= 6000))
      problems.push({ field, message: 'must lie between 60 mm and 6 m' });
  if (!(shape.board >= 1 && shape.board <= 80))
    problems.push({ field: 'board', message: 'must lie between 1 and 80 mm' });
  if (!(shape.raised >= 0 && shape.raised <= 3000))
    problems.push({ field: 'raised', message: 'must lie between 0 and 3 m' });
  if (problems.length) return problems;
  const inside = insideOf(shape);
  if (inside.width < MIN_INSIDE)
    problems.push({ field: 'columns', message: `leaves only ${Math.floor(inside.width)} mm a column` });
  if (inside.height < MIN_INSIDE)
    problems.push({ field: 'rows', message: `leaves only ${Math.floor(inside.height)} mm a row` });
  if (inside.depth < MIN_INSIDE) problems.push({ field: 'depth', message: 'leaves no room behind the front' });
  return problems;
}

/** Clear inside sizes of one compartment, mm: boards run between all columns and rows and around the outside. */
function insideOf(shape: UnitShape): { width: number; height: number; depth: number } {
  const drawer = shape.template === 'chest';
  const trunk = shape.template === 'trunk';
  return {
    width: (shape.width - (shape.columns + 1) * shape.board) / shape.columns - (drawer ? 2 * DRAWER_LOSS.side : 0),
    height: (shape.height - (shape.rows + 1) * shape.board) / shape.rows - (drawer ? DRAWER_LOSS.height : 0),
    depth: shape.depth - (drawer ? DRAWER_LOSS.depth : trunk ? 2 * shape.board : shape.board),
  };
}

const COLUMN_LETTERS = 'ABCDEFGHIJKL';

function nameOf(shape: UnitShape, column: number, row: number): string {
  if (shape.rows * shape.columns === 1) return shape.template === 'trunk' ? 'inside' : 'the one space';
  const noun = shape.template === 'chest' ? 'drawer' : shape.template === 'cubes' ? 'cube' : 'shelf';
  if (shape.columns === 1) return `${noun} ${row + 1}`;
  return `${noun} ${COLUMN_LETTERS[column]}${row + 1}`;
}

/**
 * The compartments of a unit, row by row from the top left. Inside sizes are rounded down to whole millimetres, so
 * that what is said to fit fits.
 * @throws RangeError when {@link shapeProblems} finds any.
 */
export function compartmentsOf(shape: UnitShape): CompartmentSpace[] {
  const problems = shapeProblems(shape);
  if (problems.length) throw new RangeError(`${problems[0]!.field}: ${problems[0]!.message}`);
  const info = TEMPLATES[shape.template];
  const inside = insideOf(shape);
  const drawer = shape.template === 'chest';
  const pitchX = (shape.width - shape.board) / shape.columns;
  const pitchZ = (shape.height - shape.board) / shape.rows;
  const spaces: CompartmentSpace[] = [];
  for (let row = 0; row < shape.rows; row++)
    for (let column = 0; column < shape.columns; column++) {
      const z = shape.board + (shape.rows - 1 - row) * pitchZ + (drawer ? DRAWER_LOSS.height / 3 : 0);
      spaces.push({
        name: nameOf(shape, column, row),
        x: Math.round(shape.board + column * pitchX + (drawer ? DRAWER_LOSS.side : 0)),
        z: Math.round(z),
        width: Math.floor(inside.width),
        depth: Math.floor(inside.depth),
        height: Math.floor(inside.height),
        floor: Math.round(shape.raised + z),
        access: drawer || shape.template === 'trunk' ? 'top' : 'front',
        door: info.doors,
        drawer,
        maxLoad: info.load,
      });
    }
  return spaces;
}
