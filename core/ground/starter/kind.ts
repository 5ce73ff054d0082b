/** Kinds of thing: what a thing is by its name, how large one usually is and how several of them lie. */
import type { HazardId, PackingKind } from '../model/entities.ts';
import { keyOf, type StarterCategory } from './define.ts';
import { PIECE_SHAPES, shapeOfKind, type PieceShape } from './shape.ts';

export const STANDS = ['row', 'stack', 'single', 'hook'] as const;
export type Stands = (typeof STANDS)[number];

export interface Kind {
  /** The key of its category for things of no closer kind, else `category/first name`. */
  key: string;
  category: StarterCategory;
  /** How people call it, first the usual word. */
  names: string[];
  /** Usual size of one, mm, longest first; rounded everyday values. */
  piece: readonly [number, number, number];
  lies: PackingKind;
  /** Its form; read off its name and sides where the table does not say it. */
  shape: PieceShape;
  /** Grams a bulk litre. */
  density: number;
  /** Pieces in a pack as it is sold; null where one pack is one piece, or packs differ too much. */
  pack: number | null;
  /** Pieces in the box that is meant by one of it: a number from half of them on counts pieces. Null where one is one. */
  holds: number | null;
  /** Bulk litres of a running metre, for what is told by its length; null for what is counted. */
  litresPerMetre: number | null;
  /** Lies coiled: a length that is told says nothing of the room it takes. */
  coiled: boolean;
  /** How people keep it without a container: in a row on the shelf, in a stack, each by itself, on a hook; null: in one. */
  stands: Stands | null;
  /** Works only complete: a number of pieces says what belongs to one of it. */
  isSet: boolean;
  /** Its own and those of its category. */
  hazards: readonly HazardId[];
}

const LIES: readonly PackingKind[] = ['neat', 'rigid', 'small', 'long', 'soft', 'nesting', 'flat'];

/** What is meant by a category alone. */
const asKind = (category: StarterCategory): Kind => ({
  key: category.key,
  category,
  names: [category.name, ...category.synonyms],
  piece: category.piece,
  lies: category.packingKind,
  shape: shapeOfKind([category.name], category.piece),
  density: category.density,
  pack: null,
  holds: null,
  litresPerMetre: null,
  coiled: false,
  stands: null,
  isSet: false,
  hazards: category.hazards,
});

function flagged(kind: Kind, flags: string): Kind {
  const own = { ...kind, hazards: [...kind.hazards] };
  for (const flag of flags.split(' ').filter(Boolean)) {
    const [name, value] = flag.split('=') as [string, string?];
    if (/^[\d.]+x[\d.]+x[\d.]+$/.test(flag)) {
      own.piece = flag
        .split('x')
        .map(Number)
        .sort((a, b) => b - a) as unknown as Kind['piece'];
      own.shape = shapeOfKind(own.names, own.piece);
    } else if (LIES.includes(flag as PackingKind)) own.lies = flag as PackingKind;
    else if (PIECE_SHAPES.includes(flag as PieceShape)) own.shape = flag as PieceShape;
    else if (flag === 'set') own.isSet = true;
    else if (flag === 'coiled') own.coiled = true;
    else if (name === 'stands' && STANDS.includes(value as Stands)) own.stands = value as Stands;
    else if (flag === 'stands=no') own.stands = null;
    else if (name === 'pack' && value) own.pack = Number(value);
    else if (name === 'holds' && value) own.holds = Number(value);
    else if (name === 'density' && value) own.density = Number(value);
    else if (name === 'metre' && value) own.litresPerMetre = Number(value);
    else if (/^H\d+$/.test(flag)) own.hazards.push(flag as HazardId);
    else throw new Error(`Kinds of thing: “${flag}” of “${kind.names[0]}” is not known.`);
  }
  own.hazards = [...new Set(own.hazards)];
  return own;
}

/**
 * Reads tables of kinds. `# Category` begins the kinds of a category; `names, of it` are more names for what is in it;
 * `names | set` more names, and how all of it is; `names | 280x140x70 soft cylinder pack=40 holds=100 metre=0.3 coiled set stands=hook density=60 H2` is a kind of its own: size in mm, how it lies, its form where it is not plain,
 * pieces in a pack, pieces in the box that is meant, litres a running metre, how it stands without a container, grams a litre, and hazards beyond those of the category. What is not said is as in the category.
 * @throws Error for a category or a flag that does not exist
 */
export function readKinds(tables: readonly string[], categories: readonly StarterCategory[]): Kind[] {
  const byName = new Map(categories.map((category) => [category.name, asKind(category)]));
  const kinds: Kind[] = [];
  for (const table of tables) {
    let whole: Kind | undefined;
    for (const row of table.split('\n').filter((text) => text.trim())) {
      if (row.startsWith('# ')) {
        whole = byName.get(row.slice(2).trim());
        if (!whole) throw new Error(`Kinds of thing: no category “${row.slice(2)}”.`);
        continue;
      }
      const [said, flags] = row.split('|') as [string, string?];
      const names = said.split(',').map((name) => name.trim());
      if (!whole) throw new Error(`Kinds of thing: “${row}” stands before its category.`);
      // Flags without a size hold for the category at large.
      if (flags === undefined || !/\d+x\d+/.test(flags)) {
        whole.names.push(...names);
        Object.assign(whole, flagged(whole, flags ?? ''));
      } else kinds.push(flagged({ ...whole, key: `${whole.key}/${keyOf(names[0]!)}`, names }, flags.trim()));
    }
  }
  // A name of a closer kind is not one for the category at large.
  const closer = new Set(kinds.flatMap((kind) => kind.names.map((name) => `${kind.category.key}/${keyOf(name)}`)));
  for (const kind of byName.values())
    kind.names = kind.names.filter((name, i) => i === 0 || !closer.has(`${kind.key}/${keyOf(name)}`));
  return [...byName.values(), ...kinds];
}
