/** How little it can cost at all, with fractions of bars allowed: column generation, and the patterns it found. */
import { Master, NO_GAIN, type Row } from './master.ts';
import type { Material, Pattern } from './material.ts';
import { Pricing } from './pricing.ts';

/** What is still to be cut, and how many bars of each kind of stock may and must be used. */
export interface Part {
  demand: ArrayLike<number>;
  least: readonly number[];
  most: readonly number[];
}

export interface Relaxed {
  /** Proven: no plan of this part costs less. Infinity where there is none. */
  bound: number;
  /** How much of each pattern, without those that are not used. */
  amounts: { pattern: Pattern; amount: number }[];
}

/** Costs are whole numbers: what rounding adds is far less than one. */
const ROUNDING = 1e-5;
const gcd = (a: number, b: number): number => (b ? gcd(b, a % b) : a);

/** The next cost that numbers of bars within those of the part can make at all. */
function rounderOf(costs: readonly number[], { least, most }: Part): (bound: number) => number {
  const fixed = least.reduce((sum, count, stock) => sum + count * costs[stock]!, 0);
  const step = costs.filter((_, stock) => most[stock]! > least[stock]!).reduce(gcd, 0) || 1;
  return (bound) => fixed + Math.max(0, Math.ceil((bound - fixed - ROUNDING) / step)) * step;
}

/** Bars beside the best one that are looked for at a time. */
const BESIDE = 8;

/** Patterns that are known, each once. */
export class Pool {
  readonly patterns: Pattern[] = [];
  private readonly known = new Set<string>();

  add(pattern: Pattern): boolean {
    const key = `${pattern.stock}:${pattern.pieces.join()}`;
    if (this.known.has(key)) return false;
    this.known.add(key);
    this.patterns.push(pattern);
    return true;
  }
}

/** Keeps its linear program from one part to the next: only what is asked for changes. */
export class Relaxation {
  private readonly material: Material;
  private readonly pool: Pool;
  private readonly pricing: Pricing;
  private program: Program;

  constructor(material: Material, pool: Pool) {
    this.material = material;
    this.pool = pool;
    this.pricing = new Pricing(material);
    this.program = this.begin(10 * Math.max(...material.costs) + 1);
  }

  private begin(missing: number): Program {
    return new Program(this.material, this.material.costs, missing);
  }

  /**
   * @param enough a bound that high is as good as any: the part is of no use then
   * @returns after some steps, each a few milliseconds
   */
  *solve(part: Part, enough: number): Generator<void, Relaxed> {
    for (;;) {
      if (!this.program.ask(part)) {
        this.program = this.begin(this.program.missing);
        this.program.ask(part);
      }
      const { relaxed, lacks } = yield* this.generate(this.program, part, enough);
      if (!lacks || relaxed.bound >= enough) return relaxed;
      // Either it was too cheap to leave pieces out, or there is no plan at all.
      const possible = new Program(
        this.material,
        this.material.costs.map(() => 0),
        1,
      );
      possible.ask(part);
      const { lacks: impossible } = yield* this.generate(possible, part, Infinity);
      if (impossible || this.program.missing > 1e9 * Math.max(...this.material.costs))
        return { bound: Infinity, amounts: [] };
      this.program = this.begin(this.program.missing * 1000);
    }
  }

  private *generate(
    program: Program,
    part: Part,
    enough: number,
  ): Generator<void, { relaxed: Relaxed; lacks: boolean }> {
    const { pool, pricing, material } = this;
    const real = program.costs === material.costs;
    const roundUp = real ? rounderOf(material.costs, part) : Math.ceil;
    const noGain = -NO_GAIN * Math.max(1, ...program.costs);
    let bound = 0;
    for (;;) {
      for (const pattern of pool.patterns.slice(program.columns.length)) program.add(pattern);
      program.master.solve();
      const y = program.master.duals();
      pricing.run(y, part.demand);
      const value = program.right.reduce((sum, right, i) => sum + right * y[i]!, 0);
      let proven = value;
      let found = false;
      let fullest: Pattern | null = null;
      let lowest = noGain;
      for (let stock = 0; stock < material.costs.length; stock++) {
        if (part.most[stock]! < 1) continue;
        const reduced = program.open(stock, y) - pricing.worth(stock);
        proven += part.most[stock]! * Math.min(0, reduced);
        if (reduced > noGain) continue;
        const pattern = { stock, pieces: pricing.content(stock) };
        found = pool.add(pattern) || found;
        if (reduced < lowest) [lowest, fullest] = [reduced, pattern];
      }
      // Bars that would be cut beside it, of the other pieces: they will be wanted too.
      const others = Uint16Array.from(part.demand);
      for (let n = 0; fullest && n < BESIDE; n++) {
        fullest.pieces.forEach((count, i) => (others[i] = Math.max(0, others[i]! - count)));
        pricing.run(y, others);
        const { stock }: Pattern = fullest;
        if (program.open(stock, y) - pricing.worth(stock) > noGain) break;
        fullest = { stock, pieces: pricing.content(stock) };
        pool.add(fullest);
      }
      bound = Math.max(bound, proven);
      const lacks = program.master.lacks();
      // Nothing is gained by going on where no rounding will tell the difference.
      const close = real && !lacks && roundUp(value) <= roundUp(bound);
      if (!found || close || roundUp(bound) >= enough)
        return { relaxed: { bound: Math.max(0, roundUp(bound)), amounts: program.amounts() }, lacks };
      yield;
    }
  }
}

/** The linear program of a material: a row for each kind of piece, and for the most and the least bars of each stock. */
class Program {
  readonly master: Master;
  readonly columns: Pattern[] = [];
  readonly costs: readonly number[];
  readonly missing: number;
  right: number[];
  private readonly kinds: number;

  constructor(material: Material, costs: readonly number[], missing: number) {
    this.costs = costs;
    this.missing = missing;
    this.kinds = material.lengths.length;
    this.right = [...material.demand, ...material.counts, ...material.counts.map(() => 0)];
    const senseOf = (row: number): Row['sense'] => (row >= this.kinds && row < this.kinds + costs.length ? '<=' : '>=');
    this.master = new Master(
      this.right.map((right, row) => ({ sense: senseOf(row), right })),
      missing,
    );
  }

  ask({ demand, least, most }: Part): boolean {
    this.right = [...Array.from(demand), ...most, ...least];
    return this.master.change(this.right);
  }

  add(pattern: Pattern): void {
    const at = new Float64Array(this.right.length);
    at.set(pattern.pieces);
    at[this.kinds + pattern.stock] = 1;
    at[this.kinds + this.costs.length + pattern.stock] = 1;
    this.master.add(this.costs[pattern.stock]!, at);
    this.columns.push(pattern);
  }

  /** What a bar has to be worth to be used. */
  open(stock: number, y: Float64Array): number {
    return this.costs[stock]! - y[this.kinds + stock]! - y[this.kinds + this.costs.length + stock]!;
  }

  amounts(): Relaxed['amounts'] {
    return [...this.master.amounts()].flatMap((amount, i) =>
      amount > 1e-2 ? [{ pattern: this.columns[i]!, amount }] : [],
    );
  }
}
