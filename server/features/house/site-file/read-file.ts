/**
 * Reads a site file from the disk: its rows at once, its pictures one by one, so that a file with many is never whole in
 * memory. Runs in a worker thread.
 */
import { closeSync, openSync, readSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Tokenizer, TokenType } from '@streamparser/json';
import type { Checked } from '@stube/contract/check';
import { parseJson } from '@stube/contract/large';
import { MAX_PICTURE, MAX_PICTURES } from '@stube/contract/photos/requests';
import { checkSiteFile, type SiteFile } from '@stube/contract/site-file/format';

export interface ReadSiteFile extends Omit<SiteFile, 'pictures'> {
  /** Where the picture of a photograph lies, by its id. */
  pictures: Record<string, string>;
}

const CHUNK = 1 << 20;
/** All rows of a site: several times what the largest has. */
const MAX_ROWS_BYTES = 120_000_000;
const MAX_COUNT = 100_000;

class Unreadable extends Error {
  readonly field: string;
  constructor(field: string, message: string) {
    super(message);
    this.field = field;
  }
}

/** @param folder where the pictures are put */
export function readSiteFile(path: string, folder: string): Checked<ReadSiteFile> {
  try {
    const { pictures, from, to } = takePictures(path, folder);
    const rows = parseJson(withoutRange(path, from, to));
    if (!rows.ok) return rows;
    const checked = checkSiteFile(rows.value);
    return checked.ok ? { ok: true, value: { ...checked.value, pictures } } : checked;
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { ok: false, fields: [{ field: error.field, message: error.message }] };
  }
}

/** Puts every picture into a file of its own. @returns where they are, and where in the file they stood */
function takePictures(path: string, folder: string): { pictures: Record<string, string>; from: number; to: number } {
  const pictures: Record<string, string> = Object.create(null) as Record<string, string>;
  let [depth, from, to, bytes, count] = [0, 0, 0, 0, 0];
  let name = '';
  let inPictures = false;
  let afterColon = false;
  const tokens = new Tokenizer({ stringBufferSize: 1 << 16 });
  tokens.onToken = ({ token, value, offset }) => {
    const opens = token === TokenType.LEFT_BRACE || token === TokenType.LEFT_BRACKET;
    const closes = token === TokenType.RIGHT_BRACE || token === TokenType.RIGHT_BRACKET;
    if (opens && inPictures) throw new Unreadable('pictures', 'must hold a text for each photograph');
    if (opens && ++depth === 2 && name === 'pictures' && token === TokenType.LEFT_BRACE) {
      inPictures = true;
      from = offset + 1;
    } else if (closes) {
      if (inPictures) to = offset;
      inPictures = false;
      depth--;
    } else if (token === TokenType.STRING && depth <= 2 && !afterColon && (depth === 1 || inPictures)) {
      name = String(value);
    } else if (inPictures && afterColon) {
      if (token !== TokenType.STRING) throw new Unreadable('pictures', 'must hold a text for each photograph');
      const picture = Buffer.from(String(value), 'base64');
      bytes += picture.length;
      if (picture.length > MAX_PICTURE || bytes > MAX_PICTURES || ++count > MAX_COUNT)
        throw new Unreadable(`pictures.${name}`.slice(0, 60), 'is larger than pictures may be');
      const file = join(folder, `${count}.jpg`);
      writeFileSync(file, picture);
      pictures[name] = file;
    }
    afterColon = token === TokenType.COLON;
  };
  tokens.onError = () => {
    throw new Unreadable('body', 'is not JSON');
  };
  forEachChunk(path, (chunk) => tokens.write(chunk));
  return { pictures: { ...pictures }, from, to };
}

function forEachChunk(path: string, read: (chunk: Buffer) => void): void {
  const file = openSync(path, 'r');
  try {
    const chunk = Buffer.alloc(CHUNK);
    for (let length = readSync(file, chunk); length; length = readSync(file, chunk)) read(chunk.subarray(0, length));
  } finally {
    closeSync(file);
  }
}

/** The bytes of a file without those from one place to another. */
function withoutRange(path: string, from: number, to: number): Buffer {
  const { size } = statSync(path);
  const length = size - (to - from);
  if (length > MAX_ROWS_BYTES) throw new Unreadable('data', 'is too large');
  const bytes = Buffer.alloc(length);
  const file = openSync(path, 'r');
  try {
    readSync(file, bytes, 0, from, 0);
    readSync(file, bytes, from, length - from, to);
  } finally {
    closeSync(file);
  }
  return bytes;
}
