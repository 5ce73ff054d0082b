/**
 * Where is it? Answers while one types: forgiving of typing errors, of endings, and of other words for the same thing.
 * The index is MiniSearch (an inverted index on a radix tree); built once, searched in milliseconds.
 */
import { byId } from '../../ground/model/by-id.ts';
import MiniSearch, { type SearchResult } from 'minisearch';
import { soundOf } from '../../ground/matching/sound.ts';
import { plain, stem } from '../../ground/matching/words.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { wordsAsked } from './query.ts';

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

/** Shorter words are not looked for by their sound, nor by themselves where others are missing. */
const LEAST_HEARD = 5;
const LEAST_ALONE = 4;
/** Two words that may as well be written as one: `gluestick`, `paintbrush`. A field of its own, so that it weighs little. */
const JOINED = 'joined';
/** Of what a class has many lines the first so many words are enough: names of a class are alike. */
const MOST_WORDS = 60;
const MOST_LETTERS = 600;
const firstWords = (text: string): string[] =>
  plain(text.slice(0, MOST_LETTERS)).split(' ').filter(Boolean).slice(0, MOST_WORDS);
const joinedWords = ({ name, category, words }: Findable): string =>
  [name, category, words]
    .flatMap((text) => {
      const said = firstWords(text);
      return said.slice(1).map((word, i) => said[i]! + word);
    })
    .join(' ');

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
  /** Made when it is asked for first. */
  private sounds: Map<string, string[]> | null = null;

  constructor(things: readonly Findable[]) {
    this.index = new MiniSearch<Findable>({
      fields: [...FIELDS, JOINED],
      extractField: (thing, field) => (field === JOINED ? joinedWords(thing) : thing[field as keyof Findable]),
      idField: 'id',
      storeFields: [],
      tokenize: (text) => plain(text).split(' ').filter(Boolean),
      processTerm: (term) => stem(plain(term)) || null,
    });
    this.index.addAll(things as Findable[]);
    this.known = byId(things);
  }

  /**
   * Follows changes: what is new is added, what has changed is replaced, what is gone is taken out.
   * @param things all there are now
   * @returns how many were touched
   */
  update(things: readonly Findable[]): number {
    const now = byId(things);
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
    if (touched) this.sounds = null;
    return touched;
  }

  /**
   * Best first. A code typed in full always comes first. Where the plain words find nothing, more and more is forgiven:
   * a slip of the finger, words written together or apart, how a word sounds, and at last words that nothing has.
   */
  search(query: string, most = 20): Found[] {
    const words = wordsAsked(query);
    const ways: (() => SearchResult[])[] = [
      () => this.run(words),
      () => this.run(words, { fuzzy: true }),
      () => this.run(words, { fuzzy: true, joined: true }),
      () => (words.length > 1 ? this.run([words.join('')], { fuzzy: true }) : []),
      () => this.bySound(words),
      () => this.byAny(words),
    ];
    // Errors are forgiven only when the plain word finds nothing: so a right word is never drowned.
    for (const way of ways) {
      const results = way();
      if (results.length) return results.slice(0, most).map(({ id, score }) => ({ id: id as string, score }));
    }
    return [];
  }

  private run(words: readonly string[], { fuzzy = false, joined = false } = {}): SearchResult[] {
    return this.index.search(words.join(' '), {
      fields: joined ? [...FIELDS, JOINED] : [...FIELDS],
      boost: { code: 6, name: 4, category: 3, words: 2, [JOINED]: 0.2 },
      combineWith: 'AND',
      tokenize: (text) => text.split(' ').filter(Boolean),
      prefix: true,
      // No more errors than a slip of the finger: none in short words, one in middling, two in long ones.
      fuzzy: fuzzy ? (term) => (term.length < 4 ? false : term.length < 7 ? 1 : 2) : false,
      maxFuzzy: 2,
    });
  }

  /** Each word by those that sound like it. */
  private bySound(words: readonly string[]): SearchResult[] {
    const sounds = (this.sounds ??= soundsIn(this.known.values()));
    const heard = words.map((word) =>
      word.length < LEAST_HEARD
        ? [word]
        : (sounds.get(soundOf(stem(word))) ?? []).filter((known) => Math.abs(known.length - word.length) <= 2),
    );
    if (!heard.some((list, i) => list.length && list[0] !== words[i]) || heard.some((list) => !list.length)) return [];
    const found = heard.map((list) => byId(list.flatMap((word) => this.run([word]))));
    const [first, ...rest] = found;
    return [...first!.values()].filter(({ id }) => rest.every((other) => other.has(id)));
  }

  /** What has most of the words, each as it is written or as it sounds, where nothing has all of them. */
  private byAny(words: readonly string[]): SearchResult[] {
    const long = words.filter((word) => word.length >= LEAST_ALONE);
    if (words.length < 2) return [];
    const found = new Map<string, { one: SearchResult; has: number; score: number }>();
    for (const word of long) {
      const plainly = this.run([word]);
      for (const one of plainly.length ? plainly : this.bySound([word])) {
        const before = found.get(one.id as string);
        if (before) Object.assign(before, { has: before.has + 1, score: before.score + one.score });
        else found.set(one.id as string, { one, has: 1, score: one.score });
      }
    }
    const most = Math.max(0, ...[...found.values()].map(({ has }) => has));
    return [...found.values()]
      .filter(({ has }) => has === most)
      .sort((a, b) => b.score - a.score)
      .map(({ one, score }) => ({ ...one, score }));
  }
}

/** Words by how they sound. */
function soundsIn(things: Iterable<Findable>): Map<string, string[]> {
  const words = new Set<string>();
  for (const { name, category, words: more } of things)
    for (const word of firstWords(`${name} ${category} ${more}`)) if (word.length >= LEAST_HEARD) words.add(stem(word));
  return groupedBy([...words], soundOf);
}
