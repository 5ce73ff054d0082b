import { wrap, type Remote } from 'comlink';
import type { PlaceWorker } from './place.worker.ts';

let remote: Remote<PlaceWorker> | null = null;

export const placeWorker = (): Remote<PlaceWorker> =>
  (remote ??= wrap<PlaceWorker>(new Worker(new URL('./place.worker.ts', import.meta.url), { type: 'module' })));
