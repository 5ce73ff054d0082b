/** Which category a name belongs to: the site's own ones first, then the starter library. */
import type { Category } from '../model/entities.ts';
import { STARTER_CATEGORIES, type StarterCategory } from '../starter/library.ts';
import { stems, typingErrors } from './words.ts';

export interface CategoryProposal {
  /** Id of the site's category, when it exists already. */
  categoryId: string | null;
  starter: StarterCategory | null;
  name: string;
  /** 0 … 1; below {@link MIN_LIKENESS} nothing is proposed. */
  likeness: number;
}

/** Found by trial on the starter library: below it, one shared common word (`paper`, `toy`) would be enough. */
export const MIN_LIKENESS = 0.45;

/** Small enough to decide only between equals. */
const NAME_EDGE = 0.03;

interface Known {
  names: string[][];
  proposal: Omit<CategoryProposal, 'likeness'>;
  edge: number;
}

/** Everything a name can be compared with; made once and used for many lines. */
export interface KnownCategories {
  entries: Known[];
  /** Entries by every word of their names. */
  byWord: ReadonlyMap<string, ReadonlySet<number>>;
  /** Entries with a word like it, by each word that was asked about. */
  asked: Map<string, ReadonlySet<number>>;
}

export function knownCategories(
  readonlyArray: readonly Pick<Category, 'id' | 'name' | 'synonyms' | 'starter'>[],
): KnownCategories {
  const used = new Set(readonlyArray.map((category) => category.starter));
  const entries = [
    ...readonlyArray.map((category) => ({
      names: [category.name, ...category.synonyms].map(stems),
      proposal: { categoryId: category.id, starter: null, name: category.name },
      // What was named by hand was meant; of the library, a name in full says more than a synonym of one in use.
      edge: category.starter ? 0.02 : 0.05,
    })),
    ...STARTER_CATEGORIES.filter((starter) => !used.has(starter.key)).map((starter) => ({
      names: [starter.name, ...starter.synonyms].map(stems),
      proposal: { categoryId: null, starter, name: starter.name },
      edge: 0,
    })),
  ];
  const byWord = new Map<string, Set<number>>();
  entries.forEach((entry, i) => {
    for (const words of entry.names)
      for (const word of words) (byWord.get(word) ?? byWord.set(word, new Set()).get(word)!).add(i);
  });
  return { entries, byWord, asked: new Map() };
}

/** Entries that share a word with what was said, a slip of the finger forgiven. */
function entriesLike(word: string, known: KnownCategories): ReadonlySet<number> {
  let like = known.asked.get(word);
  if (!like) {
    const found = new Set<number>();
    for (const [other, entries] of known.byWord) if (sameWord(word, other) > 0) for (const i of entries) found.add(i);
    known.asked.set(word, (like = found));
  }
  return like;
}

function sameWord(a: string, b: string): number {
  if (a === b) return 1;
  const limit = Math.min(a.length, b.length) < 4 ? 0 : Math.min(a.length, b.length) < 7 ? 1 : 2;
  return limit && typingErrors(a, b, limit) <= limit ? 0.85 : 0;
}

/** Dice's coefficient over words, each word matched with its likest; the last word (the noun) counts double. */
function likenessOf(said: string[], known: string[]): number {
  if (!said.length || !known.length) return 0;
  const weight = (list: string[], index: number) => (index === list.length - 1 ? 2 : 1);
  let shared = 0;
  said.forEach((word, i) => {
    let best = 0;
    known.forEach((other, j) => (best = Math.max(best, sameWord(word, other) * (weight(said, i) + weight(known, j)))));
    shared += best;
  });
  return Math.min(1, shared / (said.length + 1 + known.length + 1));
}

/**
 * The likest categories of a name, best first.
 * @param most how many at the most
 * @example proposeCategories('felt tips', knownCategories(site.category), 1)[0]?.name // 'Felt-tip pens'
 */
export function proposeCategories(name: string, known: KnownCategories, most = 5): CategoryProposal[] {
  const said = stems(name);
  const near = new Set(said.flatMap((word) => [...entriesLike(word, known)]));
  return [...near]
    .map((i) => known.entries[i]!)
    .map((known) => ({
      ...known.proposal,
      // The name itself says more than another word for it.
      likeness:
        Math.max(...known.names.map((names, i) => likenessOf(said, names) + (i === 0 ? NAME_EDGE : 0))) + known.edge,
    }))
    .filter((one) => one.likeness >= MIN_LIKENESS)
    .sort((a, b) => b.likeness - a.likeness || a.name.localeCompare(b.name))
    .slice(0, most);
}
