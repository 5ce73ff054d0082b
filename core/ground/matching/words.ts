/** Comparing words as people write them: case, accents, plurals and small typing errors do not matter. */

/** Lower case, no accents, single spaces; letters and digits only. */
export function plain(text: string): string {
  const lower = text.toLowerCase();
  // Most words are plain already.
  if (/^[a-z0-9]+(?: [a-z0-9]+)*$/.test(lower)) return lower;
  return lower
    .normalize('NFD')
    .replace(/\p{M}+/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}

/** Whether a text has all the words that are searched for, or the beginnings of them. @example hasAll('be cup')('Beads, cupboard') // true */
export function hasAll(query: string): (text: string) => boolean {
  const words = plain(query).split(' ').filter(Boolean);
  return (text) => {
    if (!words.length) return true;
    const own = plain(text);
    return words.every((word) => own.includes(word));
  };
}

/** Plurals that no rule makes. */
const IRREGULAR: Readonly<Record<string, string>> = {
  knives: 'knife',
  shelves: 'shelf',
  leaves: 'leaf',
  scarves: 'scarf',
  wolves: 'wolf',
  halves: 'half',
  loaves: 'loaf',
  calves: 'calf',
  elves: 'elf',
  hooves: 'hoof',
  mice: 'mouse',
  geese: 'goose',
  feet: 'foot',
  teeth: 'tooth',
};

/** A light English stem: enough that `boxes` meets `box`, `brushes` meets `brush` and `puppies` meets `puppy`. */
export function stem(word: string): string {
  if (word.length > 3 && word in IRREGULAR) return IRREGULAR[word]!;
  if (word.length > 4 && word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  // `hoodies` and `hoodie` meet as well.
  if (word.length > 4 && word.endsWith('ie')) return `${word.slice(0, -2)}y`;
  if (word.length > 4 && /(s|x|ch|sh|z)es$/.test(word)) return word.slice(0, -2);
  if (word.length > 3 && word.endsWith('s') && !word.endsWith('ss')) return word.slice(0, -1);
  return word;
}

/** The stemmed words of a text, without the small connecting ones. */
export const stems = (text: string): string[] =>
  plain(text)
    .split(' ')
    .filter((word) => word && !SMALL_WORDS.has(word))
    .map(stem);

/** Words that connect others. */
export const SMALL_WORDS: ReadonlySet<string> = new Set([
  'of',
  'the',
  'a',
  'an',
  'and',
  'with',
  'for',
  'in',
  'some',
  'our',
  'my',
  'to',
]);

/**
 * Number of single-letter insertions, deletions, replacements and neighbour swaps between two words
 * (optimal string alignment), or `limit + 1` as soon as it must exceed `limit`.
 */
export function typingErrors(a: string, b: string, limit = 2): number {
  if (Math.abs(a.length - b.length) > limit) return limit + 1;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      let least = Math.min(last[j]! + 1, row[j - 1]! + 1, last[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1));
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) least = Math.min(least, before[j - 2]! + 1);
      row.push(least);
    }
    if (Math.min(...row) > limit) return limit + 1;
    before = last;
    last = row;
  }
  return last[b.length]!;
}
