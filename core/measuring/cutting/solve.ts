/**
 * Cut lists of least price and, of that, of fewest bars: branch and price. The relaxation over patterns bounds the cost;
 * dives make whole plans of it; the number of bars of each kind of stock is branched on; where it is fixed, the bars are
 * filled one by one.
 */
import { Random } from '../../ground/engine/random.ts';
import { dive } from './dive.ts';
import { fillExactly } from './fill-exactly.ts';
import { costOf, materialsOf, type Material, type Pattern } from './material.ts';
import { quickPlan, tidy } from './plan.ts';
import type { Bar, CutAnswer, CutProblem } from './problem.ts';
import { Pool, Relaxation, type Part, type Relaxed } from './relaxation.ts';

/** Tries at a part before it is divided; more where it is the whole. */
const DIVES = { whole: 4, part: 1 };
/** Bars filled one by one at the first try; four times as many at each further one. */
const FILL_STEPS = 500;
const WHOLE = 1e-2;

interface Node extends Relaxed {
  least: number[];
  most: number[];
  /** How often its bars were filled one by one already. */
  tries: number;
}

class MaterialSearch {
  readonly material: Material;
  best: Pattern[] | null;
  /** In cost: no plan costs less. */
  bound = 0;
  done = false;
  private readonly pool = new Pool();
  private readonly relaxation: Relaxation;
  private readonly random = new Random(1);

  constructor(material: Material) {
    this.material = material;
    this.relaxation = new Relaxation(material, this.pool);
    this.best = quickPlan(material);
  }

  get cost(): number {
    return this.best ? costOf(this.material, this.best) : Infinity;
  }
  get proven(): boolean {
    return this.done && this.bound >= this.cost;
  }
  private offer(plan: Pattern[] | null): void {
    if (plan && costOf(this.material, plan) < this.cost) {
      this.best = plan;
      for (const pattern of plan) this.pool.add({ stock: pattern.stock, pieces: Uint16Array.from(pattern.pieces) });
    }
  }

  *run(): Generator<void, void> {
    const { material } = this;
    for (const pattern of this.best ?? [])
      this.pool.add({ stock: pattern.stock, pieces: Uint16Array.from(pattern.pieces) });
    const open: Node[] = [];
    const root = yield* this.node(
      material.counts.map(() => 0),
      [...material.counts],
    );
    open.push(root);
    this.bound = Math.min(root.bound, this.cost);
    while (open.length) {
      open.sort((a, b) => b.bound - a.bound);
      const node = open.pop()!;
      this.bound = Math.max(this.bound, Math.min(node.bound, this.cost));
      if (node.bound >= this.cost) break;
      for (const next of yield* this.expand(node, node === root)) if (next.bound < this.cost) open.push(next);
      yield;
    }
    this.bound = this.cost;
    this.done = true;
  }

  private *node(least: number[], most: number[]): Generator<void, Node> {
    const part: Part = { demand: this.material.demand, least, most };
    const relaxed = yield* this.relaxation.solve(part, this.cost);
    return { least, most, tries: 0, bound: relaxed.bound, amounts: relaxed.amounts };
  }

  private *expand(node: Node, whole: boolean): Generator<void, Node[]> {
    const { material } = this;
    const { least, most } = node;
    const part: Part = { demand: material.demand, least, most };
    for (let n = whole ? DIVES.whole : DIVES.part; n > 0 && node.bound < this.cost; n--) {
      const random = whole && n === DIVES.whole ? null : this.random;
      this.offer(yield* dive(material, part, node, this.relaxation, this.cost, random));
    }
    if (node.bound >= this.cost) return [];
    const used = most.map(() => 0);
    for (const { pattern, amount } of node.amounts) used[pattern.stock]! += amount;
    const fractions = used.map((amount) => Math.abs(amount - Math.round(amount)));
    const stock = fractions.reduce((most, fraction, s) => (fraction > fractions[most]! ? s : most), 0);
    if (fractions[stock]! > WHOLE) {
      const low = most.with(stock, Math.floor(used[stock]!));
      const high = least.with(stock, Math.ceil(used[stock]!));
      return [yield* this.node(least, low), yield* this.node(high, most)];
    }
    const counts = used.map((amount) => Math.round(amount));
    const loose = most.findIndex((count, s) => count !== least[s]);
    const filled = yield* fillExactly(material, counts, FILL_STEPS * 4 ** node.tries);
    if (typeof filled === 'object') this.offer(tidy(material, filled.plan));
    if (node.bound >= this.cost) return [];
    if (loose < 0) return filled === 'none' ? [] : [{ ...node, tries: node.tries + 1 }];
    // These numbers of bars on their own, and all others.
    const open = most.flatMap((count, s) => (count !== least[s] ? [s] : []));
    const parts: Node[] = [];
    let [from, to] = [least, most];
    for (const s of open) {
      const at = counts[s]!;
      if (at > from[s]!) parts.push(yield* this.node(from, to.with(s, at - 1)));
      if (at < to[s]!) parts.push(yield* this.node(from.with(s, at + 1), to));
      [from, to] = [from.with(s, at), to.with(s, at)];
    }
    if (filled !== 'none') parts.push({ ...node, least: counts, most: counts, tries: 1 });
    return parts;
  }
}

export interface CutProgress {
  /** The best so far. */
  answer(): CutAnswer;
}

/**
 * @returns after many short steps; at each, what is known so far
 * @example runToEnd(cutSteps(readCutProblem(json))).price
 */
export function* cutSteps(problem: CutProblem): Generator<CutProgress, CutAnswer> {
  const searches = materialsOf(problem).map((material) => new MaterialSearch(material));
  const answer = () => answerOf(problem, searches);
  let running = searches.map((search) => search.run());
  while (running.length) {
    yield { answer };
    running = running.filter((steps) => !steps.next().done);
  }
  return answer();
}

function answerOf(problem: CutProblem, searches: readonly MaterialSearch[]): CutAnswer {
  const format = 'stube-cut-answer/1';
  if (searches.some(({ best }) => !best))
    return { format, bars: null, price: null, bound: null, optimal: searches.some(({ best, done }) => !best && done) };
  const prices = new Map(problem.stock.map(({ id, price }) => [id, price]));
  const bars: Bar[] = [];
  let bound = 0;
  for (const { material, best, bound: least } of searches) {
    const ids = material.ids.map((list) => [...list]);
    for (const { stock, pieces } of best!) {
      const bar: Bar = { stock: material.stock[stock]!, pieces: [] };
      for (let i = 0; i < pieces.length; i++) bar.pieces.push(...ids[i]!.splice(0, pieces[i]));
      bars.push(bar);
    }
    // Cost is price × weight + bars, and there are fewer bars than the weight.
    bound += Math.max(0, Math.ceil((least - material.pieces) / material.weight));
  }
  const price = bars.reduce((sum, { stock }) => sum + prices.get(stock)!, 0);
  return { format, bars, price, bound, optimal: searches.every(({ proven }) => proven) };
}
