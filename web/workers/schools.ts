import { wrap, type Remote } from 'comlink';
import type { SchoolsWorker } from './schools.worker.ts';

let remote: Remote<SchoolsWorker> | null = null;

export const schoolsWorker = (): Remote<SchoolsWorker> =>
  (remote ??= wrap<SchoolsWorker>(new Worker(new URL('./schools.worker.ts', import.meta.url), { type: 'module' })));
