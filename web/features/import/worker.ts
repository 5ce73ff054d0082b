import { remote } from '../../data/worker/remote.ts';
import type { InventoryWorker } from './import.worker.ts';

export const inventoryWorker = remote<InventoryWorker>(
  () => new Worker(new URL('./import.worker.ts', import.meta.url), { type: 'module' }),
);
