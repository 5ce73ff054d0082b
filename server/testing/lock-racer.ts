/** A process that takes locks when it is told to, at a moment it shares with another. */
import { lockDirectory, type Lock } from '../db/lock.ts';

let lock: Lock | null = null;
process.on('message', ({ take, at, release }: { take?: string; at?: number; release?: boolean }) => {
  if (release) {
    lock?.release();
    lock = null;
    process.send!('released');
    return;
  }
  while (Date.now() < at!);
  try {
    lock = lockDirectory(take!);
    lock.verify();
    process.send!('mine');
  } catch {
    lock = null;
    process.send!('not mine');
  }
});
process.send!('ready');
