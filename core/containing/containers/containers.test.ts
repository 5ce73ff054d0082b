import { byId } from '../../ground/model/by-id.ts';
import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { CATALOGUE } from './catalogue.ts';
import { chooseContainers } from './choose.ts';
import { demandsOf } from '../../ground/contents/demand.ts';
import { pieceFits } from './fits-piece.ts';
import { binsNeeded, bulkLitres, insideLitres, learnedCorrection, usableLitres } from '../../ground/contents/litres.ts';
import { pieceOf, takenAlong } from '../../ground/contents/piece.ts';
import { countTypes, shoppingList } from './shopping.ts';
import { STARTER_CATEGORIES } from '../../ground/starter/library.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { Category, ContainerType, Line } from '../../ground/model/entities.ts';

const category = starterCategory;
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
  tried: null,
}));
const site = { growth: 0.1, fillLimit: 0.8, measures: {} };
const choose = (lines: Line[], cats: Category[], stock = types, taken = new Map<string, number>()) =>
  chooseContainers(demandsOf(lines, byId(cats), site), {
    site,
    types: stock,
    compartments: [],
    taken,
  });

describe('litres', () => {
  const lying = (packingKind: Category['packingKind'], starter: string | null = null) => ({
    packingKind,
    starter,
    density: 300,
  });
  test('everyday measures are bulk already, pieces lie with air between them', () => {
    const told = { length: 250, width: 200, height: 10 };
    expect(bulkLitres(line('x', 3, 'shoebox'), lying('rigid'))).toBe(15);
    expect(bulkLitres(line('x', 3, 'shoebox'), lying('rigid'), { shoebox: 6 })).toBe(18);
    expect(bulkLitres(line('x', 40, 'pieces', told), lying('neat'))).toBeCloseTo(0.5 + 39 * 0.55, 6);
    expect(
      bulkLitres(line('x', 100, 'pieces', { length: 100, width: 100, height: 100 }), lying('nesting')),
    ).toBeCloseTo(1 + 99 * 0.3, 6);
  });
  test('sheets lie in a stack: 500 of them are three litres', () =>
    expect(bulkLitres(line('copy-paper', 500), lying('flat', 'copy-paper'))).toBeCloseTo(
      0.297 * 0.21 * 0.0001 * 500 * 1.05 * 1000,
      6,
    ));
  test.each([
    ['one side is the longest', 'jigsaw-puzzles', [500, null, null], [500, 500 * (200 / 270), 40]],
    ['two are the face, the third is the usual one', 'jigsaw-puzzles', [700, 500, null], [700, 500, 40]],
    ['what is as wide as long grows both ways', 'balls', [220, null, null], [220, 220, 220]],
    ['a long thing keeps its thickness', 'paint-brushes', [450, null, null], [450, 12, 12]],
    ['a thickness alone is no length', 'knitting-needles', [null, null, 4], [350, 4, 4]],
    ['three sides are told', 'beads', [30, 20, 10], [30, 20, 10]],
    ['none is told', 'globes', [null, null, null], [320, 260, 260]],
  ] as const)('sides: %s', (_, starter, [length, width, height], piece) => {
    const size = pieceOf({ kind: starter, length, width, height });
    expect(size!.map((side) => Number(side.toFixed(3)))).toEqual(piece.map((side) => Number(side.toFixed(3))));
  });
  test('without box a puzzle is 5 mm thick', () =>
    expect(
      pieceOf({ kind: 'jigsaw-puzzles', length: 700, width: 500, height: null, name: 'puzzle', note: 'no box' }),
    ).toEqual([700, 500, 5]));
  test('of what nobody knows nothing is said', () => {
    expect(bulkLitres(line('x', 2), undefined)).toBeNull();
    expect(pieceOf({ kind: null, length: 300, width: 200, height: null })).toBeNull();
  });
  test('a line keeps its litres wherever it is sorted', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STARTER_CATEGORIES),
        fc.constantFrom(...STARTER_CATEGORIES),
        fc.integer({ min: 1, max: 90 }),
        fc.option(fc.integer({ min: 20, max: 900 })),
        (from, to, amount, length) => {
          const before = { ...from, starter: from.key };
          const own = line(from.key, amount, 'pieces', { length });
          const litres = bulkLitres(own, before);
          const moved = { ...own, ...takenAlong(own, before) };
          expect(bulkLitres(moved, { ...to, starter: to.key })).toBeCloseTo(litres!, 9);
          expect(bulkLitres(moved, { ...to, starter: null })).toBeCloseTo(litres!, 9);
        },
      ),
    );
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
        fc.constantFrom('wooden-blocks', 'paint-brushes', 'beads', 'soft-animals', 'toy-cars'),
        fc.integer({ min: 1, max: 400 }),
        (key, amount) => {
          const { chosen, demand } = choose([line(key, amount)], [category(key)])[0]!;
          expect(chosen).not.toBeNull();
          expect(chosen!.count * usableLitres(chosen!.type, 0.8) + 1e-6).toBeGreaterThanOrEqual(demand.litres * 1.1);
          expect(pieceFits(demand.piece!, chosen!.type, demand.lies)).toBe(true);
          expect(chosen!.mass).toBeLessThanOrEqual(9000);
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
  test('what no container takes stands without one', () => {
    const pick = choose(
      [line('paint-brushes', 1, 'pieces', { length: 2000, width: 300, height: 300 })],
      [category('paint-brushes')],
    )[0]!;
    expect(pick).toMatchObject({
      options: [],
      chosen: { type: { id: null, outHeight: 2000 } },
      bare: [{ outWidth: 300 }],
    });
  });
  test('rolls and rods are kept as a bundle, not as a bin each', () => {
    const rolls = line('paint-brushes', 6, 'pieces', { length: 900, width: 60, height: 60 });
    const [pick] = choose([rolls], [category('paint-brushes', { standsAlone: true })]);
    expect(pick!.bare.map(({ outWidth, outDepth, outHeight }) => [outWidth, outDepth, outHeight])).toEqual([
      [900, 189, 126],
    ]);
  });
  test('of what nobody knows the size, a size is asked for', () => {
    const own = category('beads', { starter: null });
    const pick = choose([line('beads', 3)], [own])[0]!;
    expect(pick.chosen).toBeNull();
    expect(pick.problem).toMatch(/tell a size/);
  });
  test('what is never for sale is used as far as it is owned, not bought by the dozen', () => {
    const many = (owned: number) => {
      const stock = types.map((t) => (t.name === 'Shoebox' ? { ...t, owned } : t));
      return choose([line('first-aid', 2, 'shoebox')], [category('first-aid')], stock)[0]!.chosen!;
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
  const types = CATALOGUE.map((shape, i) => ({
    id: `t${i}`,
    version: 1,
    siteId: 's',
    owned: 0,
    tried: null,
    ...shape,
  }));
  const [choice] = chooseContainers(huge, {
    site: { growth: 0.1, fillLimit: 0.8 },
    types,
    compartments: [],
    taken: new Map(),
  } as never);
  expect(choice!.chosen).toBeNull();
});

test('large paper still goes into a folder', () => {
  const [choice] = choose([line('large-paper', 60)], [category('large-paper')], [...types]);
  expect(choice!.options.map(({ type }) => type.name)).toContain('Drawing folder');
});

test('what goes into a sorting case goes into one of its compartments', () => {
  const sorting = types.find((type) => type.compartments === 12)!;
  expect(pieceFits([220, 80, 15], sorting)).toBe(false);
  expect(pieceFits([220, 80, 15], { ...sorting, compartments: 1 })).toBe(true);
  expect(pieceFits([60, 30, 15], sorting)).toBe(true);
});

test('no blade in a bag, no book in a bucket, no beads in a folder', () => {
  const list = [...types];
  for (const [key, wrong] of [
    ['sharp-scissors', (type: ContainerType) => type.soft],
    ['sewing-patterns', (type: ContainerType) => type.form === 'round'],
    ['beads', (type: ContainerType) => type.name === 'Drawing folder'],
  ] as const) {
    const [choice] = choose([line(key, 6)], [category(key)], list);
    expect(choice!.options.length).toBeGreaterThan(0);
    expect(choice!.options.filter((option) => option.type.id && wrong(option.type as ContainerType))).toEqual([]);
  }
});

test('fabric that hangs in a file goes into the box that has rails for it, and other boxes say what they lack', () => {
  const hung = line('fabric', 20, 'pieces', {
    length: 300,
    width: 230,
    height: 14,
    lies: 'neat',
    note: 'hangs in a file',
  });
  const [choice] = choose([hung], [category('fabric')]);
  expect(choice!.chosen!.type.name).toBe('Hanging file box');
  expect(choice!.options.at(-1)!.reasons).toContain('has no rails for hanging files');
});
