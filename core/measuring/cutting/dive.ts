/** From fractions of bars to whole ones: patterns are fixed one after the other, and what is left is relaxed again. */
import type { Random } from '../../ground/engine/random.ts';
import type { Material, Pattern } from './material.ts';
import { tidy } from './plan.ts';
import type { Part, Relaxation, Relaxed } from './relaxation.ts';

/**
 * @param start the relaxation of the part
 * @param enough plans that cost so much are of no use
 * @param random null: always the pattern that is nearest to a whole one
 * @returns a plan of the part, or null where this way leads to none that is cheaper
 */
export function* dive(
  material: Material,
  part: Part,
  start: Relaxed,
  relaxation: Relaxation,
  enough: number,
  random: Random | null,
): Generator<void, Pattern[] | null> {
  const demand = Array.from(part.demand);
  const least = [...part.least];
  const most = [...part.most];
  const plan: Pattern[] = [];
  let cost = 0;
  let relaxed = start;
  const take = ({ stock, pieces }: Pattern): void => {
    plan.push({ stock, pieces });
    cost += material.costs[stock]!;
    most[stock]!--;
    least[stock] = Math.max(0, least[stock]! - 1);
    pieces.forEach((count, i) => (demand[i] = Math.max(0, demand[i]! - count)));
  };
  const useful = ({ stock, pieces }: Pattern): boolean =>
    most[stock]! > 0 && pieces.every((count, i) => count <= demand[i]!) && pieces.some((count) => count > 0);
  while (demand.some((count) => count > 0)) {
    if (cost + relaxed.bound >= enough) return null;
    let took = false;
    for (const { pattern, amount } of relaxed.amounts)
      for (let n = Math.floor(amount + 1e-2); n > 0 && useful(pattern); n--) {
        take(pattern);
        took = true;
      }
    if (!took) {
      const open = relaxed.amounts.filter(({ pattern }) => useful(pattern));
      if (!open.length) {
        // Every pattern left would cut too much: the fullest of them, as far as it is wanted.
        const { pattern } = relaxed.amounts.find(({ pattern: { stock } }) => most[stock]! > 0) ?? {};
        if (!pattern) return null;
        const pieces = pattern.pieces.map((count, i) => Math.min(count, demand[i]!));
        if (!pieces.some((count) => count > 0)) return null;
        take({ stock: pattern.stock, pieces });
      } else {
        const weigh = ({ amount }: { amount: number }) => (random ? amount * (0.35 + random.next()) : amount);
        take(
          open.map((one) => ({ one, weight: weigh(one) })).reduce((a, b) => (b.weight > a.weight ? b : a)).one.pattern,
        );
      }
    }
    if (!demand.some((count) => count > 0)) break;
    yield;
    relaxed = yield* relaxation.solve({ demand, least, most }, enough - cost);
    if (relaxed.bound === Infinity) return null;
  }
  return tidy(material, plan);
}
