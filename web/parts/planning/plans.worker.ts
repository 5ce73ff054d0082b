/** Reckons whole plans, one strategy after the other, each within its time; the caller hears of each as it comes. */
import { expose } from 'comlink';
import type { StrategyId } from '@stube/core/containers';
import {
  type PlanProgress,
  type PlanRoom,
  roomWays,
  type WhatIf,
  type WhatIfEffect,
  whatIfSteps,
  type WholePlan,
  wholePlanSteps,
} from '@stube/core/plans';
import { inSlices } from '../../data/worker/slices.ts';

export interface PlanNews {
  /** Which strategy is being reckoned, and how far all are, 0 … 1. */
  id: WholePlan['id'];
  done: number;
}

let stopped = false;

const plans = {
  /** @param budget minor units; null without @param ms for all of them; the first is told as soon as there is one, and again when it is done */
  async all(
    plan: PlanRoom,
    budget: number | null,
    ms: number,
    report: (news: PlanNews) => void,
    found: (plan: WholePlan) => void,
  ): Promise<void> {
    stopped = false;
    const opened = performance.now();
    const ways = roomWays(plan);
    for (const [i, strategy] of ways.strategies.entries()) {
      if (stopped) return;
      const began = performance.now();
      const own = Math.max(ms / 2 / ways.strategies.length, (ms - (began - opened)) / (ways.strategies.length - i));
      const elapsed = () => (performance.now() - began) / own;
      let told = i > 0;
      found(
        await inSlices<WholePlan, PlanProgress>(
          wholePlanSteps(plan, ways, strategy, { elapsed, budget }),
          ({ answer }) => {
            report({ id: strategy.id, done: (i + Math.min(1, elapsed())) / ways.strategies.length });
            const first = told ? null : answer();
            if (first) found(first);
            told ||= first !== null;
          },
          () => stopped,
        ),
      );
    }
  },
  /** By one way of weighing, or by the first where the room has no such. */
  async one(plan: PlanRoom, id: StrategyId, ms: number): Promise<WholePlan> {
    stopped = false;
    const ways = roomWays(plan);
    const strategy = ways.strategies.find((one) => one.id === id) ?? ways.strategies[0]!;
    const began = performance.now();
    const elapsed = () => (performance.now() - began) / ms;
    return inSlices<WholePlan, PlanProgress>(
      wholePlanSteps(plan, ways, strategy, { elapsed }),
      () => {},
      () => stopped,
    );
  },
  /** What each change would bring, as each is reckoned. */
  async whatIf(
    plan: PlanRoom,
    changes: WhatIf[],
    iterations: number,
    report: (done: number) => void,
    found: (index: number, effect: WhatIfEffect) => void,
  ): Promise<void> {
    stopped = false;
    for (const [i, change] of changes.entries()) {
      if (stopped) return;
      const steps = whatIfSteps(plan, change, { iterations });
      let last = performance.now();
      for (let next = steps.next(); ; next = steps.next()) {
        if (next.done) {
          if (next.value) found(i, next.value);
          break;
        }
        if (performance.now() - last < 20) continue;
        await new Promise((resolve) => setTimeout(resolve));
        if (stopped) return;
        last = performance.now();
      }
      report((i + 1) / changes.length);
    }
  },
  stop(): void {
    stopped = true;
  },
};

export type PlansWorker = typeof plans;
expose(plans);
