/** Whole plans: put together quickly by rule, and tidied. */
import { costOf, type Material, type Pattern } from './material.ts';

const lengthOf = (material: Material, pieces: ArrayLike<number>): number => {
  let sum = 0;
  for (let i = 0; i < pieces.length; i++) sum += pieces[i]! * material.lengths[i]!;
  return sum;
};

/**
 * What is cut more often than wanted is left out; each bar becomes the cheapest stock that its pieces fit on; empty bars go.
 * @returns null where something is not cut
 */
export function tidy(material: Material, plan: readonly Pattern[]): Pattern[] | null {
  const over = material.demand.map((wanted) => -wanted);
  for (const { pieces } of plan) for (let i = 0; i < pieces.length; i++) over[i]! += pieces[i]!;
  if (over.some((count) => count < 0)) return null;
  const left = [...material.counts];
  const bars = plan
    .map(({ stock, pieces }) => {
      const kept = pieces.map((count, i) => {
        const less = Math.min(count, over[i]!);
        over[i]! -= less;
        return count - less;
      });
      return { stock, pieces: kept };
    })
    .filter(({ pieces }) => pieces.some((count) => count > 0));
  for (const { stock } of bars) left[stock]!--;
  if (left.some((count) => count < 0)) return null;
  const dearestFirst = [...bars].sort((a, b) => material.costs[b.stock]! - material.costs[a.stock]!);
  for (const bar of dearestFirst) {
    const needed = lengthOf(material, bar.pieces);
    for (let stock = 0; stock < left.length; stock++)
      if (left[stock]! > 0 && material.bars[stock]! >= needed && material.costs[stock]! < material.costs[bar.stock]!) {
        left[bar.stock]!++;
        left[stock]!--;
        bar.stock = stock;
      }
  }
  return bars;
}

/**
 * First-fit decreasing: each piece, the longest first, onto the first bar it fits; where none, a new bar of the first
 * kind of stock of that order that takes it.
 */
export function firstFit(material: Material, order: readonly number[]): Pattern[] | null {
  const left = [...material.counts];
  const plan: { stock: number; pieces: Uint16Array; free: number }[] = [];
  for (let i = 0; i < material.lengths.length; i++)
    for (let n = 0; n < material.demand[i]!; n++) {
      const length = material.lengths[i]!;
      let bar = plan.find(({ free }) => free >= length);
      if (!bar) {
        const stock = order.find((stock) => left[stock]! > 0 && material.bars[stock]! >= length);
        if (stock === undefined) return null;
        left[stock]!--;
        bar = { stock, pieces: new Uint16Array(material.lengths.length), free: material.bars[stock]! };
        plan.push(bar);
      }
      bar.pieces[i]!++;
      bar.free -= length;
    }
  return tidy(material, plan);
}

/** The best of first-fit decreasing over the orders in which stock may be opened. */
export function quickPlan(material: Material): Pattern[] | null {
  const all = material.bars.map((_, stock) => stock);
  const { costs, bars } = material;
  const orders = [
    [...all].sort((a, b) => costs[a]! / bars[a]! - costs[b]! / bars[b]!),
    [...all].sort((a, b) => costs[a]! - costs[b]!),
    [...all].sort((a, b) => bars[b]! - bars[a]!),
    [...all].sort((a, b) => bars[a]! - bars[b]!),
  ];
  // Offcuts that cost nothing first, then one kind of stock wherever it takes the piece.
  const free = orders[1]!.filter((stock) => costs[stock] === 1);
  for (const stock of all) orders.push([...free, stock, ...orders[0]!]);
  let best: Pattern[] | null = null;
  for (const order of orders) {
    const plan = firstFit(material, order);
    if (plan && (!best || costOf(material, plan) < costOf(material, best))) best = plan;
  }
  return best;
}
