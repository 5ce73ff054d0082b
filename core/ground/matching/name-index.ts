/** An index of names, in which what somebody typed is found: the likest entries by the head of the phrase (docs/computing.md, How a line is read). */
import { headOf, isByword, partsOf, phraseWords } from './phrase.ts';
import { isNoun, vocabulary, type Vocabulary } from '../vocabulary/vocabulary.ts';
import { plain, typingErrors } from './words.ts';

interface Indexed {
  /** Position of the entry in the list that was indexed. */
  entry: number;
  words: string[];
  /** In lower case, as it is written. */
  text: string;
  /** The word that says what it is. */
  head: string;
  /** Sum of the weights of its words. */
  weight: number;
  /** Whether it is the first of its entry's names. */
  isName: boolean;
}

export interface NameIndex {
  names: Indexed[];
  byWord: ReadonlyMap<string, readonly number[]>;
  weightOf: (word: string) => number;
  /** What words of no name were taken for, found once for a vocabulary. */
  taken: Map<string, readonly { word: string; like: number }[]>;
  takenWith: Vocabulary | null;
}

/** How much a word that stands in the names of n entries counts: rare words say more. */
const weightOfWord = (entries: number): number => 1 / (1 + 0.35 * Math.log(Math.max(1, entries)));
/** Of what tells nothing of a thing, as colours and sizes. */
const BYWORD_WEIGHT = 0.2;
/** Of a word that no name has. */
const UNKNOWN_WEIGHT = 0.8;

type ReadName = Pick<Indexed, 'words' | 'text' | 'head'>;
/** Names are read once: an index is made anew whenever a category changes, and nearly all its names are the library's. */
const readNames = new Map<string, ReadName>();
const MAX_READ = 20_000;

function readName(name: string): ReadName {
  const known = readNames.get(name);
  if (known) return known;
  const words = phraseWords(name);
  const read = { words, text: plain(name), head: headOf(partsOf(name)[0] ?? words) };
  if (readNames.size >= MAX_READ) readNames.clear();
  readNames.set(name, read);
  return read;
}

/** @param entries the names of each entry, the proper one first */
export function indexNames(entries: readonly (readonly string[])[]): NameIndex {
  const spread = new Map<string, Set<number>>();
  const names = entries.flatMap((own, entry) =>
    own.map((name, i) => ({ entry, ...readName(name), weight: 0, isName: i === 0 })),
  );
  names.forEach(({ entry, words }) => {
    for (const word of words) (spread.get(word) ?? spread.set(word, new Set()).get(word)!).add(entry);
  });
  const weights = new Map([...spread].map(([word, own]) => [word, weightOfWord(own.size)]));
  const weightOf = (word: string): number =>
    (weights.get(word) ?? UNKNOWN_WEIGHT) * (isByword(word) ? BYWORD_WEIGHT : 1);
  const byWord = new Map<string, number[]>();
  names.forEach((name, i) => {
    name.weight = name.words.reduce((sum, word) => sum + weightOf(word), 0);
    for (const word of new Set(name.words)) (byWord.get(word) ?? byWord.set(word, []).get(word)!).push(i);
  });
  return { names, byWord, weightOf, taken: new Map(), takenWith: null };
}

/** The words of the index that a word may stand for: itself, or, if no name has it, what a slip of the finger makes of it. */
function takenFor(word: string, index: NameIndex): readonly { word: string; like: number }[] {
  if (index.byWord.has(word)) return [{ word, like: 1 }];
  const words = vocabulary();
  if (index.takenWith !== words) {
    index.taken.clear();
    index.takenWith = words;
  }
  const known = index.taken.get(word);
  if (known) return known;
  // What is a word itself is no slip: a cleaver is no cleaner.
  const limit = word.length < 5 || isNoun(word) ? 0 : word.length < 8 ? 1 : 2;
  const found: { word: string; like: number }[] = [];
  if (limit && !/\d/.test(word))
    for (const other of index.byWord.keys()) {
      if (other[0] !== word[0] || Math.min(other.length, word.length) < 5) continue;
      const errors = typingErrors(word, other, limit);
      if (errors <= limit) found.push({ word: other, like: 1 - 0.1 * errors });
    }
  found.sort((a, b) => b.like - a.like);
  if (index.taken.size >= MAX_READ) index.taken.clear();
  index.taken.set(word, found);
  return found;
}

/** Words written together or apart as the names have them: `paint brush` and `paintbrush`. */
function joinedAndParted(words: readonly string[], index: NameIndex): string[] {
  const made: string[] = [];
  for (let i = 0; i < words.length; i++) {
    const word = words[i]!;
    const next = words[i + 1];
    if (next && index.byWord.has(word + next) && !(index.byWord.has(word) && index.byWord.has(next))) {
      made.push(word + next);
      i++;
    } else if (!index.byWord.has(word) && word.length > 6 && !isNoun(word)) {
      const at = Array.from({ length: word.length - 5 }, (_, k) => k + 3).find(
        (cut) => index.byWord.has(word.slice(0, cut)) && index.byWord.has(word.slice(cut)),
      );
      if (at) made.push(word.slice(0, at), word.slice(at));
      else made.push(word);
    } else made.push(word);
  }
  return made;
}

/** Whether a word says what some name of the index is, as it is written. */
export const isHead = (word: string, index: NameIndex): boolean =>
  index.byWord.get(word)?.some((i) => index.names[i]!.head === word) ?? false;

export interface Likeness {
  entry: number;
  /** From 0; 1 and a little above for a name in full. */
  likeness: number;
}

/** How much later parts of a name say of what it is, against the first. */
const PART_FACTOR = [1, 0.82, 0.7, 0.6];
/** Where the head of a name is no more than a word beside another head: too little to be proposed alone. */
const BESIDE = 0.42;

/**
 * The entries whose names are likest to what was said, best first, each once.
 * @example likest('label printer', index)[0] // the entry of `label printer`, never that of `labels`
 */
export function likest(said: string, index: NameIndex): Likeness[] {
  const parts = partsOf(said).map((words) => joinedAndParted(words, index));
  const best = new Map<number, number>();
  const whole = joinedAndParted(phraseWords(said), index);
  const text = plain(said);
  parts.slice(0, PART_FACTOR.length).forEach((part, p) => {
    const head = headOf(part);
    const near = new Set(
      part.flatMap((word) => takenFor(word, index).flatMap(({ word: known }) => index.byWord.get(known) ?? [])),
    );
    const heads = new Map(takenFor(head, index).map(({ word, like }) => [word, like]));
    for (const i of near) {
      const name = index.names[i]!;
      // Between words of one stem the very form says which is meant: plaster, plasters.
      const score = PART_FACTOR[p]! * scoreOf(name, part, whole, heads, index) + (name.text === text ? 0.005 : 0);
      if (score > (best.get(name.entry) ?? 0)) best.set(name.entry, score);
    }
  });
  return [...best]
    .map(([entry, likeness]) => ({ entry, likeness }))
    .sort((a, b) => b.likeness - a.likeness || a.entry - b.entry);
}

function scoreOf(
  name: Indexed,
  part: readonly string[],
  whole: readonly string[],
  heads: ReadonlyMap<string, number>,
  index: NameIndex,
): number {
  let covered = 0;
  for (const word of name.words) {
    // A word of another part counts too: `needles, hand sewing`.
    const like = likenessIn(word, part, index) || 0.97 * likenessIn(word, whole, index);
    covered += like * index.weightOf(word);
  }
  const share = covered / name.weight;
  const told = 0.75 * toldBy(name, part, index) + 0.25 * toldBy(name, whole, index);
  const fit = share * (0.55 + 0.45 * told) + (name.isName ? 0.02 : 0) + 0.012 * Math.min(2, name.words.length - 1);
  const head = heads.get(name.head);
  if (head !== undefined) return fit * (0.6 + 0.4 * head);
  // All of the name is there, but something else is the head: it may still be the thing where that head is no thing itself.
  const headKnown = heads.size > 0 && !isByword(headOf(part));
  if (share > 0.99 && name.words.length > 1 && name.words.includes(headOf(part))) return fit * 0.95;
  return fit * (headKnown ? BESIDE : 0.7);
}

/** Share of what was said that the name tells, by the weight of the words. */
function toldBy(name: Indexed, words: readonly string[], index: NameIndex): number {
  let [told, all] = [0, 0];
  for (const word of words) {
    const weight = index.weightOf(word);
    all += weight;
    if (name.words.some((own) => takenFor(word, index).some((taken) => taken.word === own))) told += weight;
  }
  return all ? told / all : 0;
}

const likenessIn = (word: string, words: readonly string[], index: NameIndex): number => {
  let best = 0;
  for (const said of words)
    for (const taken of takenFor(said, index)) if (taken.word === word && taken.like > best) best = taken.like;
  return best;
};
