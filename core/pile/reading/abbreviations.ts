/** Short forms of amounts, written out before a line is read. */

const WRITTEN_OUT: readonly (readonly [RegExp, string])[] = [
  [/(?<=[\d½¼¾]\s?|\ban?\s|\bhalf\s(?:an?\s)?)\b(?:doz|dz)\b\.?/gi, ' dozen'],
  [/(?<=\d\s?)\bprs?\b\.?(?=\s)/gi, ' pairs'],
  [/\b(?:(?:an?|one|1)\s+)?gross(?:\s+of)?(?=\s+\p{L})/giu, '144'],
  [/(?<=\d\s?)\bpkt?s?\b\.?(?=\s)/gi, ' packs'],
  [/\s(?:->|=>|➔|➜)\s*/g, ' → '],
];

/** @example writtenOut('3 doz. pencils') // '3 dozen pencils' */
export const writtenOut = (text: string): string =>
  WRITTEN_OUT.reduce((said, [short, full]) => said.replace(short, full), text);
