import { remote } from '../../../data/worker/remote.ts';
import type { ImportWorker } from './import.worker.ts';

export const importWorker = remote<ImportWorker>(
  () => new Worker(new URL('./import.worker.ts', import.meta.url), { type: 'module' }),
);
