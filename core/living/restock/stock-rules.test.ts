import { describe, expect, test } from 'vitest';
import type { SiteData } from '../../ground/model/entities.ts';
import { ordersOf } from './budget.ts';
import type { Forecasted } from './forecast-of-site.ts';
import { spoils, useBy } from '../../ground/calendar/use-by.ts';

test.each([
  [{ expires: null, opened: null, keepsDays: null }, null],
  [
    { expires: '2027-01-10', opened: null, keepsDays: 30 },
    { day: '2027-01-10', why: 'spoils' },
  ],
  [
    { expires: '2027-01-10', opened: '2026-12-01', keepsDays: 30 },
    { day: '2026-12-31', why: 'opened' },
  ],
  [
    { expires: '2026-12-10', opened: '2026-12-01', keepsDays: 30 },
    { day: '2026-12-10', why: 'spoils' },
  ],
  [{ expires: null, opened: '2026-12-01', keepsDays: null }, null],
])('%j is good until %j', (par, until) => {
  expect(useBy(par)).toEqual(until);
  expect(spoils(par)).toBe(par.expires !== null || par.keepsDays !== null);
});

describe('a month’s budget', () => {
  const row = (id: string, orderBy: string | null, packs: number, price: number): Forecasted =>
    ({ par: { id, price }, line: { name: id }, room: {}, forecast: { orderBy, packs } }) as never;
  const rows = [row('glue', '2026-12-05', 2, 500), row('wipes', '2026-12-01', 1, 900), row('soap', null, 0, 100)];
  const site = (restockBudget: number | null): Pick<SiteData, 'site' | 'par' | 'stockOrder'> =>
    ({
      site: [{ restockBudget }],
      par: [{ id: 'glue', price: 500 }],
      stockOrder: [
        { parId: 'glue', packs: 1, on: '2026-12-01', paid: 450 },
        { parId: 'glue', packs: 9, on: '2026-11-30', paid: 450 },
      ],
    }) as never;
  const waiting = (budget: number | null) =>
    ordersOf(rows, site(budget), '2026-12-01').list.map(({ row, waitsFor }) => [row.par.id, waitsFor]);
  test('pays for the most urgent first, with what was ordered in the month', () => {
    expect(waiting(null)).toEqual([
      ['wipes', null],
      ['glue', null],
    ]);
    expect(waiting(2350)).toEqual([
      ['wipes', null],
      ['glue', null],
    ]);
    expect(waiting(2349)).toEqual([
      ['wipes', null],
      ['glue', '2027-01'],
    ]);
    // Each waits for a month of its own; what costs more than a whole month's budget does not wait for ever.
    expect(waiting(1000)).toEqual([
      ['wipes', '2027-01'],
      ['glue', '2027-02'],
    ]);
    expect(waiting(500)).toEqual([
      ['wipes', null],
      ['glue', null],
    ]);
    expect(ordersOf(rows, site(null), '2026-12-01')).toMatchObject({ spent: 450, cost: 1900 });
    expect(ordersOf(rows, site(2349), '2026-12-01')).toMatchObject({ spent: 450, cost: 900 });
  });
});
