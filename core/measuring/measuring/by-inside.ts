/** A piece of furniture whose compartments are all alike, from the inside of one of them: what a tape reads first. */
import type { LengthSystem, TemplateKind, UnitShape } from '../../ground/model/entities.ts';
import { parseLength } from '../../ground/notation/length.ts';
import { TEMPLATES } from './templates.ts';

/** Inside of one compartment, mm. */
export interface InsideOfEach {
  width: number;
  height: number;
  depth: number;
}

/** Whose compartments are a grid of equal ones. */
const ALIKE: readonly TemplateKind[] = ['cubes', 'bookcase', 'cabinet', 'chest', 'files', 'trunk', 'trolley', 'rails'];
export const isAlike = (template: TemplateKind): boolean => ALIKE.includes(template);

type Grid = Pick<UnitShape, 'template' | 'columns' | 'rows' | 'board'>;

/** What of the outside is boards, runners and headroom, mm: the outside less this is shared by its compartments. */
function around({ template, columns, rows, board }: Grid) {
  const { built, loss = { side: 0, height: 0, depth: 0 }, drawers } = TEMPLATES[template];
  const isCase = built === 'case';
  return {
    width: (isCase ? (columns + 1) * board : 0) + columns * 2 * loss.side,
    height: (isCase ? (rows + 1) * board : rows * board) + rows * loss.height,
    depth: (isCase && !drawers ? board : 0) + loss.depth,
  };
}

/** The outside of a grid of compartments of that inside, mm. */
export function outsideOf(grid: Grid, inside: InsideOfEach): Pick<UnitShape, 'width' | 'height' | 'depth'> {
  const more = around(grid);
  return {
    width: Math.ceil(grid.columns * inside.width + more.width),
    height: Math.ceil(grid.rows * inside.height + more.height),
    depth: Math.ceil(inside.depth + more.depth),
  };
}

/** `5 × 2 cubes of 33 × 33 × 38`: columns, rows, and one inside as wide, high and deep. */
const IN_ONE_LINE = /^\s*(\d{1,2})\s*(?:[x×*]|by)\s*(\d{1,2})\b\D*?(?:\bof\b|,|:|;|\bà\b|@|-)\s*(.+)$/iu;

/**
 * Columns, rows and the inside of each from one line; null where it does not say them.
 * @example readAlike('5 × 2 cubes of 33 × 33 × 38', 'metric')?.inside // { width: 330, height: 330, depth: 380 }
 */
export function readAlike(
  text: string,
  system: LengthSystem,
): { columns: number; rows: number; inside: InsideOfEach } | null {
  const [, columns, rows, told] = IN_ONE_LINE.exec(text) ?? [];
  if (!told) return null;
  const parts = told
    .replace(/\b(?:inside|each|deep|high|wide)\b/giu, ' ')
    .split(/\s*(?:[x×*]|\bby\b)\s*/iu)
    .map((part) => part.trim());
  if (parts.length !== 3) return null;
  // A unit behind the last holds for all.
  const unit = /(?:mm|cm|m|in|inches|"|″)$/iu.exec(parts[2]!)?.[0] ?? '';
  const sides = parts.map((part) =>
    parseLength(/[a-z"″]$/iu.test(part) ? part : `${part}${unit && ` ${unit}`}`, system),
  );
  const [width, height, depth] = sides;
  return width && height && depth ? { columns: +columns!, rows: +rows!, inside: { width, height, depth } } : null;
}
