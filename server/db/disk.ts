/** What is done to the disk outside of the database: in one place, so that a test can let each call fail. */
import fs from 'node:fs';

export type Disk = Pick<
  typeof fs,
  | 'closeSync'
  | 'existsSync'
  | 'fsyncSync'
  | 'linkSync'
  | 'mkdirSync'
  | 'openSync'
  | 'readdirSync'
  | 'readFileSync'
  | 'renameSync'
  | 'rmSync'
  | 'statSync'
  | 'writeFileSync'
  | 'writeSync'
>;

export const disk: Disk = fs;

/** Writes all of it, however little the system takes at once, and sees to it that it is on the disk. */
export function writeWhole(on: Disk, path: string, bytes: Uint8Array): void {
  const file = on.openSync(path, 'w');
  try {
    for (let done = 0; done < bytes.length;) {
      const written = on.writeSync(file, bytes, done);
      if (written <= 0) throw new Error(`${path}: nothing more can be written, is the disk full?`);
      done += written;
    }
    on.fsyncSync(file);
  } finally {
    on.closeSync(file);
  }
}
