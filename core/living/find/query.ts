/** What somebody looks for, out of what they say: `where are the nappies, please` looks for nappies. */
import { plain, SMALL_WORDS, stem } from '../../ground/matching/words.ts';

/** Words that say nothing of the thing. */
const TALK = new Set([
  ...SMALL_WORDS,
  ...'on at or is are was were where wheres do does did have has had we i you your their his her its me us it this that these those any please pls thanks find search look looking need want get put goes go kept keep thing things stuff something what which one ones'.split(
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

/** A code as people say it: `N 47`. */
const SPACED_CODE = /^([a-z]{1,2}) (\d{1,4})$/;

/** @returns the words to look for; those of a sentence without the talk around them */
export function wordsAsked(query: string): string[] {
  const said = plain(query).replace(SPACED_CODE, '$1$2').split(' ').filter(Boolean);
  const telling = said.filter((word) => !TALK.has(word));
  return (telling.length ? telling : said).map((word) => SAME[word] ?? SAME[stem(word)] ?? word);
}
