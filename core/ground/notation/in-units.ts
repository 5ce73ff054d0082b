/** Sentences with measures in them, as a reader of the site's units says them. */
import type { LengthSystem } from '../model/site.ts';
import { formatLength, SMALL } from './length.ts';

/** Exact by definition of the pound (1959) and of the US liquid quart. */
export const GRAMS_PER_POUND = 453.59237;
export const LITRES_PER_QUART = 0.946352946;

const LENGTHS = /(?<![\d.])\d+(?:\.\d+)?(?: × \d+(?:\.\d+)?)* mm\b/g;
const MASSES = /(?<![\d.])(\d+(?:\.\d+)?) kg\b/g;
const VOLUMES = /(?<![\d.])(\d+(?:\.\d+)?) (?:l|litres?)\b/g;

/** Exact by definition of the yard (1959), mm. */
const YARD = 914.4;
const RUNNING = /(?<![\d.])(\d+(?:\.\d+)?) met(?:re|er)s?\b/g;
const KILOGRAMS = /(?<![\d.])(\d+(?:\.\d+)?) kilograms?\b/g;

/** @example formatMass(4500, 'imperial') // '9.9 lb' */
export const formatMass = (grams: number, system: LengthSystem = 'metric'): string =>
  system === 'imperial' ? `${rounded(grams / GRAMS_PER_POUND)} lb` : `${(grams / 1000).toFixed(1)} kg`;

/** Quarts up to two gallons, gallons above. @example formatVolume(10, 'imperial') // '2.6 gal' */
export function formatVolume(litres: number, system: LengthSystem = 'metric'): string {
  if (system !== 'imperial') return `${rounded(litres)} l`;
  const quarts = litres / LITRES_PER_QUART;
  return quarts < 8 ? `${rounded(quarts)} qt` : `${rounded(quarts / 4)} gal`;
}
const rounded = (value: number): number => (value >= 10 ? Math.round(value) : Number(value.toFixed(1)));

/**
 * The same sentence with its millimetres, kilograms and litres in the units of the site.
 * @example inUnits('A box of 270 × 270 mm with 4.5 kg', 'imperial') // 'A box of 10 5/8" × 10 5/8" with 9.9 lb'
 */
export function inUnits(text: string, system: LengthSystem): string {
  const lengths = text.replace(LENGTHS, (said) => {
    if (system === 'millimetre') return said;
    const sides = said.slice(0, -3).split(' × ').map(Number);
    // Sides of one thing are told in one unit.
    if (system === 'metric' && sides.length > 1 && Math.max(...sides) >= SMALL)
      return `${sides.map((side) => Number((side / 10).toFixed(1))).join(' × ')} cm`;
    if (system === 'metric' && sides.length > 1) return said;
    return sides.map((side) => formatLength(side, system)).join(' × ');
  });
  if (system !== 'imperial') return lengths;
  return lengths
    .replace(RUNNING, (_, metres: string) => `${rounded((Number(metres) * 1000) / YARD)} yd`)
    .replace(KILOGRAMS, (_, kilos: string) => formatMass(Number(kilos) * 1000, system))
    .replace(MASSES, (_, kilos: string) => formatMass(Number(kilos) * 1000, system))
    .replace(VOLUMES, (_, litres: string) => formatVolume(Number(litres), system));
}
