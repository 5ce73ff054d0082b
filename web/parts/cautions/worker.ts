import { remote } from '../../data/worker/remote.ts';
import type { DangersWorker } from './dangers.worker.ts';

export const dangersWorker = remote<DangersWorker>(
  () => new Worker(new URL('./dangers.worker.ts', import.meta.url), { type: 'module' }),
);
