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
/** What a document has opened, by name. */
const opened = new WeakMap<Doc, Map<string, Opened>>();

/** The Latin face by the names `plain` and `bold`; the others are opened when a text asks for them. */
export function registerFonts(doc: Doc): void {
  opened.set(doc, new Map());
  for (const bold of [false, true]) openedIn(doc, FACES[0]!, bold);
}

function openedIn(doc: Doc, face: Face, bold: boolean): Opened {
  const known = opened.get(doc)!;
  const name = nameOf(face, bold);
  let font = known.get(name);
  if (!font) {
    doc.registerFont(name, fontFile(face[weightOf(bold)]));
    font = (doc.font(name) as unknown as { _font: Opened })._font;
    known.set(name, font);
  }
  return font;
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
  const has = (face: Face, code: number): boolean => openedIn(doc, face, bold).font.hasGlyphForCodePoint(code);
  for (const run of runsOf(text, has)) {
    const ascent = openedIn(doc, run.face, bold).ascender / 1000;
    doc.font(nameOf(run.face, bold));
    each({ ...run, ascent, options: run.rightToLeft ? { features: [] } : {} });
  }
}
