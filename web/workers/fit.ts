import { wrap, type Remote } from 'comlink';
import type { FitWorker } from './fit.worker.ts';

let remote: Remote<FitWorker> | null = null;

export const fitWorker = (): Remote<FitWorker> =>
  (remote ??= wrap<FitWorker>(new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' })));
