/** What is in each bin, and how full it is, as it follows from the lines whenever they change (docs/computing.md, What follows from the model). */
import { groupedBy } from '../model/grouped-by.ts';
import type { Bin, Category, ContainerType, HazardId, Line, Site } from '../model/entities.ts';
import { bulkLitres, insideLitres } from './litres.ts';
import { densityOf } from './piece.ts';
import { storedLines, WAY_OUT } from './stored-lines.ts';
import { shapeOf } from './shape.ts';

export interface Contents {
  lines: Line[];
  /** Of the categories that what waits to be handed over came from. */
  hazards: HazardId[];
  /** Bulk litres, as reckoned, without what the site has learned of the category. */
  reckoned: number;
  /** The same with it. */
  litres: number;
  /** Grams of it, without the container. */
  mass: number;
  /** Share of the inside that is taken, as last seen and changed since by the lines; null where nothing can be said. */
  full: number | null;
  /** Somebody looked, and the lines are as they were then. */
  seen: boolean;
}

export interface ContentsData {
  bins: readonly Bin[];
  lines: readonly Line[];
  categories: ReadonlyMap<string, Category>;
  types: ReadonlyMap<string, ContainerType>;
  site: Pick<Site, 'measures'>;
  /** Bins are as heavy as what was meant for them: in files of versions in which that was kept, not what is in them. */
  asMeant?: boolean;
}

const nothing = (): Contents => ({
  lines: [],
  hazards: [],
  reckoned: 0,
  litres: 0,
  mass: 0,
  full: null,
  seen: false,
});

/** Nothing of the amount changes below this many litres. */
const SAME_LITRES = 0.005;

/**
 * Lines are in the bins that name them; what none names is shared by those of its category and room that name none, in
 * proportion to what they take.
 * @returns by the id of the bin
 */
export function contentsOf(data: ContentsData): Map<string, Contents> {
  const { categories, types, site } = data;
  const found = new Map<string, Contents>();
  const linesOf = groupedBy(
    storedLines(data.lines, categories),
    ({ line, category }) => `${line.roomId} ${category.id}`,
  );
  const known = new Set(data.lines.flatMap((line) => (line.categoryId ? [`${line.roomId} ${line.categoryId}`] : [])));
  for (const [key, bins] of groupedBy(data.bins, (bin) => `${bin.roomId} ${bin.categoryId}`)) {
    const lines = linesOf.get(key) ?? [];
    const category = categories.get(bins[0]!.categoryId);
    const told = known.has(key) || category?.starter === WAY_OUT;
    const there = new Set(lines.map(({ line }) => line.id));
    const room = new Map(bins.map((bin) => [bin.id, Math.max(1e-6, roomIn(bin, types))]));
    const named = new Map(bins.map((bin) => [bin.id, bin.lineIds.filter((id) => there.has(id))]));
    const open = bins.filter((bin) => !named.get(bin.id)!.length);
    for (const bin of bins) found.set(bin.id, nothing());
    for (const { line, hazards, host } of lines) {
      const naming = bins.filter((bin) => named.get(bin.id)!.includes((host ?? line).id));
      const takers = naming.length ? naming : open.length ? open : bins;
      const all = takers.reduce((sum, bin) => sum + room.get(bin.id)!, 0);
      const own = host ? categories.get(line.categoryId ?? '') : category;
      const litres = bulkLitres(line, own, site.measures) ?? 0;
      for (const bin of takers) {
        const contents = found.get(bin.id)!;
        contents.lines.push(line);
        contents.hazards.push(...hazards);
        const share = (litres * room.get(bin.id)!) / all;
        if (!host) contents.reckoned += share;
        contents.mass += share * densityOf(line, own) * (own?.bulkCorrection ?? 1);
      }
    }
    for (const bin of bins) {
      const contents = found.get(bin.id)!;
      contents.litres = contents.reckoned * (category?.bulkCorrection ?? 1);
      // Nobody told what is in it: as heavy as what it was made for, so that no shelf is overloaded.
      if (!told || data.asMeant) contents.mass = bin.litres * (category?.density ?? 0);
      Object.assign(contents, fullness(bin, contents, types));
    }
  }
  return found;
}

/** Pieces of the set that lies in a bin alone; null where it holds none, or more than one thing. */
export const setIn = (contents: Pick<Contents, 'lines'> | undefined): number | null =>
  contents?.lines.length === 1 ? contents.lines[0]!.setPieces : null;

const roomIn = (bin: Bin, types: ReadonlyMap<string, ContainerType>): number => {
  const shape = shapeOf(bin, types);
  return shape ? insideLitres(shape) : 0;
};

function fullness(
  bin: Bin,
  { reckoned, litres }: Contents,
  types: ReadonlyMap<string, ContainerType>,
): Pick<Contents, 'full' | 'seen'> {
  const inside = roomIn(bin, types);
  if (bin.containerTypeId === null || !(inside > 0)) return { full: null, seen: false };
  if (bin.seenFull === null) return { full: litres / inside, seen: false };
  const same = Math.abs(reckoned - bin.litres) <= Math.max(SAME_LITRES, bin.litres * 0.002);
  if (same) return { full: bin.seenFull, seen: true };
  // What was seen stays true of what was in it then; the rest is as reckoned.
  return { full: bin.litres > SAME_LITRES ? (bin.seenFull * reckoned) / bin.litres : litres / inside, seen: false };
}
