/** One process only on a data directory: a second one would corrupt it silently. */
import { readFileSync } from 'node:fs';
import { randomBytes } from 'node:crypto';
import { join } from 'node:path';
import { disk as realDisk, type Disk } from './disk.ts';

export interface Holder {
  pid: number;
  started: string | null;
  since: string;
  /** Tells two holders apart that are the same process. */
  key: string;
}

export interface Lock {
  /** @throws LockLost when the directory is no longer this process's: whoever writes asks first */
  verify(): void;
  release(): void;
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

export class LockLost extends Error {
  constructor(directory: string) {
    super(
      `The lock of ${directory} was taken away while it was in use. Nothing more is written; start Stube again when no other process uses the directory.`,
    );
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

/** How long somebody who moved a lock away by mistake needs at most to put it back, ms. */
const SETTLE_MS = 60;
const sleep = (ms: number) => void Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
const MAX_TRIES = 20;

/**
 * Takes the directory for this process. A lock comes into being whole, by a link to a file that is written already; one
 * of a dead process is moved aside, looked at again, and put back where it is not the one that was seen.
 * @throws DirectoryHeld when a living process has it
 */
export function lockDirectory(directory: string, on: Disk = realDisk): Lock {
  on.mkdirSync(directory, { recursive: true });
  const path = join(directory, 'stube.lock');
  const key = randomBytes(8).toString('hex');
  const mine: Holder = { pid: process.pid, started: startOf(process.pid), since: new Date().toISOString(), key };
  const draft = `${path}.${key}`;
  try {
    on.writeFileSync(draft, JSON.stringify(mine));
    for (let tries = 0; tries < MAX_TRIES; tries++) {
      const found = readHolder(path, on);
      if (found && alive(found)) throw new DirectoryHeld(directory, found);
      if (on.existsSync(path) && !moveAside(path, found, key, on)) continue;
      if (!linked(draft, path, on)) continue;
      // Somebody who had seen the former lock may have moved this one; it is put back, or another's stands there.
      if (tries > 0 || found) sleep(SETTLE_MS);
      if (readHolder(path, on)?.key === key) return lockOn(directory, path, key, on);
    }
    throw new Error(`${path} cannot be taken`);
  } finally {
    on.rmSync(draft, { force: true });
  }
}

/** @returns whether the lock that was seen is out of the way */
function moveAside(path: string, seen: Holder | null, key: string, on: Disk): boolean {
  const aside = `${path}.${key}.stale`;
  try {
    on.renameSync(path, aside);
  } catch {
    return true;
  }
  const moved = readHolder(aside, on);
  const right = moved?.key === seen?.key && moved?.pid === seen?.pid && moved?.since === seen?.since;
  if (!right) linked(aside, path, on);
  on.rmSync(aside, { force: true });
  return right;
}

function linked(from: string, to: string, on: Disk): boolean {
  try {
    on.linkSync(from, to);
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'EEXIST') return false;
    throw error;
  }
}

const lockOn = (directory: string, path: string, key: string, on: Disk): Lock => ({
  verify() {
    if (readHolder(path, on)?.key !== key) throw new LockLost(directory);
  },
  release() {
    if (readHolder(path, on)?.key === key) on.rmSync(path, { force: true });
  },
});

function readHolder(path: string, on: Disk): Holder | null {
  try {
    return JSON.parse(on.readFileSync(path, 'utf8')) as Holder;
  } catch {
    return null;
  }
}
