/** Reduced-cost fixing: finds the choices that no better plan can make. */
import type { AssignmentMultipliers } from './assignment-multipliers.ts';
import type { CandidateArcs } from './candidate-arcs.ts';

/** Compartments between two yields. */
const YIELD_INTERVAL = 10;

/**
 * A choice made by force raises the bound by what its compartment then gains less, by what the others lose that had
 * chosen the bin, and by what its group pays more: where that comes to more than `most`, no plan below makes it.
 *
 * @returns by candidate arc, a 1 for each choice that is fixed at zero
 */
export function* reducedCostFixing(
  arcs: CandidateArcs,
  multipliers: AssignmentMultipliers,
  bins: number,
  most: number,
): Generator<void, Uint8Array> {
  const { bin: who, multiplierOf: payer, cost: asked, width: wide, from, taken, capacity: room, knapsack } = arcs;
  const { multiplier: price } = multipliers;
  /** By price: what its group pays more when it has to pay it. */
  const extra = new Float64Array(price.length);
  /** By entry: what its compartment loses when it is kept out. */
  const out = new Float64Array(who.length);
  multipliers.groups.forEach((group, g) => multipliers.partition.forced(group, multipliers.groupPays[g]!, extra));
  /** What each bin's compartments lose when it is kept out of them. */
  const lost = new Float64Array(bins);
  const gains = new Float64Array(room.length);
  for (let c = 0; c < room.length; c++) {
    if (c % YIELD_INTERVAL === 0) yield;
    const count = arcs.paying(c);
    if (!count) continue;
    gains[c] = knapsack.most(count, room[c]!);
    const inside: number[] = [];
    for (let k = 0; k < count; k++) if (knapsack.chosen[k]) inside.push(k);
    for (const k of inside) {
      out[taken[k]!] = gains[c]! - knapsack.without(k, count, room[c]!);
      lost[who[taken[k]!]!]! += out[taken[k]!]!;
    }
  }
  const fixed = new Uint8Array(who.length);
  /** What is gained in what a bin so wide leaves of the room. */
  const beside = new Map<number, number>();
  for (let c = 0; c < room.length; c++) {
    if (c % YIELD_INTERVAL === 0) yield;
    const count = arcs.paying(c);
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
      if (more > most) fixed[i] = 1;
    }
  }
  return fixed;

  function gainBeside(own: number, count: number, wide: number, c: number): number {
    const left = room[c]! - wide;
    if (own >= 0) return knapsack.without(own, count, left);
    let gain = beside.get(wide);
    if (gain === undefined) beside.set(wide, (gain = count ? knapsack.most(count, left) : 0));
    return gain;
  }
}
