import { remote } from './remote.ts';
import type { InventoryWorker } from './inventory.worker.ts';

export const inventoryWorker = remote<InventoryWorker>(
  () => new Worker(new URL('./inventory.worker.ts', import.meta.url), { type: 'module' }),
);
