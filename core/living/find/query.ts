/** What somebody looks for, out of what they say: `where are the nappies, please` looks for nappies. */
import { plain, SMALL_WORDS, stem } from '../../ground/matching/words.ts';

/** Words that say nothing of the thing. */
const TALK = new Set([
  ...SMALL_WORDS,
  ...'on at or is are was were where wheres do does did have has had we i you your their his her its me us it this that these those any please pls thanks find search look looking need want get put goes go kept keep thing things stuff something what which one ones live lives belong belongs'.split(
    ' ',
  ),
]);
/** Everyday words for others that stand on labels. */
const SAME: Readonly<Record<string, string>> = {
  kid: 'child',
  children: 'child',
  childrens: 'child',
  toddler: 'child',
};

/** A code as people say it: `N 47`, `bin c3`, `code p-12`. */
const CODE = /^(?:(?:the )?(?:bin|box|code|label|number|no|nr) )*([a-z]{1,3}) ?(\d{1,4})$/;

/** The code that is asked for, in small letters; null where it is something else. @example codeAsked('bin C 33') // 'c33' */
export const codeAsked = (query: string): string | null => {
  const found = CODE.exec(plain(query));
  return found ? found[1]! + Number(found[2]) : null;
};

/** @returns the words to look for; those of a sentence without the talk around them */
export function wordsAsked(query: string): string[] {
  const code = codeAsked(query);
  if (code) return [code];
  const said = plain(query.replace(/['’]/g, '')).split(' ').filter(Boolean);
  const telling = said.filter((word) => !TALK.has(word));
  return (telling.length ? telling : said).map((word) => SAME[word] ?? SAME[stem(word)] ?? word);
}

/** The phrase that is asked for, without the talk around it, as it was said. @example phraseAsked('where do the big scissors live?') // 'big scissors' */
export const phraseAsked = (query: string): string => {
  const words = query
    .replace(/[?!.]+\s*$/, '')
    .split(/\s+/)
    .filter(Boolean);
  const talks = (word: string | undefined): boolean => word !== undefined && TALK.has(plain(word));
  while (words.length > 1 && talks(words[0])) words.shift();
  while (words.length > 1 && talks(words.at(-1))) words.pop();
  return words.join(' ');
};
