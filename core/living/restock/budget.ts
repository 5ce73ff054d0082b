/** What of the orders a month's budget pays for, the most urgent first; the rest waits for a later month (practice S1). */
import { byId } from '../../ground/model/by-id.ts';
import type { SiteData } from '../../ground/model/entities.ts';
import type { Forecasted } from './forecast-of-site.ts';

export interface ToOrder {
  row: Forecasted;
  /** Minor units. */
  cost: number;
  /** The budget of its own month does not reach for it: the first month, `2027-01`, of which it does; null: it need not wait. */
  waitsFor: string | null;
}
export interface Orders {
  list: ToOrder[];
  /** Already ordered in this month, minor units. */
  spent: number;
  /** Still to be paid in this month. */
  cost: number;
}

const monthAfter = (month: string): string =>
  new Date(Date.UTC(Number(month.slice(0, 4)), Number(month.slice(5)), 1)).toISOString().slice(0, 7);
/** Nothing waits longer, months: what costs more than a whole month's budget is bought in its own. */
const LONGEST_WAIT = 12;

/** @param today ISO date; orders placed in its month count against the budget of that month */
export function ordersOf(
  rows: readonly Forecasted[],
  { site, par, stockOrder }: Pick<SiteData, 'site' | 'par' | 'stockOrder'>,
  today: string,
): Orders {
  const budget = site[0]?.restockBudget ?? null;
  const now = today.slice(0, 7);
  const pars = byId(par);
  const spent = stockOrder
    .filter(({ on }) => on.slice(0, 7) === now)
    .reduce((sum, { parId, packs, paid }) => sum + packs * (paid ?? pars.get(parId)?.price ?? 0), 0);
  const used = new Map([[now, spent]]);
  const list = rows
    .filter(({ forecast }) => forecast.orderBy !== null && forecast.packs > 0)
    .sort((a, b) => a.forecast.orderBy!.localeCompare(b.forecast.orderBy!))
    .map((row): ToOrder => {
      const cost = row.forecast.packs * row.par.price;
      const due = row.forecast.orderBy!.slice(0, 7);
      const own = due < now ? now : due;
      let month = own;
      for (let i = 0; i < LONGEST_WAIT && budget !== null && (used.get(month) ?? 0) + cost > budget; i++)
        month = monthAfter(month);
      if (budget !== null && cost > budget) month = own;
      used.set(month, (used.get(month) ?? 0) + cost);
      return { row, cost, waitsFor: month === own ? null : month };
    });
  return { list, spent, cost: (used.get(now) ?? 0) - spent };
}
