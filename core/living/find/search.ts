/** Where is it? Answers while one types: by the words of the house, what they mean and what things are for; what is sure before what is perhaps. */
import type { SearchResult } from 'minisearch';
import { kindNamed, knownCategories, proposeCategories, type CategoryProposal } from '../../ground/matching/propose.ts';
import { phraseWords, wordKey } from '../../ground/matching/phrase.ts';
import type { Kind } from '../../ground/starter/library.ts';
import { isNoun } from '../../ground/vocabulary/vocabulary.ts';
import type { Category } from '../../ground/model/entities.ts';
import { plain, stem, typingErrors } from '../../ground/matching/words.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { servedBy } from './purposes.ts';
import { codeAsked, phraseAsked, wordsAsked } from './query.ts';
import { LEAST_HEARD, WordIndex, type Findable } from './word-index.ts';

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

/** So many letters of a word are enough. */
const LEAST_BEGUN = 3;
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
  private readonly index: WordIndex;
  private byCode = new Map<string, string>();
  private byCategory = new Map<string, Findable[]>();
  private categories: readonly Named[] = [];

  constructor(things: readonly Findable[], categories: readonly Named[] = []) {
    this.index = new WordIndex(things);
    this.know(things, categories);
  }

  private know(things: readonly Findable[], categories: readonly Named[]): void {
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
    const touched = this.index.update(things);
    this.know(things, categories);
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
    const best = new Map<string, Found>();
    for (const one of this.written(words, meant)) {
      const before = best.get(one.id);
      if (!before || one.sure > before.sure || (one.sure === before.sure && one.score > before.score))
        best.set(one.id, one);
    }
    if (coded) best.set(coded, { id: coded, score: Infinity, why: 'code', sure: true });
    if (![...best.values()].some(({ sure }) => sure))
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
    const plainly = this.index.run(words);
    const results = plainly.length ? plainly : this.index.run(words, { near: 'same' });
    const top = results[0]?.score ?? 1;
    const found: Found[] = results.map((result) => {
      const thing = this.index.known.get(result.id as string)!;
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
    return found;
  }

  /** What has no place counts less, and a single thing less than the bins of its category. */
  private less({ code, place, categoryId }: Findable): number {
    if (code) return place ? 0 : 0.1;
    // Those with a code stand first.
    return this.byCategory.get(categoryId ?? '')?.[0]?.code ? 1.5 : 0.3;
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
      { run: () => this.index.run(words, { fuzzy: true }), why: 'slip', sure: isSlip },
      { run: () => this.index.run(words, { fuzzy: true, joined: true }), why: 'slip', sure: isSlip },
      {
        run: () => (words.length > 1 ? this.index.run([words.join('')], { fuzzy: true }) : []),
        why: 'slip',
        sure: isSlip,
      },
      { run: () => this.index.bySound(words), why: 'sound', sure: false },
      { run: () => this.index.run(words, { near: 'wider' }), why: 'meaning', sure: false },
      { run: () => this.index.byAny(words), why: 'some', sure: false },
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
}

/** Whether what was found is as long as what was asked for, with a letter or two wrong: not merely the beginning of another word. */
const isSlipOf = (asked: readonly string[], found: readonly string[]): boolean =>
  asked.every((word) =>
    found.some(
      (own) => Math.abs(own.length - word.length) <= 1 && typingErrors(word, own, 2) <= (word.length < 8 ? 1 : 2),
    ),
  );
