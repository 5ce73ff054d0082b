/** A month with its year, as people write it: when a child was born. */
/** By which a month is known however it is written. */
export const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/**
 * @param today ISO: two digits of a year are the last such year up to it
 * @returns `2022-03`; null where it is no month, or one to come
 * @example readMonth('March 2022', '2026-11-26') // '2022-03'
 */
export function readMonth(text: string, today: string): string | null {
  const own = text.trim().toLowerCase();
  const named = /^(?:\d{1,2}(?:st|nd|rd|th)?\.?\s+)?([a-z]{3,9})\.?,?\s+(\d{4}|\d{2})$/.exec(own);
  const month = named
    ? MONTHS.findIndex((name) => named[1]!.startsWith(name)) + 1
    : Number(/^(?:\d{4}-(\d{1,2})|(\d{1,2})[./\s-](?:\d{4}|\d{2}))$/.exec(own)?.slice(1).find(Boolean) ?? 0);
  const digits = named?.[2] ?? /^(\d{4})-/.exec(own)?.[1] ?? /(\d{4}|\d{2})$/.exec(own)?.[1];
  if (!month || month > 12 || !digits) return null;
  const century = today.slice(0, 2);
  const year =
    digits.length === 4 ? digits : `${century}${digits}` <= today.slice(0, 4) ? `${century}${digits}` : `19${digits}`;
  const value = `${year}-${String(month).padStart(2, '0')}`;
  return value > '1900' && value <= today.slice(0, 7) ? value : null;
}
