/** What is to buy, as a list to take along: one line a kind and size, with a box to tick. */
import { type Purchase, shoppingList, totalOf } from '@stube/core/containers';
import { inUnits } from '@stube/core/notation';
import type { Site } from '@stube/core/model';
import type { ShoppingQuery } from '@stube/contract/containers/requests';
import { readTables } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import { formatMoney } from '@stube/core/notation';
import { cellsOf, tableCsv, type Column } from '../../../documents/table.ts';
import type { Work } from '../../../threads/pool.ts';

function columnsOf({ currency, system }: Site): Column<Purchase>[] {
  const sides = (...mm: number[]) => inUnits(`${mm.join(' × ')} mm`, system);
  return [
    { title: 'pieces', share: 0.6, of: ({ pieces }) => pieces },
    { title: 'container', share: 2.2, of: ({ type }) => type.name },
    {
      title: 'outside w × d × h',
      share: 1.7,
      of: ({ type }) => sides(type.outWidth, type.outDepth, type.outHeight),
    },
    { title: 'packs', share: 0.9, of: ({ packs, type }) => (type.pack > 1 ? `${packs} of ${type.pack}` : packs) },
    { title: 'left over', share: 0.7, of: ({ pieces, needed, owned }) => Math.max(0, owned + pieces - needed) },
    { title: 'price', share: 0.9, of: ({ cost }) => (cost ? formatMoney(cost, currency) : 'to be found') },
  ];
}

async function listed({ db, siteId }: Scope, { used }: ShoppingQuery) {
  const data = await readTables(db, siteId, ['site', 'containerType']);
  const purchases = shoppingList(new Map(used.map(({ id, count }) => [id, count])), data.containerType);
  return { site: data.site[0]!, purchases };
}

export async function shoppingCsv(scope: Scope, query: ShoppingQuery): Promise<string> {
  const { site, purchases } = await listed(scope, query);
  return tableCsv(columnsOf(site), purchases);
}

export async function shoppingPdf(scope: Scope, query: ShoppingQuery, work: Work) {
  const { site, purchases } = await listed(scope, query);
  const { cost: sum, pieces } = totalOf(purchases);
  const title = `${site.name} · to buy`;
  const under = `${pieces} pieces of ${purchases.length} kinds, ${formatMoney(sum, site.currency)} together. Buy one of each first, and try it in its place.`;
  const table = cellsOf(columnsOf(site), purchases);
  return { title, pdf: await work.run('tablePdf', { title, under, table, boxes: true, paper: site.paper }) };
}
