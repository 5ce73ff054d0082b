/** Money on paper and in tables: as an English reader writes it, with the decimals of its currency. */

/** @returns writes whole minor units. @example priceIn('EUR')(690) // '€6.90' */
export function priceIn(currency: string): (minor: number) => string {
  const format = new Intl.NumberFormat('en', { style: 'currency', currency });
  const digits = format.resolvedOptions().maximumFractionDigits ?? 2;
  return (minor) => format.format(minor / 10 ** digits);
}
