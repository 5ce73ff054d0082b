/** The rows of the open site by table, kept up with what the server says has changed; it knows no feature. */
import { computed, reactive, shallowReactive } from 'vue';
import { byId, noRows, type Row, type RowOf, type SiteData, type TableName, TABLES } from '@stube/core/model';
import type { SiteChanges } from '@stube/contract/answers';

type Rows = Record<TableName, Row[]>;

export function useCache() {
  /** Lists are replaced when they change, never written into: who watches one sees that. */
  const data = shallowReactive<SiteData>(noRows());
  const maps = reactive(
    Object.fromEntries(TABLES.map((table) => [table, computed(() => byId((data as unknown as Rows)[table]))])),
  ) as unknown as { [T in TableName]: ReadonlyMap<string, RowOf<T>> };

  const clear = () => void Object.assign(data, noRows());
  const fill = (rows: SiteData) => void Object.assign(data, rows);

  function apply(changes: Pick<SiteChanges, 'rows' | 'removed'>): void {
    for (const table of TABLES) {
      const rows = changes.rows[table] as Row[] | undefined;
      const gone = new Set(changes.removed[table] ?? []);
      if (!rows?.length && !gone.size) continue;
      const newer = byId(rows ?? []);
      const kept = (data as unknown as Rows)[table]
        .filter((row) => !gone.has(row.id))
        .map((row) => {
          const written = newer.get(row.id);
          newer.delete(row.id);
          // Answers may come in another order than they were made in: the later version stands.
          return written && written.version >= row.version ? written : row;
        });
      (data as unknown as Rows)[table] = [...kept, ...newer.values()];
    }
  }
  return { data, maps, clear, fill, apply };
}
