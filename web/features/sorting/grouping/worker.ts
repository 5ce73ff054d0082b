import { remote } from '../../../data/worker/remote.ts';
import type { SchemesWorker } from './schemes.worker.ts';

export const schemesWorker = remote<SchemesWorker>(
  () => new Worker(new URL('./schemes.worker.ts', import.meta.url), { type: 'module' }),
);
