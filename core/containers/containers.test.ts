import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { CATALOGUE } from './catalogue.ts';
import { chooseContainers } from './choose.ts';
import { demandsOf } from './demand.ts';
import { binsNeeded, bulkLitres, insideLitres, learnedCorrection, pieceFits, usableLitres } from './litres.ts';
import { countTypes, shoppingList } from './shopping.ts';
import { starterOf } from '../starter/library.ts';
import { defaultsOf } from '../model/defaults.ts';
import { lineValues } from '../model/testing/rows.ts';
import type { Category, ContainerType, Line } from '../model/entities.ts';

const category = (key: string, more: Partial<Category> = {}): Category => ({
  ...defaultsOf('category'),
  ...starterOf(key)!,
  id: key,
  version: 1,
  siteId: 's',
  familyId: 'f',
  starter: key,
  ...more,
});
const line = (categoryId: string, amount: number, measure = 'pieces', more: Partial<Line> = {}): Line => ({
  id: categoryId + amount,
  version: 1,
  siteId: 's',
  ...lineValues(categoryId, { categoryId, amount, measure, ...more }),
});
const types: ContainerType[] = CATALOGUE.map((shape, i) => ({
  ...shape,
  id: `t${i}`,
  version: 1,
  siteId: 's',
  owned: 0,
}));
const site = { growth: 0.1, fillLimit: 0.8, measures: {} };
const choose = (lines: Line[], cats: Category[], stock = types, taken = new Map<string, number>()) =>
  chooseContainers(demandsOf(lines, new Map(cats.map((c) => [c.id, c])), site), {
    site,
    types: stock,
    compartments: [],
    taken,
  });

describe('litres', () => {
  test('everyday measures are bulk already, pieces lie with air between them', () => {
    expect(bulkLitres(line('x', 3, 'shoebox'), 'rigid', [1, 1, 1])).toBe(15);
    expect(bulkLitres(line('x', 3, 'shoebox'), 'rigid', [1, 1, 1], { shoebox: 6 })).toBe(18);
    expect(bulkLitres(line('x', 40, 'pieces', { length: 250, width: 200, height: 10 }), 'neat', [1, 1, 1])).toBeCloseTo(
      22,
      6,
    );
    expect(bulkLitres(line('x', 100), 'nesting', [100, 100, 100])).toBeCloseTo(35, 6);
  });
  test('usable is inside times form times limit', () => {
    const round = { form: 'round' as const, inWidth: 100, inDepth: 100, inHeight: 200 };
    expect(insideLitres(round)).toBeCloseTo(1.56, 9);
    expect(usableLitres(round, 0.8)).toBeCloseTo(1.248, 9);
  });
  test('bins are rounded up, never by a binary hair', () => {
    expect(binsNeeded(10, 0.1, 11)).toBe(1);
    expect(binsNeeded(10.1, 0.1, 11)).toBe(2);
    expect(binsNeeded(0, 0.1, 11)).toBe(1);
  });
  test('a 320 mm brush stands in a tall tin and not in a small box', () => {
    expect(
      pieceFits(
        [320, 12, 12],
        types.find((t) => t.name === 'Tall tin')!,
      ),
    ).toBe(true);
    expect(
      pieceFits(
        [320, 12, 12],
        types.find((t) => t.name === 'Clear box, small')!,
      ),
    ).toBe(false);
  });
  test('looking into a bin moves the factor half of the way and within limits', () => {
    expect(learnedCorrection(1, 0.5, 0.5)).toBe(1);
    expect(learnedCorrection(1, 0.4, 0.8)).toBeCloseTo(Math.SQRT2, 9);
    expect(learnedCorrection(1, 0.001, 1.5)).toBe(4);
  });
});

describe('chooseContainers', () => {
  test('whatever is chosen takes the stuff with room to grow, and its longest piece', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('wooden-blocks', 'paint-brushes', 'beads', 'picture-books', 'soft-animals', 'toy-cars'),
        fc.integer({ min: 1, max: 400 }),
        (key, amount) => {
          const { chosen, demand } = choose([line(key, amount)], [category(key)])[0]!;
          expect(chosen).not.toBeNull();
          expect(chosen!.count * usableLitres(chosen!.type, 0.8) + 1e-6).toBeGreaterThanOrEqual(demand.litres * 1.1);
          expect(pieceFits(demand.piece, chosen!.type)).toBe(true);
          expect(chosen!.fromStock + chosen!.toBuy).toBe(chosen!.count);
        },
      ),
    );
  });
  test('small parts get a lid', () =>
    expect(choose([line('beads', 2, 'mug')], [category('beads')])[0]!.chosen!.type.lid).toBe(true));
  test('what is owned comes before what must be bought, and is given out once', () => {
    const stock = types.map((t) =>
      t.name === 'Open tub, medium' ? { ...t, owned: 1 } : { ...t, price: t.price + 900 },
    );
    const picks = choose(
      [line('toy-cars', 1, 'shoebox'), line('toy-animals', 1, 'shoebox')],
      [category('toy-cars'), category('toy-animals')],
      stock,
    );
    expect(picks.map((p) => p.chosen!.fromStock).sort()).toEqual([0, 1]);
  });
  test('a choice by hand is kept', () => {
    const pick = choose([line('toy-cars', 2, 'shoebox')], [category('toy-cars', { containerTypeId: 't7' })])[0]!;
    expect(pick).toMatchObject({ byHand: true, chosen: { type: { id: 't7' } } });
  });
  test('a piece that nothing takes is said so', () => {
    const pick = choose(
      [line('paint-brushes', 1, 'pieces', { length: 2000, width: 300, height: 300 })],
      [category('paint-brushes')],
    )[0]!;
    expect(pick.chosen).toBeNull();
    expect(pick.problem).toMatch(/2000/);
  });
  test('what is never for sale is used as far as it is owned, not bought by the dozen', () => {
    const many = (owned: number) => {
      const stock = types.map((t) => (t.name === 'Shoebox' ? { ...t, owned } : t));
      return choose([line('tissues', 8, 'shoebox')], [category('tissues')], stock)[0]!.chosen!;
    };
    expect(many(0)).not.toMatchObject({ type: { name: 'Shoebox' } });
    expect(many(30)).toMatchObject({ type: { name: 'Shoebox' }, toBuy: 0 });
  });
  test('only what is kept is contained', () =>
    expect(choose([line('toy-cars', 5, 'pieces', { decision: 'give away' })], [category('toy-cars')])).toEqual([]));
});

test('the shopping list takes off what is owned and rounds packs up', () => {
  const pack = types.map((t) => (t.name === 'Drawer tray, narrow' ? { ...t, owned: 2 } : t));
  const id = pack.find((t) => t.name === 'Drawer tray, narrow')!.id;
  const list = shoppingList(countTypes(Array.from({ length: 7 }, () => ({ containerTypeId: id }))), pack);
  expect(list).toMatchObject([{ needed: 7, packs: 2, pieces: 8, cost: 300 }]);
});

test('an amount beyond all sense is proposed no containers, rather than thousands', () => {
  const huge = demandsOf(
    [line('wooden-blocks', 100_000, 'sack')],
    new Map([['wooden-blocks', category('wooden-blocks')]]),
    {
      measures: {},
      growth: 0.1,
      fillLimit: 0.8,
    } as never,
  );
  const types = CATALOGUE.map((shape, i) => ({ id: `t${i}`, version: 1, siteId: 's', owned: 0, ...shape }));
  const [choice] = chooseContainers(huge, {
    site: { growth: 0.1, fillLimit: 0.8 },
    types,
    compartments: [],
    taken: new Map(),
  } as never);
  expect(choice!.chosen).toBeNull();
});
