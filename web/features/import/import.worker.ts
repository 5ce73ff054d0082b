/** Reads somebody's list away from the page: splits it, guesses its columns, turns rows into lines. */
import { expose } from 'comlink';
import type { Mapping } from '@stube/core/import/columns';
import { readInventory, type Inventory, type InventoryContext } from '@stube/core/import/read-list';
import { splitTable } from './table.ts';

const inventory = {
  split: splitTable,
  read(rows: string[][], mapping: Mapping, context: InventoryContext, report: (done: number) => void): Inventory {
    const steps = readInventory(rows, mapping, context);
    for (;;) {
      const next = steps.next();
      if (next.done) return next.value;
      report(next.value / rows.length);
    }
  },
};

export type InventoryWorker = typeof inventory;
expose(inventory);
