/** Text of a document in as many faces as it needs. */
import type PDFKit from 'pdfkit';
import { FACES, type Face } from './faces.ts';
import { runsOf, type Run } from './runs.ts';
import { fontFile } from './woff.ts';

type Doc = typeof PDFKit.prototype;
interface Opened {
  ascender: number;
  font: { hasGlyphForCodePoint(code: number): boolean };
}
const weightOf = (bold: boolean): 'bold' | 'plain' => (bold ? 'bold' : 'plain');
const nameOf = (face: Face, bold: boolean): string =>
  face === FACES[0] ? weightOf(bold) : `${face.name} ${weightOf(bold)}`;
const registered = new WeakMap<Doc, Set<string>>();

/** The Latin face by the names `plain` and `bold`; the others are opened when a text asks for them. */
export function registerFonts(doc: Doc): void {
  for (const bold of [false, true]) use(doc, FACES[0]!, bold);
}

function use(doc: Doc, face: Face, bold: boolean): Opened {
  const known = registered.get(doc) ?? new Set();
  registered.set(doc, known);
  const name = nameOf(face, bold);
  if (!known.has(name)) doc.registerFont(name, fontFile(face[weightOf(bold)]));
  known.add(name);
  return (doc.font(name) as unknown as { _font: Opened })._font;
}

/** A run with the document set to its face. Letters from right to left are laid whole, word after word. */
export interface SetRun extends Run {
  /** For `widthOfString` and `text`. */
  options: { features?: never[] };
  /** Above the baseline, as a share of the size. */
  ascent: number;
}

/** @param each gets every run, the document being set to its face */
export function inRuns(doc: Doc, text: string, bold: boolean, each: (run: SetRun) => void): void {
  for (const run of runsOf(text, (face, code) => use(doc, face, bold).font.hasGlyphForCodePoint(code))) {
    const ascent = use(doc, run.face, bold).ascender / 1000;
    each({ ...run, ascent, options: run.rightToLeft ? { features: [] } : {} });
  }
}
