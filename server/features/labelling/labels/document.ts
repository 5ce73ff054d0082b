/** Pages of labels as PDF: vector text, pictograms and squares, true to size. */
import PDFDocument from 'pdfkit';
import QRCode from 'qrcode';
import svgToPdf from 'svg-to-pdfkit';
import lucide from '@iconify-json/lucide/icons.json' with { type: 'json' };
import {
  HUES,
  type LabelContent,
  labelRun,
  layOutOutline,
  layOutOutlines,
  type Mark,
  type MeasureText,
  type Outline,
  type Page,
  PAPERS,
  type RunOptions,
  SHAPES,
} from '@stube/core/labels';
import type { Paper } from '@stube/core/model';
import { inRuns, registerFonts } from '../../../documents/fonts.ts';
import { finished, type Doc } from '../../../documents/pdf.ts';

const PT = 72 / 25.4;
const INK = '#2C2A26';
const CUT = '#A59C8C';
const MEASURED_AT = 100;
const ICON = 24;

export interface LabelsDocument extends RunOptions {
  title: string;
  contents: LabelContent[];
  /** JPEG, base64, by photograph. */
  pictures: Record<string, string>;
}

function begin(title: string): { doc: Doc; measure: MeasureText } {
  const doc = new PDFDocument({ margin: 0, autoFirstPage: false, info: { Title: title, Creator: 'Stube' } });
  registerFonts(doc);
  /** Widths are in proportion to the size: each text is measured once. */
  const widths = new Map<string, number>();
  const measure: MeasureText = (text, size, bold) => {
    const key = `${bold} ${text}`;
    let width = widths.get(key);
    if (width === undefined) {
      doc.fontSize(MEASURED_AT);
      let sum = 0;
      inRuns(doc, text, bold, (run) => (sum += doc.widthOfString(run.text, run.options)));
      widths.set(key, (width = sum / MEASURED_AT));
    }
    return width * size;
  };
  return { doc, measure };
}

export function labelsPdf({ title, contents, pictures, ...options }: LabelsDocument): Promise<Buffer> {
  const { doc, measure } = begin(title);
  return written(doc, labelRun(contents, options, measure).pages, options.paper, pictures);
}

export function outlinesPdf(title: string, outlines: readonly Outline[], paper: Paper): Promise<Buffer> {
  const { doc, measure } = begin(title);
  const labels = outlines.map(({ content, size }) => layOutOutline(content, size, measure));
  return written(doc, layOutOutlines(labels, paper), paper, {});
}

function written(doc: Doc, pages: readonly Page[], paper: Paper, pictures: Record<string, string>): Promise<Buffer> {
  for (const page of pages) {
    doc.addPage({ size: [page.width * PT, page.height * PT], margin: 0 });
    doc.save();
    if (page.clip) {
      const { x, y, width, height } = page.clip;
      doc.rect(x * PT, y * PT, width * PT, height * PT).clip();
    }
    for (const { label, x, y, upsideDown } of page.labels) {
      doc.save();
      if (upsideDown) doc.rotate(180, { origin: [(x + label.width / 2) * PT, (y + label.height / 2) * PT] });
      doc.translate(x * PT, y * PT);
      for (const mark of label.marks) draw(doc, mark, pictures);
      doc.restore();
    }
    doc.restore();
    for (const mark of page.marks) draw(doc, mark, pictures);
  }
  if (!pages.length) {
    const { width, height } = PAPERS[paper];
    doc.addPage({ size: [width * PT, height * PT], margin: 0 });
    draw(doc, { kind: 'text', text: 'No labels to print.', x: 20, y: 25, size: 5, bold: true }, {});
  }
  return finished(doc);
}

/** x and baseline in mm. */
function write(doc: Doc, text: string, x: number, baseline: number, size: number, bold: boolean): void {
  let at = x * PT;
  inRuns(doc, text, bold, (run) => {
    doc.fontSize(size * PT).fillColor(INK);
    doc.text(run.text, at, baseline * PT - run.ascent * size * PT, { lineBreak: false, ...run.options });
    at += doc.widthOfString(run.text, run.options);
  });
}

function draw(doc: Doc, mark: Mark, pictures: Record<string, string>): void {
  switch (mark.kind) {
    case 'text':
      doc.save();
      if (mark.turned) doc.rotate(90, { origin: [mark.x * PT, mark.y * PT] });
      write(doc, mark.text, mark.x, mark.y, mark.size, mark.bold);
      doc.restore();
      return;
    case 'frame': {
      const [x, y, width, height] = [mark.x * PT, mark.y * PT, mark.width * PT, mark.height * PT];
      doc
        .lineWidth(0.3)
        .strokeColor(CUT)
        .roundedRect(x, y, width, height, mark.corner * PT)
        .stroke();
      return;
    }
    case 'band':
      doc.rect(mark.x * PT, mark.y * PT, mark.width * PT, mark.height * PT).fill(HUES[mark.hue] ?? INK);
      return;
    case 'shape':
      doc
        .save()
        .translate(mark.x * PT, mark.y * PT)
        .scale((mark.size * PT) / ICON);
      doc.path(SHAPES[mark.hue]?.path ?? SHAPES.ink!.path).fill(HUES[mark.hue] ?? INK);
      doc.restore();
      return;
    case 'hole':
      doc
        .lineWidth(0.3)
        .strokeColor(CUT)
        .circle(mark.x * PT, mark.y * PT, mark.radius * PT)
        .stroke();
      return;
    case 'line':
      doc.lineWidth(mark.is === 'rule' ? 0.5 : 0.3).strokeColor(mark.is === 'rule' ? INK : CUT);
      if (mark.is === 'fold') doc.dash(3, { space: 2 });
      doc
        .moveTo(mark.x1 * PT, mark.y1 * PT)
        .lineTo(mark.x2 * PT, mark.y2 * PT)
        .stroke()
        .undash();
      return;
    case 'picture':
      return drawPictogram(doc, mark);
    case 'photo':
      return drawPhoto(doc, mark, pictures[mark.photoId] ?? '');
    case 'square':
      return drawSquare(doc, mark);
  }
}

function drawPictogram(doc: Doc, { pictogram, x, y, size }: Extract<Mark, { kind: 'picture' }>): void {
  const body = (lucide.icons as Record<string, { body: string }>)[pictogram]?.body;
  if (!body) return;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${ICON} ${ICON}">${body.replaceAll('currentColor', INK)}</svg>`;
  svgToPdf(doc, svg, x * PT, y * PT, { width: size * PT, height: size * PT, assumePt: true });
}

/** Cut to a square. */
function drawPhoto(doc: Doc, { x, y, size }: Extract<Mark, { kind: 'photo' }>, data: string): void {
  if (!data) return;
  const [left, top, side] = [x * PT, y * PT, size * PT];
  doc.save().rect(left, top, side, side).clip();
  try {
    doc.image(Buffer.from(data, 'base64'), left, top, { cover: [side, side], align: 'center', valign: 'center' });
  } catch {
    // One kept before pictures were looked at when they came in: its place stays empty, the others are printed.
  }
  doc.restore();
}

function drawSquare(doc: Doc, { link, x, y, size }: Extract<Mark, { kind: 'square' }>): void {
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
