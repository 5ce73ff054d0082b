/** The cut list on paper: each bar drawn to scale with its cuts, then every piece, what carries them, and what to mind. */
import PDFDocument from 'pdfkit';
import type { Paper } from '@stube/core/model';
import { registerFonts } from '../../../documents/fonts.ts';
import { finished, type Doc } from '../../../documents/pdf.ts';
import { write } from '../../../documents/table.ts';

export interface CutDocument {
  title: string;
  under: string;
  bars: {
    times: number;
    part: string;
    /** mm */
    length: number;
    stock: string;
    price: string;
    pieces: { length: number; words: string }[];
    /** What its pieces are for. */
    where: string;
    left: string;
  }[];
  sheets: {
    part: string;
    /** mm */
    length: number;
    width: number;
    stock: string;
    price: string;
    used: string;
    cuts: { x: number; y: number; length: number; width: number; words: string; where: string }[];
  }[];
  /** mm */
  kerf: number;
  pieces: {
    part: string;
    count: number;
    where: string;
    inside: string;
    length: string;
    millimetres: number;
    measured: boolean;
  }[];
  fixings: { what: string; count: number; why: string }[];
  notes: string[];
  paper: Paper;
}

const MARGIN = 48;
const INK = '#2C2A26';
const SOFT = '#6B6358';
const OAK = '#E3CDA4';
const BAR = 20;
/** A sheet is drawn so high at most, points. */
const SHEET = 190;

export function cutPdf(document: CutDocument): Promise<Buffer> {
  const doc: Doc = new PDFDocument({
    size: document.paper === 'A4' ? 'A4' : 'LETTER',
    margin: 0,
    info: { Title: document.title, Creator: 'Stube' },
  });
  registerFonts(doc);
  const wide = doc.page.width - 2 * MARGIN;
  let y = MARGIN;
  const say = (text: string, size: number, { bold = false, colour = INK, after = 5 } = {}): void => {
    room(size + after);
    doc.fillColor(colour);
    // A line that is longer than the page goes on beneath.
    let line = '';
    for (const word of text.split(' ')) {
      doc.font(bold ? 'bold' : 'plain').fontSize(size);
      if (line && doc.widthOfString(`${line} ${word}`) > wide) {
        write(doc, line, MARGIN, y, wide, size, bold);
        y += size * 1.3;
        line = word;
      } else line = line ? `${line} ${word}` : word;
    }
    write(doc, line, MARGIN, y, wide, size, bold);
    y += size * 1.3 + after;
  };
  const room = (needed: number): void => {
    if (y + needed <= doc.page.height - MARGIN) return;
    doc.addPage();
    y = MARGIN;
  };
  say(document.title, 18, { bold: true });
  say(document.under, 10, { colour: SOFT, after: 14 });
  const longest = Math.max(1, ...document.bars.map(({ length }) => length));
  for (const bar of document.bars) {
    room(BAR + 42);
    say(`${bar.times} × ${bar.stock} (${bar.price} each), ${bar.left} left over`, 10, { bold: true, after: 3 });
    const scale = wide / longest;
    doc.lineWidth(0.8).strokeColor(INK);
    doc.rect(MARGIN, y, bar.length * scale, BAR).stroke();
    let x = MARGIN;
    for (const { length, words } of bar.pieces) {
      doc.rect(x, y, length * scale, BAR).fillAndStroke(OAK, INK);
      doc.fillColor(INK);
      write(doc, words, x + 4, y + BAR / 2 - 5, length * scale - 6, 9);
      x += (length + document.kerf) * scale;
    }
    y += BAR + 4;
    say(bar.where, 8.5, { colour: SOFT, after: 10 });
  }
  for (const sheet of document.sheets) {
    const scale = Math.min(wide / sheet.length, SHEET / sheet.width);
    room(sheet.width * scale + 34);
    say(`1 × ${sheet.stock} (${sheet.price}), ${sheet.used}`, 10, { bold: true, after: 3 });
    doc.lineWidth(0.8).strokeColor(INK);
    doc.rect(MARGIN, y, sheet.length * scale, sheet.width * scale).stroke();
    for (const cut of sheet.cuts) {
      const [x, top] = [MARGIN + cut.x * scale, y + cut.y * scale];
      doc.rect(x, top, cut.length * scale, cut.width * scale).fillAndStroke(OAK, INK);
      doc.fillColor(INK);
      write(doc, cut.words, x + 3, top + (cut.width * scale) / 2 - 5, cut.length * scale - 5, 8);
    }
    y += sheet.width * scale + 4;
    say([...new Set(sheet.cuts.map(({ where }) => where))].join('; '), 8.5, { colour: SOFT, after: 10 });
  }
  say('Pieces', 13, { bold: true });
  for (const piece of document.pieces)
    say(
      `${piece.count} × ${piece.part} of ${piece.length} (${piece.millimetres} mm): ${piece.where}, inside ${piece.inside}${piece.measured ? '' : ', reckoned'}`,
      10,
      { after: 2 },
    );
  if (document.fixings.length) {
    y += 8;
    say('What carries them', 13, { bold: true });
    for (const { what, count, why } of document.fixings) say(`${count} ${what}: ${why}`, 10, { after: 2 });
  }
  y += 8;
  for (const note of document.notes) say(note, 10);
  return finished(doc);
}
