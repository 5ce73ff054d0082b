/** The sheets of labels as PDF: vector text, pictograms and QR codes, true to size. */
import PDFDocument from 'pdfkit';
import QRCode from 'qrcode';
import svgToPdf from 'svg-to-pdfkit';
import lucide from '@iconify-json/lucide/icons.json' with { type: 'json' };
import {
  layOutLabel,
  layOutSheets,
  PAPERS,
  type LabelContent,
  type LabelLayout,
  type MeasureText,
  type Paper,
} from '@stube/core/labels/layout';
import { HUES } from '@stube/core/labels/hues';
import { registerFonts, runsOf } from '../../documents/fonts.ts';
import { finished, type Doc } from '../../documents/pdf.ts';

const PT = 72 / 25.4;
const INK = '#2C2A26';
const MEASURED_AT = 100;

export function labelsPdf(title: string, labels: readonly LabelContent[], paper: Paper): Promise<Buffer> {
  const page = PAPERS[paper];
  const doc = new PDFDocument({
    size: [page.width * PT, page.height * PT],
    margin: 0,
    autoFirstPage: false,
    info: { Title: title, Creator: 'Stube' },
  });
  registerFonts(doc);
  /** Widths are in proportion to the size: each text is measured once. */
  const widths = new Map<string, number>();
  const measure: MeasureText = (text, size, bold) => {
    const key = `${bold} ${text}`;
    let width = widths.get(key);
    if (width === undefined) {
      doc.fontSize(MEASURED_AT);
      width = runsOf(doc, text, bold).reduce((sum, run) => sum + doc.font(run.font).widthOfString(run.text), 0);
      widths.set(key, (width /= MEASURED_AT));
    }
    return width * size;
  };
  const sheets = layOutSheets(
    labels.map((content) => layOutLabel(content, measure)),
    paper,
  );
  for (const sheet of sheets) {
    doc.addPage();
    for (const { layout, x, y } of sheet.labels) draw(doc, layout, x, y);
  }
  if (!sheets.length) {
    doc.addPage();
    write(doc, 'No labels to print.', 20, 25, 5, true);
  }
  return finished(doc);
}

/** x and baseline in mm. */
function write(doc: Doc, text: string, x: number, baseline: number, size: number, bold: boolean): void {
  let at = x * PT;
  for (const run of runsOf(doc, text, bold)) {
    doc
      .font(run.font)
      .fontSize(size * PT)
      .fillColor(INK);
    const ascent = ((doc as unknown as { _font: { ascender: number } })._font.ascender / 1000) * size * PT;
    doc.text(run.text, at, baseline * PT - ascent, { lineBreak: false });
    at += doc.widthOfString(run.text);
  }
}

function draw(doc: Doc, label: LabelLayout, x: number, y: number): void {
  doc.save();
  doc
    .lineWidth(0.3)
    .strokeColor('#A59C8C')
    .roundedRect(x * PT, y * PT, label.width * PT, label.height * PT, 1.2 * PT)
    .stroke();
  doc.rect(x * PT, (y + 1.2) * PT, 1.6 * PT, (label.height - 2.4) * PT).fill(HUES[label.content.hue] ?? INK);
  for (const line of label.lines) write(doc, line.text, x + line.x, y + line.y, line.size, true);
  write(doc, label.code.text, x + label.code.x, y + label.code.y, label.code.size, true);
  if (label.family) write(doc, label.family.text, x + label.family.x, y + label.family.y, label.family.size, false);
  if (label.picture) {
    const body = (lucide.icons as Record<string, { body: string }>)[label.content.pictogram]?.body;
    if (body)
      svgToPdf(
        doc,
        `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24">${body.replaceAll('currentColor', INK)}</svg>`,
        (x + label.picture.x) * PT,
        (y + label.picture.y) * PT,
        { width: label.picture.size * PT, height: label.picture.size * PT, assumePt: true },
      );
  }
  if (label.qr) drawQr(doc, label.content.link, x + label.qr.x, y + label.qr.y, label.qr.size);
  doc.restore();
}

function drawQr(doc: Doc, link: string, x: number, y: number, size: number): void {
  const { modules } = QRCode.create(link, { errorCorrectionLevel: 'M' });
  const step = size / modules.size;
  // Dark modules that touch are one rectangle: a fifth of the file, and of the time.
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++) {
      if (!modules.get(row, column)) continue;
      const from = column;
      while (column + 1 < modules.size && modules.get(row, column + 1)) column++;
      const width = (column + 1 - from) * step;
      doc.rect((x + from * step) * PT, (y + row * step) * PT, width * PT + 0.05, step * PT + 0.05);
    }
  doc.fill(INK);
}
