/** Numbers as people read them. */
import { getActivePinia } from 'pinia';
import { formatLength, formatMass, formatVolume, inUnits, MM_PER_INCH } from '@stube/core/notation';
import { formatAmount as amountInMetric } from '@stube/core/contents';
import type { LengthSystem } from '@stube/core/model';
import { useSite } from '../data/site.ts';

/** Of the open site; metric where none is. */
const unitSystem = (): LengthSystem => (getActivePinia() && useSite().site?.system) || 'metric';

/** @param value null where nobody can say; what is next to nothing is not told as none */
export const litres = (value: number | null): string =>
  value === null
    ? 'size not known'
    : value > 0 && value < 0.05
      ? `under ${unitSystem() === 'imperial' ? '0.1 qt' : '0.1 l'}`
      : formatVolume(value, unitSystem());
/** `3 shoeboxes`, `40 pieces`, `5 metres`, where the site measures so `5.5 yd`. */
export const formatAmount = (amount: number, measure: string): string =>
  inUnits(amountInMetric(amount, measure), unitSystem());
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
/** A number as people type it: `1.5` or `1,5`. @returns undefined where it is none */
export function readNumber(text: string, whole = false): number | undefined {
  const value = /\d/.test(text) ? Number(text.trim().replace(',', '.')) : NaN;
  return Number.isFinite(value) && (!whole || Number.isInteger(value)) ? value : undefined;
}
export const writeNumber = (value: number | null): string => (value === null ? '' : String(Number(value.toFixed(4))));
/** Seconds a week as minutes, the way they are spoken of. */
export const minutes = (seconds: number): string =>
  seconds === 0
    ? 'no time'
    : Math.abs(seconds) < 3
      ? 'a few seconds'
      : Math.abs(seconds) >= 600
        ? `${Math.round(seconds / 60)} min`
        : `${(seconds / 60).toFixed(1)} min`;
const WEEKS_A_MONTH = 365.25 / 12 / 7;
/** A stretch of time as people say it. @example inWeeks(44) // 'in 10 months' */
export const inWeeks = (weeks: number): string =>
  weeks <= 1 ? 'in a week' : weeks <= 12 ? `in ${weeks} weeks` : `in ${Math.round(weeks / WEEKS_A_MONTH)} months`;
export const signedSeconds = (seconds: number): string =>
  `${seconds < 0 ? '−' : '+'}${Math.abs(seconds) >= 90 ? minutes(Math.abs(seconds)) : `${Math.round(Math.abs(seconds))} s`}`;
export const kilos = (grams: number): string => formatMass(grams, unitSystem());
/** What the computation says of lengths, masses and litres, in the units of the open site. */
export const said = (text: string): string => inUnits(text, unitSystem());
/** How far somebody stands from something, mm, as roughly as people say it: `35 cm`, `1.4 m`, `1' 2"`. */
export const distance = (mm: number): string =>
  unitSystem() === 'imperial'
    ? formatLength(Math.round(mm / MM_PER_INCH) * MM_PER_INCH, 'imperial')
    : mm < 1000
      ? `${Math.round(mm / 50) * 5} cm`
      : `${Number((mm / 1000).toFixed(1))} m`;
/** Sides of a thing, mm, as `25 × 20 × 1 cm`. */
export const sidesOf = (...mm: number[]): string => said(`${mm.map(Math.round).join(' × ')} mm`);
/** A floor in metres or feet. */
export const floorSize = (width: number, depth: number, system: LengthSystem = 'metric'): string =>
  system !== 'imperial'
    ? `${Number((width / 1000).toFixed(1))} × ${Number((depth / 1000).toFixed(1))} m`
    : `${formatLength(width, system)} × ${formatLength(depth, system)}`;

/** How often a week, in words. @example formatTimes(0.5) // 'once in 2 weeks' */
export const formatTimes = (perWeek: number): string =>
  perWeek >= 1
    ? Number(perWeek.toFixed(1)) === 1
      ? 'once a week'
      : `${Number(perWeek.toFixed(perWeek < 3 ? 1 : 0))} times a week`
    : perWeek > 0
      ? `once in ${Math.round(1 / perWeek)} weeks`
      : 'hardly ever';
