/**
 * A lower bound on the cost of a plan. Every need takes its cheapest option, each bin in its cheapest place. What is owned
 * is shared by all: bought is at least what is taken less what is owned, so with any price between nothing and the price of
 * a type, everybody pays it for each container and gets it back for what is owned (Lagrangian relaxation; the prices follow
 * the subgradient).
 */
import type { CompiledPlan } from './compiled-plan.ts';

const ROUNDS = 60;
/** The first step, as a share of a type's price. */
const STEP = 0.5;

export function planBound({ optionsOf, least, bins, type, price, owned, left }: CompiledPlan): number {
  const rate = price.slice();
  let best = -Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const taken = new Float64Array(rate.length);
    let sum = 0;
    optionsOf.forEach((options, need) => {
      let cheapest = Infinity;
      let chosen = options[0]!;
      for (const option of options) {
        const cost = left[need]! + least[option]! + bins[option]!.length * rate[type[option]!]!;
        if (cost < cheapest) [cheapest, chosen] = [cost, option];
      }
      sum += cheapest;
      taken[type[chosen]!]! += bins[chosen]!.length;
    });
    rate.forEach((one, t) => (sum -= one * owned[t]!));
    best = Math.max(best, sum);
    rate.forEach((one, t) => {
      const step = (STEP * price[t]!) / (1 + round / 4);
      rate[t] = Math.min(price[t]!, Math.max(0, one + step * Math.sign(taken[t]! - owned[t]!)));
    });
  }
  return best;
}
