import { remote } from '../../data/worker/remote.ts';
import type { SchoolsWorker } from './schools.worker.ts';

export const schoolsWorker = remote<SchoolsWorker>(
  () => new Worker(new URL('./schools.worker.ts', import.meta.url), { type: 'module' }),
);
