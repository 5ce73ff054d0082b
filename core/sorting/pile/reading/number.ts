/** Numbers as people write and say them: `1 1/2`, `1,000`, `half a dozen`, `a couple of`, `10–12`. */

/** How numbers are said. */
export const NUMBER_WORDS: Readonly<Record<string, number>> = {
  half: 0.5,
  quarter: 0.25,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  couple: 2,
  pair: 2,
  few: 3,
  several: 5,
  dozen: 12,
  dozens: 24,
  hundred: 100,
  hundreds: 200,
  thousand: 1000,
};
const SIGNS: Record<string, number> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 };

const UNITS = 'one|two|three|four|five|six|seven|eight|nine';
const TEENS = 'ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen';
const TENS = 'twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety';
const PLAIN = `(?:(?:${TENS})(?:[- ](?:${UNITS}))?|${TEENS}|${UNITS})`;
const GREAT = '(?:dozen|hundred|thousand)';
/** A number word or phrase. `a` and `an` alone are left to the readers. */
export const NUMBER_WORD = [
  String.raw`half[\s-](?:a\s+)?${GREAT}`,
  String.raw`(?:an?\s+)?${GREAT}\s+and\s+a\s+half`,
  String.raw`(?:an?|${PLAIN})\s+and\s+a\s+half(?:\s+${GREAT})?`,
  String.raw`(?:an?\s+)?couple(?:\s+of)?`,
  String.raw`(?:an?\s+)?few`,
  'several',
  String.raw`(?:(?:an?|${PLAIN})\s+)?(?:dozens?|hundreds?|thousand)(?:\s+of)?`,
  String.raw`half\s+an?`,
  String.raw`(?:a\s+)?quarter\s+of\s+an?`,
  PLAIN,
].join('|');
/** Digits, with thousands, decimals and fractions. */
export const DIGITS = String.raw`\d{1,3}(?:,\d{3})+(?![\d,])|\d+\s+\d\/\d+|\d+\/\d+|\d+\s?[½¼¾⅓⅔]|\d+[.,]\d+|\d+|[½¼¾⅓⅔]`;
const ABOUT = String.raw`(?:[~≈±]|\b(?:about|approx\.?|approximately|around|roughly|ca\.?|circa|some|nearly|almost|over|at\s+least|at\s+most|up\s+to|more\s+than|less\s+than|maybe|probably|c\.)\s)`;

const one = `(?:${DIGITS}|\\b(?:${NUMBER_WORD})(?![\\w-]))`;
/** A number with what makes it vague, or a range. Not within a word, a decimal or behind a hash. */
export const NUMBER = String.raw`(?:${ABOUT}\s*)?(?<![\w#.,/-])${one}(?:\s*(?:-|–|to|or)\s*(?:${DIGITS})(?![\w/]))?(?:\+|\s?-?ish\b|\s+or\s+so\b)?`;

/** @returns the number, the mean of a range (whole where both ends are), or NaN. @example numberOf('half a dozen') // 6 */
export function numberOf(said: string): number {
  const text = said
    .toLowerCase()
    .replace(new RegExp(`^${ABOUT}\\s*`, 'i'), '')
    .replace(/(?:\+|\s?-?ish|\s+or\s+so)$/, '')
    .trim();
  if (/^\d{1,3}(\.\d{3})+$/.test(text)) return Number(text.replace(/\./g, ''));
  const range = new RegExp(`^(.+?)\\s*(?:-|–|\\bto\\b|\\bor\\b)\\s*(${DIGITS})$`).exec(text);
  if (range) {
    const [low, high] = [numberOf(range[1]!), numberOf(range[2]!)];
    if (high > low)
      return Number.isInteger(low) && Number.isInteger(high) ? Math.round((low + high) / 2) : (low + high) / 2;
  }
  if (/^\d{1,3}(,\d{3})+$/.test(text)) return Number(text.replace(/,/g, ''));
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  const sign = /^(\d*)\s?([½¼¾⅓⅔])$/.exec(text);
  if (sign) return Number(sign[1] || 0) + SIGNS[sign[2]!]!;
  if (/^\d+([.,]\d+)?$/.test(text)) return Number(text.replace(',', '.'));
  const half = /^(.+?)\s+and\s+a\s+half(?:\s+(dozen|hundred|thousand))?$/.exec(text);
  if (half) {
    const whole = numberOf(half[1]!);
    // `a dozen and a half` is eighteen, `one and a half dozen` too.
    return half[2]
      ? (whole + 0.5) * NUMBER_WORDS[half[2]]!
      : whole + (new RegExp(`${GREAT}$`).test(half[1]!) ? whole / 2 : 0.5);
  }
  const words = text
    .replace(/\bof\b/g, ' ')
    .split(/[\s-]+/)
    .filter((word) => word && !(word in { a: 1, an: 1 }));
  if (!words.length || words.some((word) => !(word in NUMBER_WORDS))) return /^an?$/.test(text) ? 1 : NaN;
  let sum = 0;
  for (const word of words) {
    const value = NUMBER_WORDS[word]!;
    sum = /dozen|hundred|thousand/.test(word) && sum ? sum * value : sum + value;
  }
  return sum;
}
