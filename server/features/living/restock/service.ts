/** What is to order, and the first-aid kit with its checks, on paper. */
import { formatMoney } from '@stube/core/notation';
import { inOrder, type SiteData } from '@stube/core/model';
import { dayIn } from '@stube/core/calendar';
import { forecastsOf, ordersOf } from '@stube/core/restock';
import { NotFound } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import { cellsOf, tableCsv, type Column } from '../../../documents/table.ts';
import type { Work } from '../../../threads/pool.ts';

interface ToOrder {
  name: string;
  packs: number;
  pack: string;
  by: string;
  money: string;
  waits: string;
}

function toOrder(data: SiteData, today: string): ToOrder[] {
  const { currency } = data.site[0]!;
  return ordersOf(forecastsOf(data, today), data, today).list.map(
    ({ row: { par, line, forecast }, cost, waitsFor }): ToOrder => ({
      name: line.name,
      packs: forecast.packs,
      pack: `${par.pack} ${par.unit}`,
      by: forecast.orderBy!,
      money: formatMoney(cost, currency),
      waits: waitsFor ?? '',
    }),
  );
}

const COLUMNS: Column<ToOrder>[] = [
  { title: 'order by', share: 0.16, of: (row) => row.by },
  { title: 'what', share: 0.3, of: (row) => row.name },
  { title: 'packs', share: 0.08, of: (row) => row.packs },
  { title: 'a pack', share: 0.16, of: (row) => row.pack },
  { title: 'about', share: 0.14, of: (row) => row.money },
  { title: 'waits for', share: 0.16, of: (row) => row.waits },
];

export async function ordersCsv({ db, siteId, now }: Scope): Promise<string> {
  const data = await readSite(db, siteId);
  return tableCsv(COLUMNS, toOrder(data, dayIn(data.site[0]!.timeZone, now)));
}

export async function ordersPdf({ db, siteId, now }: Scope, work: Work) {
  const data = await readSite(db, siteId);
  const today = dayIn(data.site[0]!.timeZone, now);
  const rows = toOrder(data, today);
  const { name, paper } = data.site[0]!;
  const under = `${rows.length} to order, as of ${today}`;
  const title = `${name}: to order`;
  return {
    title,
    pdf: await work.run('tablePdf', { title, under, table: cellsOf(COLUMNS, rows), boxes: true, paper }),
  };
}

/** The kit as it is, and the checks that were made, for whoever inspects it. */
export async function firstAidPdf({ db, siteId, now }: Scope, work: Work, roomId: string) {
  const data = await readSite(db, siteId);
  const room = data.room.find(({ id }) => id === roomId);
  if (!room) throw new NotFound('room', roomId);
  const today = dayIn(data.site[0]!.timeZone, now);
  const items = inOrder(data.kitItem.filter((item) => item.roomId === roomId));
  const stateOf = (item: (typeof items)[number]): string =>
    item.expires && item.expires < today ? 'EXPIRED' : item.have < item.wanted ? 'missing' : 'complete';
  const rows = [
    ...items.map((item) => [
      item.position,
      item.name,
      `${item.have} of ${item.wanted}`,
      item.expires ?? '',
      stateOf(item),
    ]),
    ...data.kitCheck
      .filter((check) => check.roomId === roomId)
      .sort((a, b) => b.on.localeCompare(a.on))
      .map((check) => ['checked', `${check.on} by ${check.by}`, '', '', check.found.join('; ') || 'all in order']),
  ];
  const columns = [
    { title: 'where', share: 0.16 },
    { title: 'what', share: 0.34 },
    { title: 'there', share: 0.12 },
    { title: 'expires', share: 0.14 },
    { title: 'state', share: 0.24 },
  ];
  const under = `As of ${today}. The licence and local rules decide what must be in it.`;
  const title = `First-aid kit, ${room.name}`;
  const { paper } = data.site[0]!;
  return { title, pdf: await work.run('tablePdf', { title, under, table: { columns, rows }, boxes: false, paper }) };
}
