/** Whether the rows of a site hang together: no id twice, no pointer into nothing, no code on two bins. */
import { TABLES, type SiteData } from './entities.ts';
import { idsIn, referencesOf } from './references.ts';

export interface SiteProblem {
  /** Such as `data.bin.3.compartmentId`. */
  field: string;
  message: string;
}

/** @param max problems that are told at most */
export function siteProblems(data: SiteData, max = 20): SiteProblem[] {
  const problems: SiteProblem[] = [];
  const tell = (field: string, message: string): void => {
    if (problems.length < max) problems.push({ field, message });
  };
  const ids = new Map(TABLES.map((table) => [table, new Set(data[table].map((row) => row.id))]));
  for (const table of TABLES) {
    if (ids.get(table)!.size !== data[table].length) tell(`data.${table}`, 'holds the same id twice');
    const references = referencesOf(table);
    data[table].forEach((row, i) => {
      for (const reference of references)
        for (const id of idsIn(row as unknown as Record<string, unknown>, reference))
          if (!ids.get(reference.to)!.has(id))
            tell(`data.${table}.${i}.${reference.field}`, `points to a ${reference.to} that is not there`);
    });
  }
  if (new Set(data.bin.map((bin) => bin.code)).size !== data.bin.length) tell('data.bin', 'holds the same code twice');
  const open = data.session.filter((session) => session.endedAt === null).map((session) => session.roomId);
  if (new Set(open).size !== open.length) tell('data.session', 'holds two open sessions of one room');
  return problems;
}
