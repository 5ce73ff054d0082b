/** The vocabulary: nouns, what each of them may mean, and the wider meaning that each of those is of. */
import { plain, stem } from '../matching/words.ts';

export interface Vocabulary {
  /** The meanings of a noun, the usual one first. @param word as {@link nounKey} writes it */
  meaningsOf(word: string): readonly number[];
  /** One of the meanings of a noun as the table numbers them, from 1 on; undefined where it has none. */
  meaningNumbered(noun: string, number: number): number | undefined;
  /** The wider meaning; −1 where there is none. */
  widerOf(meaning: number): number;
  /** The words of one meaning. */
  wordsOf(meaning: number): readonly string[];
}

/** A noun as it is looked up: its stems, whatever its number and its marks. @example nounKey('Letter-openers') // 'letter opener' */
export const nounKey = (noun: string): string =>
  PLAIN.test(noun) ? stem(noun) : plain(noun.replace(/['’]/g, '')).split(' ').map(stem).join(' ');
/** Most of the thousands of words of the table are one plain word. */
const PLAIN = /^[a-z]{3,}$/;

const DEPTHS_FROM = 'A'.charCodeAt(0);
const WORD = /^(.*?)(\d*)$/;

/** @param table a meaning a line: its depth as a letter, its words, and behind a word the number of its meaning (words/index.ts) */
export function readVocabulary(table: string): Vocabulary {
  const wider: number[] = [];
  const said: string[] = [];
  const byWord = new Map<string, { meaning: number; word: string; rank: number }[]>();
  /** The meaning last read at each depth. */
  const above: number[] = [];
  for (const row of table.split('\n')) {
    const depth = row.charCodeAt(0) - DEPTHS_FROM;
    const meaning = wider.push(depth > 0 ? above[depth - 1]! : -1) - 1;
    above[depth] = meaning;
    said.push(row.slice(1));
    for (const entry of row.slice(1).split(',')) {
      const [, word, rank] = WORD.exec(entry)!;
      const key = nounKey(word!);
      if (!key) continue;
      const own = byWord.get(key) ?? byWord.set(key, []).get(key)!;
      own.push({ meaning, word: word!, rank: Number(rank) || 1 });
    }
  }
  const sorted = new Map<string, number[]>();
  return {
    meaningsOf(word) {
      const known = sorted.get(word);
      if (known) return known;
      // Of a word and its plural (bar, bars) the word itself comes first.
      const order = (one: { word: string; rank: number }) => one.rank + (one.word === word ? 0 : 0.5);
      const own = byWord.get(word)?.sort((a, b) => order(a) - order(b) || a.meaning - b.meaning) ?? [];
      const meanings = [...new Set(own.map(({ meaning }) => meaning))];
      sorted.set(word, meanings);
      return meanings;
    },
    meaningNumbered: (noun, number) =>
      byWord.get(nounKey(noun))?.find(({ word, rank }) => word === noun && rank === number)?.meaning,
    widerOf: (meaning) => wider[meaning]!,
    wordsOf: (meaning) => said[meaning]!.split(',').map((entry) => WORD.exec(entry)![1]!),
  };
}

let table: string | null = null;
let read: Vocabulary | null = null;

/** From here on names are understood by meaning too. @param words the table (`@stube/core/vocabulary/words`), read when it is first needed */
export function useWords(words: string | null): void {
  if (words === table) return;
  table = words;
  read = null;
}

/** Null until its table is there: then names are understood by the words of the library alone. */
export const vocabulary = (): Vocabulary | null => (read ??= table === null ? null : readVocabulary(table));

/** Whether the vocabulary has it as a word. @param word stemmed */
export const isNoun = (word: string): boolean => (vocabulary()?.meaningsOf(word).length ?? 0) > 0;

/** How many of its meanings a word is taken for when others are looked for that say the same. */
const MEANT = 2;
const WIDER = 2;

/** Other words for a word, stemmed: those of its meanings, and apart from them those of the wider meanings above. @param word stemmed */
export function wordsNear(word: string): { same: string[]; wider: string[] } {
  const words = vocabulary();
  const meanings = words?.meaningsOf(word).slice(0, MEANT) ?? [];
  const said = (list: readonly number[]): string[] => [
    ...new Set(list.flatMap((one) => words!.wordsOf(one)).map(nounKey)),
  ];
  const same = said(meanings).filter((other) => other !== word);
  const above: number[] = [];
  for (const meaning of meanings)
    for (let at = words!.widerOf(meaning), step = 0; at >= 0 && step < WIDER; at = words!.widerOf(at), step++)
      above.push(at);
  return { same, wider: said(above).filter((other) => other !== word && !same.includes(other)) };
}
