/** Starts the server: `STUBE_DATA` (./data), `HOST` (127.0.0.1), `PORT` (4180), `STUBE_ORIGIN` for QR codes. */
import { randomUUID } from 'node:crypto';
import { createServer } from 'node:http';
import { join, resolve } from 'node:path';
import { pino } from 'pino';
import { createApp } from './app.ts';
import { backUpWhenDue } from './db/backup.ts';
import { collectPictures } from './db/history.ts';
import { DirectoryHeld, LockLost } from './db/lock.ts';
import { openStore } from './db/open.ts';
import { DataRefused } from './db/store.ts';
import { isOpenToOthers } from './http/guard.ts';
import { clockFrom } from './http/clock.ts';
import { withoutContents } from './http/handle.ts';
import { holderOfPort } from './http/port-holder.ts';
import { WorkerPool } from './threads/pool.ts';

/** Whoever asks the server to stop waits no longer than this, ms. */
const STOP_MS = 4500;
/** Requests that are under way get so long to end by themselves, ms. */
const GRACE_MS = 2000;

/** How a server ends that did not mean to: whoever started it may start it again. It ends with 1 where it says why. */
const CRASHED = 70;

const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' });
const directory = resolve(process.env.STUBE_DATA ?? './data');
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4180);
const screens = process.env.STUBE_SCREENS ?? join(import.meta.dirname, '..', '..', 'web', 'dist');

let stopping = false;
const store = await openStore(directory).catch((error: unknown) => {
  const known = error instanceof DirectoryHeld || error instanceof DataRefused;
  console.error(known ? error.message : `Stube cannot start: ${error instanceof Error ? error.message : error}`);
  process.exit(1);
});
/** What nobody expected is logged without what it was about; a server that lost its directory stops. */
function fault(error: unknown): void {
  log.error(withoutContents(error));
  if (error instanceof LockLost) void stop(1);
}

/** Tells this run of the server from every other. */
const instance = randomUUID();
const now = clockFrom(process.env.STUBE_NOW);
const work = new WorkerPool();
const app = createApp({
  db: store.db,
  work,
  instance,
  now,
  host,
  screens,
  origin: process.env.STUBE_ORIGIN,
  madeUpHouse: join(import.meta.dirname, 'ferry-house.json'),
  log: fault,
});
const server = createServer(app);
server.once('error', async (error: NodeJS.ErrnoException) => {
  console.error(error.code === 'EADDRINUSE' ? portTaken() : `Stube cannot listen at ${host}:${port}: ${error.message}`);
  await store.close();
  process.exit(1);
});
server.listen(port, host, () => {
  const address = server.address();
  const at = typeof address === 'object' && address ? address.port : port;
  console.log(`Stube answers at http://${host.includes(':') ? `[${host}]` : host}:${at}`);
  if (isOpenToOthers(host))
    // Where it is heard: whoever starts the server passes on what it warns of.
    console.warn(
      'There is no sign-in: anyone on this network can see and change everything. To keep Stube to this computer, start it without HOST.',
    );
  process.send?.({ ready: true, port: at, instance });
});

function portTaken(): string {
  const holder = holderOfPort(port);
  const who = holder ? `process ${holder.pid} (${holder.command})` : 'another program';
  return `Port ${port} is already in use by ${who}. Stop that program, or choose another port, for example: PORT=${port + 1} npm start`;
}

async function upkeep(): Promise<void> {
  try {
    await backUpWhenDue(store.client, directory, now());
    await collectPictures(store.db);
  } catch (error) {
    // The message of our own errors names files; others may hold rows.
    log.error({ ...withoutContents(error), code: (error as NodeJS.ErrnoException).code ?? null }, 'backup failed');
  }
}
const timers = [setTimeout(upkeep, 60_000), setInterval(upkeep, 3600_000)];

async function stop(code = 0): Promise<void> {
  if (stopping) return;
  stopping = true;
  setTimeout(() => process.exit(code || 1), STOP_MS).unref();
  timers.forEach(clearTimeout);
  server.closeIdleConnections();
  await work.close();
  await Promise.race([new Promise((done) => server.close(done)), new Promise((done) => setTimeout(done, GRACE_MS))]);
  server.closeAllConnections();
  await store.close().catch((error: unknown) => log.error(withoutContents(error)));
  process.exit(code);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
process.on('unhandledRejection', fault);
process.on('uncaughtException', (error) => {
  log.fatal(withoutContents(error));
  process.exit(CRASHED);
});
