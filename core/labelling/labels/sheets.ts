/** Labels on pages: sheets to cut, sheets of stickers, a run of tape. */
import { byCode } from '../../ground/model/bin.ts';
import type { LabelLayout, StickerGrid } from '../../ground/model/entities.ts';
import type { Paper } from '../../ground/model/site.ts';
import type { LaidLabel, Mark } from './label.ts';
import { CALIBRATION, GUTTER, MARGIN, PAPERS } from './paper.ts';

export interface PlacedLabel {
  label: LaidLabel;
  x: number;
  y: number;
  /** Printed upside down, for the back of a folded card. */
  upsideDown?: boolean;
}

/** Mm. */
export interface Page {
  width: number;
  height: number;
  labels: PlacedLabel[];
  /** Nothing of the labels is drawn outside of it. */
  clip?: { x: number; y: number; width: number; height: number };
  /** What is drawn beside the labels. */
  marks: Mark[];
}

const NOTE_SIZE = 2.5;
/** Room that the line to measure needs at the foot of a page. */
export const FOOT = 6;

/** What is said beside the line of 100 mm; in inches it is as long to a 16th. */
const MEASURE = {
  metric: `${CALIBRATION} mm: measure it. Print at 100 %.`,
  imperial: '3 15/16" long: measure it. Print at 100 %.',
} as const;

/** The page as it is said where inches are used. */
export const inInches = (page: Page): Page => ({
  ...page,
  marks: page.marks.map((mark) =>
    mark.kind === 'text' && mark.text === MEASURE.metric ? { ...mark, text: MEASURE.imperial } : mark,
  ),
});

/** A line of 100 mm with what to do with it. */
export function calibration(x: number, y: number): Mark[] {
  const rule = (x1: number, y1: number, x2: number, y2: number): Mark => ({ kind: 'line', x1, y1, x2, y2, is: 'rule' });
  return [
    rule(x, y, x + CALIBRATION, y),
    rule(x, y - 1.5, x, y + 1.5),
    rule(x + CALIBRATION, y - 1.5, x + CALIBRATION, y + 1.5),
    {
      kind: 'text',
      text: MEASURE.metric,
      x: x + CALIBRATION + 2,
      y: y + 0.9,
      size: NOTE_SIZE,
      bold: false,
    },
  ];
}

const byOwnCode = (a: LaidLabel, b: LaidLabel) => byCode(a.content, b.content);

/** In rows of falling height, so that straight cuts part them. */
export function layOutSheets(labels: readonly LaidLabel[], paper: Paper): Page[] {
  const { width, height } = PAPERS[paper];
  const foot = height - MARGIN - FOOT;
  const order = [...labels].sort((a, b) => b.height - a.height || b.width - a.width || byOwnCode(a, b));
  const pages: Page[] = [];
  let x = Infinity;
  let y = 0;
  let row = 0;
  for (const label of order) {
    if (x + label.width > width - MARGIN) {
      [x, y] = [MARGIN, y + row + GUTTER];
      row = label.height;
      if (!pages.length || y + row > foot) {
        pages.push({ width, height, labels: [], marks: calibration(MARGIN, height - MARGIN - 1.5) });
        y = MARGIN;
      }
    }
    pages.at(-1)!.labels.push({ label, x, y });
    x += label.width + GUTTER;
  }
  return pages;
}

/** Folded cards stand by themselves: front below the fold, the same upside down above it. */
export function layOutFolded(labels: readonly LaidLabel[], paper: Paper): Page[] {
  const doubled = labels.map((label) => ({ ...label, height: label.height * 2 }));
  const halves = new Map(doubled.map((double, i) => [double, labels[i]!]));
  return layOutSheets(doubled, paper).map((page) => ({
    ...page,
    labels: page.labels.flatMap(({ label, x, y }): PlacedLabel[] => {
      const half = halves.get(label)!;
      return [
        { label: half, x, y, upsideDown: true },
        { label: half, x, y: y + half.height },
      ];
    }),
    marks: [
      ...page.marks,
      ...page.labels.map(({ label, x, y }): Mark => {
        const fold = y + label.height / 2;
        return { kind: 'line', x1: x, y1: fold, x2: x + label.width, y2: fold, is: 'fold' };
      }),
    ],
  }));
}

/**
 * Row by row, beginning behind the stickers of the first sheet that are used up. Where the sheet leaves no room for the line
 * to measure, a page of plain paper comes first, to hold against it.
 */
export function layOutStickers(
  labels: readonly LaidLabel[],
  grid: StickerGrid,
  used: number,
  size: { width: number; height: number },
  paper: Paper,
): Page[] {
  const { width, height } = PAPERS[paper];
  const each = grid.columns * grid.rows;
  const spot = (i: number) => ({
    x: grid.left + (i % grid.columns) * (size.width + grid.gapX),
    y: grid.top + Math.floor(i / grid.columns) * (size.height + grid.gapY),
  });
  const foot = height - (spot(each - 1).y + size.height);
  const hasFoot = foot >= FOOT + 4;
  const marks = hasFoot ? calibration(MARGIN, height - foot / 2) : [];
  const pages: Page[] = [];
  [...labels].sort(byOwnCode).forEach((label, i) => {
    const at = (used % each) + i;
    if (!pages[Math.floor(at / each)]) pages[Math.floor(at / each)] = { width, height, labels: [], marks };
    pages[Math.floor(at / each)]!.labels.push({ label, ...spot(at % each) });
  });
  const all = pages.filter(Boolean);
  if (hasFoot || !all.length) return all;
  const frames = Array.from({ length: each }, (_, i): Mark => ({ kind: 'frame', ...spot(i), ...size, corner: 1.2 }));
  return [
    { width, height, labels: [], marks: [...frames, ...calibration(MARGIN + 2, grid.top + size.height / 2)] },
    ...all,
  ];
}

/** Whether the grid stays on the paper. */
export const gridFits = (
  grid: StickerGrid,
  { width, height }: Pick<LabelLayout, 'width' | 'height'>,
  paper: Paper,
): boolean =>
  grid.left + grid.columns * (width ?? 0) + (grid.columns - 1) * grid.gapX <= PAPERS[paper].width + 1e-6 &&
  grid.top + grid.rows * (height ?? 0) + (grid.rows - 1) * grid.gapY <= PAPERS[paper].height + 1e-6;
