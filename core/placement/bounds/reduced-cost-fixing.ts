/** Forgets the choices that no better plan can make. */
import type { Prices } from './assignment-multipliers.ts';
import type { Takers } from './candidate-arcs.ts';

/** Compartments between two breaths. */
const BREATH = 10;

/**
 * A choice made by force raises the bound by what its compartment then gains less, by what the others lose that had
 * chosen the bin, and by what its group pays more: where that comes to more than `most`, no plan below makes it.
 *
 * @returns by entry of the takers, a 1 for each choice that is to be forgotten
 */
export function* forget(takers: Takers, prices: Prices, bins: number, most: number): Generator<void, Uint8Array> {
  const { who, payer, asked, wide, from, taken, room, knapsack } = takers;
  const { price } = prices;
  /** By price: what its group pays more when it has to pay it. */
  const extra = new Float64Array(price.length);
  /** By entry: what its compartment loses when it is kept out. */
  const out = new Float64Array(who.length);
  prices.groups.forEach((group, g) => prices.division.forced(group, prices.groupPays[g]!, extra));
  /** What each bin's compartments lose when it is kept out of them. */
  const lost = new Float64Array(bins);
  const gains = new Float64Array(room.length);
  for (let c = 0; c < room.length; c++) {
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
  const forgotten = new Uint8Array(who.length);
  /** What is gained in what a bin so wide leaves of the room. */
  const beside = new Map<number, number>();
  for (let c = 0; c < room.length; c++) {
    if (c % BREATH === 0) yield;
    const count = takers.paying(c);
    beside.clear();
    let k = 0;
    for (let i = from[c]!; i < from[c + 1]!; i++) {
      const net = price[payer[i]!]! - asked[i]!;
      const own = net > 0 ? k++ : -1;
      let more = lost[who[i]!]! - out[i]! + extra[payer[i]!]!;
      // What its compartment then gains less: at least what the bin pays too little.
      if (out[i] === 0 && more + Math.max(0, -net) <= most)
        more += gains[c]! - net - gainBeside(own, count, wide[i]!, c);
      else more += Math.max(0, -net);
      if (more > most) forgotten[i] = 1;
    }
  }
  return forgotten;

  function gainBeside(own: number, count: number, wide: number, c: number): number {
    const left = room[c]! - wide;
    if (own >= 0) return knapsack.without(own, count, left);
    let gain = beside.get(wide);
    if (gain === undefined) beside.set(wide, (gain = count ? knapsack.most(count, left) : 0));
    return gain;
  }
}
