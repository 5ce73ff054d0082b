/** Fonts as PDF takes them: a WOFF 1.0 file (W3C recommendation of 2012) is unpacked once, by the machine's own zlib. */
import { readFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';

const HEADER = 44;
const ENTRY = 20;
const SFNT_HEADER = 12;
const SFNT_ENTRY = 16;

/** @returns the same font as an sfnt file (TrueType or OpenType) */
export function unpackWoff(woff: Buffer): Buffer {
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, i) => {
    const at = HEADER + i * ENTRY;
    const [offset, packed, length] = [4, 8, 12].map((field) => woff.readUInt32BE(at + field)) as [
      number,
      number,
      number,
    ];
    const data = woff.subarray(offset, offset + packed);
    return {
      head: woff.subarray(at, at + 4),
      sum: woff.subarray(at + 16, at + 20),
      data: packed < length ? inflateSync(data) : data,
    };
  });
  const header = Buffer.alloc(SFNT_HEADER + count * SFNT_ENTRY);
  woff.copy(header, 0, 4, 8);
  const power = Math.floor(Math.log2(count));
  [count, 2 ** power * 16, power, (count - 2 ** power) * 16].forEach((value, i) =>
    header.writeUInt16BE(value, 4 + 2 * i),
  );
  let at = header.length;
  const parts = [header];
  tables.forEach(({ head, sum, data }, i) => {
    const entry = SFNT_HEADER + i * SFNT_ENTRY;
    head.copy(header, entry);
    sum.copy(header, entry + 4);
    header.writeUInt32BE(at, entry + 8);
    header.writeUInt32BE(data.length, entry + 12);
    const padded = Buffer.alloc(Math.ceil(data.length / 4) * 4);
    data.copy(padded);
    parts.push(padded);
    at += padded.length;
  });
  return Buffer.concat(parts);
}

const unpacked = new Map<string, Buffer>();
/** @param path of a WOFF file */
export function fontFile(path: string): Buffer {
  let font = unpacked.get(path);
  if (!font) unpacked.set(path, (font = unpackWoff(readFileSync(path))));
  return font;
}
