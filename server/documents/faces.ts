/** The faces that ship with the application: Latin ones first, then those of other scripts and of pictures typed as letters. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

export interface Face {
  name: string;
  /** Files of its two weights. */
  plain: string;
  bold: string;
  /** The code points it is for; null: whatever it has a glyph for. */
  ranges: readonly (readonly [number, number])[] | null;
}

const resolve = createRequire(import.meta.url).resolve;
const folderOf = (pack: string): string => dirname(resolve(`${pack}/package.json`));
const file = (pack: string, subset: string, weight: number): string =>
  join(folderOf(pack), 'files', `${pack.split('/')[1]}-${subset}-${weight}-normal.woff`);

const LATIN = '@fontsource/atkinson-hyperlegible-next';
/** Packages and which of their subsets; null for all of them, as they are numbered. */
const OTHERS: readonly (readonly [pack: string, subsets: readonly string[] | null])[] = [
  [
    '@fontsource/noto-sans',
    ['latin-ext', 'vietnamese', 'cyrillic', 'cyrillic-ext', 'greek', 'greek-ext', 'devanagari'],
  ],
  ['@fontsource/noto-sans-hebrew', ['hebrew']],
  ['@fontsource/noto-sans-arabic', ['arabic']],
  ['@fontsource/noto-emoji', null],
];

/** @example rangesOf('U+23,U+30-39') // [[0x23, 0x23], [0x30, 0x39]] */
const rangesOf = (told: string): [number, number][] =>
  told.split(',').map((range) => {
    const [from, to] = range
      .trim()
      .slice(2)
      .split('-')
      .map((hex) => Number.parseInt(hex, 16));
    return [from!, to ?? from!];
  });

export const FACES: readonly Face[] = [
  ...['latin', 'latin-ext'].map((subset) => ({
    name: subset,
    plain: file(LATIN, subset, 400),
    bold: file(LATIN, subset, 700),
    ranges: null,
  })),
  ...OTHERS.flatMap(([pack, subsets]) => {
    const told = JSON.parse(readFileSync(join(folderOf(pack), 'unicode.json'), 'utf8')) as Record<string, string>;
    return (subsets ?? Object.keys(told)).map((subset) => ({
      name: `${pack.split('/')[1]} ${subset}`,
      plain: file(pack, subset.replace(/[[\]]/g, ''), 400),
      bold: file(pack, subset.replace(/[[\]]/g, ''), 700),
      ranges: rangesOf(told[subset]!),
    }));
  }),
];
