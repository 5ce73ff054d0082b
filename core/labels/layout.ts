/** Labels: their size from the face they go on, their text fitted in millimetres, their place on sheets. */
import { cellsOf, cellSize } from '../containers/cells.ts';
import type { Bin, Category, ContainerShape, Family, Line } from '../model/entities.ts';
import type { Paper } from '../model/site.ts';

export type { Paper } from '../model/site.ts';

/** Millimetres: ISO 216 A4, and US Letter 8 1/2 by 11 inches. */
export const PAPERS: Record<Paper, { width: number; height: number }> = {
  A4: { width: 210, height: 297 },
  Letter: { width: 215.9, height: 279.4 },
};
/** What ordinary printers cannot reach, with a little to spare, mm. */
export const MARGIN = 10;
/** Between two labels, so that a knife finds its way, mm. */
export const GUTTER = 2;

const POINT = 25.4 / 72;
/** Height of a lower-case x over the type size, of the face the labels are set in (its own OS/2 table: 0.496). */
export const X_HEIGHT = 0.496;
/** Letters are read at ease when they fill 20 minutes of arc (ISO 9241-303: 20 to 22): height = distance × tan 20′. */
export const ARC = Math.tan(((20 / 60) * Math.PI) / 180);

/** Width in mm of a text at a size in mm; the screen and the PDF each bring their own. */
export type MeasureText = (text: string, size: number, bold: boolean) => number;

export interface LabelContent {
  binId: string;
  code: string;
  name: string;
  family: string;
  hue: string;
  pictogram: string;
  /** What the QR code opens. */
  link: string;
  face: { width: number; height: number };
}

export interface TextLine {
  text: string;
  x: number;
  y: number;
  size: number;
}

export interface LabelLayout {
  content: LabelContent;
  /** Whole label, mm. */
  width: number;
  height: number;
  /** Lines of the name, baselines from the label's top, mm. */
  lines: TextLine[];
  code: TextLine;
  family: TextLine | null;
  picture: { x: number; y: number; size: number } | null;
  qr: { x: number; y: number; size: number } | null;
  /** Metres from which the name is read at ease. */
  readableFrom: number;
  /** The name had to be cut. */
  cut: boolean;
}

/** The face that is free for a label, mm: the front less rims and handle, never larger than a hand. */
export function labelFace(shape: Pick<ContainerShape, 'outWidth' | 'outHeight' | 'form' | 'handle'>): {
  width: number;
  height: number;
} {
  // On a round container a label that goes further round than a third cannot be read at once.
  const across = shape.form === 'round' ? shape.outWidth * 1.05 : shape.outWidth - 12;
  const up = shape.outHeight * (shape.handle ? 0.4 : 0.6) - 4;
  return { width: Math.max(24, Math.min(90, Math.floor(across))), height: Math.max(12, Math.min(45, Math.floor(up))) };
}

export function contentOf(
  bin: Bin,
  category: Category,
  family: Family | undefined,
  type: ContainerShape,
  link: string,
  /** How many pieces a set has, that lies in it alone. */
  setPieces: number | null = null,
): LabelContent {
  return {
    binId: bin.id,
    code: bin.code,
    name: bin.name,
    family: [family?.name, setPieces && `${setPieces} pieces`].filter(Boolean).join(' · '),
    hue: family?.hue ?? 'ink',
    pictogram: category.pictogram,
    link,
    face: labelFace(type),
  };
}

/** A strip for a cell is so high, mm. */
const STRIP = 12;

/** One small label for each cell of a divided bin: its number and what lies in it. */
export function cellContents(
  bin: Bin,
  category: Category,
  family: Family | undefined,
  shape: ContainerShape,
  lines: readonly Line[],
  link: string,
): LabelContent[] {
  const cells = cellsOf(bin, shape, lines);
  const wide = cells.length ? cellSize(cells.length, shape).width : 0;
  return cells
    .filter(({ lines: own }) => own.length)
    .map(({ number, lines: own }) => ({
      binId: bin.id,
      code: `${bin.code}·${number}`,
      name: own.map(({ name }) => name).join(', '),
      family: '',
      hue: family?.hue ?? 'ink',
      pictogram: category.pictogram,
      link,
      face: { width: Math.max(24, Math.min(60, wide - 4)), height: STRIP },
    }));
}

/** What the label says, as remembered when it is printed: a change makes it out of date. */
export const labelText = ({ code, name, cells }: Pick<Bin, 'code' | 'name'> & Partial<Pick<Bin, 'cells'>>): string =>
  `${code} ${name}${cells ? ` /${cells}` : ''}`;

function wrap(text: string, width: number, size: number, measure: MeasureText): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const longer = lines.length ? `${lines.at(-1)} ${word}` : word;
    if (lines.length && measure(longer, size, true) <= width) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}

const LEADING = 1.12;
/** Smallest and largest type for a name, mm (7 and 34 point). */
export const TYPE = { least: 7 * POINT, most: 34 * POINT };
export const QR_LEAST = 12;
/** Between the name and the QR square, mm: nearer, a phone reads letters as part of it, and the eye finds it crammed. */
const QR_CLEAR = 2.5;

/**
 * One label: picture left, name large, code and family under it, QR right where there is room for one.
 * @param measure the width of a text in mm, as the face that is printed has it
 * @example layOutLabel(contentOf(bin, category, family, type, link), measure).lines[0]?.size // mm
 */
export function layOutLabel(content: LabelContent, measure: MeasureText): LabelLayout {
  const { width, height } = content.face;
  const pad = Math.min(2.5, height * 0.1);
  const strip = 2;
  const inner = height - 2 * pad;
  const qrSize = Math.min(inner, 20);
  const qr =
    qrSize >= QR_LEAST - 4 && width >= 48 ? { x: width - pad - qrSize, y: (height - qrSize) / 2, size: qrSize } : null;
  const pictureSize = Math.min(inner, 14, width * 0.22);
  const picture = width >= 40 ? { x: strip + pad, y: (height - pictureSize) / 2, size: pictureSize } : null;
  const left = strip + pad + (picture ? pictureSize + pad : 0);
  const right = qr ? qr.x - Math.max(QR_CLEAR, pad) : width - pad;
  const room = Math.max(5, right - left);
  const codeSize = Math.max(TYPE.least * 0.9, Math.min(4.2, inner * 0.26));
  const forName = inner - codeSize * LEADING;

  let size = TYPE.most;
  let wrapped: string[] = [];
  for (; size >= TYPE.least; size -= 0.2) {
    wrapped = wrap(content.name, room, size, measure);
    if (wrapped.length * size * LEADING <= forName && wrapped.every((line) => measure(line, size, true) <= room)) break;
  }
  let cut = false;
  if (size < TYPE.least) {
    size = TYPE.least;
    wrapped = wrap(content.name, room, size, measure);
    const most = Math.max(1, Math.floor(forName / (size * LEADING)));
    cut = wrapped.length > most || wrapped.some((line) => measure(line, size, true) > room);
    wrapped = wrapped.slice(0, most).map((line) => shorten(line, room, size, measure));
  }
  const block = wrapped.length * size * LEADING + codeSize * LEADING;
  const top = pad + (inner - block) / 2;
  const lines = wrapped.map((text, i) => ({ text, x: left, y: top + size * 0.86 + i * size * LEADING, size }));
  const under = top + wrapped.length * size * LEADING + codeSize * 0.9;
  const code = { text: content.code, x: left, y: under, size: codeSize };
  const after = left + measure(content.code, codeSize, true) + 2;
  const family =
    content.family && after + measure(content.family, codeSize * 0.85, false) <= right
      ? { text: content.family, x: after, y: under, size: codeSize * 0.85 }
      : null;
  return {
    content,
    width,
    height,
    lines,
    code,
    family,
    picture,
    qr,
    readableFrom: Math.round(((size * X_HEIGHT) / ARC / 1000) * 10) / 10,
    cut,
  };
}

function shorten(text: string, room: number, size: number, measure: MeasureText): string {
  if (measure(text, size, true) <= room) return text;
  let kept = text;
  while (kept.length > 1 && measure(`${kept}…`, size, true) > room) kept = kept.slice(0, -1);
  return `${kept}…`;
}

export interface Sheet {
  labels: { layout: LabelLayout; x: number; y: number }[];
}

/** Puts labels on sheets in rows of falling height, so that straight cuts part them. */
export function layOutSheets(layouts: readonly LabelLayout[], paper: Paper): Sheet[] {
  const { width, height } = PAPERS[paper];
  const order = [...layouts].sort(
    (a, b) =>
      b.height - a.height ||
      b.width - a.width ||
      a.content.code.localeCompare(b.content.code, undefined, { numeric: true }),
  );
  const sheets: Sheet[] = [];
  let x = Infinity;
  let y = 0;
  let row = 0;
  for (const layout of order) {
    if (x + layout.width > width - MARGIN) {
      [x, y] = [MARGIN, y + row + GUTTER];
      row = layout.height;
      if (!sheets.length || y + row > height - MARGIN) {
        sheets.push({ labels: [] });
        y = MARGIN;
      }
    }
    sheets.at(-1)!.labels.push({ layout, x, y });
    x += layout.width + GUTTER;
  }
  return sheets;
}
