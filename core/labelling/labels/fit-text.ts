/** Names fitted into millimetres: as large as they go, on as many lines as there is room for. */
import type { MeasureText } from './label.ts';
import { TYPE } from './reading.ts';

/** Height of a line over its type size. */
export const LEADING = 1.12;
/** From the top of a line to its baseline, over the type size. */
export const ASCENT = 0.86;
/** Type sizes are tried in such steps, mm. */
const STEP = 0.2;

export function wrap(text: string, width: number, size: number, measure: MeasureText, bold = true): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const longer = lines.length ? `${lines.at(-1)} ${word}` : word;
    if (lines.length && measure(longer, size, bold) <= width) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}

/** Cut behind a letter, with an ellipsis, where it is too wide. */
export function shorten(text: string, width: number, size: number, measure: MeasureText, bold = true): string {
  if (measure(text, size, bold) <= width) return text;
  let kept = [...text];
  while (kept.length > 1 && measure(`${kept.join('')}…`, size, bold) > width) kept = kept.slice(0, -1);
  return `${kept.join('')}…`;
}

export interface FittedText {
  lines: string[];
  size: number;
  /** It does not go in at the smallest size: its end is missing. */
  cut: boolean;
}

/**
 * @param most largest type size, mm
 * @param least below it, the text is cut
 */
export function fitText(
  text: string,
  width: number,
  height: number,
  measure: MeasureText,
  { most = TYPE.most, least = TYPE.least, rows = Infinity }: { most?: number; least?: number; rows?: number } = {},
): FittedText {
  for (let size = Math.max(most, least); size >= least - 1e-9; size -= STEP) {
    const lines = wrap(text, width, size, measure);
    if (
      lines.length <= rows &&
      lines.length * size * LEADING <= height + 1e-9 &&
      lines.every((line) => measure(line, size, true) <= width)
    )
      return { lines, size, cut: false };
  }
  const lines = wrap(text, width, least, measure);
  const room = Math.max(1, Math.min(rows, Math.floor(height / (least * LEADING) + 1e-9)));
  const kept = lines.slice(0, room);
  if (lines.length > room) kept[room - 1] = `${kept[room - 1]} ${lines.slice(room).join(' ')}`;
  return { lines: kept.map((line) => shorten(line, width, least, measure)), size: least, cut: true };
}
