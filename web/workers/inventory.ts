import { wrap, type Remote } from 'comlink';
import type { InventoryWorker } from './inventory.worker.ts';

let remote: Remote<InventoryWorker> | null = null;

export const inventoryWorker = (): Remote<InventoryWorker> =>
  (remote ??= wrap<InventoryWorker>(new Worker(new URL('./inventory.worker.ts', import.meta.url), { type: 'module' })));
