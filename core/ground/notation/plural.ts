const RULES = new Intl.PluralRules('en');

/**
 * The form of a word that goes with a count.
 * @param other the form for all counts but one; with an `s` where it is not given
 * @example plural(2, 'box', 'boxes') // 'boxes'
 */
export const plural = (count: number, one: string, other = `${one}s`): string =>
  RULES.select(count) === 'one' ? one : other;

/**
 * A count with its word.
 * @example counted(1, 'bin') // '1 bin'
 */
export const counted = (count: number, one: string, other?: string): string => `${count} ${plural(count, one, other)}`;
