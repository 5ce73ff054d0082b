/** Terms of use by chance, ordered whenever the forecast says so: how often something is wanting, how much lies there. */
import { addDays } from '@stube/core/calendar';
import { Random } from '@stube/core/engine';
import { defaultsOf, type Par, type StockOrder } from '@stube/core/model';
import { type ForecastData, forecastOf, isOpenDay } from '@stube/core/restock';

const TERM_DAYS = 70;

/** @returns share of open days with a stock-out, and the mean stock in days of use */
export function stockTerms(terms: number, seed: number): { out: number; stock: number } {
  let [out, days, sum] = [0, 0, 0];
  for (let term = 0; term < terms; term++) {
    const random = new Random(seed * 1000 + term);
    const drawn = (mean: number): number => {
      const least = Math.exp(-mean);
      let [product, count] = [1, -1];
      while (product > least) {
        product *= (random.below(1e6) + 1) / 1e6;
        count++;
      }
      return count;
    };
    const mean = 2 + random.below(12);
    const pack = 10 + random.below(40);
    const par: Par = {
      ...defaultsOf('par'),
      id: 'p',
      siteId: 's',
      version: 1,
      lineId: 'l',
      least: 0,
      wanted: mean * (10 + random.below(15)),
      pack,
      leadDays: 2 + random.below(8),
      use: 'day',
      perDay: mean,
    };
    let stock = par.wanted;
    const orders: StockOrder[] = [];
    const arriving: { on: string; order: StockOrder }[] = [];
    let today = '2026-09-01';
    for (let i = 0; i < TERM_DAYS; i++, today = addDays(today, 1)) {
      for (const { order } of arriving.filter(({ on }) => on === today)) {
        stock += order.packs * pack;
        Object.assign(order, { received: order.packs, closed: true });
      }
      const count = { id: 'c', siteId: 's', version: 1, parId: 'p', amount: stock, inUse: 0, on: today };
      const data: ForecastData = { site: { restDays: [0, 6] }, holidays: [], children: [], counts: [count], orders };
      const { orderBy, packs } = forecastOf(par, data, today);
      if (orderBy === today && packs) {
        const order = {
          id: `o${i}`,
          siteId: 's',
          version: 1,
          parId: 'p',
          packs,
          received: 0,
          paid: null,
          on: today,
          closed: false,
        };
        orders.push(order);
        arriving.push({ on: addDays(today, par.leadDays), order });
      }
      if (!isOpenDay(data, today)) continue;
      const wanted = drawn(mean);
      days++;
      if (wanted > stock) out++;
      stock = Math.max(0, stock - wanted);
      sum += stock / mean;
    }
  }
  return { out: out / days, stock: sum / days };
}
