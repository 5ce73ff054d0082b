/** What leaves and what goes back, as documents. */
import { counted, formatVolume, LITRES_PER_QUART } from '@stube/core/notation';
import { byId, type LengthSystem } from '@stube/core/model';
import { type ListedLine, listOf, LISTS, sumOf } from '@stube/core/pile';
import type { ListQuery } from '@stube/contract/departures/requests';
import { cellsOf, tableCsv, type Column } from '../../../documents/table.ts';
import { readSite } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import type { Work } from '../../../threads/pool.ts';

const columnsFor = (system: LengthSystem): Column<ListedLine>[] => [
  { title: 'what', share: 5, of: (row) => row.name },
  { title: 'how much', share: 3, of: (row) => row.amount },
  system === 'imperial'
    ? { title: 'quarts', share: 1.2, of: (row) => Number((row.litres / LITRES_PER_QUART).toFixed(1)) }
    : { title: 'litres', share: 1.2, of: (row) => row.litres },
  { title: 'decision', share: 2, of: (row) => row.decision },
  { title: 'to', share: 2.4, of: (row) => row.destination },
  { title: 'by', share: 1.8, of: (row) => row.due ?? '' },
  { title: 'room', share: 2.4, of: (row) => row.room },
  { title: 'note', share: 3, of: (row) => [row.condition, row.note].filter(Boolean).join(', ') },
];

async function listed({ db, siteId }: Scope, query: ListQuery) {
  const data = await readSite(db, siteId);
  const lines = data.line.filter((line) => !query.room || line.roomId === query.room);
  const rows = listOf(query.of, lines, data.room, byId(data.category), data.site[0]!);
  const where = data.room.find((room) => room.id === query.room)?.name ?? data.site[0]!.name;
  return { rows, site: data.site[0]!, title: `${LISTS[query.of]}: ${where}` };
}

export async function listCsv(scope: Scope, query: ListQuery): Promise<string> {
  const { rows, site } = await listed(scope, query);
  return tableCsv(columnsFor(site.system), rows);
}

export async function listPdf(scope: Scope, query: ListQuery, work: Work): Promise<{ title: string; pdf: Buffer }> {
  const { rows, site, title } = await listed(scope, query);
  const under = `${counted(rows.length, 'line')}, about ${formatVolume(sumOf(rows), site.system)}`;
  const table = cellsOf(columnsFor(site.system), rows);
  return { title, pdf: await work.run('tablePdf', { title, under, table, boxes: true, paper: site.paper }) };
}
