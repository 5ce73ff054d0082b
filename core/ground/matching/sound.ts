/**
 * How an English word sounds, roughly: its consonants by kind, without doubles and vowels, so that `siccors` meets
 * `scissors`. For what nobody finds as it is written; what sounds alike need not be alike.
 */
const KINDS: readonly (readonly [RegExp, string])[] = [
  [/ph/g, 'f'],
  [/wr/g, 'r'],
  [/gh/g, ''],
  [/ck|q/g, 'k'],
  [/sc(?=[eiy])|cc|c(?=[eiy])|z|x/g, 's'],
  [/c/g, 'k'],
  [/j|g(?=[eiy])/g, 'j'],
  [/d/g, 't'],
  [/b/g, 'p'],
  [/v/g, 'f'],
];

/** @param word in small letters without accents @example soundOf('siccors') // 'srs' */
export function soundOf(word: string): string {
  let said = word;
  for (const [written, spoken] of KINDS) said = said.replace(written, spoken);
  const first = /^[aeiouy]/.test(said) ? 'a' : '';
  return first + said.replace(/[aeiouyhw]/g, '').replace(/(.)\1+/g, '$1');
}
