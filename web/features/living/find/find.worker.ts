/** Keeps the index away from the page, follows its changes and answers from it. */
import { expose } from 'comlink';
import { useWords } from '@stube/core/vocabulary';
import { FIND_TABLES, type FindData, Finder, type Found, thingsOf } from '@stube/core/find';

type Table = keyof FindData;
/** What has changed in each table since the last time. */
export type FindChanges = Partial<Record<Table, { rows: { id: string }[]; gone: string[] }>>;

let tables: Map<Table, Map<string, { id: string }>> = new Map();
let finder: Finder | null = null;
/** What words mean; where it cannot be had, the words of the house answer alone. */
const words = import('@stube/core/vocabulary/words').then(
  ({ WORDS }) => useWords(WORDS),
  () => {},
);

const find = {
  /** @param whole begins anew: nothing of what was known before counts */
  follow(changes: FindChanges, whole: boolean): void {
    if (whole) tables = new Map();
    for (const [table, { rows, gone }] of Object.entries(changes) as [Table, NonNullable<FindChanges[Table]>][]) {
      const known = tables.get(table) ?? new Map();
      for (const id of gone) known.delete(id);
      for (const row of rows) known.set(row.id, row);
      tables.set(table, known);
    }
    const data = Object.fromEntries(
      FIND_TABLES.map((table) => [table, [...(tables.get(table)?.values() ?? [])]]),
    ) as unknown as FindData;
    if (finder && !whole) finder.update(thingsOf(data), data.category);
    else finder = new Finder(thingsOf(data), data.category);
  },
  async search(query: string, max: number): Promise<Found[]> {
    await words;
    return finder?.search(query, max) ?? [];
  },
};

export type FindWorker = typeof find;
expose(find);
