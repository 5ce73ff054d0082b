/**
 * A container that lies around, from one line as people type it (practice C1): `3 jam jars 75x110 round`,
 * `2 wooden wine crates 50 x 33 x 28 cm`, `shoebox 12" x 7" x 4"`. Its size decides, not what it was.
 */
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { ContainerShape } from '../../ground/model/entities.ts';
import type { LengthSystem } from '../../ground/model/site.ts';
import { parseLength } from '../../ground/notation/length.ts';
import { NUMBER_WORDS } from '../../sorting/pile/reading/number.ts';
import { plain, stem } from '../../ground/matching/words.ts';

export interface FoundObject {
  count: number;
  shape: ContainerShape;
}
export type ReadFound = { found: FoundObject; problem: null } | { found: null; problem: string };

type Material = ContainerShape['material'];
/** What it is made of, by a word of its name; and how thick a wall of that is, mm (our own judgement, on the safe side). */
const MATERIALS: readonly [words: readonly string[], material: Material, wall: number][] = [
  [['glass', 'jar', 'jam', 'bottle', 'vase'], 'glass', 4],
  [['tin', 'can', 'metal', 'biscuit', 'steel'], 'metal', 2],
  [['shoebox', 'shoe', 'cardboard', 'carton', 'card', 'packet', 'magazine'], 'card', 3],
  [['wood', 'wooden', 'crate', 'cigar', 'wine', 'pallet'], 'wood', 10],
  [['basket', 'wicker', 'rattan', 'willow'], 'basket', 8],
  [['bag', 'cloth', 'pouch', 'sack', 'tote', 'felt'], 'cloth', 2],
  [['clear', 'transparent', 'acrylic', 'punnet'], 'clear', 3],
  [['plastic', 'tub', 'bucket', 'pot', 'lunchbox', 'container', 'yoghurt', 'ice'], 'plastic', 3],
];
const ROUND = ['round', 'jar', 'tin', 'can', 'bucket', 'pot', 'tube', 'bottle', 'cylinder', 'barrel'];
const NOT_ROUND = ['square', 'box', 'crate', 'rectangular', 'flat', 'biscuit'];
const LID = ['lid', 'lidded', 'jar', 'shoebox', 'lunchbox', 'case'];
const HANDLE = ['handle', 'bucket', 'basket', 'tote'];
/** Without a unit, sides that are all at least so many are millimetres where the site thinks in centimetres. */
const SURELY_MM = 50;
/** Nothing that things are kept in is longer, or shorter, mm. */
const MOST = 3000;
const LEAST = 15;
const MAX_COUNT = 500;

const NO_LID = /\b(?:no|without(?: a)?) lids?\b/i;
const UNIT = String.raw`(?:mm|cm|m|"|”|''|in(?:ch(?:es)?)?)`;
const NUMBER = String.raw`\d+(?:[.,]\d+)?(?:\s+\d+/\d+|/\d+)?`;
const SIZE = new RegExp(
  String.raw`(?:[⌀ø]\s*)?${NUMBER}\s*${UNIT}?(?:\s*(?:[x×*]|by)\s*${NUMBER}\s*${UNIT}?){1,2}`,
  'i',
);

/** `20 cm round, 8 high`, `28 across 25 high`. */
const ACROSS = new RegExp(
  String.raw`(${NUMBER}\s*${UNIT}?)\s*(?:across|round|⌀|ø)[\s,]*(?:and\s+)?(${NUMBER}\s*${UNIT}?)\s*(?:high|tall|deep)\b`,
  'i',
);
/** How many there are, said behind: `shoe boxes x4`, `jars (12)`. */
const COUNT_BEHIND = /(?:^|\s)(?:[x×]\s?(\d{1,3})|\((\d{1,3})\))(?=\s|$)/i;

const wholeNumber = (word: string): number | undefined =>
  Number.isInteger(NUMBER_WORDS[word]) ? NUMBER_WORDS[word] : undefined;

/** Sides of `75x110`, mm; null where they are no lengths. */
function sidesOf(text: string, system: LengthSystem): number[] | null {
  const parts = text.replace(/^[⌀ø]\s*/, '').split(/\s*(?:[x×*]|by)\s*/i);
  const unit = [...parts]
    .reverse()
    .map((part) => new RegExp(`${UNIT}$`, 'i').exec(part.trim())?.[0])
    .find(Boolean);
  const bare = parts.map((part) => Number(part.replace(',', '.')));
  // 75 × 110 is no jar of 75 cm.
  const asMm = !unit && system !== 'imperial' && bare.every((side) => side >= SURELY_MM);
  const sides = parts.map((part) => {
    const told = new RegExp(`${UNIT}$`, 'i').test(part.trim())
      ? part
      : `${part}${asMm ? ' mm' : unit ? ` ${unit}` : ''}`;
    return parseLength(told.trim(), system);
  });
  return sides.every((side) => side !== null) ? sides : null;
}

/**
 * @returns what it is, or a sentence on what is missing
 * @example readFound('3 jam jars 75x110 round', 'metric').found?.shape.outHeight // 110
 */
export function readFound(told: string, system: LengthSystem): ReadFound {
  const text = told.replace(ACROSS, '⌀ $1 x $2');
  const problem = (words: string): ReadFound => ({ found: null, problem: words });
  const size = SIZE.exec(text);
  if (!size) return problem('Tell its outside: width × depth × height, or across × height where it is round.');
  const sides = sidesOf(size[0], system);
  if (!sides) return problem('Its size cannot be read.');
  const around = `${text.slice(0, size.index)} ${text.slice(size.index + size[0].length)}`.trim();
  const behind = COUNT_BEHIND.exec(around);
  const rest = behind ? around.replace(behind[0], ' ').trim() : around;
  const first = /^(\d+|[a-z]+)\s*(?:x\s+|×\s*)?/i.exec(rest);
  const number = first ? (/^\d/.test(first[1]!) ? Number(first[1]) : wholeNumber(first[1]!.toLowerCase())) : undefined;
  const count = number ?? Number(behind?.[1] ?? behind?.[2] ?? 1);
  if (count < 1 || count > MAX_COUNT) return problem(`As many as ${MAX_COUNT} at most.`);
  const called = (number === undefined ? rest : rest.slice(first![0].length))
    .replace(/\b(?:round|square|rectangular)\b/gi, ' ')
    .replace(NO_LID, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s,;:]+|[\s,;:]+$/g, '');
  if (!called) return problem('Say what it is, such as jam jar or wooden crate.');
  const words = new Set(plain(rest).split(' ').map(stem));
  const has = (list: readonly string[]) => list.some((word) => words.has(stem(word)));
  const round = /[⌀ø]/.test(size[0]) || (has(ROUND) && (words.has('round') || !has(NOT_ROUND)));
  if (sides.length === 2 && !round) return problem('Two sides are told: tell the third, or that it is round.');
  const [outWidth, outDepth, outHeight] = (round && sides.length === 2 ? [sides[0], sides[0], sides[1]] : sides) as [
    number,
    number,
    number,
  ];
  const all = [outWidth, outDepth, outHeight];
  if (Math.max(...all) > MOST || Math.min(...all) < LEAST)
    return problem('That would be smaller than a matchbox or larger than a wardrobe: check the unit, such as cm.');
  const [, material, wall] = MATERIALS.find(([list]) => has(list)) ?? [[], 'plastic' as const, 3];
  const inside = (side: number, walls: number) => Math.max(5, side - walls * wall);
  const lid = has(LID) && !NO_LID.test(text);
  const name = (count > 1 ? called.replace(/\S+$/, (word) => singular(word)) : called).slice(0, 40);
  return {
    problem: null,
    found: {
      count,
      shape: {
        ...defaultsOf('containerType'),
        name: `${name[0]!.toUpperCase()}${name.slice(1)}`,
        form: round ? 'round' : material === 'plastic' && words.has('tub') ? 'tapered' : 'box',
        outWidth,
        outDepth,
        outHeight,
        inWidth: inside(outWidth, 2),
        inDepth: inside(outDepth, 2),
        inHeight: inside(outHeight, lid ? 2 : 1),
        seeThrough: material === 'glass' || material === 'clear',
        lid,
        handle: has(HANDLE),
        stackable: lid && !round && material !== 'cloth',
        soft: material === 'cloth',
        mass: Math.max(10, Math.round((outWidth * outDepth * outHeight) / 2e7) * 10 * (material === 'glass' ? 3 : 1)),
        material,
      },
    },
  };
}

/** `jars` as one: only what is surely a plural. */
const singular = (word: string): string => {
  const one = stem(word.toLowerCase());
  return one !== word.toLowerCase() && word.length > 3 ? one : word;
};
