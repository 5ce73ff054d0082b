/** A name as a phrase: its parts, and in each the word that says what it is. */
import { plain, SMALL_WORDS, stem } from './words.ts';

/** Words that tell nothing of what a thing is: how it looks, in what state, in what it comes. */
const BYWORDS = new Set(
  (
    'old new big small large little tiny giant huge medium mini assorted mixed various random spare extra nice good used ' +
    'broken red blue green yellow pink purple orange brown black white grey gray gold silver colour color coloured colored ' +
    'plain simple cheap more some other many few lot loose single double full half empty thick thin long short wide round ' +
    'flat kid kids child children childrens adult grown up year age size sz number no nr set box bag pack packet tin tub jar ' +
    'bottle can pot bucket crate drawer basket roll reel tube sheet piece pile stack bundle bunch collection bit thing stuff item sort kind type whole complete ' +
    'handmade homemade favourite best lost property unused leftover remaining different cm mm inch metre wall class room ' +
    'pair outgrown expired wrong unwanted surplus duplicate school home first second third opened dated labelled unlabelled named electric ' +
    'one level stage volume vol folded sharpened sterilised sterilized rechargeable digital clean dirty dusty matching framed ' +
    'blunt vintage pretty lovely fancy only mostly mainly just also still all end'
  ).split(' '),
);
export const isByword = (word: string): boolean => BYWORDS.has(word) || /^(?:\d+|[abc]\d{1,2})$/.test(word);

/** What a thing is made of: behind its name it says how it is (`needles, plastic`). */
const MATERIALS = new Set(['plastic', 'metal', 'rubber']);

/** The word that says what a phrase is: the last that says anything. */
export const headOf = (words: readonly string[]): string =>
  words.findLast((word) => !isByword(word) && !MATERIALS.has(word)) ??
  words.findLast((word) => !isByword(word)) ??
  words.at(-1)!;

const CONNECTING = new Set([...SMALL_WORDS, 'from', 'on', 's']);

/** Stemmed words, apostrophes closed up, without the small connecting ones. @example phraseWords("doll's house") // ['doll', 'house'] */
export const phraseWords = (text: string): string[] =>
  plain(text.replace(/[’'`´]/g, ''))
    .split(' ')
    .filter((word) => word && !CONNECTING.has(word))
    .map(stem);

/**
 * The parts of a name in their order, each a list of stemmed words of which the last is the head: what stands before a
 * preposition or a mark says what the thing is, what follows it tells more of it.
 * @example partsOf('map of the world, laminated') // [['map'], ['world'], ['laminated']]
 */
export function partsOf(text: string): string[][] {
  const parts = text
    .toLowerCase()
    .split(/[,;:()[\]+&/]|\s[-–—]\s|(?<=\s)\d+(?=\s)|\b(?:and|with|for|from|of|in|on|plus|without)\b|\bw\//)
    .map(phraseWords)
    .filter((words) => words.length > 0);
  // What says nothing by itself (a box of …, old ones) leaves the say to the rest.
  const telling = parts.filter((words) => words.some((word) => !isByword(word)));
  return telling.length ? telling : parts;
}

/** The telling words of a name, alike for all that say the same in another order or number. @example wordKey('Felt tips') // 'felt tip' */
export const wordKey = (text: string): string => [...new Set(phraseWords(text))].sort().join(' ');

/** Whether two names say the same thing. @example sameWords('felt tip', 'Felt tips') // true */
export const sameWords = (a: string, b: string): boolean => wordKey(a) !== '' && wordKey(a) === wordKey(b);
