/** Starts the server: `STUBE_DATA` (./data), `HOST` (127.0.0.1), `PORT` (4180), `STUBE_ORIGIN` for QR codes. */
import { join, resolve } from 'node:path';
import { pino } from 'pino';
import { createApp } from './app.ts';
import { backUpWhenDue } from './db/backup.ts';
import { DirectoryHeld } from './db/lock.ts';
import { openStore } from './db/open.ts';

const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' });
const directory = resolve(process.env.STUBE_DATA ?? './data');
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4180);
const screens = process.env.STUBE_SCREENS ?? join(import.meta.dirname, '..', '..', 'web', 'dist');

const store = await openStore(directory).catch((error: unknown) => {
  console.error(error instanceof DirectoryHeld ? error.message : error);
  process.exit(1);
});
const app = createApp({ db: store.db, screens, origin: process.env.STUBE_ORIGIN, log: (error) => log.error(error) });
const server = app.listen(port, host, () => {
  const address = server.address();
  console.log(
    `Stube answers at http://${host.includes(':') ? `[${host}]` : host}:${typeof address === 'object' && address ? address.port : port}`,
  );
  process.send?.({ ready: true, port: typeof address === 'object' && address ? address.port : port });
});
server.on('error', async (error: NodeJS.ErrnoException) => {
  console.error(error.code === 'EADDRINUSE' ? `Port ${port} is taken. Choose another with PORT.` : error.message);
  await store.close();
  process.exit(1);
});

const backUp = () => backUpWhenDue(store.client, directory, new Date()).catch((error: unknown) => log.error(error));
const timers = [setTimeout(backUp, 60_000), setInterval(backUp, 3600_000)];

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  timers.forEach(clearTimeout);
  server.closeIdleConnections();
  await Promise.race([new Promise((done) => server.close(done)), new Promise((done) => setTimeout(done, 3000))]);
  await store.close();
  process.exit(0);
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
