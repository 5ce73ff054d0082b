/** What the strategies of a plan are called. */
import type { Strategy, StrategyId } from '@stube/core/containers';

export const STRATEGY_NAMES: Record<StrategyId, string> = {
  stock: 'Use what you have',
  money: 'Least money',
  set: 'One matching set',
  effort: 'Least effort',
};
export const strategyName = ({ id, material }: Pick<Strategy, 'id' | 'material'>): string =>
  material ? `${STRATEGY_NAMES[id]}: ${material}` : STRATEGY_NAMES[id];
