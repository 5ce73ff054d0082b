/**
 * The words of a house, in which what somebody asks for is found: forgiving of endings, of slips, and of sound.
 * The index is MiniSearch (an inverted index on a radix tree); built once, searched in milliseconds.
 */
import MiniSearch, { type SearchResult } from 'minisearch';
import { soundOf } from '../../ground/matching/sound.ts';
import { plain, stem } from '../../ground/matching/words.ts';
import { byId } from '../../ground/model/by-id.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { wordsNear } from '../../ground/vocabulary/vocabulary.ts';

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
  /** Null for what is not sorted yet. */
  categoryId?: string | null;
}

const FIELDS = ['code', 'name', 'category', 'words', 'family', 'place', 'room'] as const;

/** Shorter words are not looked for by their sound, nor by themselves where others are missing. */
export const LEAST_HEARD = 5;
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

export class WordIndex {
  /** What is in the index, by id. */
  known: ReadonlyMap<string, Findable>;
  private readonly index: MiniSearch<Findable>;
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

  /** Only what has changed is indexed anew. @param things all there are now @returns how many were touched */
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

  /** What has all the words: as they are or begin, with slips, or by other words near them. */
  run(
    words: readonly string[],
    { fuzzy = false, joined = false, near }: { fuzzy?: boolean; joined?: boolean; near?: 'same' | 'wider' } = {},
  ): SearchResult[] {
    const options = {
      fields: joined ? [...FIELDS, JOINED] : [...FIELDS],
      boost: { code: 6, name: 4, category: 3, words: 2, [JOINED]: 0.2 },
      tokenize: (text: string) => text.split(' ').filter(Boolean),
      prefix: !near,
      // No more errors than a slip of the finger: none in short words, one in middling, two in long ones.
      fuzzy: fuzzy ? (term: string) => (term.length < 4 ? false : term.length < 7 ? 1 : 2) : false,
      maxFuzzy: 2,
    };
    if (!near) return this.index.search(words.join(' '), { ...options, combineWith: 'AND' });
    const queries = words.map((word) => {
      const { same, wider } = wordsNear(stem(word));
      const others = near === 'same' ? same : [...same, ...wider];
      return {
        combineWith: 'OR' as const,
        queries: [word, ...others.map((other) => ({ combineWith: 'AND' as const, queries: other.split(' ') }))],
      };
    });
    return this.index.search({ combineWith: 'AND', queries }, options);
  }

  /** Each word by those that sound like it. */
  bySound(words: readonly string[]): SearchResult[] {
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
  byAny(words: readonly string[]): SearchResult[] {
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
