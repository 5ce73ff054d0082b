/** Everyday measures: how people tell an amount without a scale (practice G6). */
import { counted } from '../notation/plural.ts';

export interface EverydayMeasure {
  key: string;
  one: string;
  many: string;
  /** Bulk litres of one; rounded household values, editable for each site. */
  litres: number;
  words: string[];
}

export const EVERYDAY_MEASURES: readonly EverydayMeasure[] = [
  { key: 'handful', one: 'handful', many: 'handfuls', litres: 0.15, words: ['handful', 'handfuls'] },
  { key: 'mug', one: 'mug', many: 'mugs', litres: 0.3, words: ['mug', 'mugs', 'cup', 'cups', 'mugful', 'mugfuls'] },
  { key: 'litre', one: 'litre', many: 'litres', litres: 1, words: ['l', 'litre', 'litres', 'liter', 'liters'] },
  {
    key: 'shoebox',
    one: 'shoebox',
    many: 'shoeboxes',
    litres: 5,
    words: ['shoebox', 'shoeboxes', 'shoe box', 'shoe boxes'],
  },
  {
    key: 'bag',
    one: 'carrier bag',
    many: 'carrier bags',
    litres: 15,
    words: ['carrier bag', 'carrier bags', 'bag for life', 'bags for life', 'shopping bag', 'shopping bags'],
  },
  {
    key: 'basket',
    one: 'laundry basket',
    many: 'laundry baskets',
    litres: 45,
    words: ['laundry basket', 'laundry baskets', 'washing basket', 'washing baskets'],
  },
  { key: 'sack', one: 'sack', many: 'sacks', litres: 60, words: ['sack', 'sacks', 'bin bag of', 'bin bags of'] },
  { key: 'jar', one: 'jar', many: 'jars', litres: 0.5, words: [] },
  { key: 'small box', one: 'small box', many: 'small boxes', litres: 0.8, words: [] },
  { key: 'box', one: 'box', many: 'boxes', litres: 15, words: [] },
  { key: 'small bag', one: 'small bag', many: 'small bags', litres: 1, words: [] },
  { key: 'medium bag', one: 'bag', many: 'bags', litres: 4, words: [] },
  { key: 'tin', one: 'tin', many: 'tins', litres: 1, words: [] },
  { key: 'tub', one: 'tub', many: 'tubs', litres: 1.5, words: [] },
  { key: 'bowl', one: 'bowl', many: 'bowls', litres: 2, words: [] },
  { key: 'tray', one: 'tray', many: 'trays', litres: 4, words: [] },
  { key: 'bucket', one: 'bucket', many: 'buckets', litres: 10, words: [] },
  { key: 'drawer', one: 'drawer', many: 'drawers', litres: 12, words: [] },
  { key: 'crate', one: 'crate', many: 'crates', litres: 40, words: [] },
  // Lengths and weights: their litres follow from the kind of thing.
  { key: 'metre', one: 'metre', many: 'metres', litres: 0, words: [] },
  { key: 'kilogram', one: 'kilogram', many: 'kilograms', litres: 0, words: [] },
];

const byKey = new Map(EVERYDAY_MEASURES.map((measure) => [measure.key, measure]));

/** Litres of one of that measure on this site, or undefined for `pieces` and unknown keys. */
export const litresOf = (key: string, own: Partial<Record<string, number>> = {}): number | undefined =>
  own[key] ?? byKey.get(key)?.litres;

/** `3 shoeboxes`, `1 piece`, `40 pieces`. */
export function formatAmount(amount: number, measure: string): string {
  const known = byKey.get(measure);
  const number = Number(amount.toFixed(2));
  if (!known) return counted(number, 'piece');
  return `${number} ${number === 1 ? known.one : known.many}`;
}
