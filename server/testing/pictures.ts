/** Pictures for tests. */
import { Transformer } from '@napi-rs/image';

/** A JPEG of a pattern without end. @param seed 0 to 255 */
export function jpegOf(width = 8, height = 6, seed = 120): Buffer {
  const pixels = Buffer.alloc(width * height * 4, seed);
  for (let i = 0; i < pixels.length; i++) pixels[i] = (seed + i * i * 31 + (i >> 5) * 17) & 255;
  return Transformer.fromRgbaPixels(pixels, width, height).jpegSync(85);
}

/** The same with what a camera tells of where it was taken, upright by what that says. */
export function withExif(jpeg: Buffer, remark = 'taken at the quay'): Buffer {
  const body = Buffer.concat([Buffer.from('Exif\0\0'), Buffer.from(remark)]);
  const head = Buffer.from([0xff, 0xe1, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([jpeg.subarray(0, 2), head, body, jpeg.subarray(2)]);
}
