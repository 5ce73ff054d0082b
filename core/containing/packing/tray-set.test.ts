import { expect, test } from 'vitest';
import { CATALOGUE } from '../containers/catalogue.ts';
import { demandsOf, type Demand } from '../../ground/contents/demand.ts';
import type { ContainerType } from '../../ground/model/entities.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { fitSteps } from './solve.ts';
import type { FitProblem } from '../../ground/problems/fit-problem.ts';
import { isTray, proposeTrays, type Tray } from './tray-set.ts';

const types: ContainerType[] = CATALOGUE.map((shape, i) => ({
  ...shape,
  id: `t${i}`,
  version: 1,
  siteId: 's',
  owned: 0,
  tried: null,
}));
const drawer = { width: 400, depth: 500, height: 100, access: 'top' as const };
const site = { growth: 0.1, fillLimit: 0.8, measures: {} };
/** As long as the screen gives it, counted in steps so that it repeats. */
const solve = (problem: FitProblem) => {
  const steps = fitSteps(problem);
  for (let n = 0; ; n++) {
    const next = steps.next();
    if (next.done) return next.value;
    if (n >= 150) return next.value.answer();
  }
};
const traysFor = (wanted: Demand[], where = drawer) => proposeTrays(where, types, wanted, site, solve);
/** Twelve kinds of pens and clips: a handful of each. */
const KEYS = [
  'pens-and-pencils',
  'paper-clips-and-pins',
  'felt-tip-pens',
  'glue-sticks',
  'stamps-and-ink-pads',
  'sticky-notes',
  'coloured-pencils',
  'wax-crayons',
  'rubbers-and-sharpeners',
  'keys',
  'batteries',
  'buttons',
];
const demands = demandsOf(
  KEYS.map((key) => ({
    id: key,
    version: 1,
    siteId: 's',
    ...lineValues(key, { categoryId: key, amount: 0.5, measure: 'handful' }),
  })),
  new Map(KEYS.map((key) => [key, starterCategory(key)])),
  site,
);

const meets = (a: Tray, b: Tray) => {
  const [aw, ad] = a.turned ? [a.type.outDepth, a.type.outWidth] : [a.type.outWidth, a.type.outDepth];
  const [bw, bd] = b.turned ? [b.type.outDepth, b.type.outWidth] : [b.type.outWidth, b.type.outDepth];
  return a.x < b.x + bw && b.x < a.x + aw && a.y < b.y + bd && b.y < a.y + ad;
};

test('a drawer of 400 × 500 × 100 for twelve kinds of pens and clips: a tray for each, 95 % of its floor covered', async () => {
  expect(demands).toHaveLength(12);
  const set = (await traysFor(demands))!;
  expect(set.without).toEqual([]);
  expect(set.covered).toBeGreaterThanOrEqual(0.95);
  expect(set.trays.filter(({ demand }) => demand)).toHaveLength(12);
  for (const [i, a] of set.trays.entries()) {
    expect(isTray(a.type, drawer)).toBe(true);
    for (const b of set.trays.slice(i + 1)) expect(meets(a, b)).toBe(false);
  }
});

test('what no tray takes is told, and trays that are too high, lidded or soft are none', async () => {
  const [large] = demandsOf(
    [
      {
        id: 'x',
        version: 1,
        siteId: 's',
        ...lineValues('x', { categoryId: 'buttons', amount: 3, measure: 'shoebox' }),
      },
    ],
    new Map([['buttons', starterCategory('buttons')]]),
    site,
  );
  expect((await traysFor([large!]))!.without).toEqual([large]);
  expect(await traysFor(demands, { ...drawer, height: 20 })).toBeNull();
});
