/** A list as a table: on paper, and for a table program. */
import Papa from 'papaparse';
import PDFDocument from 'pdfkit';
import type { Paper } from '@stube/core/model';
import { inRuns, registerFonts } from './fonts.ts';
import { finished, type Doc } from './pdf.ts';

export interface Column<T> {
  title: string;
  /** Share of the width on paper. */
  share: number;
  of: (row: T) => string | number;
}

/** A cell that a table program would run as a formula is written as text. */
const safeCell = (value: string | number): string | number =>
  typeof value === 'string' && /^[=+\-@\t\r]/.test(value) ? `'${value}` : value;

export const tableCsv = <T>(columns: readonly Omit<Column<T>, 'share'>[], rows: readonly T[]): string =>
  Papa.unparse(
    {
      fields: columns.map((column) => column.title),
      data: rows.map((row) => columns.map((column) => safeCell(column.of(row)))),
    },
    { newline: '\r\n' },
  );

const MARGIN = 48;
const INK = '#2C2A26';
const SOFT = '#6B6358';

/** Writes text in as many faces as it needs, cut to the width. */
export function write(doc: Doc, text: string, x: number, y: number, width: number, size: number, bold = false): void {
  let at = x;
  let full = false;
  inRuns(doc, text, bold, (run) => {
    if (full) return;
    doc.fontSize(size);
    let shown = run.text;
    while (shown && at + doc.widthOfString(shown, run.options) > x + width) shown = shown.slice(0, -1);
    doc.text(shown, at, y, { lineBreak: false, ...run.options });
    at += doc.widthOfString(shown, run.options);
    full = shown !== run.text;
  });
}

/** A table as plain text, so that it can be handed to a worker. */
export interface CellTable {
  columns: { title: string; share: number }[];
  rows: string[][];
}

export const cellsOf = <T>(columns: readonly Column<T>[], rows: readonly T[]): CellTable => ({
  columns: columns.map(({ title, share }) => ({ title, share })),
  rows: rows.map((row) => columns.map((column) => String(column.of(row)))),
});

export interface TableDocument {
  title: string;
  /** A line under the title. */
  under: string;
  table: CellTable;
  /** Whether each row gets a box to tick. */
  boxes: boolean;
  paper: Paper;
}

export function tablePdf({ title, under, table: { columns, rows }, boxes, paper }: TableDocument): Promise<Buffer> {
  const doc = new PDFDocument({
    size: paper === 'A4' ? 'A4' : 'LETTER',
    margin: 0,
    info: { Title: title, Creator: 'Stube' },
  });
  registerFonts(doc);
  const width = doc.page.width - 2 * MARGIN - (boxes ? 20 : 0);
  const left = MARGIN + (boxes ? 20 : 0);
  const shares = columns.reduce((sum, column) => sum + column.share, 0);
  const cells = (y: number, texts: readonly string[], size: number, bold: boolean, colour: string): void => {
    let x = left;
    doc.fillColor(colour);
    for (const [i, column] of columns.entries()) {
      const wide = (width * column.share) / shares;
      write(doc, texts[i]!, x, y, wide - 6, size, bold);
      x += wide;
    }
  };
  let y = MARGIN;
  const head = () => {
    cells(
      y,
      columns.map((column) => column.title),
      8.5,
      false,
      SOFT,
    );
    y += 16;
    doc
      .moveTo(MARGIN, y - 3)
      .lineTo(doc.page.width - MARGIN, y - 3)
      .lineWidth(0.8)
      .strokeColor(INK)
      .stroke();
  };
  doc.fillColor(INK);
  write(doc, title, MARGIN, y, doc.page.width - 2 * MARGIN, 19, true);
  y += 28;
  doc.fillColor(SOFT);
  write(doc, under, MARGIN, y, doc.page.width - 2 * MARGIN, 10);
  y += 28;
  head();
  for (const row of rows) {
    if (y > doc.page.height - MARGIN - 20) {
      doc.addPage();
      y = MARGIN;
      head();
    }
    if (boxes)
      doc
        .rect(MARGIN, y + 1, 9, 9)
        .lineWidth(0.8)
        .strokeColor(INK)
        .stroke();
    cells(y, row, 10, false, INK);
    y += 19;
    doc
      .moveTo(MARGIN, y - 4)
      .lineTo(doc.page.width - MARGIN, y - 4)
      .lineWidth(0.3)
      .strokeColor('#CBBFA8')
      .stroke();
  }
  if (!rows.length) write(doc, 'Nothing is on this list.', left, y + 6, width, 11);
  return finished(doc);
}
