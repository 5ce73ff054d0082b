/**
 * What is usually used up, with how its use is known, by kind of thing: a first answer to be corrected and soon overtaken by
 * what is counted. Amounts are our own judgement.
 */
import { kindOfLine } from '../../ground/contents/piece.ts';
import type { Category, Line, Par, Person } from '../../ground/model/entities.ts';
import { fittingOn } from './forecast.ts';

interface Use {
  /** What one of the line's pieces is called. */
  unit: string;
  /** Of them a child uses so many on a day open; absent: it is only counted. */
  child?: number;
  /** Used by children no heavier than that, grams. */
  toGrams?: number;
  /** In a pack as it is usually sold. */
  pack: number;
}

/** Who weighs more has mostly left nappies behind, grams. */
const IN_NAPPIES = 15_000;
export const USUAL_USE: Readonly<Record<string, Use>> = {
  nappies: { unit: 'pieces', child: 5, toGrams: IN_NAPPIES, pack: 40 },
  'wet-wipes': { unit: 'packs', child: 0.2, toGrams: IN_NAPPIES, pack: 1 },
  'disposable-gloves': { unit: 'boxes', child: 0.05, toGrams: IN_NAPPIES, pack: 1 },
  'changing-creams': { unit: 'tubes', child: 0.02, toGrams: IN_NAPPIES, pack: 1 },
  'sun-cream': { unit: 'bottles', pack: 1 },
  tissues: { unit: 'boxes', child: 0.02, pack: 1 },
  'kitchen-roll': { unit: 'rolls', child: 0.03, pack: 4 },
  'hand-sanitiser': { unit: 'bottles', pack: 1 },
  'bin-bags': { unit: 'rolls', pack: 1 },
  'cleaning-agents': { unit: 'bottles', pack: 1 },
  'copy-paper': { unit: 'sheets', child: 1, pack: 500 },
  'drawing-paper': { unit: 'sheets', child: 2, pack: 100 },
  'coloured-paper': { unit: 'sheets', child: 0.5, pack: 50 },
  'glue-sticks': { unit: 'sticks', child: 0.02, pack: 12 },
  'liquid-glue': { unit: 'bottles', child: 0.005, pack: 1 },
  'poster-paint': { unit: 'bottles', child: 0.01, pack: 1 },
  'finger-paint': { unit: 'pots', child: 0.005, pack: 1 },
  'sticky-tape': { unit: 'rolls', child: 0.005, pack: 1 },
  'laminating-film': { unit: 'sheets', pack: 100 },
  batteries: { unit: 'pieces', pack: 4 },
  'ink-and-toner': { unit: 'cartridges', pack: 1 },
  envelopes: { unit: 'pieces', pack: 50 },
  'labels-and-label-tape': { unit: 'rolls', pack: 1 },
};

/** Kilograms that nappies of a size are commonly made for; the pack says it better. */
const NAPPY_SIZES: Readonly<Record<number, readonly [from: number, to: number]>> = {
  1: [2, 5],
  2: [4, 8],
  3: [6, 10],
  4: [9, 14],
  5: [12, 17],
  6: [15, 25],
};
const sizeIn = (name: string): number | null => Number(/\bsize\s*(\d)\b/i.exec(name)?.[1] ?? 0) || null;

/** What comes back from the wash is not used up. */
const WASHED = /\b(reusable|washable|cloth|swim)\b/i;

/** Kept in store at the least, and wanted: days open. */
const LEAST_DAYS = 5;
const WANTED_DAYS = 20;
/** Of what is only counted, the share of what is there that is too little. */
const LEAST_SHARE = 0.25;
const LEAD_DAYS = 3;

export type SuggestedPar = Pick<
  Par,
  'lineId' | 'unit' | 'least' | 'wanted' | 'pack' | 'leadDays' | 'use' | 'perDay' | 'fromGrams' | 'toGrams' | 'nextId'
>;

const rounded = (amount: number): number => Math.max(1, Math.ceil(amount - 1e-9));

/**
 * @param others lines among which the next size of nappies is looked for
 * @param children who come into its room
 * @returns null for what is usually not used up, is not counted in pieces, or is of no kind that is known
 */
export function suggestedPar(
  line: Pick<Line, 'id' | 'name' | 'kind' | 'amount' | 'measure'>,
  category: Pick<Category, 'starter'> | undefined,
  others: readonly Pick<Line, 'id' | 'name'>[],
  children: readonly Pick<Person, 'id' | 'born' | 'count'>[],
  today: string,
): SuggestedPar | null {
  const key = kindOfLine(line, category)?.category.key ?? category?.starter ?? '';
  const usual = USUAL_USE[key];
  if (!usual || line.measure !== 'pieces' || WASHED.test(line.name)) return null;
  const size = key === 'nappies' ? sizeIn(line.name) : null;
  const [from, to] = (size && NAPPY_SIZES[size]) || [null, usual.toGrams ? usual.toGrams / 1000 : null];
  const fits = { fromGrams: from && from * 1000, toGrams: to && to * 1000 };
  const next = size ? others.find(({ name }) => /napp/i.test(name) && sizeIn(name) === size + 1) : undefined;
  const perDay = usual.child ?? 0;
  const aDay = perDay * fittingOn(fits, children, today);
  // Where nobody is known to use it, what is there is what is wanted.
  const amounts = aDay
    ? {
        least: rounded(aDay * LEAST_DAYS),
        wanted: rounded(aDay * LEAST_DAYS) + rounded(aDay * (WANTED_DAYS - LEAST_DAYS)),
      }
    : { least: rounded(line.amount * LEAST_SHARE), wanted: rounded(line.amount) };
  return {
    lineId: line.id,
    unit: usual.unit,
    ...amounts,
    pack: usual.pack,
    leadDays: LEAD_DAYS,
    nextId: next?.id ?? null,
    // Children who have outgrown it, or are too small for it yet, are those it is for all the same.
    ...(perDay && children.some(({ born }) => born)
      ? { use: 'child', perDay, ...fits }
      : { use: 'counted', perDay: 0, fromGrams: null, toGrams: null }),
  };
}
