/** What a field of a row is called and what stands in it, in words, for any row: where two versions of it are compared. */

/** @example fieldWords('keepUntil') // 'keep until'; fieldWords('compartmentId') // 'compartment' */
export const fieldWords = (field: string): string =>
  field.replace(/Ids?$/, '').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/**
 * @param rowOf what an id stands for, where it points to something
 * @example wordsOf(['a', 'b'], rowOf) // 'Ona, Piet'
 */
export function wordsOf(value: unknown, rowOf: (id: string) => object | undefined): string {
  if (value === null || value === undefined || value === '') return '–';
  if (value === true) return 'yes';
  if (value === false) return 'no';
  if (Array.isArray(value)) return value.length ? value.map((one) => wordsOf(one, rowOf)).join(', ') : '–';
  if (typeof value === 'object')
    return (
      Object.entries(value)
        .map(([field, one]) => `${fieldWords(field)} ${wordsOf(one, rowOf)}`)
        .join(', ') || '–'
    );
  const row = typeof value === 'string' ? (rowOf(value) as { name?: string; code?: string } | undefined) : undefined;
  return row?.name || row?.code || String(value);
}
