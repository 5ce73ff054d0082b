/** Outlines of what hangs on pegs and hooks, in true size, so that an empty place says what belongs there (practice L1). */
import { ASCENT, fitText, LEADING } from './fit-text.ts';
import type { LabelContent, LaidLabel, Mark, MeasureText } from './label.ts';
import { MARGIN, PAPERS } from './paper.ts';
import type { Paper } from '../../ground/model/site.ts';
import { calibration, FOOT, type Page } from './sheets.ts';
import { readableFrom } from './reading.ts';

/** What hangs, and how large it is, mm. */
export interface Outline {
  content: LabelContent;
  size: { width: number; height: number };
}

export function layOutOutline(content: LabelContent, size: Outline['size'], measure: MeasureText): LaidLabel {
  const marks: Mark[] = [
    { kind: 'frame', x: 0, y: 0, ...size, corner: Math.min(8, size.width / 5) },
    { kind: 'hole', x: size.width / 2, y: Math.min(8, size.height / 4), radius: 2 },
  ];
  const name = fitText(content.word, size.width - 6, size.height - 22, measure, { most: 9, least: 2.5 });
  let top = size.height / 2 - (name.lines.length * name.size * LEADING) / 2;
  for (const line of name.lines) {
    marks.push({ kind: 'text', text: line, x: 3, y: top + name.size * ASCENT, size: name.size, bold: true });
    top += name.size * LEADING;
  }
  return { content, ...size, marks, size: name.size, readableFrom: readableFrom(name.size), cut: name.cut };
}

/** Larger ones go over several sheets, to be joined at the edges of what is printed. */
export function layOutOutlines(labels: readonly LaidLabel[], paper: Paper): Page[] {
  const { width, height } = PAPERS[paper];
  const [wide, high] = [width - 2 * MARGIN, height - 2 * MARGIN - FOOT];
  return labels.flatMap((label): Page[] => {
    const [across, down] = [Math.ceil(label.width / wide), Math.ceil(label.height / high)];
    return Array.from({ length: across * down }, (_, i): Page => {
      const [column, row] = [i % across, Math.floor(i / across)];
      return {
        width,
        height,
        labels: [{ label, x: MARGIN - column * wide, y: MARGIN - row * high }],
        clip: { x: MARGIN, y: MARGIN, width: wide, height: high },
        marks: calibration(MARGIN, height - MARGIN - 1.5),
      };
    });
  });
}
