/** Forgets the choices that no better plan can make. */
import type { Prices } from './prices.ts';
import type { Takers } from './takers.ts';

/** Compartments between two breaths. */
const BREATH = 40;

/**
 * A choice made by force raises the bound by what its compartment then gains less, by what the others lose that had
 * chosen the bin, and by what its group pays more: where that comes to more than `most`, no plan below makes it.
 * Choices that can be made no longer are taken from the takers.
 * @returns what is left to each bin, the least harmful first
 */
export function* forget(takers: Takers, prices: Prices, bins: number, most: number): Generator<void, Int32Array[]> {
  const { who, payer, asked, wide, from, to, taken, room, knapsack } = takers;
  const { price } = prices;
  /** By price: what its group pays more when it has to pay it. */
  const extra = new Float64Array(price.length);
  /** By entry: what its compartment loses when it is kept out. */
  const out = new Float64Array(who.length);
  prices.groups.forEach((group, g) => prices.division.forced(group, prices.groupPays[g]!, extra));
  /** What each bin's compartments lose when it is kept out of them. */
  const lost = new Float64Array(bins);
  const gains = new Float64Array(to.length);
  for (let c = 0; c < to.length; c++) {
    if (c % BREATH === 0) yield;
    const count = takers.paying(c);
    if (!count) continue;
    gains[c] = knapsack.most(count, room[c]!);
    const inside: number[] = [];
    for (let k = 0; k < count; k++) if (knapsack.chosen[k]) inside.push(k);
    for (const k of inside) {
      out[taken[k]!] = gains[c]! - knapsack.without(k, count, room[c]!);
      lost[who[taken[k]!]!]! += out[taken[k]!]!;
    }
  }
  const harm = new Float64Array(who.length);
  for (let c = 0; c < to.length; c++) {
    if (c % BREATH === 0) yield;
    const count = takers.paying(c);
    let k = 0;
    let kept = from[c]!;
    for (let i = from[c]!; i < to[c]!; i++) {
      const net = price[payer[i]!]! - asked[i]!;
      const own = net > 0 ? k++ : -1;
      let more = lost[who[i]!]! - out[i]! + extra[payer[i]!]!;
      // What its compartment then gains less: at least what the bin pays too little.
      if (out[i] === 0 && more + Math.max(0, -net) <= most) {
        const beside = room[c]! - wide[i]!;
        const rest = own >= 0 ? knapsack.without(own, count, beside) : count ? knapsack.most(count, beside) : 0;
        more += gains[c]! - net - rest;
      } else more += Math.max(0, -net);
      if (more > most) continue;
      harm[kept] = more;
      who[kept] = who[i]!;
      payer[kept] = payer[i]!;
      asked[kept] = asked[i]!;
      wide[kept++] = wide[i]!;
    }
    to[c] = kept;
  }
  return sortedByHarm(takers, harm, bins);
}

function sortedByHarm({ who, from, to }: Takers, harm: Float64Array, bins: number): Int32Array[] {
  const length = new Int32Array(bins);
  for (let c = 0; c < to.length; c++) for (let i = from[c]!; i < to[c]!; i++) length[who[i]!]!++;
  const left = Array.from(length, (n) => new Int32Array(n));
  const harms = Array.from(length, (n) => new Float64Array(n));
  length.fill(0);
  for (let c = 0; c < to.length; c++)
    for (let i = from[c]!; i < to[c]!; i++) {
      const own = left[who[i]!]!;
      const its = harms[who[i]!]!;
      let at = length[who[i]!]!++;
      for (; at > 0 && its[at - 1]! > harm[i]!; at--) {
        its[at] = its[at - 1]!;
        own[at] = own[at - 1]!;
      }
      its[at] = harm[i]!;
      own[at] = c;
    }
  return left;
}
