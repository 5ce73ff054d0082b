/** One label: its marks in millimetres, as large as its face allows and within it. */
import type { LabelLayout } from '../../ground/model/entities.ts';
import { ASCENT, fitText, LEADING, shorten } from './fit-text.ts';
import type { LabelContent, LaidLabel, Mark, MeasureText } from './label.ts';
import { PRINTABLE } from './paper.ts';
import { readableFrom, sizeReadFrom, TYPE } from './reading.ts';

/** What of a layout is asked for when a label is laid out. */
export type Look = Pick<LabelLayout, 'medium' | 'width' | 'height' | 'parts' | 'letters'>;

/**
 * Smallest square that a phone held close reads, mm: modules of 0.35 mm and more for addresses as they are here; and the
 * label that has room for one.
 */
export const QR_LEAST = 12;
const QR_MOST = 20;
const QR_FROM_WIDTH = 48;
/** Between the name and the square, mm: nearer, a phone reads letters as part of it, and the eye finds it crammed. */
const QR_CLEAR = 2.5;
const PICTURE_MOST = 14;
const PICTURE_FROM_WIDTH = 40;
const BAND = 2;
/** A hanging tag has its hole here. */
const HOLE = { x: 5.5, radius: 2.5, wide: 10 };
const CORNER = 1.2;

export function inCase(text: string, letters: LabelLayout['letters']): string {
  if (letters === 'upper') return text.toLocaleUpperCase();
  return letters === 'lower' ? text.toLocaleLowerCase() : text;
}

/** Its photograph or drawing where there is one, else its pictogram. */
export const pictureMark = ({ photoId, pictogram }: LabelContent, x: number, y: number, size: number): Mark =>
  photoId ? { kind: 'photo', photoId, x, y, size } : { kind: 'picture', pictogram, x, y, size };

/** @returns size of the label, mm: as the layout tells, else as its face, and no larger than the paper */
export const sizeOf = (content: LabelContent, look: Look): { width: number; height: number } => ({
  width: Math.min(PRINTABLE.width, look.width ?? content.face.width),
  height: Math.min(PRINTABLE.height / (look.medium === 'folded' ? 2 : 1), look.height ?? content.face.height),
});

/**
 * Picture left, name large, code and family under it, the square right where there is room for one.
 * @param measure the width of a text in mm, as the face that is printed has it
 * @param distance where the reader is, mm: letters are not held smaller than it asks for
 * @param most largest type of the name, mm, where a run is set in one size
 */
export function layOutLabel(
  content: LabelContent,
  look: Look,
  measure: MeasureText,
  { distance = 0, most = Math.max(TYPE.most, sizeReadFrom(distance)) }: { distance?: number; most?: number } = {},
): LaidLabel {
  const { width, height } = sizeOf(content, look);
  const has = (part: LabelLayout['parts'][number]) => look.parts.includes(part);
  const marks: Mark[] = [{ kind: 'frame', x: 0, y: 0, width, height, corner: CORNER }];
  const pad = Math.min(2.5, height * 0.1);
  const inner = height - 2 * pad;
  let left = pad;
  if (look.medium === 'tag') {
    marks.push({ kind: 'hole', x: HOLE.x, y: height / 2, radius: HOLE.radius });
    left = HOLE.wide;
  }
  if (has('colour')) {
    const at = look.medium === 'tag' ? HOLE.wide : 0;
    marks.push({ kind: 'band', hue: content.hue, x: at, y: CORNER, width: BAND, height: height - 2 * CORNER });
    left = at + BAND + pad;
  }
  const named = has('word');
  let right = width - pad;
  const square = Math.min(inner, QR_MOST);
  if (has('square') && square >= QR_LEAST && width >= QR_FROM_WIDTH) {
    marks.push({ kind: 'square', link: content.link, x: right - square, y: (height - square) / 2, size: square });
    right -= square + Math.max(QR_CLEAR, pad);
  }
  if (!named) return { ...pictureAlone(), content, width, height };
  if (has('picture') && width >= PICTURE_FROM_WIDTH) {
    const size = Math.min(inner, PICTURE_MOST, width * 0.22);
    marks.push(pictureMark(content, left, (height - size) / 2, size));
    left += size + pad;
  }
  const room = Math.max(5, right - left);
  const small = Math.max(TYPE.least * 0.9, Math.min(4.2, inner * 0.26));
  const code = has('code') ? content.code : '';
  const about = [
    has('family') && content.family,
    has('family') && content.pieces && `${content.pieces} pieces`,
    has('place') && content.place,
  ]
    .filter(Boolean)
    .join(' · ');
  const underIs = code || about || has('colour');
  const forUnder = underIs ? small * LEADING : 0;
  const second = has('second') ? inCase(content.second, look.letters) : '';
  const forSecond = second && inner - forUnder >= 2.2 * TYPE.least ? Math.max(TYPE.least * 0.9, inner * 0.2) : 0;
  const list = content.contents.length && inner > LIST_FROM ? contentLines(inner * 0.4) : [];
  const forList = list.length * LIST_SIZE * LEADING;
  const name = fitText(inCase(content.word, look.letters), room, inner - forUnder - forSecond - forList, measure, {
    most,
  });
  const block = name.lines.length * name.size * LEADING + forSecond + forList + forUnder;
  let top = pad + Math.max(0, inner - block) / 2;
  const text = (words: string, x: number, size: number, bold: boolean) => {
    marks.push({ kind: 'text', text: words, x, y: top + size * ASCENT, size, bold });
  };
  for (const line of name.lines) {
    text(line, left, name.size, true);
    top += name.size * LEADING;
  }
  if (forSecond) {
    const size = forSecond / LEADING;
    text(shorten(second, room, size, measure, false), left, size, false);
    top += forSecond;
  }
  for (const line of list) {
    text(line, left, LIST_SIZE, false);
    top += LIST_SIZE * LEADING;
  }
  under();
  return { content, width, height, marks, size: name.size, readableFrom: readableFrom(name.size), cut: name.cut };

  function contentLines(high: number): string[] {
    const most = Math.floor(high / (LIST_SIZE * LEADING));
    const own = content.contents;
    const shown = own.length > most ? [...own.slice(0, most - 1), `and ${own.length - most + 1} more`] : own;
    return shown.map((line) => shorten(line, room, LIST_SIZE, measure, false));
  }

  /** Shape, code, family and place, as far as they go in. */
  function under(): void {
    let at = left;
    if (has('colour') && at + small <= right) {
      const size = small * 0.8;
      marks.push({ kind: 'shape', hue: content.hue, x: at, y: top + (small * LEADING - size) / 2, size });
      at += size + 1;
    }
    if (code && at + measure(code, small, true) <= right) {
      text(code, at, small, true);
      at += measure(code, small, true) + 2;
    }
    if (about && at + measure(about, small * 0.85, false) <= right)
      marks.push({ kind: 'text', text: about, x: at, y: top + small * ASCENT, size: small * 0.85, bold: false });
  }

  /** For those who do not read yet: the picture as large as it goes, its colour and shape in the corner. */
  function pictureAlone(): Pick<LaidLabel, 'marks' | 'size' | 'readableFrom' | 'cut'> {
    const corner = has('colour') ? Math.min(6, height * 0.25) : 0;
    const size = Math.min(inner, right - left - (corner ? corner + 1 : 0));
    marks.push(pictureMark(content, left + Math.max(0, right - left - corner - size) / 2, (height - size) / 2, size));
    if (corner)
      marks.push({ kind: 'shape', hue: content.hue, x: right - corner, y: height - pad - corner, size: corner });
    if (has('code')) {
      const letters = Math.min(TYPE.least, inner * 0.2);
      marks.push({ kind: 'text', text: content.code, x: left, y: height - pad, size: letters, bold: false });
    }
    return { marks, size: 0, readableFrom: readableFrom(size), cut: false };
  }
}
/** What is in it, in small letters, and how high a label has to be inside for it, mm. */
const LIST_SIZE = 2.6;
const LIST_FROM = 18;
