/** A print run as pages, as they come out of the printer (practice L2). */
import type { LabelLayout, StickerGrid } from '../../ground/model/entities.ts';
import type { Paper } from '../../ground/model/site.ts';
import { layOutDivider } from './divider.ts';
import type { LabelContent, LaidLabel, MeasureText } from './label.ts';
import { layOutLabel, sizeOf, type Look } from './lay-out-label.ts';
import { layOutLid } from './lid.ts';
import { readingDistance, sizeReadFrom, TYPE } from './reading.ts';
import { inInches, layOutFolded, layOutSheets, layOutStickers, type Page } from './sheets.ts';
import { layOutTape, layOutTapeLabel } from './tape.ts';

/** How a run is printed: a layout, or the usual look of a room. */
export type RunLook = Look &
  Pick<LabelLayout, 'readFrom' | 'oneSize'> &
  Partial<Pick<LabelLayout, 'grid' | 'used' | 'weld' | 'mirrored' | 'dpi'>>;

export interface RunOptions {
  look: RunLook;
  paper: Paper;
  /** Where readers stand in it, mm. */
  room: { width: number; depth: number };
  /** Whether lengths are said in inches. */
  inches: boolean;
}

export interface LabelRun {
  pages: Page[];
  labels: LaidLabel[];
  /** Where the reader is, mm. */
  distance: number;
  /** Type size that is read from there, mm. */
  wanted: number;
  /** Metres of tape are reckoned from it, mm; 0 where none is used. */
  tape: number;
}

/** A sheet of stickers where a layout tells none: three columns of seven, as many are sold. */
const USUAL_GRID: StickerGrid = { columns: 3, rows: 7, left: 7.25, top: 15, gapX: 2.5, gapY: 0 };
const USUAL_STICKER = { width: 63, height: 38 };

function layOutOne(content: LabelContent, { look, room }: RunOptions, measure: MeasureText, most?: number): LaidLabel {
  if (content.role === 'lid') return layOutLid(content, measure);
  if (content.role === 'divider') return layOutDivider(content, measure);
  if (look.medium === 'tape' || look.medium === 'plotter') return layOutTapeLabel(content, look, measure, most);
  const sized =
    look.medium === 'sticker' && look.width === null
      ? { ...look, ...USUAL_STICKER }
      : content.role === 'cell'
        ? { ...look, width: null, height: null }
        : look;
  const distance = readingDistance(look.readFrom, room);
  return layOutLabel(content, sized, measure, { distance, ...(most === undefined ? {} : { most }) });
}

/**
 * @param measure the width of a text in mm, as the face that is printed has it
 * @example labelRun(contents, { look: usualLook(data), paper: 'A4', room }, measure).pages.length
 */
export function labelRun(contents: readonly LabelContent[], options: RunOptions, measure: MeasureText): LabelRun {
  const { look, paper, room } = options;
  const distance = readingDistance(look.readFrom, room);
  const wanted = sizeReadFrom(distance);
  const lay = (most?: number) => contents.map((content) => layOutOne(content, options, measure, most));
  let labels = lay();
  if (look.oneSize) {
    // In one size: that of the longest name, as far as it is whole.
    const sizes = labels.filter(({ cut, size }) => !cut && size > 0).map(({ size }) => size);
    if (sizes.length) labels = lay(Math.max(TYPE.least, Math.min(...sizes)));
  }
  const done = (pages: Page[], tape = 0): LabelRun => ({
    pages: options.inches ? pages.map(inInches) : pages,
    labels,
    distance,
    wanted,
    tape,
  });
  if (look.medium === 'tape') {
    if (!labels.length) return done([]);
    const { page, length } = layOutTape(labels, look.height ?? 12);
    return done([page], length);
  }
  if (look.medium === 'folded') return done(layOutFolded(labels, paper));
  if (look.medium === 'sticker') {
    const size =
      look.width === null ? USUAL_STICKER : sizeOf(contents[0] ?? ({ face: USUAL_STICKER } as LabelContent), look);
    return done(layOutStickers(labels, look.grid ?? USUAL_GRID, look.used ?? 0, size, paper));
  }
  return done(layOutSheets(labels, paper));
}
