/** What the compartments gain at the prices: each, for itself, takes the bins that bring it most. */
import type { CompiledPlace } from '../compiled/compile.ts';
import { Knapsack } from './knapsack.ts';
import type { AssignmentMultipliers } from './assignment-multipliers.ts';
import type { CandidateLists } from './candidate-lists.ts';

/** How much more being taken counts in each round than in the one before; and when the counts are made small again. */
const LATER = 1.1;
const LARGE = 1e100;

const gcd = (a: number, b: number): number => (b ? gcd(b, a % b) : a);

export class CandidateArcs {
  // Arcs in the order of their compartments: those of compartment c are from[c] … from[c + 1] − 1.
  /** By arc: the bin. */
  readonly bin: Int32Array;
  /** By arc: which of the bin's choices it is. */
  readonly choice: Int32Array;
  /** By arc: where its multiplier stands (AssignmentMultipliers.multiplier). */
  readonly multiplierOf: Int32Array;
  /** By arc: what the bin costs there, seconds a week. */
  readonly cost: Float64Array;
  /** By arc: the bin's width, in the common measure of all widths. */
  readonly width: Int32Array;
  /** By compartment, and one more: where its arcs begin. */
  readonly from: Int32Array;
  /** By compartment: its width, in the same measure. */
  readonly capacity: Int32Array;
  /** How often each was taken, late rounds counting more. */
  readonly takenWeight: Float64Array;
  /** The entries that bring the compartment in hand something. */
  readonly taken: Int32Array;
  readonly knapsack: Knapsack;
  private readonly multipliers: AssignmentMultipliers;
  /** What taking counts in this round. */
  private weight = 1;

  /** @param before those so far, where lists were made longer */
  constructor(
    place: CompiledPlace,
    { choices, costs: cost }: CandidateLists,
    multipliers: AssignmentMultipliers,
    before?: CandidateArcs,
  ) {
    const { bins, compartments } = place;
    this.multipliers = multipliers;
    // Widths in their common measure make the knapsacks small.
    const measure = Math.max(1, place.width.reduce(gcd, 0));
    this.capacity = place.widthCapacity.map((capacity) => Math.floor(capacity / measure));
    this.from = new Int32Array(compartments + 1);
    for (let b = 0; b < bins; b++) {
      const own = choices[b]!;
      for (let i = 0; i < own.length; i++) this.from[own[i]! + 1]!++;
    }
    for (let c = 0; c < compartments; c++) this.from[c + 1]! += this.from[c]!;
    const to = this.from.slice(0, compartments);
    const entries = this.from[compartments]!;
    this.bin = new Int32Array(entries);
    this.choice = new Int32Array(entries);
    this.multiplierOf = new Int32Array(entries);
    this.cost = new Float64Array(entries);
    this.width = new Int32Array(entries);
    this.takenWeight = new Float64Array(entries);
    this.taken = new Int32Array(bins);
    this.knapsack = new Knapsack(bins);
    for (let b = 0; b < bins; b++) {
      const own = choices[b]!;
      const payAt = multipliers.multiplierAt[b]!;
      const its = cost[b]!;
      const width = place.width[b]! / measure;
      for (let i = 0; i < own.length; i++) {
        const entry = to[own[i]!]!++;
        this.bin[entry] = b;
        this.choice[entry] = i;
        this.multiplierOf[entry] = payAt[i]!;
        this.cost[entry] = its[i]!;
        this.width[entry] = width;
      }
    }
    if (before) this.carryOn(before);
  }

  /** Takes over how often each was taken. */
  private carryOn(before: CandidateArcs): void {
    this.weight = before.weight;
    const its = new Float64Array(this.taken.length);
    for (let c = 0; c < this.capacity.length; c++) {
      for (let i = before.from[c]!; i < before.from[c + 1]!; i++) its[before.bin[i]!] = before.takenWeight[i]!;
      for (let i = this.from[c]!; i < this.from[c + 1]!; i++) this.takenWeight[i] = its[this.bin[i]!]!;
      for (let i = before.from[c]!; i < before.from[c + 1]!; i++) its[before.bin[i]!] = 0;
    }
  }

  /** Sum of what they gain; takes 1 from the gap at each price that is taken. */
  gained(): number {
    const { multiplierOf, capacity, taken, takenWeight } = this;
    const { subgradient: gap } = this.multipliers;
    const { chosen } = this.knapsack;
    let sum = 0;
    this.weight *= LATER;
    if (this.weight > LARGE) {
      for (let i = 0; i < takenWeight.length; i++) takenWeight[i]! /= LARGE;
      this.weight /= LARGE;
    }
    for (let c = 0; c < capacity.length; c++) {
      const count = this.paying(c);
      if (!count) continue;
      sum += this.knapsack.most(count, capacity[c]!);
      for (let i = 0; i < count; i++) {
        if (!chosen[i]) continue;
        gap[multiplierOf[taken[i]!]!]! -= 1;
        takenWeight[taken[i]!]! += this.weight;
      }
    }
    return sum;
  }

  /** By bin, how often each of its choices was taken, late rounds counting more. */
  takenWeightByBin(): Float64Array[] {
    const { bin, choice, takenWeight } = this;
    const lengths = new Int32Array(this.taken.length);
    for (let i = 0; i < bin.length; i++) lengths[bin[i]!]!++;
    const lists = Array.from(lengths, (length) => new Float64Array(length));
    for (let i = 0; i < bin.length; i++) lists[bin[i]!]![choice[i]!] = takenWeight[i]!;
    return lists;
  }

  /** Lays out the bins that pay compartment c more than is asked; returns their number. */
  paying(c: number): number {
    const { multiplierOf, cost, width, from, taken } = this;
    const { multiplier } = this.multipliers;
    const { profit, width: widths } = this.knapsack;
    let count = 0;
    for (let i = from[c]!; i < from[c + 1]!; i++) {
      const net = multiplier[multiplierOf[i]!]! - cost[i]!;
      if (net <= 0) continue;
      taken[count] = i;
      profit[count] = net;
      widths[count++] = width[i]!;
    }
    return count;
  }
}
