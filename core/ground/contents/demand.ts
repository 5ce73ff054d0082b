/** What a room's kept lines ask for, category by category. */
import type { Category, Line, PackingKind, Site } from '../model/entities.ts';
import { groupedBy } from '../model/grouped-by.ts';
import type { Kind } from '../starter/library.ts';
import { formatAmount } from './measures.ts';
import { bulkLitres } from './litres.ts';
import { storedLines } from './stored-lines.ts';
import { densityOf, kindOfLine, liesOf, pieceOf, type Piece } from './piece.ts';

/** One line of a demand with what is known of its pieces. */
export interface DemandLine {
  line: Line;
  /** Bulk litres, corrected by what the site has learned; null where nothing sensible can be said. */
  litres: number | null;
  kind: Kind | undefined;
  piece: Piece | null;
  lies: PackingKind;
}

export interface Demand {
  category: Category;
  /** Bulk litres, corrected by what the site has learned. */
  litres: number;
  /** Grams of all of it. */
  mass: number;
  /** Every kind of piece there is among its lines, each once: a container has to take all of them. */
  pieces: { piece: Piece; lies: PackingKind }[];
  /** Largest piece, mm, longest first; null where no piece is known, as of a handful of something. */
  piece: Piece | null;
  /** How most of it lies. */
  lies: PackingKind;
  /** `3 shoeboxes + 40 pieces`. */
  said: string;
  lines: DemandLine[];
  /** Names of lines of which nobody can say how much room they take: their size has to be told. */
  unknown: string[];
}

/** Bulk litres of one line in its category, corrected by what the site has learned; null where nothing sensible can be said. */
export function litresOfLine(line: Line, category: Category | undefined, site: Pick<Site, 'measures'>): number | null {
  const litres = bulkLitres(line, category, site.measures);
  return litres === null ? null : litres * (category?.bulkCorrection ?? 1);
}

/** What is known of the pieces of a line; a thing that is told by its length has none that is too long for anything. */
const demandLine = (line: Line, category: Category, site: Pick<Site, 'measures'>): DemandLine => ({
  line,
  litres: litresOfLine(line, category, site),
  kind: kindOfLine(line, category),
  piece: pieceOf(line, category),
  lies: liesOf(line, category),
});

const larger = (a: Piece | null, b: Piece | null): Piece | null =>
  a === null || (b !== null && (b[0] > a[0] || (b[0] === a[0] && b[1] * b[2] > a[1] * a[2]))) ? b : a;

/** Demands of the lines that are kept and have a category, and of what waits to be handed over in its place; largest first. */
export function demandsOf(
  lines: readonly Line[],
  categories: ReadonlyMap<string, Category>,
  site: Pick<Site, 'measures'>,
): Demand[] {
  return [
    ...groupedBy(
      storedLines(lines, categories).filter(({ host }) => !host),
      ({ category }) => category.id,
    ).values(),
  ]
    .map((own) =>
      demandOf(
        own[0]!.category,
        own.map(({ line }) => line),
        site,
      ),
    )
    .sort((a, b) => b.litres - a.litres || a.category.name.localeCompare(b.category.name));
}

/** What has no piece of its own (a handful, a running metre) asks for no room in one piece. */
function distinctPieces(lines: readonly DemandLine[]): Demand['pieces'] {
  const found = new Map<string, Demand['pieces'][number]>();
  for (const { piece, lies, litres, line } of lines)
    if (piece && litres !== null && line.measure !== 'metre') found.set(`${piece.join()} ${lies}`, { piece, lies });
  return [...found.values()];
}

/** What some lines of one category ask for together. */
export function demandOf(category: Category, own: readonly Line[], site: Pick<Site, 'measures'>): Demand {
  const lines = own.map((line) => demandLine(line, category, site));
  const most = new Map<PackingKind, number>();
  for (const { lies, litres } of lines) most.set(lies, (most.get(lies) ?? 0) + (litres ?? 0));
  return {
    category,
    litres: lines.reduce((sum, { litres }) => sum + (litres ?? 0), 0),
    mass: lines.reduce((sum, { line, litres }) => sum + (litres ?? 0) * densityOf(line, category), 0),
    pieces: distinctPieces(lines),
    piece: lines.reduce<Piece | null>((largest, { piece }) => larger(largest, piece), null),
    lies: [...most].reduce((a, b) => (b[1] > a[1] ? b : a), [category.packingKind, -1] as [PackingKind, number])[0],
    said: own.map((line) => formatAmount(line.amount, line.measure)).join(' + '),
    lines,
    unknown: lines.filter(({ litres }) => litres === null).map(({ line }) => line.name),
  };
}
