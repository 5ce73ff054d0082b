import { remote } from '../../../data/worker/remote.ts';
import type { MovesWorker } from './moves.worker.ts';

export const movesWorker = remote<MovesWorker>(
  () => new Worker(new URL('./moves.worker.ts', import.meta.url), { type: 'module' }),
);
