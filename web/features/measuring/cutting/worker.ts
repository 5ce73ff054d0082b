import { remote } from '../../../data/worker/remote.ts';
import type { CutWorker } from './cut.worker.ts';

export const cutWorker = remote<CutWorker>(
  () => new Worker(new URL('./cut.worker.ts', import.meta.url), { type: 'module' }),
);
