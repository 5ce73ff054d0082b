import type { FindData } from '@stube/core/find/things';
import { remote } from '../../data/worker/remote.ts';
import type { FindWorker } from './find.worker.ts';

/** One index for the whole page. */
export const findWorker = remote<FindWorker>(
  () => new Worker(new URL('./find.worker.ts', import.meta.url), { type: 'module' }),
);

let indexed: FindData | null = null;

/** Builds the index of these rows, unless it was built of the very same ones: a store replaces the lists it changes. */
export async function indexFor(data: FindData): Promise<void> {
  if (indexed && (Object.keys(data) as (keyof FindData)[]).every((table) => data[table] === indexed![table])) return;
  indexed = null;
  await findWorker().build(data);
  indexed = data;
}
