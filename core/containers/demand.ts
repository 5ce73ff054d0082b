/** What a room's kept lines ask for, category by category. */
import type { Category, Line, Site } from '../model/entities.ts';
import { starterOf } from '../starter/library.ts';
import { formatAmount } from '../pile/measures.ts';
import { bulkLitres, sizeOf } from './litres.ts';

export interface Demand {
  category: Category;
  /** Bulk litres, corrected by what the site has learned. */
  litres: number;
  /** Largest piece, mm, longest first. */
  piece: [number, number, number];
  /** `3 shoeboxes + 40 pieces`. */
  said: string;
  lines: number;
}

/** Usual piece of a category, mm; a hand's breadth where nothing is known. */
export const usualPiece = (category: Pick<Category, 'starter'> | undefined): [number, number, number] =>
  (category && starterOf(category.starter)?.piece) ?? [80, 60, 40];

/** Bulk litres of one line in its category. */
export const litresOfLine = (line: Line, category: Category | undefined, site: Pick<Site, 'measures'>): number =>
  bulkLitres(line, category?.packingKind ?? 'rigid', usualPiece(category), site.measures) *
  (category?.bulkCorrection ?? 1);

/** Demands of the lines that are kept and have a category, largest first. */
export function demandsOf(
  lines: readonly Line[],
  categories: ReadonlyMap<string, Category>,
  site: Pick<Site, 'measures'>,
): Demand[] {
  const byCategory = new Map<string, Line[]>();
  for (const line of lines) {
    if (line.decision !== 'keep' || !line.categoryId || !categories.has(line.categoryId)) continue;
    byCategory.set(line.categoryId, [...(byCategory.get(line.categoryId) ?? []), line]);
  }
  return [...byCategory]
    .map(([id, own]): Demand => {
      const category = categories.get(id)!;
      const told = own
        .map(sizeOf)
        .filter((size) => size !== null)
        .map((size) => size.sort((a, b) => b - a));
      const piece = told.length ? told.reduce((a, b) => (b[0] > a[0] ? b : a)) : usualPiece(category);
      return {
        category,
        litres: own.reduce((sum, line) => sum + litresOfLine(line, category, site), 0),
        piece,
        said: own.map((line) => formatAmount(line.amount, line.measure)).join(' + '),
        lines: own.length,
      };
    })
    .sort((a, b) => b.litres - a.litres || a.category.name.localeCompare(b.category.name));
}
