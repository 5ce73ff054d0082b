/** Short and vague forms of amounts, written out before a line is read. */

const WRITTEN_OUT: readonly (readonly [RegExp, string])[] = [
  [/^(?:an?\s+)?(?:class|full|whole|complete)\s+set\s+of\s+(?=\d+\s+\p{L})/iu, ''],
  [/,?\s+(?:class|full|whole|complete)\s+set\s+of\s+(?=\d+$)/iu, ', '],
  [/\b(?:an?|one)\s+score\s+of\b/gi, '20'],
  [/\bw\/\s?(?=\p{L}|\d)/giu, 'with '],
  [/(?<=\p{L}{3})\s+n\s+(?=\p{L}{3})/giu, ' and '],
  [/(?<=[\d½¼¾]\s?|\ban?\s|\bhalf\s(?:an?\s)?)\b(?:doz|dz)\b\.?/gi, ' dozen'],
  [/(?<=\d\s?)\bprs?\b\.?(?=\s)/gi, ' pairs'],
  [/\b(?:(?:an?|one|1)\s+)?gross(?:\s+of)?(?=\s+\p{L})/giu, '144'],
  [/(?<=\d\s?)\bpkt?s?\b\.?(?=\s)/gi, ' packs'],
  // Of what there are lots there is a heap; whoever knows better sees it in the line and corrects it.
  [/^(?:an? lot|lots|loads|tons|masses|plenty)(?: and (?:lots|loads))? of\s+/i, 'heap of '],
  [/^(.*\p{L}),?\s+(?:lots|loads|tons|plenty|a lot(?: of them)?)$/iu, 'heap of $1'],
  [/\s(?:->|=>|➔|➜)\s*/g, ' → '],
];

/** @example writtenOut('3 doz. pencils') // '3  dozen pencils' */
export const writtenOut = (text: string): string =>
  WRITTEN_OUT.reduce((said, [short, full]) => said.replace(short, full), text);
