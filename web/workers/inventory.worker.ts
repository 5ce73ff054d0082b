/** Reads somebody's list away from the page: splits it, guesses its columns, turns rows into lines. */
import { expose } from 'comlink';
import Papa from 'papaparse';
import { guessColumns, type Mapping } from '@stube/core/inventory/columns';
import { readInventory, type Inventory, type InventoryContext } from '@stube/core/inventory/inventory';

export interface Table {
  headings: string[];
  rows: string[][];
  mapping: Mapping;
}

const inventory = {
  split(text: string): Table {
    const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: false });
    while (data.length && data.at(-1)!.every((cell) => !cell.trim())) data.pop();
    const headings = data[0] ?? [];
    return { headings, rows: data.slice(1), mapping: guessColumns(headings) };
  },
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
