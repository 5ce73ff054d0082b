/** A plain count in a typed line: `12 pens`, `pens x 12`, `pens, about thirty`. */
import type { Kind } from '../../../ground/starter/library.ts';
import { NUMBER, NUMBER_WORD, numberOf } from './number.ts';
import { tidy, type Token } from './token.ts';

export interface AmountSaid {
  amount: number;
  /** `pieces`, or the key of an everyday measure. */
  measure: string;
  /** Litres that one piece holds, where it was told (24 tubes of 12 ml). */
  litresEach: number | null;
  /** The kind of thing that the unit makes of it: a roll of stickers is no sheet of them. */
  kind?: Kind;
}

export const pieces = (amount: number): AmountSaid => ({ amount, measure: 'pieces', litresEach: null });

export const N = `(${NUMBER}|\\ban?)`;
const START_OR_MARK = String.raw`(?:^|[,;:(–-]\s*|\swith\s|\+\s*)`;
/** Plain counts, the surest first. */
const COUNTED: readonly RegExp[] = [
  new RegExp(
    String.raw`^${N}(?:\s*[x×](?=\s))?\s+(?:(?:pcs?\.?|pieces?|nos?\.|off)(?!\w)\s*)?(?:of(?=\s)\s*)?(?=[\p{L}\p{Co}"'(])`,
    'iu',
  ),
  /^(\d+)\s?[x×]\s?(?=[\p{L}\p{Co}])/iu,
  /(?<![\w"″])[x×]\s?(\d+)(?![\w.,]*\d|\w)/i,
  /(?<![\w#.,/])(\d+)\s?[x×](?!\s*\d|\w)/i,
  new RegExp(
    String.raw`(${NUMBER})\s?(?:pcs?\.?|pieces?|bits|items?|copies|off|of them|in (?:all|total)|altogether|units?)(?!\w)(?:\s+of(?=\s))?`,
    'i',
  ),
  new RegExp(String.raw`${START_OR_MARK}(${NUMBER})\s*\)?(?=\s*(?:$|[,;)]))`, 'i'),
  new RegExp(String.raw`(?<=[,;:–—-]\s+)(${NUMBER})\s+(?=\p{L}{3,})`, 'iu'),
  new RegExp(String.raw`(?<=\s)(${NUMBER})(?=\s*[,;(]|\s+(?:for|with|in)\s)`, 'i'),
  // `felt tips about thirty`
  new RegExp(
    String.raw`(?<=\s)((?:about|around|roughly|approx\.?|some|at least|nearly|almost|maybe)\s+${NUMBER})$`,
    'i',
  ),
  // `sheets 8 fitted`
  /(?<=\p{L}{2}s\s)(\d{1,4})\s+(?=(?:fitted|mixed|assorted|used|new|old|spare|large|small|big|little|single|double|plain|striped|spotty)$)/iu,
  // `hoops nine`; a name of its own may end in a number word as well, and a level or a part is no amount.
  new RegExp(
    String.raw`(?<=\p{L}{3}s\s)(?<!\b(?:level|stage|part|number|size|class|year|grade|volume|connect)s?\s)((?:${NUMBER_WORD}))$`,
    'iu',
  ),
  /(?<=\s)((?:[~≈]\s?)?\d{1,5}(?:\s?[-–]\s?\d{1,5})?)$/,
];

export const token = (value: AmountSaid, text: string, found: RegExpExecArray, glue = ' '): Token<AmountSaid> => ({
  value,
  said: tidy(found[0]),
  rest: tidy(
    `${text.slice(0, found.index)}${glue}${text.slice(found.index + found[0].length)}`.replace(/^\s*of\s/i, ''),
  ),
});
/** Puzzles, games, discs and books are numbered: `puzzle 12` is the twelfth, `puzzles 12` are twelve (practice N3). */
const isNumbered = (name: string): boolean =>
  /\b(?:puzzle|jigsaw|game|disc|cd|dvd|book|pouch|volume|box|bin|folder|binder|drawer|shelf|tray)$/i.test(name);

/** Whether what begins there comes along with the thing that was named before. */
export const isBeside = (text: string, at: number): boolean =>
  at > 0 && /(?:[+&]|\bwith|\bplus|\band|\bfor|\bfrom|\bof)\s*$/i.test(text.slice(0, at));

export function readCount(text: string): Token<AmountSaid> | null {
  for (const pattern of COUNTED) {
    const found = pattern.exec(text);
    if (!found) continue;
    // What comes beside the thing has its own number: `glue gun + 20 glue sticks`.
    if (isBeside(text, found.index)) continue;
    const amount = numberOf(found[1]!);
    if (Number.isNaN(amount)) continue;
    const read = token(pieces(amount), text, found, found.index === 0 ? ' ' : ' , ');
    const rest = read.rest.replace(/^(?:an?|of)\s+/i, '').replace(/\s*,\s*(?=(?:for|with|from|of|in)\b)/i, ' ');
    // `cards 1-20` are numbered; they are not ten.
    if (rest === '' || (pattern === COUNTED.at(-1) && (isNumbered(rest) || /^[01]\s?[-–]/.test(found[1]!)))) continue;
    return { ...read, rest };
  }
  return null;
}
