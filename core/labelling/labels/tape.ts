/** Labels in one run of tape, with cut marks between them; the length follows from the text. */
import type { LabelLayout } from '../../ground/model/entities.ts';
import { fitText, ASCENT, LEADING } from './fit-text.ts';
import type { LabelContent, LaidLabel, Mark, MeasureText } from './label.ts';
import { inCase, pictureMark } from './lay-out-label.ts';
import { readableFrom, TYPE } from './reading.ts';
import { calibration, type Page } from './sheets.ts';

/** Widths of tape, mm (practice L2). */
export const TAPES = [6, 9, 12, 18, 24] as const;
/** Of its width a head prints all but an edge on each side, mm. */
const EDGE = 1;
/** Before and behind the text, mm. */
const END = 3;
/** From so wide on there is a picture, and a second row. */
const PICTURE_FROM = 12;
const LONGEST = 200;

/** As long as its text, which fills the tape's height on one row. */
export function layOutTapeLabel(
  content: LabelContent,
  look: Pick<LabelLayout, 'height' | 'parts' | 'letters'>,
  measure: MeasureText,
  most = Infinity,
): LaidLabel {
  const height = look.height ?? 12;
  const inner = height - 2 * EDGE;
  const marks: Mark[] = [];
  let at = END;
  const has = (part: LabelLayout['parts'][number]) => look.parts.includes(part);
  if (has('picture') && height >= PICTURE_FROM) {
    marks.push(pictureMark(content, at, EDGE, inner));
    at += inner + 2;
  }
  if (!has('word')) return { content, width: at + END - 2, height, marks, size: 0, readableFrom: 0, cut: false };
  const under = height >= PICTURE_FROM ? [has('code') && content.code, has('second') && content.second] : [];
  const rest = under.filter(Boolean).join(' · ');
  const forRest = rest ? Math.max(TYPE.least * 0.85, inner * 0.26) : 0;
  const word = inCase(content.word, look.letters);
  const codeFirst = has('code') && height < PICTURE_FROM ? `${content.code} ` : '';
  const size = Math.min((inner - forRest) / LEADING, most);
  const name = fitText(`${codeFirst}${word}`, LONGEST, inner - forRest, measure, { most: size, rows: 1 });
  const top = EDGE + (inner - forRest - name.size * LEADING) / 2;
  marks.push({
    kind: 'text',
    text: name.lines[0]!,
    x: at,
    y: top + name.size * ASCENT,
    size: name.size,
    bold: true,
  });
  let wide = measure(name.lines[0]!, name.size, true);
  if (rest) {
    const small = forRest / LEADING;
    marks.push({
      kind: 'text',
      text: rest,
      x: at,
      y: height - EDGE - forRest + small * ASCENT,
      size: small,
      bold: false,
    });
    wide = Math.max(wide, measure(rest, small, false));
  }
  return {
    content,
    width: Math.ceil(at + wide + END),
    height,
    marks,
    size: name.size,
    readableFrom: readableFrom(name.size),
    cut: name.cut,
  };
}

/** A tape's end that no label comes on: from the head to the knife, mm. */
export const LEADER = 20;

export interface TapeRun {
  page: Page;
  /** Tape used, mm. */
  length: number;
}

/** One after the other, cut marks between; the line to measure stands under the tape. */
export function layOutTape(labels: readonly LaidLabel[], height: number): TapeRun {
  let x = LEADER;
  const placed = labels.map((label) => {
    const spot = { label, x, y: 0 };
    x += label.width;
    return spot;
  });
  const cuts = [LEADER, ...placed.map((spot) => spot.x + spot.label.width)].map((at): Mark => ({
    kind: 'line',
    x1: at,
    y1: 0,
    x2: at,
    y2: height,
    is: 'cut',
  }));
  const width = Math.max(x, LEADER + 160);
  const edge: Mark = { kind: 'frame', x: 0, y: 0, width: x, height, corner: 0 };
  return {
    page: {
      width,
      height: height + 8,
      labels: placed,
      marks: [edge, ...cuts, ...calibration(LEADER, height + 4.5)],
    },
    length: x,
  };
}

/** The run in rows, as one looks at it: each no longer than so much, mm. */
export function tapeRows(labels: readonly LaidLabel[], height: number, most: number): Page[] {
  const rows: Page[] = [];
  let x = Infinity;
  for (const label of labels) {
    if (x + label.width > most) {
      rows.push({ width: most, height, labels: [], marks: [] });
      x = 0;
    }
    const row = rows.at(-1)!;
    row.labels.push({ label, x, y: 0 });
    x += label.width;
    row.marks.push({ kind: 'line', x1: x, y1: 0, x2: x, y2: height, is: 'cut' });
  }
  return rows;
}
