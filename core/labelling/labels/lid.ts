/** For the inside of a lid: what is in it, or where each thing has its place (practices L3, L6). */
import type { LabelContent, LaidLabel, Mark, MeasureText } from './label.ts';
import { ASCENT, fitText, LEADING, shorten } from './fit-text.ts';
import { readableFrom } from './reading.ts';

const PAD = 3;
/** Rows of the list are as high as there is room for, mm. */
const ROW = { least: 3.4, most: 5.5 };

export function layOutLid(content: LabelContent, measure: MeasureText): LaidLabel {
  const { width } = content.face;
  let { height } = content.face;
  const room = width - 2 * PAD;
  const marks: Mark[] = [];
  const title = fitText(`${content.word} ${content.code}`, room, Math.min(16, height * 0.3), measure, { most: 6 });
  let top = PAD;
  for (const line of title.lines) {
    marks.push({ kind: 'text', text: line, x: PAD, y: top + title.size * ASCENT, size: title.size, bold: true });
    top += title.size * LEADING;
  }
  top += 1.5;
  const cut = content.grid ? plan(top) : list(top);
  marks.push({ kind: 'frame', x: 0, y: 0, width, height, corner: 1.2 });
  return {
    content,
    width,
    height,
    marks,
    size: title.size,
    readableFrom: readableFrom(title.size),
    cut: cut || title.cut,
  };

  /** No higher than what it says needs. */
  function list(from: number): boolean {
    const all = content.contents;
    const free = height - PAD - from;
    const columns = room >= 110 && all.length > Math.floor(free / ROW.least) ? 2 : 1;
    const each = Math.ceil(all.length / columns);
    const row = Math.max(ROW.least, Math.min(ROW.most, free / each));
    const rows = Math.floor(free / row + 1e-6);
    const size = row / LEADING;
    const most = rows * columns;
    const shown =
      all.length > most ? [...all.slice(0, Math.max(0, most - 1)), `and ${all.length - most + 1} more`] : all;
    const used = columns === 1 ? rows : Math.min(rows, each);
    shown.forEach((line, i) => {
      const x = PAD + Math.floor(i / used) * (room / columns);
      const y = from + (i % used) * row;
      const text = shorten(line, room / columns - 3, size, measure, false);
      marks.push({ kind: 'text', text, x, y: y + size * ASCENT, size, bold: false });
    });
    height = Math.min(height, from + Math.min(used, shown.length) * row + PAD);
    return all.length > most;
  }

  /** Seen from above, the front edge below: in each cell its number and its name. */
  function plan(from: number): boolean {
    const { columns, rows } = content.grid!;
    const [wide, high] = [room / columns, (height - PAD - from) / rows];
    let short = false;
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns; column++) {
        const [x, y] = [PAD + column * wide, from + (rows - 1 - row) * high];
        marks.push({ kind: 'frame', x, y, width: wide, height: high, corner: 0 });
        const cell = content.cells.find((known) => known.row === row && known.column === column);
        const text = cell ? `${cell.number} ${cell.name}` : '';
        if (!text) continue;
        const name = fitText(text, wide - 1.6, high - 1.2, measure, { most: 4, least: 2 });
        short ||= name.cut;
        name.lines.forEach((line, i) =>
          marks.push({
            kind: 'text',
            text: line,
            x: x + 0.8,
            y: y + 0.6 + i * name.size * LEADING + name.size * ASCENT,
            size: name.size,
            bold: false,
          }),
        );
      }
    return short;
  }
}
