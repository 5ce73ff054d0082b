/**
 * Where is it? Answers while one types: forgiving of typing errors, of endings, and of other words for the same thing.
 * The index is MiniSearch (an inverted index on a radix tree); built once, searched in milliseconds.
 */
import MiniSearch from 'minisearch';
import { plain, stem } from '../matching/words.ts';

export interface Findable {
  id: string;
  code: string;
  /** Name on the bin. */
  name: string;
  category: string;
  family: string;
  /** Other words, and the names of what lies in it. */
  words: string;
  room: string;
  place: string;
}

const FIELDS = ['code', 'name', 'category', 'words', 'family', 'place', 'room'] as const;

export interface Found {
  id: string;
  score: number;
}

/**
 * @example
 * const finder = new Finder(thingsOf(data));
 * finder.search('felt tips')[0]?.id; // the bin they are in
 * finder.update(thingsOf(changed)); // only what has changed is indexed anew
 */
export class Finder {
  private readonly index: MiniSearch<Findable>;
  /** What is in the index, by id. */
  private known = new Map<string, Findable>();

  constructor(things: readonly Findable[]) {
    this.index = new MiniSearch<Findable>({
      fields: [...FIELDS],
      idField: 'id',
      storeFields: [],
      tokenize: (text) => plain(text).split(' ').filter(Boolean),
      processTerm: (term) => stem(plain(term)) || null,
    });
    this.index.addAll(things as Findable[]);
    this.known = new Map(things.map((thing) => [thing.id, thing]));
  }

  /**
   * Follows changes: what is new is added, what has changed is replaced, what is gone is taken out.
   * @param things all there are now
   * @returns how many were touched
   */
  update(things: readonly Findable[]): number {
    const now = new Map(things.map((thing) => [thing.id, thing]));
    let touched = 0;
    for (const [id, thing] of this.known)
      if (!now.has(id)) {
        this.index.remove(thing);
        touched++;
      }
    for (const [id, thing] of now) {
      const before = this.known.get(id);
      if (before && [...FIELDS].every((field) => before[field] === thing[field])) continue;
      if (before) this.index.remove(before);
      this.index.add(thing);
      touched++;
    }
    this.known = now;
    return touched;
  }

  /** Best first. A code typed in full always comes first. */
  search(query: string, most = 20): Found[] {
    const options = { boost: { code: 6, name: 4, category: 3, words: 2 }, combineWith: 'AND' as const };
    const run = (fuzzy: boolean) =>
      this.index.search(query, {
        ...options,
        prefix: true,
        // No more errors than a slip of the finger: none in short words, one in middling, two in long ones.
        fuzzy: fuzzy ? (term) => (term.length < 4 ? false : term.length < 7 ? 1 : 2) : false,
        maxFuzzy: 2,
      });
    let results = run(false);
    // Errors are forgiven only when the plain word finds nothing: so a right word is never drowned.
    if (!results.length) results = run(true);
    return results.slice(0, most).map((result) => ({ id: result.id as string, score: result.score }));
  }
}
