import { wrap, type Remote } from 'comlink';
import type { FindWorker } from './find.worker.ts';

let remote: Remote<FindWorker> | null = null;

/** One index for the whole page. */
export const findWorker = (): Remote<FindWorker> =>
  (remote ??= wrap<FindWorker>(new Worker(new URL('./find.worker.ts', import.meta.url), { type: 'module' })));
