/** Dividers that stand between books, with the name of the section on a tab (practice L1): cut and folded from one piece. */
import { ASCENT, fitText, LEADING } from './fit-text.ts';
import type { LabelContent, LaidLabel, Mark, MeasureText } from './label.ts';
import { PRINTABLE } from './paper.ts';
import { readableFrom } from './reading.ts';

/** The tab stands out before the books by so much, mm. */
const TAB = 28;

/** As high as the books and a little more, within the shelf (practice L1). */
export const dividerFace = (books: { depth: number; height: number }, shelf: number) => ({
  width: Math.min(PRINTABLE.width, Math.max(60, Math.round(books.depth) + TAB)),
  height: Math.max(80, Math.min(PRINTABLE.height, Math.round(books.height) + 15, shelf - 20)),
});

/** The name reads down the tab under its picture; the tab is folded to show at the front. */
export function layOutDivider(content: LabelContent, measure: MeasureText): LaidLabel {
  const { width, height } = content.face;
  const fold = width - TAB;
  const marks: Mark[] = [
    { kind: 'frame', x: 0, y: 0, width, height, corner: 1.2 },
    { kind: 'line', x1: fold, y1: 0, x2: fold, y2: height, is: 'fold' },
    { kind: 'band', hue: content.hue, x: fold + 1, y: 3, width: TAB - 2, height: 3 },
    { kind: 'picture', pictogram: content.pictogram, x: fold + TAB / 2 - 7, y: 9, size: 14 },
  ];
  const name = fitText(content.word, height - 30, TAB - 6, measure, { most: 12, least: 3 });
  name.lines.forEach((text, i) =>
    marks.push({
      kind: 'text',
      text,
      x: fold + TAB - 3 - name.size * (ASCENT + i * LEADING),
      y: 27,
      size: name.size,
      bold: true,
      turned: true,
    }),
  );
  const back = fitText(content.word, fold - 10, 30, measure, { most: 12 });
  let at = 14;
  for (const line of back.lines) {
    marks.push({ kind: 'text', text: line, x: 6, y: at + back.size * ASCENT, size: back.size, bold: true });
    at += back.size * LEADING;
  }
  return { content, width, height, marks, size: name.size, readableFrom: readableFrom(name.size), cut: name.cut };
}
