import { expect, test } from 'vitest';
import { SPACE } from '../../placing/cautions/testing/scene.ts';
import type { ContainerType } from '../../ground/model/entities.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { CATALOGUE } from './catalogue.ts';
import { chooseContainers, contextFor } from './choose.ts';
import { demandsOf } from '../../ground/contents/demand.ts';
import { purchasesOf, strategiesOf, type Strategy } from './strategies.ts';

const KEYS = ['wooden-blocks', 'toy-cars', 'felt-tip-pens', 'board-games', 'soft-animals', 'beads'];
const categories = new Map(KEYS.map((key, i) => [key, starterCategory(key, { perWeek: i + 1 })]));
const lines = KEYS.map((key) => ({
  id: key,
  version: 1,
  siteId: 's',
  ...lineValues(key, { categoryId: key, amount: 2, measure: 'shoebox' }),
}));
const site = { growth: 0.1, fillLimit: 0.8, measures: {} };
const demands = demandsOf(lines, categories, site);
const typesWith = (owned: Record<string, number>): ContainerType[] =>
  CATALOGUE.map((shape, i) => ({
    ...shape,
    id: `t${i}`,
    version: 1,
    siteId: 's',
    owned: owned[shape.name] ?? 0,
    tried: null,
  }));
/** Kinds of thing that ask for containers of many sizes, with how often a week. */
const LIBRARY_USES: Record<string, number> = {
  'wooden-blocks': 5,
  'toy-cars': 6,
  'felt-tip-pens': 3,
  'board-games': 1,
  beads: 2,
  buttons: 1,
  yarn: 2,
  'soft-animals': 4,
};
const compare = (owned: Record<string, number>, budget: number | null = null) =>
  Object.fromEntries(
    strategiesOf(demands, { site, types: typesWith(owned), compartments: [], taken: new Map() }, budget).map(
      (strategy) => [strategy.id, strategy],
    ),
  ) as Record<Strategy['id'], Strategy>;

test('the least money costs no more than the others, what is there is used first, and a set is of one material', () => {
  const { stock, money, set } = compare({ 'Open tub, large': 3, 'Cloth bag box': 1 });
  expect(money.cost).toBeLessThanOrEqual(stock.cost);
  expect(money.cost).toBeLessThanOrEqual(set.cost);
  expect(stock.pieces).toBeLessThanOrEqual(set.pieces);
  expect(set.material).not.toBeNull();
  const inSet = set.choices.filter(({ chosen }) => chosen?.type.id && chosen.type.material === set.material).length;
  expect(inSet + set.others.length + set.choices.filter(({ chosen }) => !chosen?.type.id).length).toBe(KEYS.length);
  expect(inSet).toBeGreaterThan(set.others.length);
});

test('a set has at most three sizes, and what none of them takes is named', () => {
  const keys = Object.keys(LIBRARY_USES);
  const many = new Map(keys.map((key) => [key, starterCategory(key, { perWeek: LIBRARY_USES[key]! })]));
  const all = demandsOf(
    keys.map((key, i) => ({
      ...lines[0]!,
      ...lineValues(key, { categoryId: key, amount: 1 + i, measure: 'litres' }),
      id: key,
    })),
    many,
    site,
  );
  const context = { site, types: typesWith({}), compartments: [], taken: new Map() };
  const set = strategiesOf(all, context, null).find(({ id }) => id === 'set')!;
  const sizes = new Set(
    set.choices.flatMap(({ chosen, demand }) =>
      chosen?.type.id && !set.others.includes(demand.category.name) ? [chosen.type.id] : [],
    ),
  );
  expect(sizes.size).toBe(3);
  expect(set.others.length).toBeLessThan(keys.length / 2);
});

test('a budget is kept: what is fetched least often waits, and is named', () => {
  const free = compare({});
  const budget = Math.round(free.money.cost / 2);
  const { money } = compare({}, budget);
  expect(money.cost).toBeLessThanOrEqual(budget);
  expect(money.leftOut.length).toBeGreaterThan(0);
  const often = (name: string) => [...categories.values()].find((category) => category.name === name)!.perWeek;
  const bought = money.choices.filter(({ chosen }) => chosen && chosen.toBuy > 0);
  for (const name of money.leftOut)
    for (const { demand } of bought) expect(often(name)).toBeLessThanOrEqual(demand.category.perWeek);
  expect(compare({}, free.money.cost).money.leftOut).toEqual([]);
  expect(compare({}, 0).money.cost).toBe(0);
});

test('what was chosen by hand is kept in every one of them', () => {
  const types = typesWith({});
  const crate = types.find(({ name }) => name === 'Book crate')!;
  const byHand = demands.map((demand) =>
    demand.category.id === 'toy-cars'
      ? { ...demand, category: { ...demand.category, containerTypeId: crate.id } }
      : demand,
  );
  for (const { choices } of strategiesOf(byHand, { site, types, compartments: [], taken: new Map() }, null))
    expect(choices.find(({ demand }) => demand.category.id === 'toy-cars')!.chosen!.type.name).toBe('Book crate');
});

test('sacks of blankets do not go into dozens of small boxes because these are cheap', () => {
  const blankets = starterCategory('nap-blankets', { perWeek: 5 });
  const told = { id: 'l', version: 1, siteId: 's', ...lineValues('nap blankets', { categoryId: 'nap-blankets' }) };
  const demand = demandsOf([{ ...told, amount: 3, measure: 'sack' }], new Map([['nap-blankets', blankets]]), site);
  // Cubes, into which the largest bags do not go.
  const compartments = Array.from({ length: 60 }, () => ({ ...SPACE, width: 360, depth: 380, height: 350 }));
  const context = { site, types: typesWith({}), compartments, taken: new Map() };
  for (const { choices } of strategiesOf(demand, context, null)) {
    const { chosen } = choices[0]!;
    expect([chosen!.type.name, chosen!.count]).toEqual([expect.any(String), expect.toSatisfy((n) => n > 0 && n <= 16)]);
  }
});

test('what gets no choice keeps its containers: what is owned is given out once', () => {
  const types = typesWith({ 'Open tub, large': 3 });
  const tub = types.find(({ name }) => name === 'Open tub, large')!.id;
  const bin = (roomId: string, categoryId: string) => ({ roomId, categoryId, containerTypeId: tub });
  const bins = [bin('here', 'left'), bin('here', 'unknown'), bin('here', 'wooden-blocks'), bin('there', 'other')];
  const blocks = demands.find(({ category }) => category.id === 'wooden-blocks')!;
  const unknown = { ...blocks, litres: 0, category: { ...blocks.category, id: 'unknown' } };
  const context = contextFor({ site, types, compartments: [], bins }, 'here', [blocks, unknown]);
  const choices = chooseContainers([blocks], context);
  expect(choices[0]!.options.find(({ type }) => type.id === tub)).toMatchObject({ fromStock: 0 });
  const one = {
    ...choices[0]!,
    chosen: { ...choices[0]!.chosen!, type: types.find(({ id }) => id === tub)!, count: 1 },
  };
  expect(purchasesOf([one], context)).toMatchObject([{ needed: 4, packs: 1 }]);
});
