/** What is only talk in a line that was spoken or typed as one speaks: it says nothing of the thing, and is dropped. */
import { NUMBER, NUMBER_WORD, numberOf } from './number.ts';

const ANY_NUMBER = new RegExp(NUMBER);
const SAID = `(?:${NUMBER}|an?\\b)`;
/** How a spoken line begins. */
const OPENING =
  /^(?:(?:ok(?:ay)?|um+|uh+|er+m?|oh|yeah|let me see|let['’]s see)[\s,.:…]+|(?:so|well|right|now|yes|alright)[,.:…]\s*|(?:so|well|right|now|and|then|and then|also|plus|next(?: (?:one|up|thing))?(?: is)?)[\s,:]+(?=(?:there|here|the|we|i|an?|some|about|\d)\b))+/i;
const THERE =
  /^(?:(?:i think|i guess|i believe|it looks like|looks like)\s+)?(?:there(?:['’]s| is| are| were)|here(?:['’]s| is| are)|these are|those are|that['’]s|this is|(?:we|i)(?:['’]ve| have)(?: got)?|(?:i|we) found)\s+(?:(?:still|also|only|just|now|like)\s+)*/i;
const FILLERS =
  /(?:^|(?<=\s)|(?<=,))(?:um+|uh+|erm|you know|i think|i guess|i reckon|i suppose|or something|or whatever|basically|actually|let['’]s say)(?=$|[\s,.])[,.]?/gi;
/** `the big tub of …, it's nearly full` */
const ABOUT_IT =
  /,\s*(?:it|they)(?:['’]s|['’]re| is| are)\s+(?:(?:nearly|almost|mostly|quite|about half)\s+)?(?:full|empty)$/i;
const THE_VESSEL =
  /^(?:the|that|this)\s+(?=(?:big|large|small|little|old|whole|full)\s+(?:tub|box|bag|tin|jar|crate|basket|bucket|drawer|bin)\b)/i;
const CLOSING = /[\s,]+(?:in here|in there|over there|right here|here|i think|please|altogether now)\s*[.!]*$/i;
/** `maybe three`, `say fifty`, `like six`: the number counts. */
const BEFORE_NUMBER = new RegExp(
  String.raw`\b(?:like|say|something like|i['’]d say|must be|perhaps|maybe)\s+(?=${SAID})`,
  'gi',
);
/** `twenty, no, twenty five`: what was said last. */
const CORRECTED = new RegExp(
  String.raw`(${NUMBER})[\s,]+(?:no|wait|sorry|i mean|make that)[\s,]+(?:(?:no|wait|make that)[\s,]+)?(?=${NUMBER})`,
  'i',
);
/** `quite a lot of ribbon, maybe three reels`: where a number is said as well, the rest is talk. */
const MANY = /^(?:quite an? (?:lot|few|bit)|an? (?:whole )?(?:lot|bunch|load)|lots|loads|plenty)(?: of)?\s+/i;

const WORD = `(?:${NUMBER_WORD})`;
const HUNDREDS: Readonly<Record<string, number>> = { dozen: 12, hundred: 100, thousand: 1000 };
/** Numbers that take more than one word to say, as digits. */
const SPOKEN: readonly (readonly [RegExp, (...found: string[]) => string])[] = [
  [/\ban? (?:good|full|round|whole|small) (?=dozen|hundred|thousand|handful|couple|score)/gi, () => 'a '],
  [
    /\b(?:an? )?(couple|few)(?: of)? (dozen|hundred|thousand)s?\b/gi,
    (_, many, unit) => String((many!.toLowerCase() === 'few' ? 3 : 2) * HUNDREDS[unit!.toLowerCase()]!),
  ],
  [
    new RegExp(
      String.raw`\b((?:an?|one|two|three|four|five|six|seven|eight|nine)\s+)?hundred\s+(?:and\s+)?(${WORD})(?![\w-])`,
      'gi',
    ),
    (all, hundreds, rest) => {
      const more = numberOf(rest!);
      return more > 0 && more < 100 ? String(100 * (hundreds ? numberOf(hundreds.trim()) : 1) + more) : all!;
    },
  ],
  [
    new RegExp(String.raw`\b(${WORD})\s+(?:or|to)\s+(${WORD})(?![\w-])`, 'gi'),
    (all, low, high) =>
      numberOf(high!) > numberOf(low!) && numberOf(low!) >= 1 ? `${numberOf(low!)}-${numberOf(high!)}` : all!,
  ],
  [new RegExp(String.raw`\b(${WORD}|\d+)[\s-](?:odd|something)\b`, 'gi'), (_, number) => String(numberOf(number!))],
];

/** @example withoutTalk('there are um maybe twenty five markers here') // 'twenty five markers' */
export function withoutTalk(text: string): string {
  let said = text.replace(FILLERS, ' ').replace(/\s+/g, ' ').trim();
  for (let before = ''; before !== said;) {
    before = said;
    said = said.replace(OPENING, '').replace(THERE, '').trim();
  }
  said = said
    .replace(CORRECTED, '')
    .replace(BEFORE_NUMBER, (_, at: number) => (at ? ', ' : ''))
    .replace(/,\s*,/g, ',')
    .replace(CLOSING, '')
    .replace(ABOUT_IT, '')
    .replace(THE_VESSEL, '');
  for (const [pattern, written] of SPOKEN) said = said.replace(pattern, written as (...found: string[]) => string);
  const rest = said.replace(MANY, '');
  if (rest !== said && ANY_NUMBER.test(rest)) said = rest;
  // A line that is nothing but talk is left as it is.
  return /\p{L}{2}/u.test(said) ? said : text;
}
