/** Measures text for the preview with the face that the PDF uses too. */
import type { MeasureText } from '@stube/core/labels';

export const FACE =
  "'Atkinson Hyperlegible Next Variable', 'Noto Sans', 'Noto Sans Hebrew', 'Noto Sans Arabic', 'Noto Emoji'";
const SIZE = 100;
const fontOf = (bold: boolean): string => `${bold ? 700 : 400} ${SIZE}px ${FACE}`;
let context: CanvasRenderingContext2D | null = null;
const widths = new Map<string, number>();

/** Once the faces of these letters are there; what was measured without them is forgotten. */
export async function facesReady(letters: string): Promise<void> {
  await Promise.all([true, false].map((bold) => document.fonts.load(fontOf(bold), letters)));
  widths.clear();
}

export const measureText: MeasureText = (text, size, bold) => {
  const key = `${bold} ${text}`;
  let width = widths.get(key);
  if (width === undefined) {
    context ??= document.createElement('canvas').getContext('2d')!;
    context.font = fontOf(bold);
    width = context.measureText(text).width / SIZE;
    widths.set(key, width);
  }
  return width * size;
};
