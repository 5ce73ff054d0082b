/** A shorter name for a label on which the whole one does not go (practice L2): proposed, and kept where a person takes it. */

/** Words that a name is understood without. */
const SMALL = /^(and|or|of|the|a|an|for|with|in|to|from|our|all|some|various|assorted|other)$/i;
/** A shortened word keeps at least so many letters. */
const LEAST_LETTERS = 4;
const VOWEL = /[aeiouyäöüåæøáéíóúàèìòùâêîôû]/i;

/** Cut behind a consonant that follows a vowel, with a full stop: `construction` becomes `constr.`. */
function shortWord(word: string): string | null {
  const letters = [...word];
  if (letters.length < LEAST_LETTERS + 3) return null;
  for (let at = LEAST_LETTERS; at < letters.length - 2; at++)
    if (!VOWEL.test(letters[at - 1]!) && VOWEL.test(letters[at]!)) return `${letters.slice(0, at).join('')}.`;
  return `${letters.slice(0, LEAST_LETTERS + 1).join('')}.`;
}

/**
 * @param fits whether a name goes on the label
 * @returns null where nothing short enough is still understood
 * @example shortName('construction paper (coloured)', (text) => text.length <= 15) // 'constr. paper'
 */
export function shortName(name: string, fits: (text: string) => boolean): string | null {
  const tries: ((words: string[]) => string[] | null)[] = [
    (words) => words,
    (words) => words.filter((word, i) => i === 0 || !SMALL.test(word)),
  ];
  let words = name
    .replace(/\s*\(.*?\)/g, '')
    .split(/\s*[,;:–]\s/)[0]!
    .trim()
    .split(/\s+/);
  for (const change of tries) {
    const changed = change(words);
    if (!changed?.length) continue;
    words = changed;
    if (words.join(' ') !== name && fits(words.join(' '))) return words.join(' ');
  }
  // The longest word first, as it gives most.
  const order = words.map((_, i) => i).sort((a, b) => words[b]!.length - words[a]!.length);
  for (const at of order) {
    const short = shortWord(words[at]!);
    if (!short) continue;
    words = words.with(at, short);
    if (fits(words.join(' '))) return words.join(' ');
  }
  return null;
}
