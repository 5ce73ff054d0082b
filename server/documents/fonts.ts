/** The faces that ship with the application, for documents, and which of them has a letter. */
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type PDFKit from 'pdfkit';
import { fontFile } from './woff.ts';

const resolve = createRequire(import.meta.url).resolve;
const folder = (name: string) => join(dirname(resolve(`${name}/package.json`)), 'files');
const face = (subset: string, weight: number) =>
  join(folder('@fontsource/atkinson-hyperlegible-next'), `atkinson-hyperlegible-next-${subset}-${weight}-normal.woff`);

/** The files of each weight, Latin first. */
export const FACES = {
  plain: [face('latin', 400), face('latin-ext', 400)],
  bold: [face('latin', 700), face('latin-ext', 700)],
} as const;

type Doc = typeof PDFKit.prototype;
const NAMES = { true: ['bold', 'bold-ext'], false: ['plain', 'plain-ext'] } as const;

export function registerFonts(doc: Doc): void {
  for (const weight of ['plain', 'bold'] as const)
    FACES[weight].forEach((file, i) => doc.registerFont(i ? `${weight}-ext` : weight, fontFile(file)));
}

interface Glyphs {
  hasGlyphForCodePoint(code: number): boolean;
}

/** A text as runs of one face each; what neither face has (pictures typed as letters, other scripts) becomes a small circle. */
export function runsOf(doc: Doc, text: string, bold: boolean): { font: string; text: string }[] {
  const runs: { font: string; text: string }[] = [];
  const fonts = NAMES[String(bold) as 'true' | 'false'].map((name) => ({
    name,
    glyphs: (doc.font(name) as unknown as { _font: { font: Glyphs } })._font.font,
  }));
  for (const letter of text) {
    if (/\p{M}|\u200d|\ufe0f/u.test(letter)) continue;
    const font = fonts.find(({ glyphs }) => glyphs.hasGlyphForCodePoint(letter.codePointAt(0)!));
    const [name, shown] = font ? [font.name, letter] : [fonts[0]!.name, '·'];
    if (runs.at(-1)?.font === name) runs.at(-1)!.text += shown;
    else runs.push({ font: name, text: shown });
  }
  return runs;
}
