/** What kind of thing a name means, where the library has no word for it: by what it is a kind of (docs/computing.md, How a line is read). */
import { headOf, isByword, partsOf, phraseWords } from '../matching/phrase.ts';
import { kindOf, type Kind } from '../starter/library.ts';
import { CLASSES } from './classes.ts';
import { nounKey, vocabulary, type Vocabulary } from './vocabulary.ts';

export interface Meaning {
  kind: Kind;
  /** It is a guess: the class is wide, or the word means other things as well. */
  perhaps: boolean;
  /** The words that were understood, stemmed. */
  words: readonly string[];
  /** They are all of the name. */
  whole: boolean;
  /** In what it comes says less than what it is: ibuprofen tablets. */
  isDose: boolean;
}

interface Class {
  /** Null for what nobody keeps in a room. */
  kind: Kind | null;
  perhaps: boolean;
}

/** The classes by their meaning, for the vocabulary they were read with. */
let classes: { of: Vocabulary; byMeaning: Map<number, Class> } | null = null;

function classesOf(words: Vocabulary): Map<number, Class> {
  if (classes?.of === words) return classes.byMeaning;
  const byMeaning = new Map<number, Class>();
  for (const row of CLASSES.trim().split('\n')) {
    const [key, nouns] = row.split(' | ') as [string, string];
    const kind = kindOf(key) ?? null;
    if (!kind && key !== '-') throw new Error(`Classes of meaning: no kind “${key}”.`);
    for (const noun of nouns.split(', ')) {
      const [, perhaps, word, rank] = /^(\??)(.*?)(\d*)$/.exec(noun)!;
      const meaning = words.meaningNumbered(word!, Number(rank) || 1);
      if (meaning === undefined) throw new Error(`Classes of meaning: no meaning “${noun}” of ${key}.`);
      byMeaning.set(meaning, { kind, perhaps: perhaps === '?' });
    }
  }
  classes = { of: words, byMeaning };
  return byMeaning;
}

/** The class of a meaning: the nearest above it, or its own. */
function classOf(meaning: number, words: Vocabulary): Pick<Meaning, 'kind' | 'perhaps'> | null {
  const byMeaning = classesOf(words);
  for (let at = meaning; at >= 0; at = words.widerOf(at)) {
    const found = byMeaning.get(at);
    if (found) return found.kind ? { kind: found.kind, perhaps: found.perhaps } : null;
  }
  return null;
}

/** Meanings that are looked at: those after them hardly anybody has in mind. */
const MEANINGS = 4;

/** Null where they are known, and nothing that is kept in a room; undefined where they are not known. */
function meant(own: readonly string[], words: Vocabulary): Meaning | null | undefined {
  const meanings = words.meaningsOf(own.join(' ')).slice(0, MEANINGS);
  const found = meanings.map((meaning) => classOf(meaning, words));
  const at = found.findIndex((one) => one !== null);
  if (at < 0) return meanings.length ? null : undefined;
  const { kind, perhaps } = found[at]!;
  return { kind, perhaps: perhaps || at > 0, words: own, whole: false, isDose: false };
}

/** The part that says what it is: the first, or behind `of` where the first tells only how much (a bottle of ketchup). */
function tellingPart(name: string): string[] | null {
  const [part] = partsOf(name);
  const words = phraseWords(name);
  if (!part || part.join(' ') === '') return null;
  const begins = part.every((word, i) => words[i] === word);
  return begins || /^[^,;:()]*\sof\s/i.test(name) ? part : null;
}

/** Words that are no things where they stand alone, whatever else they mean. */
const NO_THING = new Set('refill four five six seven eight nine ten two three one dozen jet green red up'.split(' '));

/** In what medicine comes. */
const DOSES = new Set(
  'tablet pill capsule drop spray cream gel syrup patch powder ointment pen injection solution'.split(' '),
);

/**
 * The meaning of the word that says what a name is, with the words before it that belong to it; undefined where no word is
 * known, null where it is, and means nothing that is kept in a room.
 * With the table, a wooden glockenspiel is of the kind of chime bars.
 */
export function meaningOf(name: string): Meaning | null | undefined {
  const words = vocabulary();
  if (!words) return undefined;
  const whole = nounKey(name).split(' ');
  const known = whole.length > 1 ? meant(whole, words) : undefined;
  if (known !== undefined) return known && { ...known, whole: true };
  const part = tellingPart(name);
  const head = part && headOf(part);
  if (!part || !head || isByword(head) || NO_THING.has(head)) return undefined;
  const end = part.lastIndexOf(head) + 1;
  const dosed = DOSES.has(head) && end > 1 ? meant([part[end - 2]!], words) : null;
  if (dosed?.kind.category.key === 'medicines') return { ...dosed, words: part.slice(end - 2, end), isDose: true };
  // What follows belongs to it where they are one word together: beer can.
  for (let to = part.length; to >= end; to--)
    for (let from = 0; from < end; from++) {
      const found = meant(part.slice(from, to), words);
      // A word that belongs to no class may still be one of the library's.
      if (found !== undefined) return found ?? (to - from > 1 ? null : undefined);
    }
  return undefined;
}
