import { expect, test } from 'vitest';
import type { ContainerType, Line } from '../../ground/model/entities.ts';
import { lineValues } from '../../ground/model/testing/rows.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { alternativesTo } from './alternatives.ts';
import { CATALOGUE } from './catalogue.ts';
import { chooseContainers, type ContainContext } from './choose.ts';
import { demandsOf } from '../../ground/contents/demand.ts';
import { effectOf, effectsOf, withSchool } from './schools.ts';

const types: ContainerType[] = CATALOGUE.map((shape, i) => ({
  ...shape,
  id: `t${i}`,
  version: 1,
  siteId: 's',
  owned: shape.price ? 0 : 3,
  tried: null,
}));
const keys = ['wooden-blocks', 'coloured-pencils', 'jigsaw-puzzles', 'stickers', 'board-games', 'buttons'];
const lines = keys.map((key, i): Line => ({
  id: key,
  version: 1,
  siteId: 's',
  ...lineValues(key, { categoryId: key, amount: 20 + 10 * i }),
}));
const demands = demandsOf(lines, new Map(keys.map((key) => [key, starterCategory(key)])), { measures: {} });
const context: ContainContext = {
  site: { growth: 0.1, fillLimit: 0.8, measures: {} },
  types,
  compartments: [],
  taken: new Map(),
};
const nothing = { view: null, lids: null, buy: null };
const effects = effectsOf(
  {
    none: nothing,
    show: { ...nothing, view: 'show' },
    hide: { ...nothing, view: 'hide' },
    lids: { ...nothing, lids: 'lids' },
    open: { ...nothing, lids: 'open' },
    least: { ...nothing, buy: 'least' },
    match: { ...nothing, buy: 'match' },
    own: { ...nothing, buy: 'own' },
  },
  demands,
  context,
);

test('a room that shows is seen more than one that hides; lids cost seconds; the least costs least', () => {
  expect(demands.length).toBeGreaterThanOrEqual(4);
  expect(effects.show.seen).toBeGreaterThanOrEqual(effects.hide.seen);
  expect(effects.open.lidSeconds).toBeLessThan(effects.lids.lidSeconds);
  for (const other of ['none', 'show', 'hide', 'match'] as const)
    expect(effects.least.cost).toBeLessThanOrEqual(effects[other].cost);
  expect(effects.own.cost).toBeLessThanOrEqual(effects.match.cost);
});
test('seconds for lids by hand: off and on, 2.5 s each, for every use', () => {
  const choices = chooseContainers(demands, withSchool(context, { ...nothing, lids: 'lids' }, demands));
  const byHand = choices
    .filter(({ chosen }) => chosen?.type.lid)
    .reduce((sum, { demand }) => sum + 5 * demand.category.perWeek, 0);
  expect(effectOf(choices, context).lidSeconds).toBeCloseTo(byHand);
});
const buttons = demands.filter(({ category }) => category.starter === 'buttons');
test('what was tried and does not fit is taken last', () => {
  const [first] = chooseContainers(buttons, context);
  const tried = types.map((type) =>
    type.id === first!.chosen!.type.id ? { ...type, tried: 'does not' as const } : type,
  );
  const [second] = chooseContainers(buttons, { ...context, types: tried });
  expect(second!.chosen!.type.id).not.toBe(first!.chosen!.type.id);
});
test('alternatives take all that was in it, and tell the difference of the whole list', () => {
  const choices = chooseContainers(demands, context);
  const bought = choices.find(({ chosen }) => chosen?.type.id && chosen.toBuy)!.chosen!.type.id!;
  for (const { type, difference, categoryIds } of alternativesTo(bought, choices, context)) {
    expect(type.id).not.toBe(bought);
    const instead = choices.map((choice) =>
      categoryIds.includes(choice.demand.category.id)
        ? { ...choice, chosen: choice.options.find((option) => option.type.id === type.id)! }
        : choice,
    );
    expect(effectOf(instead, context).cost - effectOf(choices, context).cost).toBe(difference);
  }
  expect(alternativesTo('nothing', choices, context)).toEqual([]);
});

test('instead of what is bought, nothing is offered that nobody has or that lacks what the things ask for', () => {
  const knives = starterCategory('craft-knives', { perWeek: 1 });
  const [demand] = demandsOf(
    [{ ...lines[0]!, ...lineValues('craft knives', { categoryId: knives.id, amount: 6 }) }],
    new Map([[knives.id, knives]]),
    { measures: {} },
  );
  const locked = types.find(({ lockable, lid, price }) => lockable && lid && price)!;
  for (const owned of [0, 9]) {
    const stock = types.map((type) => ({ ...type, owned: type.price ? 0 : owned }));
    const chosen = [{ ...demand!, category: { ...knives, containerTypeId: locked.id } }];
    const choices = chooseContainers(chosen, { ...context, types: stock }).map((choice) => ({
      ...choice,
      byHand: false,
    }));
    const offered = alternativesTo(locked.id, choices, { ...context, types: stock });
    expect(offered.filter(({ type }) => !type.lockable)).toEqual([]);
  }
  const none = types.map((type) => ({ ...type, owned: 0 }));
  const open = chooseContainers(demands, { ...context, types: none });
  for (const { chosen } of open)
    if (chosen?.type.id)
      for (const { type } of alternativesTo(chosen.type.id, open, { ...context, types: none }))
        expect(type.price).toBeGreaterThan(0);
});
