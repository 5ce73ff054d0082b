import { remote } from '../../../data/worker/remote.ts';
import type { PlaceWorker } from './place.worker.ts';

export const placeWorker = remote<PlaceWorker>(
  () => new Worker(new URL('./place.worker.ts', import.meta.url), { type: 'module' }),
);
