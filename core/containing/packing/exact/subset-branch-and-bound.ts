/**
 * Which containers could be in the best packing: subsets in falling order of what they promise, by best-first branch
 * and bound over the knapsack constraints of `cuts.ts`. The promise of the best one left is a proven bound. A subset
 * that breaks a constraint not seen yet adds it; one that keeps them all is handed out to be packed or refuted.
 */
import { PriorityQueue } from '../../../ground/engine/priority-queue.ts';
import { EPSILON, type ValidInequality, type InequalitySource } from '../bounds/valid-inequalities.ts';
import { Simplex } from '../../../ground/engine/simplex.ts';

interface Node {
  /** Types decided so far, in the order of deciding. */
  depth: number;
  taken: Int16Array;
  value: number;
  upperBound: number;
}

const MAX_CUTS = 40;

export class SubsetBranchAndBound {
  private readonly value: ArrayLike<number>;
  private readonly count: ArrayLike<number>;
  private readonly types: number;
  private readonly cuts: ValidInequality[];
  private readonly source: InequalitySource;
  private readonly whole: boolean;
  private readonly program: Simplex;
  private order: number[];
  private price: Float64Array;
  /** What the types from a place in the order on can add beyond the price of their room. */
  private gain: Float64Array;
  private readonly open = new PriorityQueue<Node>(
    (a, b) => a.upperBound > b.upperBound || (a.upperBound === b.upperBound && a.depth > b.depth),
  );
  /** Subsets that could neither be packed nor refuted hold the bound up. */
  private unresolvedBound = -Infinity;
  /** The subset handed out last counts until the next one is asked for: by then it is packed, refuted or held. */
  private pending = -Infinity;
  /** What the prices promise until the first node is set out. */
  private floating = Infinity;

  constructor(value: ArrayLike<number>, count: ArrayLike<number>, source: InequalitySource) {
    this.value = value;
    this.count = count;
    this.types = value.length;
    this.source = source;
    this.whole = Array.from(value).every((one) => Number.isInteger(one));
    this.cuts = source.first();
    this.price = new Float64Array(this.cuts.length);
    this.program = new Simplex(Array.from(value));
    for (let t = 0; t < this.types; t++)
      this.program.add(
        Float64Array.from({ length: this.types }, (_, k) => +(k === t)),
        count[t]!,
      );
    for (const cut of this.cuts) this.program.add(cut, 1);
    this.order = [];
    this.gain = new Float64Array(this.types + 1);
  }

  /** Adds constraints while the prices' own choice breaks any, and sets out the first node; a yield after each. */
  *prepare(): Generator<void, void> {
    for (let round = 0; round < MAX_CUTS; round++) {
      const fraction = this.solvePrices();
      this.floating = this.rootBound();
      yield;
      const cut = this.source.maxBroken(fraction) ?? (yield* this.source.sharpest(fraction));
      if (!cut) break;
      this.add(cut);
      yield;
    }
    // Those on the edge are decided first: they split the promise most.
    const edge = (t: number) => Math.abs(this.value[t]! - this.cost(t)) / Math.max(1, this.value[t]!);
    this.order = Array.from({ length: this.types }, (_, t) => t).sort((a, b) => edge(a) - edge(b));
    this.gain = this.gains();
    this.push({ depth: 0, taken: new Int16Array(this.types), value: 0, upperBound: 0 });
    this.floating = 0;
  }

  /** No packing is worth more. */
  get bound(): number {
    return Math.max(
      this.floating,
      this.unresolvedBound,
      this.pending,
      this.open.size ? this.open.peek()!.upperBound : 0,
    );
  }

  /** One more constraint to be kept from now on. */
  add(cut: ValidInequality): void {
    if (this.cuts.length >= 2 * MAX_CUTS) return;
    this.cuts.push(cut);
    this.program.add(cut, 1);
    const longer = new Float64Array(this.cuts.length);
    longer.set(this.price);
    this.price = longer;
  }

  private cost(t: number): number {
    let sum = 0;
    for (let k = 0; k < this.cuts.length; k++) sum += this.price[k]! * this.cuts[k]![t]!;
    return sum;
  }

  /** Prices of the constraints that make the promise least; returns how many of each type would be taken, in parts. */
  private solvePrices(): Float64Array {
    const taken = this.program.solve();
    // The first rows are the counts; any prices of the others give a bound that holds.
    this.price.set(this.program.prices().subarray(this.types));
    return taken;
  }

  /** No choice that keeps the constraints is worth more, whatever the prices. */
  private rootBound(): number {
    let sum = this.price.reduce((all, one) => all + one, 0);
    for (let t = 0; t < this.types; t++) sum += Math.max(0, this.value[t]! - this.cost(t)) * this.count[t]!;
    return this.whole ? Math.floor(sum + 1e-6) : sum;
  }

  private gains(): Float64Array {
    const gain = new Float64Array(this.types + 1);
    for (let at = this.types - 1; at >= 0; at--) {
      const t = this.order[at]!;
      gain[at] = gain[at + 1]! + Math.max(0, this.value[t]! - this.cost(t)) * this.count[t]!;
    }
    return gain;
  }

  /** Takes a node up with its promise; false when a constraint forbids it. */
  private push(node: Node): boolean {
    const { cuts, price } = this;
    let upperBound = node.value + this.gain[node.depth]!;
    for (let k = 0; k < cuts.length; k++) {
      let left = 1;
      // What comes later can make room where its weight is negative: it carries others.
      let help = 0;
      const cut = cuts[k]!;
      for (let at = 0; at < this.types; at++) {
        const t = this.order[at]!;
        if (at < node.depth) left -= cut[t]! * node.taken[t]!;
        else if (cut[t]! < 0) help -= cut[t]! * this.count[t]!;
      }
      if (left + help < -EPSILON) return false;
      upperBound += price[k]! * left;
    }
    if (node.depth === this.types) upperBound = node.value;
    node.upperBound = this.whole ? Math.floor(upperBound + 1e-6) : upperBound;
    this.open.push(node);
    return true;
  }

  /**
   * Opens up to `most` nodes for subsets worth more than `beat`.
   * @returns the best subset that keeps every known constraint, to be packed or refuted; null when there is none (then
   * the bound has fallen to `beat`) or not yet
   */
  next(incumbentValue: number, most: number): { taken: Int16Array; value: number } | null {
    this.pending = -Infinity;
    for (let n = 0; n < most && this.open.size; n++) {
      if (this.open.peek()!.upperBound <= incumbentValue + 1e-9) return null;
      const node = this.open.pop()!;
      if (node.depth === this.types) {
        const cut = this.source.maxBroken(node.taken);
        if (!cut) {
          this.pending = node.value;
          return { taken: node.taken, value: node.value };
        }
        this.add(cut);
        continue;
      }
      const t = this.order[node.depth]!;
      for (let amount = this.count[t]!; amount >= 0; amount--) {
        const taken = node.taken.slice();
        taken[t] = amount;
        this.push({ depth: node.depth + 1, taken, value: node.value + amount * this.value[t]!, upperBound: 0 });
      }
    }
    return null;
  }

  /** That subset could not be decided: the bound cannot fall below its value. */
  leaveUnresolved(value: number): void {
    this.unresolvedBound = Math.max(this.unresolvedBound, value);
  }
}
