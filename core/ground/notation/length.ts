/** Lengths as people write them, in both systems. Inside Stube a length is always a whole number of millimetres. */
import type { LengthSystem } from '../model/site.ts';

/** Exact by definition of the international inch (1959). */
export const MM_PER_INCH = 25.4;

const FRACTION: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

const NUMBER = String.raw`(\d+(?:[.,]\d+)?|[.,]\d+)`;
const METRIC = new RegExp(`^${NUMBER}\\s*(mm|cm|dm|m)?$`, 'i');
const FEET = new RegExp(`^${NUMBER}\\s*(?:ft|feet|foot|'|′)\\s*(.*)$`, 'i');
const INCHES = /^(?:(\d+(?:[.,]\d+)?|[.,]\d+)(?:\s+|-)?)?(?:(\d+)\s*\/\s*(\d+))?\s*(?:in(?:ch(?:es)?)?|"|″|'')?$/i;
export const METRIC_FACTOR: Record<string, number> = { mm: 1, cm: 10, dm: 100, m: 1000 };

/** `1 m 20`, `1m20 cm`: metres and centimetres. */
const METRES = /^(\d+)\s*m\s*(\d{2})(?:\s*cm)?$/i;
/** A tape is read to the millimetre: three digits after a point or comma are thousands of them. */
const THOUSANDS = /^\d{1,2}[.,]\d{3}$/;
/** What people put before a length that they did not look at closely. */
const ABOUT = /^(?:ca\.?|about|approx(?:\.|imately)?|around|roughly|~|≈)\s*/i;

const MOST_CENTIMETRES = 1000;
const decimal = (text: string): number => Number(text.replace(',', '.'));

function inchesOf(text: string): number | null {
  const t = text.trim();
  if (t === '') return 0;
  const plainFraction = /^(\d+)\s*\/\s*(\d+)/.exec(t);
  const match = INCHES.exec(plainFraction ? `0 ${t}` : t);
  if (!match || (match[1] === undefined && match[2] === undefined)) return null;
  if (match[3] !== undefined && Number(match[3]) === 0) return null;
  return (match[1] ? decimal(match[1]) : 0) + (match[2] ? Number(match[2]) / Number(match[3]) : 0);
}

/** Millimetres as they are told, not rounded; null when the text is no length. */
function readMillimetres(text: string, system: LengthSystem, bareUnit?: 'mm' | 'cm' | 'in'): number | null {
  const t = text
    .trim()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (c) => ` ${FRACTION[c]}`)
    .replace(/\s+/g, ' ')
    .trim()
    .replace(ABOUT, '');
  if (t === '') return null;
  const metres = METRES.exec(t);
  if (metres) return Number(metres[1]) * 1000 + Number(metres[2]) * 10;
  const metric = METRIC.exec(t);
  if (metric && (metric[2] || system !== 'imperial' || bareUnit)) {
    const own = system === 'metric' && decimal(metric[1]!) < MOST_CENTIMETRES ? 'cm' : 'mm';
    const unit = metric[2]?.toLowerCase() ?? bareUnit ?? own;
    if (unit === 'mm' && THOUSANDS.test(metric[1]!)) return Number(metric[1]!.replace(/[.,]/, ''));
    return decimal(metric[1]!) * (unit === 'in' ? MM_PER_INCH : METRIC_FACTOR[unit]!);
  }
  const feet = FEET.exec(t);
  if (feet) {
    const rest = inchesOf(feet[2]!);
    return rest === null ? null : (decimal(feet[1]!) * 12 + rest) * MM_PER_INCH;
  }
  const inches = inchesOf(t);
  return inches === null ? null : inches * MM_PER_INCH;
}

/**
 * Reads a length such as `345`, `34.5 cm`, `13 5/8"`, `1' 2 1/2"`, `1 ft 2`, `1,2 m`, `1 m 20`, `1,215 mm` or `about 80`.
 * A bare number is in the reader's own unit; of a thousand centimetres and more nobody speaks: these are millimetres.
 * `bareUnit` overrides that.
 * @returns whole millimetres, or null when the text is no length (empty, negative, or not understood).
 * @example parseLength('34.5') // 345
 */
export function parseLength(
  text: string,
  system: LengthSystem = 'metric',
  bareUnit?: 'mm' | 'cm' | 'in',
): number | null {
  const mm = readMillimetres(text, system, bareUnit);
  return mm === null ? null : Math.round(mm);
}

/** The same to the hundredth of a millimetre, for what is printed: stickers are sold in fractions of it. */
export function parseFineLength(text: string, system: LengthSystem): number | null {
  const mm = readMillimetres(text, system);
  return mm === null ? null : hundredths(mm);
}
const hundredths = (mm: number): number => Math.round(mm * 100) / 100;

export type Rounding = 'near' | 'down' | 'up';
/** A whole millimetre is within half of one of what was meant: no part of an inch is lost or won by that. */
const HALF_MM = 0.5 / MM_PER_INCH;
const ROUND: Record<Rounding, (inches: number, parts: number) => number> = {
  near: (inches, parts) => Math.round(inches * parts),
  down: (inches, parts) => Math.floor((inches + HALF_MM) * parts),
  up: (inches, parts) => Math.ceil((inches - HALF_MM) * parts),
};

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** What is smaller, mm, is told in millimetres by everybody: boards, needles, small parts. */
export const SMALL = 50;

/**
 * Writes a length for reading: `34.5 cm`, `18 mm` and `12.5 m`, or `345 mm`, or inches to the nearest eighth with feet from 24" on.
 * @param mm length in millimetres
 * @param rounding of inches: what something goes into is rounded down, what has to go in is rounded up
 * @param parts of an inch: eighths, or sixteenths for what is cut
 */
export function formatLength(
  mm: number,
  system: LengthSystem = 'metric',
  rounding: Rounding = 'near',
  parts: 8 | 16 = 8,
): string {
  if (system !== 'imperial' && mm >= 10000) return `${Number((mm / 1000).toFixed(2))} m`;
  if (system === 'millimetre') return `${Math.round(mm)} mm`;
  if (system === 'metric')
    return mm < SMALL ? `${Number(mm.toFixed(1))} mm` : `${Number((Math.round(mm) / 10).toFixed(1))} cm`;
  const told = ROUND[rounding](mm / MM_PER_INCH, parts);
  const feet = told >= 24 * parts ? Math.floor(told / (12 * parts)) : 0;
  const rest = told - feet * 12 * parts;
  const whole = Math.floor(rest / parts);
  const part = rest % parts;
  const divisor = gcd(part, parts);
  const inches = [whole || part === 0 ? String(whole) : '', part ? `${part / divisor}/${parts / divisor}` : '']
    .filter(Boolean)
    .join(' ');
  if (feet === 0) return `${inches}"`;
  return rest === 0 ? `${feet}'` : `${feet}' ${inches}"`;
}

/** The same for a field that is edited: metric without unit text, so that typing over it stays short. */
export function editLength(mm: number, system: LengthSystem, rounding: Rounding = 'near'): string {
  if (system === 'metric') return String(Math.round(mm) / 10);
  return system === 'millimetre' ? String(Math.round(mm)) : formatLength(mm, system, rounding);
}

/** Thirty-seconds of an inch are told as a fraction where they are meant, mm. */
const MEANT = 0.02;
/** The same to the hundredth of a millimetre; what is no thirty-second of an inch stands as a decimal. */
export function editFineLength(mm: number, system: LengthSystem): string {
  if (system !== 'imperial') return String(system === 'metric' ? Number((mm / 10).toFixed(3)) : hundredths(mm));
  const parts = Math.round((mm / MM_PER_INCH) * 32);
  if (Math.abs((parts * MM_PER_INCH) / 32 - mm) > MEANT) return `${Number((mm / MM_PER_INCH).toFixed(3))}"`;
  const [whole, part] = [Math.floor(parts / 32), parts % 32];
  const divisor = gcd(part, 32);
  const fraction = part ? `${part / divisor}/${32 / divisor}` : '';
  return `${whole && fraction ? `${whole} ${fraction}` : fraction || whole}"`;
}
