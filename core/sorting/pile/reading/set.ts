/** Sets that only work complete, as a typed line tells them: how many pieces, how many missing (practice G2). */
import { DIGITS, NUMBER_WORD, numberOf } from './number.ts';
import { tidy, without, type Token } from './token.ts';

const MANY = String.raw`(?<n>\d{1,5})`;
/** Says by itself that a number of pieces belongs to one thing. */
const CERTAIN = new RegExp(
  String.raw`\b${MANY}(?:-(?:piece|pc|part|card|tile|brick)| (?:piece|pc))\b(?! of)|\b(?:in )?(?:an? )?sets? of (?<of>\d{1,5})\b|\bdeck of (?<deck>\d{1,3})(?: cards?)?\b|(?<=\bset\s)(?<behind>\d{1,4})$|\b(?<each>\d{1,5}) (?:pieces|pcs|cards|parts|tiles) (?:each|in (?:the|a|each|one) (?:set|box|pack))`,
  'i',
);
/** Says so behind the name of something that is a set: `puzzle 24 pieces`. */
const OF_A_SET = new RegExp(String.raw`\b${MANY}\s?(?:pieces|pcs|parts|cards|tiles|bricks)\b(?! of\b)`, 'i');
const COUNT = `(?:${DIGITS}|an?|${NUMBER_WORD})`;
const MISSING = [
  new RegExp(
    String.raw`\b(?:(?:one|each|it|they) )?(?:is |are )?missing\s+(${COUNT})\s+(?:pieces?|pcs?|cards?|parts?|bits?|tiles?)(?!\w)`,
    'i',
  ),
  new RegExp(
    String.raw`\b(${COUNT})\s+(?:of them |[\p{L}-]+\s+|[\p{L}-]+\s+[\p{L}-]+\s+)?(?:(?:is|are)\s+)?(?:missing|(?:lost|gone|short)(?=\s*(?:$|[,;)])))(?!\w)`,
    'iu',
  ),
  new RegExp(String.raw`\bmissing\s+(${COUNT})(?:\s+(?:pieces?|cards?|parts?|bits?|tiles?))?(?!\w)`, 'i'),
  new RegExp(String.raw`\bminus\s+(${COUNT})(?:\s+(?:pieces?|cards?|parts?|bits?|tiles?))?(?!\w)`, 'i'),
];
const VAGUE = /^(?:some|a few|few|several|couple|a couple(?: of)?)$/i;
const COMPLETE =
  /[,;(–-]?\s*\b(?:(?:is |are )?(?:all )?complete|all (?:there|present|pieces there)|nothing missing|none missing|no pieces? missing|not complete)\b\s*[)!]?/i;

export interface SetSaid {
  pieces: number | null;
  missing: number;
  incomplete: boolean;
}

/** Nouns that name a stuff or many things: a number of pieces behind them counts these. */
const MASS =
  /(?:furniture|railway|tracks?|equipment|clothing|crockery|cutlery|fabric|felt|paper|card|food|materials?|stuff|jewellery|wood|timber|clay|wool|yarn|money|pasta|chalk|glitter|bunting|tape|ribbon|people|children|mice|dice|fruit|veg(?:etables)?)$/i;
/** Whether pieces told behind it are those of one thing: its head is a single thing, and no comma or `about` stands between. */
function isOneThing(before: string): boolean {
  const head = before.trimEnd();
  return /[a-z]$/i.test(head) && !/(?:[^s]s|about|approx|around|some|roughly)$/i.test(head) && !MASS.test(head);
}

/** @param isSet whether what the line names is a set by its kind: then a number of pieces behind the name is its own */
export function readSet(text: string, isSet: boolean): Token<SetSaid> | null {
  const said: string[] = [];
  let rest = text;
  let missing = 0;
  let incomplete = false;
  const complete = COMPLETE.exec(rest);
  if (complete && complete[0].length < rest.length) {
    incomplete = /not complete/i.test(complete[0]);
    rest = without(rest, complete.index, complete[0].length);
    said.push(complete[0].replace(/^[,;(–-]\s*/, '').trim());
  }
  for (const pattern of MISSING) {
    const gone = pattern.exec(rest);
    if (!gone || gone[0].length >= rest.length) continue;
    incomplete = true;
    if (!VAGUE.test(gone[1]!)) missing = numberOf(gone[1]!) || 0;
    said.push(gone[0].trim());
    rest = without(rest, gone.index, gone[0].length);
    break;
  }
  let pieces: number | null = null;
  const behind = OF_A_SET.exec(rest);
  const found =
    CERTAIN.exec(rest) ?? (behind && (isSet || missing > 0 || isOneThing(rest.slice(0, behind.index))) ? behind : null);
  const told = found && Object.values(found.groups!).find((value) => value !== undefined);
  if (found && told) {
    pieces = Number(told);
    said.push(found[0].trim());
    // `2 sets of 44`: the number before it says how many sets.
    const sets = /sets of/i.test(found[0]);
    rest = sets
      ? tidy(`${rest.slice(0, found.index)} sets ${rest.slice(found.index + found[0].length)}`)
      : without(rest, found.index, found[0].length).replace(/^(\d+),\s/, '$1 ');
  }
  if (!said.length || !rest) return null;
  return { value: { pieces: pieces || null, missing: Math.round(missing), incomplete }, said: said.join(', '), rest };
}
