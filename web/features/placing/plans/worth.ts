/** What a plan is called beside the others, and whether it is worth the work. */
import { countDangers } from '@stube/core/cautions';
import { strategyName } from '@stube/core/containers';
import { type PlanFigures, weeksToMakeGood, type WholePlan } from '@stube/core/plans';

type Weighed = Pick<WholePlan, 'id' | 'material' | 'effort' | 'cost' | 'unplaced' | 'leftOut'>;
const left = ({ unplaced, leftOut }: Pick<Weighed, 'unplaced' | 'leftOut'>): number => unplaced.length + leftOut.length;
/** Search leaves so much to chance, as a share. */
const CHANCE = 0.01;

/** No plan is praised by its name for what another does better. */
export function planTitle(plan: Weighed, all: readonly Weighed[]): string {
  const whole = all.filter((other) => left(other) <= left(plan));
  const best = (of: (one: Weighed) => number): boolean =>
    whole.every((other) => of(plan) <= of(other) * (1 + CHANCE) + 1) && all.every((other) => left(plan) <= left(other));
  const isSo = plan.id === 'effort' ? best(({ effort }) => effort) : plan.id !== 'money' || best(({ cost }) => cost);
  if (isSo && all.every((other) => left(plan) <= left(other))) return strategyName(plan);
  return `Plan ${String.fromCharCode(65 + all.findIndex((other) => other.id === plan.id))}`;
}

/** A gain below that share of the week, or made good later than in so many weeks, is no reason to carry anything. */
const WORTH = { share: 0.05, weeks: 52 };

/** Whether the room is as good as that already. @param now the room as it stands @param fresh whether the plan has things in bins that have none today */
export function isGoodAlready(plan: WholePlan, now: PlanFigures, fresh: boolean): boolean {
  if (fresh || !plan.moved || plan.asItStands || plan.unplaced.length < now.unplaced.length) return false;
  if (countDangers(plan.cautions) < countDangers(now.cautions)) return false;
  const saved = now.effort - plan.effort;
  const weeks = weeksToMakeGood(plan.moveSeconds, saved);
  return saved < WORTH.share * now.effort || weeks === null || weeks > WORTH.weeks;
}
