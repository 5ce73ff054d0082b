/** A photograph made small before it is sent: the long side to so many pixels, as JPEG. */
const LONG_SIDE = 1400;
const QUALITY = 0.82;
/** Bytes that a camera's picture may have. */
export const MAX_BYTES = 12 * 1024 * 1024;

export interface Shrunk {
  jpeg: Blob;
  width: number;
  height: number;
}

/** Throws an error with words for the person where the file is no picture or too large. */
export async function shrink(file: Blob): Promise<Shrunk> {
  if (file.size > MAX_BYTES) throw new Error('A picture may have 12 MB at the most.');
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null);
  if (!bitmap) throw new Error('This file is not a picture that can be read here.');
  const scale = Math.min(1, LONG_SIDE / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const jpeg = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
  if (!jpeg) throw new Error('The picture could not be made small.');
  return { jpeg, width, height };
}
