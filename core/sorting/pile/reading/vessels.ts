/** Vessels that things are kept in for want of a better one: what they were made for says nothing of what is in them now. */
import { litresOf } from '../../../ground/contents/measures.ts';
import { DIGITS, NUMBER, numberOf } from './number.ts';
import { tidy } from './token.ts';
import { US_LITRES } from './units.ts';

/** Litres of one, by rounded household values (our own judgement). */
const LITRES: readonly (readonly [litres: number, names: string])[] = [
  [0.03, 'matchbox, film canister, thimble'],
  [0.1, 'mint tin, pill bottle, pill box, egg cup, tobacco tin'],
  [0.15, 'baby food jar, yoghurt pot, yogurt pot, spice jar, pencil tin'],
  [0.25, 'teacup, tea cup, glass, tumbler, soup cup, purse'],
  [0.4, 'jam jar, honey jar, sour cream tub, soup tin, tin can, bean can'],
  [0.5, 'margarine tub, butter tub, pencil pot, pen pot, paper cup, beaker, flower pot, tea tin, tea caddy'],
  [0.6, 'pencil case, takeaway box, takeaway tub, takeaway container, glasses case, pickle jar'],
  [
    0.8,
    'mason jar, kilner jar, preserving jar, sandwich bag, coffee jar, coffee tin, coffee can, zip bag, ziplock bag, plastic pouch',
  ],
  [1, 'sweet jar, chocolate box, milk carton, egg box, egg carton, food tin, formula tin, jewellery box, jewelry box'],
  [
    1.5,
    'shoe box lid, shoebox lid, lunch box, lunchbox, cigar box, jug, make-up bag, makeup bag, sugar bowl, toffee tin',
  ],
  [
    2,
    'ice cream tub, sweet tin, sweets tin, freezer bag, tissue box, chocolate tin, baking tin, washbag, wash bag, toilet bag',
  ],
  [2.5, 'biscuit tin, cookie tin, cake tin, cookie jar, biscuit barrel, paint tin, paint can, sewing box, sewing tin'],
  [3, 'salad bowl, popcorn tub, small drawer, bread tin'],
  [4, 'cereal box, fruit bowl, mixing bowl, paper bag, pizza box, cake box, milk jug'],
  [5, 'gift bag, saucepan, cool bag, pot, bread bin, flour bin, toolbox, tool box, glove box'],
  [6, 'box file, boot box, desk drawer, nappy box'],
  [7, 'magazine file, magazine holder'],
  [10, 'tote bag, book bag, pail, washing-up bowl, washing up bowl, mop bucket, waste paper basket, wastepaper basket'],
  [15, 'armful, armload, school bag, bike basket, wine box, hat box, beach bag, canvas bag, cool box'],
  [
    18,
    'rucksack, backpack, paper box, copy paper box, picnic basket, shopping basket, fruit box, fruit crate, apple box',
  ],
  [25, 'milk crate, bottle crate, beer crate, pillowcase, pillow case, archive box, file box, paper sack'],
  [30, 'file drawer, filing drawer, vegetable box, carry-on, hand luggage'],
  [40, 'holdall, sports bag, gym bag, duffel bag, duffle bag, hamper, laundry hamper, cardboard crate'],
  [48, 'banana box, suitcase, travel bag, packing case'],
  [
    60,
    'bin bag, bin liner, bin sack, rubbish bag, rubbish sack, trash bag, garbage bag, black sack, black bag, dustbin bag, laundry bag, duvet cover, moving box, packing box, removal box',
  ],
  [80, 'wheelbarrow, dustbin, kit bag, toy box, trolley, shopping trolley'],
  [100, 'toy chest, barrel, blanket box, trunk'],
];
const ALL = LITRES.flatMap(([litres, names]) => names.split(', ').map((name) => ({ name, litres }))).sort(
  (a, b) => b.name.length - a.name.length,
);
const pattern = (name: string): string => name.replace(/[- ]/g, '[-\\s]?');
const NAMES = ALL.map(({ name }) => pattern(name)).join('|');
const closedUp = (name: string): string => name.toLowerCase().replace(/[-\s]/g, '');
const litresByName = new Map(ALL.map(({ name, litres }) => [closedUp(name), litres]));
const litresOfVessel = (said: string): number => litresByName.get(closedUp(said))!;

const SHARES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:half|½)[-\s]?(?:full|empty)/i, 0.5],
  [/\b(?:a )?quarter[-\s]full/i, 0.25],
  [/\b(?:three[-\s]quarters|¾)[-\s](?:of the way )?full/i, 0.75],
  [/\b(?:a )?third[-\s]full/i, 0.33],
  [/\b(?:two[-\s]thirds)[-\s]full/i, 0.67],
  [/\b(?:nearly|almost) empty/i, 0.1],
];
const FULL = String.raw`(?:\s*\(?\s*,?\s*(?:it['’]s\s+)?((?:half|½|(?:a )?quarter|three[-\s]quarters|¾|(?:a )?third|two[-\s]thirds|nearly|almost|mostly|quite)[-\s]?(?:full|empty))\)?)?`;
/** `big tub of farm animals, half full` */
const FULL_BEHIND = /,\s*(?:it['’]s\s+)?((?:half|nearly|almost|mostly|quite)[-\s]?(?:full|empty))$/i;
const SIZE_WORD =
  '(?:big|large|huge|small|little|tiny|old|tall|full|whole|overflowing|clear|plastic|cardboard|metal|glass|wooden|wicker|cloth|canvas|fabric|blue|red|green|yellow|black|white|brown|orange|pink|gr[ae]y|purple|empty)';
const PLURAL = '(?:e?s|fuls?)?';
/** `two bin bags full of`, `a biscuit tin (half full) of`, `mason jar sequins`. */
const LEADING = new RegExp(
  String.raw`^(?:(${NUMBER}|an?|one|the|my|our|this)\s*(?:x\s+|×\s*)?)?((?:${SIZE_WORD}\s+)*)(${NAMES})${PLURAL}${FULL}(\s+(?:full\s+)?(?:of|with)|\s+full(?=\s))?\s+(?!(?:with|of|for|and|or|in|on|from)\b)(?=\p{L}|\d)`,
  'iu',
);
/** `wooden trains in a suitcase`, `crayons, pencil case half full`. */
const TRAILING = new RegExp(
  String.raw`(?:\s+(?:all\s+|mixed\s+|loose\s+)*in\s+(?:an?|one|the|my|our|its)|[,;]\s*(${NUMBER}|an?|one)?)\s*((?:${SIZE_WORD}\s+)*)(${NAMES})${PLURAL}${FULL}\s*\)?$`,
  'iu',
);
/** `half gallon jar of`, `2 quart tub`, `30 litre crate of`: told by what they hold. */
const SIZED = new RegExp(
  String.raw`^(?:(?:an?|the|one)\s+)?(${DIGITS}|half|quarter)?[-\s]?(?:an?\s+)?(gallon|gal|quart|qt|pint|pt|litre|liter|l)s?[-\s]+(?:zip\s|plastic\s|glass\s|storage\s)?(jar|bag|tub|bucket|jug|can|box|crate|pot|pail|tin|carton|bin|basket)s?${FULL}(?:\s+full)?(?:\s+of)?\s+(?=\p{L})`,
  'iu',
);
const UNIT_LITRES: Readonly<Record<string, number>> = { ...US_LITRES, l: 1 };

/** Everyday measures that people call such a vessel by, where it holds about as much. */
const CALLED: readonly (readonly [RegExp, string])[] = [
  [/jar$/i, 'jar'],
  [/(?:sack|bin bag|bin liner|rubbish bag|trash bag|garbage bag|black bag|dustbin bag|laundry bag)$/i, 'sack'],
  [/(?:bag|armful|armload)$/i, 'bag'],
  [/(?:tin|can|caddy)$/i, 'tin'],
  [/tub$/i, 'tub'],
  [/(?:crate|suitcase|hamper)$/i, 'crate'],
  [/(?:box|case)$/i, 'box'],
  [/(?:pail|bowl|bucket)$/i, 'bucket'],
];
const ABOUT_AS_MUCH = 1.36;
function measureOf(vessel: string): { key: string; litres: number } {
  const litres = litresOfVessel(vessel);
  const key = CALLED.find(([name]) => name.test(vessel))?.[1];
  const known = key === undefined ? undefined : litresOf(key);
  return key !== undefined && known && Math.max(known / litres, litres / known) < ABOUT_AS_MUCH
    ? { key, litres: known }
    : { key: 'litre', litres: 1 };
}

export interface Vessel {
  /** So many of an everyday measure. */
  amount: number;
  measure: string;
  said: string;
  rest: string;
}

/** How full it is said to be; full where nothing is said. */
const shareOf = (said: string | undefined): number => SHARES.find(([full]) => full.test(said ?? ''))?.[1] ?? 1;
const round = (litres: number): number => Number(litres.toFixed(3));
/** Smaller or larger than the usual one of its name. */
const sizeOf = (adjectives: string | undefined): number => {
  if (/big|large|huge|tall|overflowing/i.test(adjectives ?? '')) return 1.5;
  return /small|little|tiny/i.test(adjectives ?? '') ? 0.6 : 1;
};
const numberIn = (said: string | undefined): number =>
  said === undefined || /^(?:an?|one|the|my|our|this)$/i.test(said.trim()) ? 1 : numberOf(said);

/** @param count how many of it, by how full and how large they are */
function told(count: number, vessel: string, said: string, rest: string): Vessel | null {
  const { key, litres } = measureOf(vessel);
  const amount = round(key === 'litre' ? count * litresOfVessel(vessel) : count);
  return Number.isFinite(amount) && amount * litres > 0 ? { amount, measure: key, said: said.trim(), rest } : null;
}

/**
 * @param isThing whether what is left is something by itself: without an `of`, a `pencil case` may be the thing
 * @example readVessel('half gallon jar of buttons', () => true)?.amount // 1.893
 */
export function readVessel(text: string, isThing: (rest: string, vessel: string) => boolean): Vessel | null {
  const sized = SIZED.exec(text);
  if (sized) {
    const [all, n, unit, , full] = sized;
    const litres = numberIn(n) * UNIT_LITRES[unit![0]!.toLowerCase()]! * shareOf(full);
    return { amount: round(litres), measure: 'litre', said: all.trim(), rest: tidy(text.slice(all.length)) };
  }
  const leading = LEADING.exec(text);
  if (leading) {
    const [all, n, adjectives, vessel, full, of] = leading;
    const rest = tidy(text.slice(all.length));
    const tail = FULL_BEHIND.exec(rest);
    const left = tail ? tidy(rest.slice(0, tail.index)) : rest;
    // One word may be what the thing is made of: `200 glass nuggets`.
    if (of !== undefined || full !== undefined || (/[-\s]/.test(vessel!) && isThing(left, vessel!))) {
      return told(numberIn(n) * sizeOf(adjectives) * shareOf(full ?? tail?.[1]), vessel!, all, left);
    }
  }
  const trailing = TRAILING.exec(text);
  if (trailing && trailing.index > 0) {
    const [all, n, adjectives, vessel, full] = trailing;
    const rest = tidy(text.slice(0, trailing.index));
    if (isThing(rest, vessel!)) return told(numberIn(n) * sizeOf(adjectives) * shareOf(full), vessel!, all, rest);
  }
  return null;
}
