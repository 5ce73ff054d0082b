/** How much of it there is, as a typed line tells it: pieces, packs of pieces, everyday measures, weights and contents. */
import { plain, stem } from '../../../ground/matching/words.ts';
import type { Kind } from '../../../ground/starter/library.ts';
import { EVERYDAY_MEASURES } from '../../../ground/contents/measures.ts';
import { type AmountSaid, isBeside, N, pieces, readCount, token } from './count.ts';
import { DIGITS, NUMBER, numberOf } from './number.ts';
import { tidy, type Token } from './token.ts';
import { readVessel } from './vessels.ts';
import { AS_SOLD, CONTAINING, containerMeasure, PER_UNIT, US_LITRES } from './units.ts';

const escape = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const MEASURE_PATTERNS = EVERYDAY_MEASURES.flatMap((measure) =>
  measure.words.map((word) => ({ key: measure.key, word })),
).sort((a, b) => b.word.length - a.word.length);
const MEASURES = MEASURE_PATTERNS.map(({ word }) => escape(word)).join('|');
const keyOfMeasure = (said: string): string =>
  MEASURE_PATTERNS.find(({ word }) => word === said.toLowerCase().replace(/\s+/g, ' '))!.key;

const ADJECTIVE = String.raw`(?:(big|large|huge|giant|small|little|tiny|mini|full|whole|heaped|old|new|half[- ]full|sealed|opened|open|spare)\s+)?`;
const OF = String.raw`(?:\s*-?\s*of(?=\s)|\s+full(?:\s+of)?(?=\s))?`;
/** `3 shoeboxes of`, `half a mug of`, anywhere. */
const MEASURED = new RegExp(String.raw`${N}\s*(?:x\s+|×\s*)?(?:an?\s+)?${ADJECTIVE}(${MEASURES})(?![\w-])${OF}`, 'i');
/** `shoebox of`, without a number. */
const LONE_MEASURE = new RegExp(
  String.raw`(?:^|(?<=[,;(–-]\s*))(?:an?\s+)?(${MEASURES})(?:\s+full)?(?:\s+of(?=\s)|(?=\s*(?:$|[,;)])))`,
  'i',
);
/** `14 in a tin`: where they are says nothing of how many. */
const IN_IT = new RegExp(
  String.raw`(?<=\d)\s+in\s+(?:an?|one|the|their|its)\s+(?:${MEASURES}|box|tin|jar|tub|bag|case|drawer|basket)(?!\w)`,
  'i',
);
/** An amount in them, but where they say how large a vessel is (`2 gal jug`). */
const US_MEASURED = new RegExp(
  String.raw`${N}\s*-?(?:an?\s+)?(gallons?|gal|quarts?|qts?|pints?|pt)\.?(?![\w/-])(?!\s+(?:glass|jug|jar|bottle|can|carton|tub|bucket|bag|pot|mug))${OF}`,
  'i',
);
/** A content: `12 ml`, `2 litres`, `1 kg`. */
const CONTENT = String.raw`(ml|cl|l|lt|litres?|liters?|fl\.?\s?oz|kg|kilos?|g|gr|grams?|oz|ounces?|lbs?|pounds?)`;
const EACH_HOLDS = new RegExp(String.raw`(${NUMBER})\s*[x×]\s*(${DIGITS})\s*${CONTENT}(?!\w)`, 'i');
const HOLDS = new RegExp(String.raw`(?<![\w.,/])(${DIGITS})\s*-?${CONTENT}(?![\w/])(?:\s+(?:each|a piece))?${OF}`, 'i');
const UNIT_WORDS = [...AS_SOLD, ...CONTAINING, ...Object.keys(PER_UNIT)]
  .sort((a, b) => b.length - a.length)
  .map(escape)
  .join('|');
const PLURAL = '(?:s|es)?';
/** `2 packs of 12`, `2 x 12`, `pack of 12`, `12-pack`. */
const PACKS_OF = new RegExp(
  String.raw`(?:${N}\s*(?:x\s*)?${ADJECTIVE})?\b(${UNIT_WORDS})${PLURAL}\s+(?:of|with|à|a|@)\s+(${DIGITS})(?![\w.]*\d)(?!\s?(?:mm|cm|m|ml|cl|g|gr|grams?|kg|kilos?|l|lt|litres?|liters?|fl|oz|ounces?|lbs?|pounds?|pints?|quarts?|gal|gallons?|yards?|yds?|ft|feet|inch(?:es)?|years?|months?)\b)(?:\s+(?:sheets?|pieces?|pcs))?${OF}`,
  'i',
);
/** What comes so many to a box is thrown away after use: gloves by the hundred are no winter gloves. */
const BY_THE_HUNDRED = 50;
/** `tall tin with 40 brushes`: what they stand in says nothing of how many. */
const HOLDING =
  /^(?:(?:an?|the|one)\s+)?(?:[\p{L}-]+\s+)?(?:tin|jar|tub|box|basket|bucket|mug|bag|case|crate|pot|cup|tray|drawer)\s+(?:with|holding|containing)\s+(?=(?:about\s+|some\s+)?\d)/iu;
const BOXES = /[\s,;(]*[x×]\s?(\d{1,3})\)?$/i;
const TIMES = new RegExp(
  String.raw`(?<![\w.,/])(\d{1,4})\s*[x×]\s*(\d{1,5})(?=\s+(?:sheets?\s+|pieces?\s+)?\p{L})(?:\s+(?:sheets?|pieces?)(?:\s+of)?)?`,
  'iu',
);
const N_PACK = /(?<![\w.,/])(\d{1,4})[- ]packs?(?!\w)(?:\s+of(?=\s))?/i;
/** `3 rolls of`, `jar of`, `- big bag`: with a number, or where it leads or ends a part of the line. */
const UNITED = new RegExp(String.raw`${N}\s*(?:x\s+|×\s*)?${ADJECTIVE}(${UNIT_WORDS})${PLURAL}(?![\w-])${OF}`, 'i');
const LONE_UNIT = new RegExp(
  String.raw`(?:^|(?<=[,;(–-]\s*)|(?<=\s-\s))${ADJECTIVE}(${UNIT_WORDS})${PLURAL}(?:\s+full)?(?:\s+of(?=\s)|(?=\s*(?:$|[,;)])))`,
  'i',
);
const said = (value: string | undefined): number => (value === undefined ? 1 : numberOf(value));
const singular = (word: string): string => word.toLowerCase().replace(/\s+/g, ' ');

/** Litres of a content as it was told, or null for a weight. */
function litresHeld(number: string, unit: string): number | null {
  const n = numberOf(number);
  const u = unit.toLowerCase();
  if (u === 'ml') return n / 1000;
  if (u === 'cl') return n / 100;
  if (/^(l|lt|lit)/.test(u) && !/^lb/.test(u)) return n;
  if (/^fl/.test(u)) return n * 0.0296;
  return null;
}
const kilosOf = (number: string, unit: string): number => {
  const n = numberOf(number);
  const u = unit.toLowerCase();
  if (/^k/.test(u)) return n;
  if (/^(oz|ou)/.test(u)) return n * 0.02835;
  if (/^(lb|pou)/.test(u)) return n * 0.4536;
  return n / 1000;
};

/**
 * @param text a line without size, set, decision and day
 * @param kindOf what kind of thing a name says: packs and boxes of different things hold different numbers of them
 */
export function readAmount(text: string, kindOf: (name: string) => Kind | undefined): Token<AmountSaid> | null {
  const each = EACH_HOLDS.exec(text);
  if (each) return token({ ...pieces(said(each[1])), litresEach: litresHeld(each[2]!, each[3]!) }, text, each);
  const weighed = weightOfContainer(text);
  if (weighed) return weighed;
  const holding = HOLDING.exec(text);
  if (holding) return readAmount(tidy(text.slice(holding[0].length)), kindOf);
  const vessel = readVessel(text, (rest, name) => {
    const kind = kindOf(rest);
    // `pencil case stickers` are stickers in it; `lunch boxes 3` are the thing, and so is what is named by it.
    return !!kind && !kind.names.some((known) => plain(known).startsWith(plain(name)));
  });
  if (vessel) {
    // `suitcase of hats, 12`: the number says more.
    const counted = readCount(vessel.rest);
    if (counted) return { ...counted, said: `${counted.said}, ${vessel.said}` };
    return {
      value: { amount: vessel.amount, measure: vessel.measure, litresEach: null },
      said: vessel.said,
      rest: vessel.rest,
    };
  }
  const inside = IN_IT.exec(text);
  if (inside)
    return readAmount(tidy(`${text.slice(0, inside.index)} ${text.slice(inside.index + inside[0].length)}`), kindOf);
  const united = UNITED.exec(text) ?? LONE_UNIT.exec(text);
  const content = united && HOLDS.exec(text);
  const litresEach = content ? litresHeld(content[1]!, content[2]!) : null;
  if (content && litresEach !== null && content.index > united.index) {
    // `24 bottles of 500 ml`, `6 bottles of glue 1 l`: what each of them holds.
    const without = `${text.slice(0, content.index).replace(/\bof\s*$/i, '')} ${text.slice(content.index + content[0].length)}`;
    const read = readAmount(tidy(without), kindOf);
    if (read?.value.measure === 'pieces')
      return { ...read, value: { ...read.value, litresEach }, said: `${read.said}, ${content[0].trim()}` };
  }
  const american = US_MEASURED.exec(text);
  if (american && !isName(text, american)) {
    const litres = said(american[1]) * US_LITRES[american[2]![0]!.toLowerCase()]!;
    return token({ amount: Number(litres.toFixed(3)), measure: 'litre', litresEach: null }, text, american);
  }
  const measured = MEASURED.exec(text);
  if (measured && !isName(text, measured)) {
    const [, n, , word] = measured;
    return token({ amount: said(n), measure: keyOfMeasure(word!), litresEach: null }, text, measured);
  }
  const lone = LONE_MEASURE.exec(text);
  if (lone && !isName(text, lone) && (/\bof$/i.test(lone[0]) || !/s$/i.test(lone[1]!)))
    return token({ amount: 1, measure: keyOfMeasure(lone[1]!), litresEach: null }, text, lone);
  const packs = PACKS_OF.exec(text);
  if (packs) {
    const [, n, , word, count] = packs;
    const per = /^set$/i.test(word!) ? 1 : Number(count);
    const read = token(pieces(said(n) * per), text, packs);
    const thrownAway = per >= BY_THE_HUNDRED ? kindOf(`disposable ${read.rest}`) : undefined;
    if (thrownAway?.names.some((name) => name.startsWith('disposable '))) read.value.kind = thrownAway;
    // `box of 24 crayons x 3`: how many boxes stands behind.
    const boxes = n === undefined ? BOXES.exec(read.rest) : null;
    return boxes
      ? { ...read, value: pieces(Number(boxes[1]) * per), rest: tidy(read.rest.slice(0, boxes.index)) }
      : read;
  }
  const times = TIMES.exec(text);
  if (times) return token(pieces(Number(times[1]) * Number(times[2])), text, times);
  const nPack = N_PACK.exec(text);
  if (
    nPack &&
    Number(nPack[1]) > 1 &&
    /^\s*\p{L}/u.test(text.slice(nPack.index + nPack[0].length)) &&
    /-/.test(nPack[0])
  )
    return token(pieces(Number(nPack[1])), text, nPack);
  if (united && !isBeside(text, united.index)) {
    const hasNumber = united.length > 3;
    const [n, adjective, word] = hasNumber ? [united[1], united[2], united[3]] : [undefined, united[1], united[2]];
    const rest = token(pieces(1), text, united);
    // Without an `of` what is left has to be a thing: `250 envelopes DL` are envelopes.
    const isThing =
      /\bof\b/i.test(united[0]) ||
      !CONTAINING.includes(singular(word!)) ||
      kindOf(rest.rest) !== undefined ||
      kindOf(word!) === undefined;
    const firstOfName =
      !/\bof\b/i.test(united[0]) &&
      (/^(?:and|&|for)\b/i.test(rest.rest) || isFirstOf(singular(word!), rest.rest, kindOf(`${word} ${rest.rest}`)));
    if (isThing && !firstOfName && /\p{L}|\p{Co}/u.test(rest.rest)) {
      // `tubes of paint 24`: the number may stand elsewhere.
      const elsewhere = n === undefined ? readCount(rest.rest) : null;
      const name = elsewhere?.rest ?? rest.rest;
      return {
        ...rest,
        rest: name,
        value: amountOf(
          holdsMany(word!, elsewhere) ? 1 : (elsewhere?.value.amount ?? said(n)),
          singular(word!),
          adjective,
          name,
          kindOf,
          n !== undefined && /\b(?:box|pack|tin|packet)$/i.test(united[0].trim()),
        ),
      };
    }
  }
  // A content beside a count is what one holds; alone it is the amount.
  const holds = HOLDS.exec(text);
  if (holds && holds[0].length < text.length) {
    const litres = litresHeld(holds[1]!, holds[2]!);
    const left = token(pieces(1), text, holds);
    const counted = readCount(left.rest);
    if (counted)
      return {
        value: { ...counted.value, litresEach: litres },
        said: `${counted.said}, ${left.said}`,
        rest: counted.rest,
      };
    if (litres !== null && litres >= 1 && !/bottle|tube|can|jug/i.test(text))
      return { ...left, value: { amount: litres, measure: 'litre', litresEach: null } };
    if (litres !== null) return { ...left, value: { ...pieces(1), litresEach: litres } };
    return {
      ...left,
      value: { amount: Number(kilosOf(holds[1]!, holds[2]!).toFixed(3)), measure: 'kilogram', litresEach: null },
    };
  }
  return readCount(text);
}

/** Whether what looks like a measure is the thing itself: `12 cups`, `2 laundry baskets`. */
const isName = (text: string, found: RegExpExecArray): boolean =>
  tidy(`${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`) === '';

/** Whether a unit word is the first word of a name that is known: `tray puzzles`, `bottle tops`, `tube socks`. */
function isFirstOf(unit: string, rest: string, kind: Kind | undefined): boolean {
  const next = stem(plain(rest).split(' ')[0] ?? '');
  return !!kind?.names.some((name) => {
    const [first, second] = plain(name).split(' ');
    return first === unit && second !== undefined && second !== 'of' && stem(second) === next;
  });
}

/** An amount told in a unit: so many packs, rolls, jars of a thing. */
function amountOf(
  n: number,
  unit: string,
  adjective: string | undefined,
  name: string,
  kindOf: (name: string) => Kind | undefined,
  isOfMany: boolean,
): AmountSaid {
  const kind = kindOf(name);
  const per = PER_UNIT[unit];
  // `crayons 64 box`: a box of so many.
  if (n >= 10 && isOfMany) return pieces(n);
  if (unit === 'pair') return pieces(isPair(name) ? n : 2 * n);
  // A ream is paper, whatever it says of it.
  if (per !== undefined)
    return { ...pieces(n * per), ...(unit === 'ream' && !kind ? { kind: kindOf('copy paper')! } : {}) };
  const united = kindOf(`${unit} of ${name}`);
  const asUnit =
    united && united.key !== kind?.key && united.names.some((known) => new RegExp(`\\b${unit}\\b`).test(known))
      ? united
      : null;
  if (/^(?:pack|packet|pkt)$/.test(unit)) return pieces(n * (kind?.pack ?? packOf(kind)));
  if (kind?.names.some((known) => known.startsWith(`${unit} of `))) return pieces(n);
  if (CONTAINING.includes(unit) && !asUnit?.names.some((known) => known.startsWith(`${unit} of`)))
    return { amount: n, measure: containerMeasure(unit, adjective, kind), litresEach: null };
  return asUnit ? { ...pieces(n), kind: asUnit } : pieces(n);
}

/** `roll of stickers 500`: what a roll, a reel or a pad holds is no number of them. */
const holdsMany = (unit: string, elsewhere: Token<AmountSaid> | null): boolean =>
  /^(?:rolls?|reels?|pads?)$/i.test(unit) && (elsewhere?.value.amount ?? 0) >= 50;

/** `bag of plaster 5 kg`, `2 sacks of sand 25 kg`: the weight says more than the bag. */
const WEIGHED =
  /^(?:(\d+|an?)\s+)?(?:bag|sack|tub|bucket|packet|pack|box)s?\s+(?:of\s+)?(.+?),?\s+(\d+(?:[.,]\d+)?)\s?(kg|kilos?)(?:\s+each)?$/i;
function weightOfContainer(text: string): Token<AmountSaid> | null {
  const found = WEIGHED.exec(text);
  if (!found) return null;
  const amount = Number((numberOf(found[1] ?? '1') * kilosOf(found[3]!, found[4]!)).toFixed(3));
  return { value: { amount, measure: 'kilogram', litresEach: null }, said: `${amount} kg`, rest: tidy(found[2]!) };
}

/** Pieces of a packet where its kind says nothing: the smaller they are, the more. */
function packOf(kind: Kind | undefined): number {
  if (!kind || kind.isSet || kind.litresPerMetre) return 1;
  const ml = (kind.piece[0] * kind.piece[1] * kind.piece[2]) / 1000;
  return ml < 1 ? 50 : ml < 5 ? 20 : ml < 25 ? 10 : 1;
}

/** Things that are called a pair and are one. */
const isPair = (name: string): boolean =>
  /\b(?:scissors|shears|pliers|tweezers|tongs|glasses|goggles|binoculars|headphones|earphones|trousers|jeans|shorts|tights|leggings|pyjamas|pants|knickers|compasses|snips|nail clippers|pincers|dungarees|ear defenders|sunglasses|curtains)\b/i.test(
    name,
  );
