/** Money as an English reader writes it, with the decimals of its currency. */

const formats = new Map<string, Intl.NumberFormat>();
function formatFor(currency: string): Intl.NumberFormat {
  const known = formats.get(currency) ?? new Intl.NumberFormat('en', { style: 'currency', currency });
  formats.set(currency, known);
  return known;
}

/** Decimals of a currency: two of the euro, none of the yen. @param currency its three letters @example minorDigits('JPY') // 0 */
export const minorDigits = (currency: string): number =>
  formatFor(currency).resolvedOptions().maximumFractionDigits ?? 2;

/**
 * Writes a price or a sum.
 * @param minor whole minor units
 * @param currency its three letters
 * @throws RangeError where these are no three letters
 * @example formatMoney(690, 'EUR') // '€6.90'
 */
export const formatMoney = (minor: number, currency: string): string =>
  formatFor(currency).format(minor / 10 ** minorDigits(currency));
