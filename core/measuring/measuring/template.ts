/** Parametric pieces of furniture: from a few outside measures to every compartment's inside sizes and place. */
import type { Column, CompartmentSpace, UnitShape } from '../../ground/model/entities.ts';
import { DRAWER_LOSS, TABLE_TOP, TEMPLATES, type TemplateInfo } from './templates.ts';

/** No compartment is worth measuring below this, mm. */
export const MIN_INSIDE = 30;

export type ShapeProblem = { field: keyof UnitShape; message: string };

/** A part of the front between boards: its inside corner and size, mm. */
interface Bay {
  name: string;
  x: number;
  z: number;
  width: number;
  height: number;
  kind: 'open' | 'door' | 'drawer';
}

/** What is wrong with the measures, at the field that says it; an empty list means they can be built. */
export function shapeProblems(shape: UnitShape): ShapeProblem[] {
  const problems: ShapeProblem[] = [];
  const whole = (field: 'columns' | 'rows', most: number) => {
    if (!Number.isInteger(shape[field]) || shape[field] < 1 || shape[field] > most)
      problems.push({ field, message: `must be a whole number from 1 to ${most}` });
  };
  whole('columns', shape.template === 'desk' ? 2 : 12);
  whole('rows', 20);
  for (const field of ['width', 'height', 'depth'] as const)
    if (!(shape[field] >= 60 && shape[field] <= 6000))
      problems.push({ field, message: 'must lie between 60 mm and 6 m' });
  if (!(shape.board >= 1 && shape.board <= 80))
    problems.push({ field: 'board', message: 'must lie between 1 and 80 mm' });
  if (!(shape.raised >= 0 && shape.raised <= 3000))
    problems.push({ field: 'raised', message: 'must lie between 0 and 3 m' });
  if (shape.slope !== null && !(shape.slope >= 0 && shape.slope <= shape.height))
    problems.push({ field: 'slope', message: 'must not be higher than its other end' });
  if (shape.template === 'composed' && !shape.layout?.length)
    problems.push({ field: 'layout', message: 'must be divided into columns' });
  if (shape.layout?.some(({ high }) => high !== undefined && high > shape.height))
    problems.push({ field: 'layout', message: 'has a column that is higher than the whole' });
  if (problems.length) return problems;
  const composed = shape.template === 'composed';
  for (const { name, width, height } of spacesOf(shape)) {
    if (width < MIN_INSIDE)
      return [{ field: composed ? 'layout' : 'columns', message: `leaves only ${Math.floor(width)} mm for ${name}` }];
    if (height < MIN_INSIDE)
      return [{ field: composed ? 'layout' : 'rows', message: `leaves only ${Math.floor(height)} mm for ${name}` }];
  }
  if (depthOf(shape, TEMPLATES[shape.template]) < MIN_INSIDE)
    return [{ field: 'depth', message: 'leaves no room behind the front' }];
  return [];
}

/** Inside depth: a back where there are boards all round, and what its kind loses. */
const depthOf = (shape: UnitShape, { built, loss, drawers }: TemplateInfo): number =>
  shape.depth - (drawers ? 0 : built === 'case' ? shape.board : 0) - (loss?.depth ?? 0);

const COLUMN_LETTERS = 'ABCDEFGHIJKL';

function nameOf(shape: UnitShape, column: number, row: number): string {
  const { noun } = TEMPLATES[shape.template];
  if (shape.rows * shape.columns === 1)
    return ['inside', 'top', 'under it', 'drawer'].includes(noun) ? noun : 'the one space';
  if (shape.columns === 1) return `${noun} ${row + 1}`;
  if (shape.rows === 1 && (TEMPLATES[shape.template].stands !== 'furniture' || TEMPLATES[shape.template].worktop))
    return `${noun} ${column + 1}`;
  return `${noun} ${COLUMN_LETTERS[column]}${row + 1}`;
}

/** Row by row from the top left. */
function baysOf(shape: UnitShape): Bay[] {
  if (shape.template === 'composed') return composedBays(shape, shape.layout ?? []);
  if (shape.template === 'desk') return deskBays(shape);
  const { built, doors, drawers } = TEMPLATES[shape.template];
  const table = shape.template === 'table';
  // Boards run between all columns and rows and around the outside; or each space has one beneath; or there are none.
  const around = built === 'case' ? shape.board : 0;
  const beneath = built === 'open' ? 0 : shape.board;
  const pitchX = (shape.width - around) / shape.columns;
  const pitchZ = (shape.height - (table ? 0 : around)) / shape.rows;
  const bays: Bay[] = [];
  for (let row = 0; row < shape.rows; row++)
    for (let column = 0; column < shape.columns; column++) {
      // A table has no bottom: its board is above.
      const z = (table ? 0 : beneath) + (shape.rows - 1 - row) * pitchZ;
      const x = around + column * pitchX;
      const right = x + pitchX - around;
      const top = shape.slope === null ? Infinity : heightAt(shape, right) - around - z;
      bays.push({
        name: nameOf(shape, column, row),
        x,
        z,
        width: pitchX - around,
        height: Math.min(pitchZ - beneath, top),
        kind: doors ? 'door' : drawers ? 'drawer' : 'open',
      });
    }
  if (table)
    bays.push({ name: 'table top', x: 0, z: shape.height, width: shape.width, height: TABLE_TOP, kind: 'open' });
  return bays;
}

/** Drawers of a desk are so wide outside, mm, and leave the legs at least so much. */
const DESK_DRAWERS = { width: 420, legs: 550 };

/** Drawers at its right end, or at both; what is between them is for the legs, and no place to keep things. */
function deskBays(shape: UnitShape): Bay[] {
  const { width, height, board, columns, rows } = shape;
  const stack = Math.min(DESK_DRAWERS.width, Math.max(0, (width - DESK_DRAWERS.legs) / columns));
  const pitch = (height - board) / rows;
  const drawers = Array.from({ length: rows * columns }, (_, i): Bay => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    return {
      name: nameOf(shape, column, row),
      x: (column === columns - 1 ? width - stack : column * stack) + board,
      z: (rows - 1 - row) * pitch + board,
      width: stack - 2 * board,
      height: pitch - board,
      kind: 'drawer',
    };
  });
  return [...drawers, { name: 'desk top', x: 0, z: height, width, height: TABLE_TOP, kind: 'open' }];
}

/** Height of a sloping top at x from the left, mm. */
export const heightAt = (shape: Pick<UnitShape, 'width' | 'height' | 'slope'>, x: number): number =>
  shape.slope === null ? shape.height : shape.height - ((shape.height - shape.slope) * x) / shape.width;

/**
 * Sizes inside with boards around and between; the last takes what is left, and so does one for which 0 is told.
 * @param whole outside, mm
 */
export function sharedSizes(sizes: readonly number[], whole: number, board: number): number[] {
  const told = sizes.map((size, i) => (i < sizes.length - 1 ? size : 0));
  const left = whole - (sizes.length + 1) * board - told.reduce((sum, size) => sum + size, 0);
  const open = told.filter((size) => !size).length;
  return told.map((size) => size || left / open);
}

/** How high a column is outside at x from the left: lower where the outline is stepped or slopes, mm. */
const columnTop = (shape: UnitShape, { high }: Column, x: number): number =>
  Math.min(heightAt(shape, x), high ?? Infinity);

/** The corners of the front's upper edge from the left, mm from its lower left. */
export function outlineOf(shape: UnitShape): { x: number; z: number }[] {
  const { layout, width, height, board } = shape;
  if (shape.template !== 'composed' || !layout?.some(({ high }) => high !== undefined))
    return [
      { x: 0, z: height },
      { x: width, z: heightAt(shape, width) },
    ];
  const widths = sharedSizes(
    layout.map((column) => column.width),
    width,
    board,
  );
  const tops = layout.map(({ high }) => high ?? Infinity);
  let x = 0;
  return layout.flatMap((column, i) => {
    // The upright between two columns belongs to the higher one.
    const from = x + (i > 0 && tops[i - 1]! > tops[i]! ? board : 0);
    x += board + widths[i]!;
    const to = i === layout.length - 1 ? width : x + (tops[i + 1]! <= tops[i]! ? board : 0);
    return [from, to].map((at) => ({ x: at, z: columnTop(shape, column, at) }));
  });
}

function composedBays(shape: UnitShape, layout: readonly Column[]): Bay[] {
  const { board } = shape;
  const widths = sharedSizes(
    layout.map(({ width }) => width),
    shape.width,
    board,
  );
  const bays: Bay[] = [];
  let x = board;
  layout.forEach((own, column) => {
    const { parts } = own;
    const width = widths[column]!;
    const top = columnTop(shape, own, x + width);
    const heights = sharedSizes(
      parts.map(({ height }) => height),
      top,
      board,
    );
    let z = top - board;
    parts.forEach(({ kind }, row) => {
      z -= heights[row]!;
      const noun = kind === 'drawer' ? 'drawer' : kind === 'door' ? 'behind door' : 'open part';
      bays.push({ name: `${noun} ${COLUMN_LETTERS[column]}${row + 1}`, x, z, width, height: heights[row]!, kind });
      z -= board;
    });
    x += width + board;
  });
  return bays;
}

/** Inside sizes as they are reckoned, not yet rounded. */
function spacesOf(shape: UnitShape): CompartmentSpace[] {
  const info = TEMPLATES[shape.template];
  const depth = depthOf(shape, info);
  return baysOf(shape).map((bay) => {
    const drawer = bay.kind === 'drawer';
    const loss = info.loss ?? (drawer ? DRAWER_LOSS : { side: 0, height: 0, depth: 0 });
    const z = bay.z + (drawer && loss.height ? DRAWER_LOSS.height / 3 : 0);
    return {
      name: bay.name,
      x: bay.x + loss.side,
      z,
      width: bay.width - 2 * loss.side,
      // A drawer among other parts ends where its own back is, not at that of the furniture.
      depth: drawer && !info.loss ? depth + shape.board - loss.depth : depth,
      height: bay.height - loss.height,
      floor: shape.raised + z,
      access: drawer || info.top ? 'top' : 'front',
      door: bay.kind === 'door',
      drawer,
      hangs: !!info.hangs,
      maxLoad: info.load,
    };
  });
}

/**
 * The compartments of a unit, row by row from the top left. Inside sizes are rounded down to whole millimetres, so
 * that what is said to fit fits.
 * @throws RangeError when {@link shapeProblems} finds any.
 */
export function compartmentsOf(shape: UnitShape): CompartmentSpace[] {
  const problems = shapeProblems(shape);
  if (problems.length) throw new RangeError(`${problems[0]!.field}: ${problems[0]!.message}`);
  return spacesOf(shape).map((space) => ({
    ...space,
    x: Math.round(space.x),
    z: Math.round(space.z),
    floor: Math.round(space.floor),
    width: Math.floor(space.width),
    depth: Math.floor(space.depth),
    height: Math.floor(space.height),
  }));
}
