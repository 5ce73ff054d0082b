import { expect, test } from 'vitest';
import type { PlanFigures, WholePlan } from '@stube/core/plans';
import { isGoodAlready, planTitle } from './worth.ts';

const plan = (more: Partial<WholePlan> = {}): WholePlan =>
  ({
    ...{ id: 'effort', material: null, effort: 600, cost: 1000, unplaced: [], leftOut: [], cautions: [] },
    ...{ moved: 3, moveSeconds: 120, asItStands: false },
    ...more,
  }) as WholePlan;
const over = [{ id: 'b', categoryId: 'c', name: 'Blocks', why: 'no room is left' }];

test('a plan is called by what it does best, and by a letter where another does it better', () => {
  const money = plan({ id: 'money', effort: 700, cost: 400 });
  expect(planTitle(plan(), [plan(), money])).toBe('Least effort');
  expect(planTitle(money, [plan(), money])).toBe('Least money');
  const slow = plan({ effort: 800 });
  expect(planTitle(slow, [slow, money])).toBe('Plan A');
  const dear = plan({ id: 'money', cost: 1500 });
  expect(planTitle(dear, [plan(), dear])).toBe('Plan B');
  const leaves = plan({ id: 'stock', unplaced: over });
  expect(planTitle(leaves, [plan(), leaves])).toBe('Plan B');
  expect(planTitle(plan({ id: 'set', material: 'basket' }), [plan({ id: 'set', material: 'basket' })])).toBe(
    'One matching set: basket',
  );
});
test('what saves little or pays late leaves the room as good as it is; a danger or a thing without a place does not', () => {
  const now = { effort: 610, unplaced: [], cautions: [] } as unknown as PlanFigures;
  expect(isGoodAlready(plan(), now, false)).toBe(true);
  expect(isGoodAlready(plan(), { ...now, effort: 900 }, false)).toBe(false);
  expect(isGoodAlready(plan({ moveSeconds: 1e6 }), { ...now, effort: 900 }, false)).toBe(true);
  expect(isGoodAlready(plan(), now, true)).toBe(false);
  expect(isGoodAlready(plan(), { ...now, unplaced: over }, false)).toBe(false);
  const danger = { key: 'k', hazard: 'H3', severity: 'danger' as const, about: '', fact: '', helps: '' };
  expect(isGoodAlready(plan(), { ...now, cautions: [danger] }, false)).toBe(false);
});
