/** Makes an empty data directory once: every test file begins with a copy, which is quicker than a new database. */
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { forkServer, stop } from '../scripts/server.mjs';

export const EMPTY = join(import.meta.dirname, '..', '.tmp', 'e2e-empty');

export default async function setup(): Promise<void> {
  rmSync(EMPTY, { recursive: true, force: true });
  const { child, ready } = forkServer({ STUBE_DATA: EMPTY, PORT: '0' });
  await ready;
  await stop(child);
}
