/**
 * Three ways to buy for a room, side by side (practice C6): use what is there, spend the least, or one matching set. What a
 * person has chosen by hand is kept in each of them, and a budget is kept: what is fetched least often waits.
 */
import { MATERIALS, type ContainerType } from '../../ground/model/entities.ts';
import { chooseContainers, chosenOf, type ContainChoice, type ContainContext } from './choose.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import { NEARLY_EMPTY, type ContainerOption } from './judge.ts';
import { countTypes, purchasesBeyond, totalOf, type Purchase } from './shopping.ts';

export type StrategyId = 'stock' | 'money' | 'set' | 'effort';
/** What they are called. */
export const STRATEGY_NAMES: Record<StrategyId, string> = {
  stock: 'Use what you have',
  money: 'Least money',
  set: 'One matching set',
  effort: 'Least effort',
};
export const strategyName = ({ id, material }: Pick<Strategy, 'id' | 'material'>): string =>
  material ? `${STRATEGY_NAMES[id]}: ${material}` : STRATEGY_NAMES[id];

export interface Strategy {
  id: StrategyId;
  /** Of a matching set: what it is made of. */
  material: ContainerType['material'] | null;
  choices: ContainChoice[];
  purchases: Purchase[];
  /** Minor units. */
  cost: number;
  pieces: number;
  /** Different kinds of container in use. */
  kinds: number;
  /** How full they are on average, as a share of their inside; null where there are none. */
  full: number | null;
  /** Categories that wait, because the money does not reach. */
  leftOut: string[];
  /** Of a matching set: categories that nothing of it takes. */
  others: string[];
}

type Prefer = NonNullable<ContainContext['prefer']>;

/** The cheapest that stands nowhere, or stands nearly empty, is wasted money: what has a place and a use comes first. */
const wasted = (option: ContainerOption, context: ContainContext): number =>
  (context.compartments.length && !option.places ? 2 : 0) + (option.full < NEARLY_EMPTY ? 1 : 0);
/** As many of one kind as are still looked through at a glance: our own judgement. */
const MANY = 8;
/** How often it is more than that, in doublings: three sacks of blankets do not go into thirty-three file boxes because these are cheap. */
const scattered = ({ count }: ContainerOption): number => Math.max(0, Math.ceil(Math.log2(count / MANY)));
/** What nobody would do, whatever it saves. */
const senseless =
  (context: ContainContext): Prefer =>
  (a, b) =>
    wasted(a, context) - wasted(b, context) || scattered(a) - scattered(b);
/** Packs are bought whole; what is left of one may serve another category, which the sum then tells. */
const priceOf = ({ type, toBuy }: ContainerOption): number => Math.ceil(toBuy / Math.max(1, type.pack)) * type.price;

const ORDERS: Record<'stock' | 'money', (context: ContainContext) => Prefer> = {
  stock: (context) => (a, b) => senseless(context)(a, b) || a.toBuy - b.toBuy,
  money: (context) => (a, b) => senseless(context)(a, b) || priceOf(a) - priceOf(b) || a.toBuy - b.toBuy,
};

const inSet =
  (material: ContainerType['material'], context: ContainContext): Prefer =>
  (a, b) =>
    senseless(context)(a, b) || Number(a.type.material !== material) - Number(b.type.material !== material);
/** A set is one line of containers in at most so many sizes. */
const SIZES = 3;
/** Ids of the sizes that most categories are in; where as many are in two, the one that is fetched more. */
function sizesIn(choices: readonly ContainChoice[], material: ContainerType['material']): Set<string> {
  const uses = new Map<string, number>();
  for (const { chosen, demand } of choices) {
    if (!chosen?.type.id || chosen.type.material !== material) continue;
    const { perWeek } = demand.category;
    uses.set(chosen.type.id, (uses.get(chosen.type.id) ?? 0) + 1 + perWeek / (1 + perWeek) / choices.length);
  }
  return new Set(
    [...uses]
      .sort((a, b) => b[1] - a[1])
      .slice(0, SIZES)
      .map(([id]) => id),
  );
}
/** All of one material in those sizes; what none of them takes is no part of the set. */
function matchingSet(
  demands: readonly Demand[],
  context: ContainContext,
  material: ContainerType['material'],
): ContainChoice[] {
  const choose = (prefer: Prefer) => chooseContainers(demands, { ...context, standing: undefined, prefer });
  const sizes = sizesIn(choose(inSet(material, context)), material);
  const isIn = ({ type }: ContainerOption): boolean => sizes.has(type.id ?? '');
  return choose((a, b) => senseless(context)(a, b) || Number(isIn(b)) - Number(isIn(a)));
}
/** What a set could be of: more than one size of it has to be there. */
const materialsOf = ({ types }: ContainContext): ContainerType['material'][] =>
  MATERIALS.filter(
    (material) => types.filter((type) => type.material === material && type.compartments === 1).length > 1,
  );

/** How a room that always buys so compares two containers. */
export function preferOf(buy: 'own' | 'least' | 'match', context: ContainContext, demands: readonly Demand[]): Prefer {
  if (buy === 'own') return ORDERS.stock(context);
  if (buy === 'least') return ORDERS.money(context);
  const best = materialsOf(context)
    .map((material) => {
      const choices = chooseContainers(demands, { ...context, standing: undefined, prefer: inSet(material, context) });
      return {
        material,
        others: choices.filter(({ chosen }) => chosen?.type.id && chosen.type.material !== material).length,
      };
    })
    .reduce<{ material: ContainerType['material']; others: number } | null>(
      (least, one) => (!least || one.others < least.others ? one : least),
      null,
    );
  return best ? inSet(best.material, context) : () => 0;
}

/**
 * @param budget minor units; null where there is none
 * @returns in the order in which they are asked: what is there, least money, one set
 */
export function strategiesOf(demands: readonly Demand[], context: ContainContext, budget: number | null): Strategy[] {
  const order = (id: 'stock' | 'money') => {
    const anew = id === 'money' ? { ...context, standing: undefined } : context;
    return withinBudget(id, null, chooseContainers(demands, { ...anew, prefer: ORDERS[id](context) }), context, budget);
  };
  const sets = materialsOf(context).map((material) =>
    withinBudget('set', material, matchingSet(demands, context, material), context, budget),
  );
  const set = sets.sort(
    (a, b) => a.others.length + a.leftOut.length - b.others.length - b.leftOut.length || a.cost - b.cost,
  )[0];
  return [order('stock'), order('money'), ...(set ? [set] : [])];
}

function withinBudget(
  id: StrategyId,
  material: Strategy['material'],
  all: readonly ContainChoice[],
  context: ContainContext,
  budget: number | null,
): Strategy {
  const leftOut: string[] = [];
  let choices = [...all];
  let purchases = purchasesOf(choices, context);
  while (budget !== null && totalOf(purchases).cost > budget) {
    const waits = choices
      .filter(({ chosen }) => chosen && chosen.toBuy > 0)
      .sort((a, b) => a.demand.category.perWeek - b.demand.category.perWeek)[0];
    if (!waits) break;
    leftOut.push(waits.demand.category.name);
    choices = choices.map((choice) => (choice === waits ? { ...choice, chosen: null } : choice));
    purchases = purchasesOf(choices, context);
  }
  const chosen = choices.flatMap((choice) => (choice.chosen?.type.id ? [choice.chosen] : []));
  const count = chosen.reduce((sum, option) => sum + option.count, 0);
  return {
    id,
    material,
    choices,
    purchases,
    ...totalOf(purchases),
    kinds: new Set(chosen.map((option) => option.type.id)).size,
    full: count ? chosen.reduce((sum, option) => sum + option.full * option.count, 0) / count : null,
    leftOut,
    others: material ? notInSet(choices, material) : [],
  };
}

/** Categories that nothing of the set takes. */
function notInSet(choices: readonly ContainChoice[], material: ContainerType['material']): string[] {
  const sizes = sizesIn(choices, material);
  return choices
    .filter(({ chosen }) => chosen?.type.id && !sizes.has(chosen.type.id))
    .map(({ demand }) => demand.category.name);
}

/** What a room has to buy for these choices, beyond what others use. */
export const purchasesOf = (
  choices: readonly ContainChoice[],
  { taken, kept = [], types }: ContainContext,
): Purchase[] => purchasesBeyond(taken, countTypes([...kept, ...chosenOf(choices)], taken), types);
