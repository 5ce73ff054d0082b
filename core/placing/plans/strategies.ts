/** The four ways in which a plan weighs money, kinds and minutes (practice C6); what is dangerous or has no place is never weighed. */
import { MATERIALS, type ContainerType } from '../../ground/model/entities.ts';
import type { ContainChoice } from '../../containing/containers/choose.ts';
import type { StrategyId } from '../../containing/containers/strategies.ts';
import type { PlanWeights } from './together/problem.ts';

export interface PlanStrategy {
  id: StrategyId;
  /** Of a matching set: what it is made of. */
  material: ContainerType['material'] | null;
  weights: PlanWeights;
}

/** Seconds a week for a minor unit, for each kind that is bought, for each piece more over which a family is spread; our own judgement: one unit of money is two seconds a week, an hour and three quarters in three years. */
const USUAL: PlanWeights = { perPrice: 0.02, perKind: 20, familySpread: 20 };
const WEIGHTS: Record<StrategyId, PlanWeights> = {
  stock: { ...USUAL, perPrice: 0.05, perKind: 30 },
  money: { ...USUAL, perPrice: 0.12, perKind: 16 },
  set: { ...USUAL, perKind: 60 },
  effort: { ...USUAL, perKind: 26 },
};
/** For every kind of container beyond the first in a unit of cubes, seconds a week: a row of equal baskets is what people want of it. */
export const CALM: Record<StrategyId, number> = { effort: 15, stock: 10, money: 10, set: 40 };
/** What stands in the way of a matching set: a container of another line, seconds a week each. */
export const NOT_OF_SET = 40;

/** A line of containers of one material that takes most of what a room keeps. */
function materialOf(choices: readonly ContainChoice[]): ContainerType['material'] | null {
  const takes = MATERIALS.map((material) => ({
    material,
    count: choices.filter(({ options }) => options.some(({ type, places }) => type.material === material && places > 0))
      .length,
    sizes: new Set(
      choices.flatMap(({ options }) =>
        options.flatMap(({ type }) => (type.material === material ? (type.id ?? []) : [])),
      ),
    ).size,
  })).filter(({ sizes }) => sizes > 1);
  const best = takes.sort((a, b) => b.count - a.count)[0];
  return best?.count ? best.material : null;
}

/** In the order in which they are shown. @param choices what every category of the room could be in */
export function planStrategies(choices: readonly ContainChoice[]): PlanStrategy[] {
  const material = materialOf(choices);
  const of = (id: StrategyId, set: PlanStrategy['material'] = null): PlanStrategy => ({
    id,
    material: set,
    weights: WEIGHTS[id],
  });
  return [of('effort'), of('stock'), of('money'), ...(material ? [of('set', material)] : [])];
}
