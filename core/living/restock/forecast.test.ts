import { describe, expect, test } from 'vitest';
import { addDays } from '../../ground/calendar/day.ts';
import { Random } from '../../ground/engine/random.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { Par, StockCount, StockOrder } from '../../ground/model/entities.ts';
import { medianMass, monthsAtMass } from '../../ground/body/mass.ts';
import { fittingOn, forecastOf, isOpenDay, learnedUse, type ForecastData } from './forecast.ts';

const row = { siteId: 's', version: 1 };
const par = (more: Partial<Par> = {}): Par => ({
  ...row,
  ...defaultsOf('par'),
  id: 'p',
  lineId: 'l',
  least: 10,
  wanted: 100,
  pack: 30,
  leadDays: 4,
  ...more,
});
const count = (on: string, amount: number): StockCount => ({ ...row, id: on, parId: 'p', amount, inUse: 0, on });
const data = (more: Partial<ForecastData> = {}): ForecastData => ({
  site: { restDays: [0, 6] },
  holidays: [],
  children: [],
  counts: [],
  orders: [],
  ...more,
});

describe('mass by age', () => {
  test.each([
    [0, 3300],
    [12, 9300],
    [24, 11_850],
    [33, 13_550],
    [90, 18_250],
  ])('%i months', (months, grams) => expect(medianMass(months)).toBe(grams));
  test('and back', () => {
    expect(monthsAtMass(9300)).toBe(12);
    expect(monthsAtMass(13_550)).toBe(33);
    expect(monthsAtMass(30_000)).toBeNull();
  });
});

test('nappies follow the children, their size and the open days, and are outgrown in a month that is told', () => {
  const size4 = par({ use: 'child', perDay: 4, fromGrams: 7000, toGrams: 12_000, wanted: 400 });
  const children = [
    { id: 'a', born: '2025-09', count: 1 },
    { id: 'b', born: '2025-01', count: 1 },
    { id: 'c', born: '2019-01', count: 1 },
  ];
  expect(fittingOn(size4, children, '2026-11-27')).toBe(2);
  expect(isOpenDay(data(), '2026-11-28')).toBe(false);
  const forecast = forecastOf(size4, data({ children, counts: [count('2026-11-27', 120)] }), '2026-11-27');
  // Two children, four a day, five days a week: 120 last 15 open days, to the 18th of December.
  expect(forecast.lasts!.expected).toBe('2026-12-18');
  expect(forecast.lasts!.earliest < forecast.lasts!.expected).toBe(true);
  expect(forecast.lasts!.latest! > forecast.lasts!.expected).toBe(true);
  expect(forecast.outgrown).toBe('2027-10');
  // With a holiday between they last longer.
  const closed = data({
    children,
    counts: [count('2026-11-27', 120)],
    holidays: [{ from: '2026-12-07', to: '2026-12-13' }],
  });
  expect(forecastOf(size4, closed, '2026-11-27').lasts!.expected).toBe('2026-12-25');
});

test('no more is ordered than is used before it is outgrown or spoils', () => {
  const children = [{ id: 'a', born: '2025-01', count: 1 }];
  const many = { use: 'child' as const, perDay: 4, fromGrams: 7000, toGrams: 12_000, wanted: 2000, pack: 50 };
  const counted = data({ children, counts: [count('2026-11-27', 10)] });
  const forecast = forecastOf(par(many), counted, '2026-11-27');
  expect(forecast.limitedBy).toBe('outgrown');
  expect(forecast.packs * 50).toBeLessThan(2000);
  const spoils = forecastOf(
    par({ use: 'day', perDay: 2, wanted: 500, pack: 10, expires: '2026-12-20' }),
    counted,
    '2026-11-27',
  );
  expect(spoils.limitedBy).toBe('spoils');
  expect(spoils.packs).toBeLessThan(5);
});

test('what is counted corrects the use; more than before without a delivery says nothing', () => {
  const glue = par({ use: 'day', perDay: 2 });
  const counts = [count('2026-11-02', 100), count('2026-11-16', 60), count('2026-11-20', 80)];
  const learned = learnedUse(glue, data({ counts }));
  // Ten open days, 40 used where 20 were reckoned.
  expect(learned.days).toBe(10);
  expect(learned.factor).toBeCloseTo((14 + 10 * 2) / 24);
  const came: StockOrder = {
    ...row,
    id: 'o',
    parId: 'p',
    packs: 1,
    received: 1,
    paid: null,
    on: '2026-11-18',
    closed: true,
  };
  expect(learnedUse(glue, data({ counts, orders: [came] })).days).toBe(14);
  expect(learnedUse(par({ use: 'counted' }), data({ counts: counts.slice(0, 2) })).factor).toBeCloseTo(4);
  expect(forecastOf(par({ use: 'counted' }), data(), '2026-11-20').lasts).toBeNull();
});

/** A term of random use, ordered whenever the forecast says so. @returns open days on which something was wanting */
function term(seed: number): { out: number; days: number; mean: number } {
  const random = new Random(seed);
  const poisson = (mean: number): number => {
    const least = Math.exp(-mean);
    let [product, drawn] = [1, -1];
    while (product > least) {
      product *= (random.below(1e6) + 1) / 1e6;
      drawn++;
    }
    return drawn;
  };
  const item = par({ use: 'day', perDay: 6, wanted: 120, pack: 20 });
  const orders: StockOrder[] = [];
  const arriving: { on: string; packs: number }[] = [];
  let stock = 90;
  let [out, days, sum] = [0, 0, 0];
  let today = '2026-09-01';
  for (let i = 0; i < 70; i++, today = addDays(today, 1)) {
    for (const one of arriving.filter(({ on }) => on === today)) {
      stock += one.packs * item.pack;
      const order = orders.find(({ closed }) => !closed)!;
      Object.assign(order, { received: order.packs, closed: true, on: today });
    }
    const all = data({ counts: [count(today, stock)], orders });
    const forecast = forecastOf(item, all, today);
    if (forecast.orderBy === today && forecast.packs) {
      orders.push({
        ...row,
        id: `o${i}`,
        parId: 'p',
        packs: forecast.packs,
        received: 0,
        paid: null,
        on: today,
        closed: false,
      });
      arriving.push({ on: addDays(today, item.leadDays), packs: forecast.packs });
    }
    if (!isOpenDay(all, today)) continue;
    const wanted = poisson(6);
    days++;
    if (wanted > stock) out++;
    stock = Math.max(0, stock - wanted);
    sum += stock;
  }
  return { out, days, mean: sum / days };
}
test('over simulated terms no more than 5 % of the days have a stock-out', () => {
  const terms = Array.from({ length: 60 }, (_, i) => term(i + 1));
  const days = terms.reduce((sum, one) => sum + one.days, 0);
  expect(terms.reduce((sum, one) => sum + one.out, 0) / days).toBeLessThanOrEqual(0.05);
  const mean = terms.reduce((sum, one) => sum + one.mean, 0) / terms.length;
  expect(mean).toBeGreaterThan(20);
  expect(mean).toBeLessThan(120);
});
