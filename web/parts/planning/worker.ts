import { remote } from '../../data/worker/remote.ts';
import type { PlansWorker } from './plans.worker.ts';

export const plansWorker = remote<PlansWorker>(
  () => new Worker(new URL('./plans.worker.ts', import.meta.url), { type: 'module' }),
);
