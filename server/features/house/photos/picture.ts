/** Pictures as they come in: decoded once, so that what is kept is a picture, and without what the camera tells of the place. */
import { Transformer } from '@napi-rs/image';
import { MAX_PICTURE } from '@stube/contract/photos/requests';

/** It cannot be shown as a picture. */
export class NoPicture extends Error {}

/** More than any camera has; a picture that claims more would take all memory to be looked at. */
const MAX_PIXELS = 60_000_000;
/** As good as it came, as far as an eye can tell; and what is still good, where that would be too large. */
const QUALITIES = [88, 72, 50, 30];

/** @throws NoPicture where it is no JPEG, or claims to be larger than any camera's */
async function refuseOthers(bytes: Buffer): Promise<void> {
  const { width, height, format } = await new Transformer(bytes).metadata();
  if (format !== 'jpeg' || width * height > MAX_PIXELS) throw new NoPicture();
}

/**
 * Decodes a JPEG picture and writes it again, upright and with nothing but what it shows.
 * @throws NoPicture where it is none, is torn, or is larger than any camera's
 */
export async function cleanPicture(bytes: Buffer): Promise<Buffer> {
  try {
    await refuseOthers(bytes);
    for (const quality of QUALITIES) {
      const written = await new Transformer(bytes).rotate().jpeg(quality);
      if (written.length <= MAX_PICTURE) return written;
    }
  } catch {
    // Whatever its decoder says of it, it is no picture for people.
  }
  throw new NoPicture();
}

/** Marks of a JPEG's parts: those that hold the picture itself, or what is needed to show it (JFIF, colours). */
const ALLOWED = new Set([0xe0, 0xe2, 0xee]);
const isNeeded = (mark: number): boolean => ALLOWED.has(mark) || (mark >= 0xc0 && mark < 0xe0);

/** Whether a JPEG holds anything beside its picture: what a camera tells, remarks, something behind its end. */
export function holdsMore(bytes: Buffer): boolean {
  for (let at = 2; at + 4 <= bytes.length && bytes[at] === 0xff;) {
    const mark = bytes[at + 1]!;
    // From here on there is the picture, up to the mark of its end.
    if (mark === 0xda) return bytes.readUInt16BE(bytes.length - 2) !== 0xffd9;
    if (!isNeeded(mark)) return true;
    at += 2 + bytes.readUInt16BE(at + 2);
  }
  return true;
}

const BEGIN = Buffer.from([0xff, 0xd8, 0xff]);
/** Whether it begins and ends as a JPEG does and says how large it is, without looking at the picture. */
export const looksWhole = (bytes: Buffer): boolean =>
  bytes.subarray(0, 3).equals(BEGIN) &&
  bytes.lastIndexOf(Buffer.from([0xff, 0xd9])) > 0 &&
  /\xff[\xc0-\xc2]\0/.test(bytes.subarray(0, 70_000).toString('latin1'));

/** The same picture where it holds nothing else, so that what is saved and brought back stays as it is; else cleaned. */
export async function cleanedWhereNeeded(bytes: Buffer): Promise<Buffer> {
  if (holdsMore(bytes)) return cleanPicture(bytes);
  try {
    await refuseOthers(bytes);
    await new Transformer(bytes).rawPixels();
  } catch {
    throw new NoPicture();
  }
  return bytes;
}
