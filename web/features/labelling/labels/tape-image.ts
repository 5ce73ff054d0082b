/** Labels of tape as a printer takes them: dots, black or white. */
import type { LaidLabel, Mark } from '@stube/core/labels';
import bodies from 'virtual:pictograms';
import { FACE } from './measure-text.ts';

const MM_PER_INCH = 25.4;
export const dotsOf = (mm: number, dpi: number): number => Math.round((mm * dpi) / MM_PER_INCH);
/** What is darker than that is black, of 255. */
const BLACK_BELOW = 150;
/** The widest picture that browsers make, dots. */
const WIDEST = 16_000;
const INK = '#000';

async function pictureOf(address: string): Promise<HTMLImageElement> {
  const image = new Image();
  image.src = address;
  await image.decode();
  return image;
}

async function drawMark(context: CanvasRenderingContext2D, mark: Mark, dpi: number, site: string): Promise<void> {
  const dots = (mm: number) => (mm * dpi) / MM_PER_INCH;
  if (mark.kind === 'text') {
    context.font = `${mark.bold ? 700 : 400} ${dots(mark.size)}px ${FACE}`;
    context.fillText(mark.text, dots(mark.x), dots(mark.y));
  } else if (mark.kind === 'picture') {
    const body = (bodies[mark.pictogram] ?? bodies['package-open'] ?? '').replaceAll('currentColor', INK);
    const side = Math.ceil(dots(mark.size));
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${side}" height="${side}" viewBox="0 0 24 24" color="${INK}">${body}</svg>`;
    const image = await pictureOf(`data:image/svg+xml,${encodeURIComponent(svg)}`);
    context.drawImage(image, dots(mark.x), dots(mark.y), dots(mark.size), dots(mark.size));
  } else if (mark.kind === 'photo') {
    const image = await pictureOf(`/api/sites/${site}/photos/${mark.photoId}.jpg`);
    const side = Math.min(image.naturalWidth, image.naturalHeight);
    const [left, top] = [(image.naturalWidth - side) / 2, (image.naturalHeight - side) / 2];
    context.drawImage(image, left, top, side, side, dots(mark.x), dots(mark.y), dots(mark.size), dots(mark.size));
  }
}

/** Black and white alone: a head of heat knows no grey. */
function toDots(context: CanvasRenderingContext2D): void {
  const { width, height } = context.canvas;
  const picture = context.getImageData(0, 0, width, height);
  const { data } = picture;
  for (let i = 0; i < data.length; i += 4) {
    const light = data[i]! * 0.3 + data[i + 1]! * 0.6 + data[i + 2]! * 0.1 < BLACK_BELOW ? 0 : 255;
    data[i] = data[i + 1] = data[i + 2] = light;
    data[i + 3] = 255;
  }
  context.putImageData(picture, 0, 0);
}

function blank(width: number, height: number): CanvasRenderingContext2D {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.max(1, width), Math.max(1, height)];
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.fillStyle = INK;
  return context;
}

/** @returns the label as PNG, as a data address */
export async function tapeImage(label: LaidLabel, dpi: number, site: string): Promise<string> {
  const context = blank(dotsOf(label.width, dpi), dotsOf(label.height, dpi));
  for (const mark of label.marks) await drawMark(context, mark, dpi, site);
  toDots(context);
  return context.canvas.toDataURL('image/png');
}

/** The whole run, with a line of dots where it is cut; in several parts where one picture could not hold it. */
export async function runImages(
  labels: readonly LaidLabel[],
  leader: number,
  dpi: number,
  site: string,
): Promise<string[]> {
  const parts: LaidLabel[][] = [[]];
  let wide = dotsOf(leader, dpi);
  for (const label of labels) {
    const width = dotsOf(label.width, dpi);
    if (wide + width > WIDEST && parts.at(-1)!.length) {
      parts.push([]);
      wide = dotsOf(leader, dpi);
    }
    parts.at(-1)!.push(label);
    wide += width;
  }
  const images: string[] = [];
  for (const part of parts.filter(({ length }) => length)) {
    const width = dotsOf(leader, dpi) + part.reduce((sum, label) => sum + dotsOf(label.width, dpi), 0);
    const height = dotsOf(part[0]!.height, dpi);
    const context = blank(width, height);
    let x = dotsOf(leader, dpi);
    for (const label of part) {
      context.drawImage(await pictureOf(await tapeImage(label, dpi, site)), x, 0);
      x += dotsOf(label.width, dpi);
      for (let y = 0; y < height; y += 6) context.fillRect(x - 1, y, 1, 3);
    }
    images.push(context.canvas.toDataURL('image/png'));
  }
  return images;
}
