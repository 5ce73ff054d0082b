/** Amounts of what is used up, as people say them. */
import { counted } from '../../ground/notation/plural.ts';
import type { Par } from '../../ground/model/entities.ts';

/** One of what is counted. @example singular('boxes') // 'box' */
const singular = (unit: string): string =>
  /(?:x|ch|sh|ss)es$/.test(unit) ? unit.slice(0, -2) : /[^s]s$/.test(unit) ? unit.slice(0, -1) : unit;

const about = (amount: number): number => (amount >= 20 ? Math.round(amount) : Math.round(amount * 10) / 10);

/** @example inUnitsOf(1, 'tubes') // '1 tube' */
export const inUnitsOf = (amount: number, unit: string): string =>
  `${about(amount)} ${amount === 1 ? singular(unit) : unit}`;

/** @example packsOf(2, { pack: 40, unit: 'pieces' }) // '2 packs of 40 pieces' */
export const packsOf = (packs: number, { pack, unit }: Pick<Par, 'pack' | 'unit'>): string =>
  pack === 1 ? inUnitsOf(packs, unit) : `${counted(packs, 'pack')} of ${inUnitsOf(pack, unit)}`;

/** From that on it is told by the day; below it, in how many days one is used. */
const BY_THE_DAY = 0.8;
/** @example usedUp(0.02) // 'one in 50 days' */
export const usedUp = (perDay: number): string =>
  perDay >= BY_THE_DAY ? `${about(perDay)} a day` : `one in ${Math.round(1 / perDay)} days`;
