/** One process only on a data directory: a second one would corrupt it silently. */
import { closeSync, mkdirSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';

export interface Holder {
  pid: number;
  started: string | null;
  since: string;
}

export class DirectoryHeld extends Error {
  readonly holder: Holder;
  constructor(directory: string, holder: Holder) {
    super(
      `${directory} is in use by process ${holder.pid} since ${holder.since}. Stop that one first, or choose another directory with STUBE_DATA.`,
    );
    this.holder = holder;
  }
}

/** Start time of a process in the kernel's ticks, so that a reused number is not taken for the owner; null where it cannot be known. */
function startOf(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? null;
  } catch {
    return null;
  }
}

function alive(holder: Holder): boolean {
  try {
    process.kill(holder.pid, 0);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ESRCH') return false;
  }
  const started = startOf(holder.pid);
  return holder.started === null || started === null || started === holder.started;
}

/**
 * Takes the directory for this process.
 * @returns what gives it back
 * @throws DirectoryHeld when a living process has it
 */
export function lockDirectory(directory: string): () => void {
  mkdirSync(directory, { recursive: true });
  const path = join(directory, 'stube.lock');
  const own: Holder = { pid: process.pid, started: startOf(process.pid), since: new Date().toISOString() };
  for (let tries = 0; tries < 5; tries++) {
    try {
      const file = openSync(path, 'wx');
      writeSync(file, JSON.stringify(own));
      closeSync(file);
      return () => rmSync(path, { force: true });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    }
    const holder = readHolder(path);
    if (holder && alive(holder)) throw new DirectoryHeld(directory, holder);
    rmSync(path, { force: true });
  }
  throw new Error(`${path} cannot be taken`);
}

function readHolder(path: string): Holder | null {
  try {
    return JSON.parse(readFileSync(path, 'utf8')) as Holder;
  } catch {
    return null;
  }
}
