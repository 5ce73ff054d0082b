import { remote } from '../../../data/worker/remote.ts';
import type { FitWorker } from './fit.worker.ts';

export const fitWorker = remote<FitWorker>(
  () => new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' }),
);
