/** Reads somebody's list away from the page: splits it, guesses its columns, turns rows into lines. */
import { expose } from 'comlink';
import { type ImportedList, type ListContext, type Mapping, readList } from '@stube/core/import';
import { useWords } from '@stube/core/vocabulary';
import { splitTable } from './table.ts';

const list = {
  split: splitTable,
  async read(
    rows: string[][],
    mapping: Mapping,
    context: ListContext,
    report: (done: number) => void,
  ): Promise<ImportedList> {
    useWords((await import('@stube/core/vocabulary/words')).WORDS);
    const steps = readList(rows, mapping, context);
    for (;;) {
      const next = steps.next();
      if (next.done) return next.value;
      report(next.value / rows.length);
    }
  },
};

export type ImportWorker = typeof list;
expose(list);
