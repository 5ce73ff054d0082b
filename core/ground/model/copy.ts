/** A copy of a whole site under ids of its own, everything in it pointing to the copies. */
import { TABLES, type RowOf, type SiteData, type TableName } from './entities.ts';
import { referencesOf, withIds } from './references.ts';

export interface SiteCopy {
  /** Id of the copied site. */
  siteId: string;
  /** The new id of a row. */
  idOf(table: TableName, id: string): string | undefined;
  /** The copied rows of a table, without version and site: whoever writes them knows these. */
  rowsOf<T extends TableName>(table: T): Omit<RowOf<T>, 'version' | 'siteId'>[];
}

/**
 * @param data a whole site (see siteProblems)
 * @param newId makes an id
 */
export function copySite(data: SiteData, newId: () => string): SiteCopy {
  const ids = new Map<string, string>();
  for (const table of TABLES) for (const row of data[table]) ids.set(`${table} ${row.id}`, newId());
  const idOf = (table: TableName, id: string) => ids.get(`${table} ${id}`);
  return {
    siteId: idOf('site', data.site[0]!.id)!,
    idOf,
    rowsOf(table) {
      const references = referencesOf(table);
      return data[table].map((row) => {
        const { version: _version, siteId: _siteId, ...values } = row as unknown as Record<string, unknown>;
        const copy: Record<string, unknown> = { ...values, id: idOf(table, row.id) };
        for (const reference of references)
          Object.assign(
            copy,
            withIds(copy, reference, (id) => idOf(reference.to, id)!),
          );
        return copy as never;
      });
    },
  };
}
