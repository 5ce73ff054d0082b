/** How large a piece is, as a typed line tells it: one, two or three sides, a thickness, a running length, a content. */
import type { LengthSystem } from '../../../ground/model/site.ts';
import { MM_PER_INCH, parseLength } from '../../../ground/notation/length.ts';
import type { Kind } from '../../../ground/starter/library.ts';
import { DIGITS, numberOf } from './number.ts';
import { closed, type Token } from './token.ts';

export interface SizeSaid {
  /** The told sides, mm, longest first: one to three; empty where only a thickness or a length was told. */
  sides: number[];
  /** Told as the thin side, mm. */
  thick: number | null;
  /** Metres of what is told by its length. */
  metres: number | null;
}

const UNIT = String.raw`(?:millimet(?:re|er)s?|centimet(?:re|er)s?|met(?:re|er)s?|mm|cm|dm|m(?![²2\w])|inch(?:es)?|in(?!\s(?:a|the|one|1|an|my|our|good|box|its|w|rack|stand|holder|tin|bag|case|tray|jar|tub|drawer|packs?|total|all|each|use)\b)(?!\w)|ft|feet|foot|''|"|″|'|′|yards?|yds?)`;
const ONE = `(?:${DIGITS})`;
const BY = String.raw`\s*(?:x|×|\*|\bby\b)\s*`;
const NEXT_IS_COUNTED = String.raw`(?!\s*(?:ml|cl|l|g|kg|oz|lb|litres?|grams?|sheets?|pieces?|packs?|pcs|pages?)\b)`;
const BOX = new RegExp(
  String.raw`(?<![\w.,/])(${ONE})\s*(${UNIT})?${BY}(${ONE})\s*(${UNIT})?(?:${BY}(${ONE})\s*(${UNIT})?)?(?![\w.,]*\d)${NEXT_IS_COUNTED}(?!\w)`,
  'i',
);
const FEET_AND_INCHES = String.raw`\d+\s*(?:ft|'|′)\s*\d+(?:\s+\d+\/\d+)?\s*(?:"|″|in\b)?`;
const SINGLE = new RegExp(
  String.raw`(?<![\w.,/-])(?:(${FEET_AND_INCHES})|(${ONE})[\s-]?(${UNIT}))\s*(long|length|wide|width|deep|high|height|tall|thick|thickness|diameter|dia\.?|across|round|spine|ø)?(?![\w²])`,
  'i',
);
/** A width that is told without a unit: `150 wide`. */
const BARE_WIDTH = new RegExp(String.raw`(?<![\w.,/])(${ONE})\s*(wide|thick|deep|high|tall|long)\b`, 'i');
const AREA = new RegExp(String.raw`(?<![\w.,/])(${ONE})\s*(?:m²|m2|sqm|sq\.?\s?m|square met(?:re|er)s?)(?!\w)`, 'i');
const YARD = 914.4;
/** Usual width of cloth, m. */
const CLOTH_WIDTH = 1.4;

const unitName = (unit: string): string => {
  const u = unit.toLowerCase();
  if (/^milli|^mm$/.test(u)) return 'mm';
  if (/^centi|^cm$/.test(u)) return 'cm';
  if (/^dm$/.test(u)) return 'dm';
  if (/^met|^m$/.test(u)) return 'm';
  if (/^(ft|feet|foot|'|′)$/.test(u)) return 'ft';
  if (/^y/.test(u)) return 'yd';
  return 'in';
};
const MM: Record<string, number> = { mm: 1, cm: 10, dm: 100, m: 1000, in: MM_PER_INCH, ft: 12 * MM_PER_INCH, yd: YARD };
const mmOf = (number: string, unit: string): number => Math.round(numberOf(number) * MM[unitName(unit)]!);

/** So many times as long as usual, something was told in another unit. */
const TOO_LARGE = 4;

/** The unit that was meant where none was told: that which brings the sides nearest to the usual ones of the kind. */
function unitMeant(numbers: readonly number[], system: LengthSystem, kind: Kind | undefined): string {
  const usual = system === 'imperial' ? 'in' : 'cm';
  if (!kind) {
    // Nobody has a heap of things a metre each way: three such numbers, or two, are millimetres.
    const large = Math.max(...numbers) >= 250 || Math.min(...numbers) >= 70;
    return large && system !== 'imperial' ? 'mm' : usual;
  }
  const sorted = [...numbers].sort((a, b) => b - a);
  // What is printed on photographic paper is told in inches everywhere.
  const candidates =
    kind.category.key === 'photographs'
      ? ['cm', 'in']
      : kind.lies === 'soft'
        ? // Cloth is told in centimetres, unless that were many times as large as such things are.
          system !== 'imperial' && sorted.length === 3 && sorted[0]! * MM.cm! > TOO_LARGE * kind.piece[0]
          ? ['mm']
          : [usual]
        : system === 'imperial'
          ? ['in', 'mm', 'cm']
          : ['cm', 'mm'];
  const away = (unit: string) =>
    sorted.reduce((sum, number, i) => sum + Math.abs(Math.log((number * MM[unit]!) / kind.piece[i]!)), 0) /
      sorted.length +
    (unit === usual ? 0 : 0.5);
  return candidates.reduce((best, unit) => (away(unit) < away(best) ? unit : best));
}

/** @param kind what the line names, as far as it is known: it tells lengths of cloth from sides, and thin sides from long ones */
export function readSize(text: string, system: LengthSystem, kind: Kind | undefined): Token<SizeSaid> | null {
  const box = BOX.exec(text);
  if (box) {
    const [, a, unitA, b, unitB, c, unitC] = box;
    // `8" x 10`, `60x80 cm x 4`: a number without a unit behind one with it says how many.
    const counted = unitA && !unitB && !c;
    const thirdCounts = c !== undefined && !unitC && unitB !== undefined;
    if (!counted) {
      const numbers = thirdCounts ? [a!, b!] : [a!, b!, c].filter((n): n is string => n !== undefined);
      const unit = (thirdCounts ? unitB : (unitC ?? unitB)) ?? null;
      const meant = unit ? unitName(unit) : unitMeant(numbers.map(numberOf), system, kind);
      const units = [unitA, unitB, unitC];
      const sides = numbers.map((n, i) => mmOf(n, units[i] ?? meant)).sort((x, y) => y - x);
      const said = thirdCounts ? box[0].slice(0, box[0].search(new RegExp(`${BY}${ONE}\\s*$`, 'i'))) : box[0];
      if (sides.every((side) => side > 0 && side < 100_000) && !looksCounted(text, box, numbers, unit))
        return {
          value: { sides, thick: null, metres: null },
          said: said.trim(),
          rest: closed(text, box.index, said.length),
        };
    }
  }
  const area = AREA.exec(text);
  if (area && kind?.litresPerMetre)
    return {
      value: { sides: [], thick: null, metres: Number((numberOf(area[1]!) / CLOTH_WIDTH).toFixed(2)) },
      said: area[0],
      rest: closed(text, area.index, area[0].length),
    };
  return readSingles(text, system, kind);
}

/** `2 x 12 pencils`: small whole numbers without a unit before a word are counts, unless they make a likely size. */
function looksCounted(text: string, box: RegExpExecArray, numbers: readonly string[], unit: string | null): boolean {
  if (unit || numbers.length > 2) return false;
  const leads = box.index === 0 || /[,;]\s*$/.test(text.slice(0, box.index));
  const [a, b] = numbers.map(numberOf) as [number, number];
  return leads && a <= 12 && b >= 3 * a && /^\s+\p{L}/u.test(text.slice(box.index + box[0].length));
}

function readSingles(text: string, system: LengthSystem, kind: Kind | undefined): Token<SizeSaid> | null {
  const value: SizeSaid = { sides: [], thick: null, metres: null };
  const said: string[] = [];
  let rest = text;
  for (let turn = 0; turn < 3; turn++) {
    const found = SINGLE.exec(rest);
    if (!found || (found[0].length >= rest.length && turn === 0)) break;
    const [whole, compound, number, unit, label = ''] = found;
    const mm = compound ? parseLength(compound, 'imperial') : mmOf(number!, unit!);
    if (!mm || mm <= 0 || mm > 100_000) break;
    if (kind?.coiled) break;
    const left = closed(rest, found.index, whole.length);
    if (kind?.litresPerMetre && (/wide|width/i.test(label) || mm < 250)) {
      // How wide cloth or ribbon is changes little against how long it is.
    } else if (/thick|spine|^ø|dia|across/i.test(label) && !(/dia|across|ø/i.test(label) && isRound(kind)))
      value.thick = mm;
    else if (isThinSide(mm, kind)) value.thick = mm;
    else if (kind?.litresPerMetre && !value.sides.length && mm >= 250 && !/wide|width|high|tall/i.test(label))
      value.metres = Number((mm / 1000).toFixed(3));
    else value.sides.push(mm);
    said.push(whole.trim());
    rest = left;
  }
  const bare = BARE_WIDTH.exec(rest);
  if (bare && (said.length || kind)) {
    const mm = mmOf(bare[1]!, system === 'imperial' ? 'in' : numberOf(bare[1]!) >= 250 ? 'mm' : 'cm');
    if (!kind?.litresPerMetre && !kind?.coiled && mm > 0) {
      if (/thick/i.test(bare[2]!)) value.thick = mm;
      else value.sides.push(mm);
    }
    said.push(bare[0]);
    rest = closed(rest, bare.index, bare[0].length);
  }
  if (!said.length) return null;
  value.sides = value.sides.sort((a, b) => b - a).slice(0, 3);
  return { value, said: said.join(', '), rest };
}

const isRound = (kind: Kind | undefined): boolean => !!kind && kind.piece[1] / kind.piece[0] > 0.9;
/** Whether a single length can only be how thick a long thing is: 4 mm needles. */
const isThinSide = (mm: number, kind: Kind | undefined): boolean =>
  !!kind && kind.piece[0] / kind.piece[1] >= 4 && mm <= kind.piece[1] * 3 && mm * 5 < kind.piece[0];
