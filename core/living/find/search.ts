/**
 * Where is it? Answers while one types: forgiving of typing errors, of endings, and of other words for the same thing.
 * The index is MiniSearch (an inverted index on a radix tree); built once, searched in milliseconds.
 */
import { byId } from '../../ground/model/by-id.ts';
import MiniSearch, { type SearchResult } from 'minisearch';
import { kindNamed, knownCategories, proposeCategories, type CategoryProposal } from '../../ground/matching/propose.ts';
import { phraseWords, wordKey } from '../../ground/matching/phrase.ts';
import type { Kind } from '../../ground/starter/library.ts';
import { isNoun, wordsNear } from '../../ground/vocabulary/vocabulary.ts';
import type { Category } from '../../ground/model/entities.ts';
import { soundOf } from '../../ground/matching/sound.ts';
import { plain, stem, typingErrors } from '../../ground/matching/words.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { servedBy } from './purposes.ts';
import { codeAsked, phraseAsked, wordsAsked } from './query.ts';

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
const LEAST_HEARD = 5;
const LEAST_ALONE = 4;
/** So many letters of a word are enough. */
const LEAST_BEGUN = 3;
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

/** By what it was found: its code, its own word, another word for it, what it is for, what the word means, a slip, its sound, some of the words. */
export type FoundBy = 'code' | 'word' | 'synonym' | 'purpose' | 'meaning' | 'slip' | 'sound' | 'some';

export interface Found {
  id: string;
  score: number;
  why: FoundBy;
  /** False for what may be something else: it stands apart as perhaps. */
  sure: boolean;
}

/** What a category is asked by. */
type Named = Pick<Category, 'id' | 'name' | 'synonyms' | 'starter'>;

interface Meant {
  /** Null for a category of the library that the house has not. */
  categoryId: string | null;
  likeness: number;
  perhaps: boolean;
  why: 'purpose' | 'meaning';
}

/** Share of what was asked that a use has to tell, to be sure. */
const SERVES = 0.75;
/** A meaning from there on is sure: below, half of a name is another thing. */
const SURE = 0.66;
/** What is proposed beside the likeliest counts only where it is nearly as likely. */
const NEARLY = 0.12;

/**
 * @example
 * const finder = new Finder(thingsOf(data), data.category);
 * finder.search('felt tips')[0]?.id; // the bin they are in
 * finder.update(thingsOf(changed), changed.category); // only what has changed is indexed anew
 */
export class Finder {
  private readonly index: MiniSearch<Findable>;
  /** What is in the index, by id. */
  private known = new Map<string, Findable>();
  private byCode = new Map<string, string>();
  private byCategory = new Map<string, Findable[]>();
  private categories: readonly Named[] = [];
  /** Made when it is asked for first. */
  private sounds: Map<string, string[]> | null = null;

  constructor(things: readonly Findable[], categories: readonly Named[] = []) {
    this.index = new MiniSearch<Findable>({
      fields: [...FIELDS, JOINED],
      extractField: (thing, field) => (field === JOINED ? joinedWords(thing) : thing[field as keyof Findable]),
      idField: 'id',
      storeFields: [],
      tokenize: (text) => plain(text).split(' ').filter(Boolean),
      processTerm: (term) => stem(plain(term)) || null,
    });
    this.index.addAll(things as Findable[]);
    this.know(things, categories);
  }

  private know(things: readonly Findable[], categories: readonly Named[]): void {
    this.known = byId(things);
    this.categories = categories;
    this.byCode = new Map(things.filter(({ code }) => code).map(({ id, code }) => [plain(code), id]));
    this.byCategory = groupedBy(things, ({ categoryId }) => categoryId ?? undefined);
    // What has a place before what has none, in the order of the labels.
    for (const own of this.byCategory.values())
      own.sort(
        (a, b) =>
          Number(!a.code) - Number(!b.code) ||
          Number(!a.place) - Number(!b.place) ||
          a.code.localeCompare(b.code, 'en', { numeric: true }),
      );
  }

  /**
   * Follows changes: what is new is added, what has changed is replaced, what is gone is taken out.
   * @param things all there are now
   * @returns how many were touched
   */
  update(things: readonly Findable[], categories: readonly Named[] = this.categories): number {
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
    this.know(things, categories);
    if (touched) this.sounds = null;
    return touched;
  }

  /**
   * Best first, what is sure before what is not. A code comes first; then what has all the words, then what they mean or are
   * for; where that is nothing, a slip of the finger, words written together, how they sound, and some of the words.
   * @returns nothing sure where what is asked for is not in the house
   */
  search(query: string, most = 20): Found[] {
    const words = wordsAsked(query);
    if (!words.length || !words[0]) return [];
    const coded = this.byCode.get(codeAsked(query) ?? '');
    const meant = this.meant(query);
    const found = [
      ...(coded ? [{ id: coded, score: Infinity, why: 'code' as const, sure: true }] : []),
      ...this.written(words, meant),
    ];
    const best = new Map<string, Found>();
    for (const one of found) if (!best.has(one.id)) best.set(one.id, one);
    if (!best.size || ![...best.values()].some(({ sure }) => sure))
      for (const one of this.forgiven(words)) if (!best.has(one.id)) best.set(one.id, one);
    return [...best.values()].sort((a, b) => Number(b.sure) - Number(a.sure) || b.score - a.score).slice(0, most);
  }

  /** The categories that the words mean or that serve what they are for, likeliest first; `null` among them for what the house has not. */
  private meant(query: string): Meant[] {
    if (!this.categories.length) return [];
    const phrase = phraseAsked(query);
    const own = servedBy(query).flatMap(({ key, share }, i): Meant[] => {
      const categoryId = this.categories.find(({ starter }) => starter === key)?.id;
      return categoryId
        ? [{ categoryId, likeness: 0.4 + 0.6 * share - 0.02 * i, perhaps: share < SERVES, why: 'purpose' }]
        : [];
    });
    const known = knownCategories(this.categories);
    const kind = kindNamed(phrase);
    let likeness = 1;
    const proposals = proposeCategories(phrase, known, 8).map((one: CategoryProposal): Meant => {
      // What stands first is likelier, whatever is said of the likeness of names alone.
      likeness = Math.min(likeness, one.likeness);
      return {
        categoryId: one.categoryId,
        likeness,
        perhaps: (one.perhaps ?? false) || this.isCloser(kind, one.categoryId, phrase),
        why: 'meaning',
      };
    });
    return [...own, ...proposals];
  }

  /**
   * A closer kind than the category at large need not be among what the house has of it: first-aid supplies without a
   * thermometer. Neither need anything that is only told by single things without a bin.
   */
  private isCloser(kind: Kind | undefined, categoryId: string | null, phrase: string): boolean {
    const category = this.categories.find(({ id }) => id === categoryId);
    if (!category?.starter || kind?.category.key !== category.starter) return false;
    const own = this.byCategory.get(category.id) ?? [];
    const head = phraseWords(phrase).at(-1);
    const isSaid = own.some((thing) =>
      plain(`${thing.name === category.name ? '' : thing.name} ${thing.words}`)
        .split(' ')
        .map(stem)
        .includes(head ?? ''),
    );
    if (isSaid) return false;
    return kind.key !== kind.category.key || own.every(({ code }) => !code);
  }

  /** What has all the words, weighed with what they mean; then what they mean alone. */
  private written(words: readonly string[], meant: readonly Meant[]): Found[] {
    const likeness = new Map<string, number>();
    for (const one of meant)
      if (one.categoryId && !likeness.has(one.categoryId)) likeness.set(one.categoryId, one.likeness);
    const first = meant.find(({ why }) => why === 'meaning');
    /** It is known what is meant, and the house has none of it. */
    const isElsewhere = first !== undefined && first.categoryId === null && !first.perhaps && first.likeness >= SURE;
    const plainly = this.run(words);
    const results = plainly.length ? plainly : this.run(words, { near: 'same' });
    const top = results[0]?.score ?? 1;
    const found: Found[] = results.map((result) => {
      const thing = this.known.get(result.id as string)!;
      const like = likeness.get(thing.categoryId ?? '') ?? 0;
      const said = this.saidBy(thing, words);
      return {
        id: thing.id,
        why: said.why,
        sure: (said.isWhole || !plainly.length) && (!isElsewhere || said.isName),
        // The likeliest meaning first, then how well it is written; a name in full counts most.
        score: 2 * like + (0.5 * result.score) / top + (said.isName ? 1 : 0) - this.less(thing),
      };
    });
    // By purpose or meaning alone: sure where nothing else is as likely.
    for (const { categoryId, likeness: like, perhaps, why } of meant) {
      if (!categoryId) continue;
      const isFirst = why === 'purpose' || (like >= first!.likeness - NEARLY && !isElsewhere && !first!.perhaps);
      const isSure = !perhaps && isFirst && like >= SURE;
      this.byCategory.get(categoryId)?.forEach((thing, i) =>
        found.push({
          id: thing.id,
          why,
          sure: isSure,
          score:
            2 * like + (why === 'purpose' ? 0.5 : 0) - 0.001 * i + 0.2 * this.named(thing, words) - this.less(thing),
        }),
      );
    }
    const best = new Map<string, Found>();
    for (const one of found) {
      const before = best.get(one.id);
      if (!before || one.sure > before.sure || (one.sure === before.sure && one.score > before.score))
        best.set(one.id, one);
    }
    return [...best.values()];
  }

  /** What has no place counts less, and a single thing less than the bins of its category. */
  private less({ code, place, categoryId }: Findable): number {
    if (code) return place ? 0 : 0.1;
    return this.byCategory.get(categoryId ?? '')?.some((other) => other.code) ? 1.5 : 0.3;
  }

  /** Share of the words that its own name has: of two ribbons the pink one. */
  private named(thing: Findable, words: readonly string[]): number {
    const own = new Set(plain(thing.name).split(' ').map(stem));
    return words.filter((word) => own.has(stem(word))).length / words.length;
  }

  /** How a thing has the words: whole ones, and whether they are its name. */
  private saidBy(thing: Findable, words: readonly string[]): { isWhole: boolean; isName: boolean; why: FoundBy } {
    const of = (...texts: string[]) => new Set(texts.flatMap((text) => plain(text).split(' ').map(stem)));
    const name = of(thing.name, thing.category);
    const all = of(thing.name, thing.category, thing.words, thing.code);
    const stemmed = words.map(stem);
    const isName = stemmed.every((word) => name.has(word));
    // Beginnings of words are as good while somebody types, unless they are a word of their own: tent, tentacle.
    const begins = (word: string) =>
      word.length >= LEAST_BEGUN && !isNoun(word) && [...all].some((own) => own.startsWith(word));
    const isWhole = stemmed.every((word) => all.has(word) || begins(word));
    const isFull = [thing.name, thing.category].some(
      (text) => wordKey(text) === [...new Set(stemmed)].sort().join(' '),
    );
    return { isWhole, isName: isFull || (isName && stemmed.length > 1), why: isName ? 'word' : 'synonym' };
  }

  /** Where nothing is sure: a slip, words together or apart, a sound, some of the words. */
  private forgiven(words: readonly string[]): Found[] {
    const unknown = words.filter((word) => !isNoun(stem(word)));
    /** A slip in a word that is none is what was meant; in one that is a word, something else. */
    const isSlip = unknown.some((word) => word.length >= LEAST_HEARD);
    const ways: { run: () => SearchResult[]; why: FoundBy; sure: boolean }[] = [
      { run: () => this.run(words, { fuzzy: true }), why: 'slip', sure: isSlip },
      { run: () => this.run(words, { fuzzy: true, joined: true }), why: 'slip', sure: isSlip },
      { run: () => (words.length > 1 ? this.run([words.join('')], { fuzzy: true }) : []), why: 'slip', sure: isSlip },
      { run: () => this.bySound(words), why: 'sound', sure: false },
      { run: () => this.run(words, { near: 'wider' }), why: 'meaning', sure: false },
      { run: () => this.byAny(words), why: 'some', sure: false },
    ];
    for (const { run, why, sure } of isSlip ? ways : ways.slice(-2)) {
      const results = run();
      if (results.length)
        return results.map(({ id, score, terms, queryTerms }) => ({
          id: id as string,
          score: score / 1e6,
          why,
          sure: sure && (why !== 'slip' || isSlipOf(queryTerms, terms)),
        }));
    }
    return [];
  }

  private run(
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

/** Whether what was found is as long as what was asked for, with a letter or two wrong: not merely the beginning of another word. */
const isSlipOf = (asked: readonly string[], found: readonly string[]): boolean =>
  asked.every((word) =>
    found.some(
      (own) => Math.abs(own.length - word.length) <= 1 && typingErrors(word, own, 2) <= (word.length < 8 ? 1 : 2),
    ),
  );

/** Words by how they sound. */
function soundsIn(things: Iterable<Findable>): Map<string, string[]> {
  const words = new Set<string>();
  for (const { name, category, words: more } of things)
    for (const word of firstWords(`${name} ${category} ${more}`)) if (word.length >= LEAST_HEARD) words.add(stem(word));
  return groupedBy([...words], soundOf);
}
