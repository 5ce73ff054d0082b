/**
 * The linear program over patterns (Gilmore and Gomory 1961): as much of each as makes the cost least, while every piece
 * is cut and no stock runs out. Revised primal simplex with the inverse of the basis; columns come in as they are found.
 */
const EPSILON = 1e-9;
/** Pivots without progress before Bland's rule keeps it from going round in circles. */
const STALLED = 60;
/** Right sides are apart by a little of their own, or the simplex stands still at corners where many rows meet. */
const apart = (right: number, row: number): number => right + 1e-5 * (1 + ((row * 0.618034) % 1));

export interface Row {
  /** At least, or at most, so much. */
  sense: '>=' | '<=';
  right: number;
}

/** Of the dearest column: what costs less than that is no gain, but the rounding of the arithmetic. */
export const NO_GAIN = 1e-8;

interface Column {
  cost: number;
  /** Its rows, and how much of it is in each: most columns are in a few rows only. */
  rows: Int32Array;
  values: Float64Array;
}

const sparse = (cost: number, at: Float64Array): Column => {
  const rows = Int32Array.from([...at.keys()].filter((row) => at[row]));
  return { cost, rows, values: Float64Array.from(rows, (row) => at[row]!) };
};

export class Master {
  private readonly columns: Column[] = [];
  private readonly rows: Row[];
  private readonly size: number;
  /** Column of each row of the basis. */
  private readonly basis: Int32Array;
  private readonly inBasis: boolean[] = [];
  private readonly inverse: Float64Array[];
  private readonly x: Float64Array;
  /** The first columns stand for what is missing, one of each row that asks for something, then what is over. */
  private readonly first: number;
  private readonly missing: number;
  private dearest = 0;

  /** @param missing what one unit that a row lacks costs */
  constructor(rows: readonly Row[], missing: number) {
    this.rows = rows.map((row) => ({ ...row }));
    this.size = rows.length;
    this.missing = missing;
    this.basis = new Int32Array(this.size);
    this.x = Float64Array.from(rows, ({ right }, i) => apart(right, i));
    this.inverse = rows.map((_, i) => Float64Array.from(rows, (_, j) => (i === j ? 1 : 0)));
    rows.forEach(({ sense }, i) => {
      const one = new Float64Array(this.size);
      one[i] = 1;
      this.basis[i] = this.push(sparse(sense === '>=' ? missing : 0, one));
      this.inBasis[this.basis[i]!] = true;
    });
    rows.forEach(({ sense }, i) => {
      if (sense === '<=') return;
      const over = new Float64Array(this.size);
      over[i] = -1;
      this.push(sparse(0, over));
    });
    this.first = this.columns.length;
  }

  private push(column: Column): number {
    this.dearest = Math.max(this.dearest, column.cost === this.missing ? 0 : column.cost);
    this.inBasis.push(false);
    return this.columns.push(column) - 1;
  }

  add(cost: number, at: Float64Array): void {
    this.push(sparse(cost, at));
  }

  /**
   * Other amounts are asked for: the basis stays and is put right by the dual simplex, which is far less than to begin
   * again.
   * @returns whether that went well; if not, it has to be begun again
   */
  change(right: readonly number[]): boolean {
    right.forEach((value, i) => (this.rows[i]!.right = value));
    const rights = right.map(apart);
    const at = () =>
      this.inverse.forEach((row, i) => (this.x[i] = row.reduce((sum, value, j) => sum + value * rights[j]!, 0)));
    at();
    const along = new Float64Array(this.size);
    for (let pivots = 0; pivots < 4 * this.size + 100; pivots++) {
      let leave = -1;
      let lowest = -1e-7;
      for (let i = 0; i < this.size; i++) if (this.x[i]! < lowest) [leave, lowest] = [i, this.x[i]!];
      if (leave < 0) return true;
      const row = this.inverse[leave]!;
      const y = this.multipliers();
      let enter = -1;
      let ratio = Infinity;
      for (let c = 0; c < this.columns.length; c++) {
        if (this.inBasis[c]) continue;
        const { cost, rows, values } = this.columns[c]!;
        let change = 0;
        let reduced = cost;
        for (let k = 0; k < rows.length; k++) {
          change += row[rows[k]!]! * values[k]!;
          reduced -= y[rows[k]!]! * values[k]!;
        }
        if (change >= -EPSILON) continue;
        const here = Math.max(0, reduced) / -change;
        if (here < ratio) [enter, ratio] = [c, here];
      }
      if (enter < 0) return false;
      this.inBasisOf(enter, along);
      this.pivot(enter, leave, along);
      if (pivots % 50 === 49) at();
    }
    return false;
  }

  /** A column in terms of the basis. */
  private inBasisOf(column: number, along: Float64Array): void {
    const { rows, values } = this.columns[column]!;
    for (let i = 0; i < this.size; i++) {
      const row = this.inverse[i]!;
      let sum = 0;
      for (let k = 0; k < rows.length; k++) sum += row[rows[k]!]! * values[k]!;
      along[i] = sum;
    }
  }

  /** What one unit more of each row is worth; of the right sign, so that it bounds whatever its rounding. */
  duals(): Float64Array {
    return this.multipliers().map((value, i) =>
      this.rows[i]!.sense === '>=' ? Math.max(0, value) : Math.min(0, value),
    );
  }

  private multipliers(): Float64Array {
    const y = new Float64Array(this.size);
    for (let i = 0; i < this.size; i++) {
      const cost = this.columns[this.basis[i]!]!.cost;
      if (!cost) continue;
      const row = this.inverse[i]!;
      for (let j = 0; j < this.size; j++) y[j]! += cost * row[j]!;
    }
    return y;
  }

  solve(): void {
    let stalled = 0;
    let fresh = true;
    const y = this.multipliers();
    const along = new Float64Array(this.size);
    for (let pivots = 0; pivots < 50 * this.size + 1000; pivots++) {
      let enter = -1;
      let least = -NO_GAIN * Math.max(1, this.dearest);
      for (let c = 0; c < this.columns.length; c++) {
        if (this.inBasis[c]) continue;
        const { cost, rows, values } = this.columns[c]!;
        let reduced = cost;
        for (let k = 0; k < rows.length; k++) reduced -= y[rows[k]!]! * values[k]!;
        if (reduced >= least) continue;
        [enter, least] = [c, reduced];
        if (stalled > STALLED) break;
      }
      if (enter < 0) {
        if (fresh) return;
        // Small errors add up over many pivots.
        y.set(this.multipliers());
        fresh = true;
        continue;
      }
      fresh = false;
      this.inBasisOf(enter, along);
      let leave = -1;
      let ratio = Infinity;
      for (let i = 0; i < this.size; i++) {
        if (along[i]! <= EPSILON) continue;
        const here = Math.max(0, this.x[i]!) / along[i]!;
        if (here < ratio - EPSILON || (here < ratio + EPSILON && leave >= 0 && this.basis[i]! < this.basis[leave]!))
          [leave, ratio] = [i, here];
      }
      if (leave < 0) return;
      stalled = ratio > EPSILON ? 0 : stalled + 1;
      this.pivot(enter, leave, along);
      const pivotRow = this.inverse[leave]!;
      for (let j = 0; j < this.size; j++) y[j]! += least * pivotRow[j]!;
    }
  }

  private pivot(enter: number, leave: number, along: Float64Array): void {
    const pivotRow = this.inverse[leave]!;
    const by = along[leave]!;
    for (let j = 0; j < this.size; j++) pivotRow[j]! /= by;
    this.x[leave]! /= by;
    for (let i = 0; i < this.size; i++) {
      const times = along[i]!;
      if (i === leave || Math.abs(times) < 1e-12) continue;
      const row = this.inverse[i]!;
      for (let j = 0; j < this.size; j++) row[j]! -= times * pivotRow[j]!;
      this.x[i]! -= times * this.x[leave]!;
    }
    this.inBasis[this.basis[leave]!] = false;
    this.inBasis[enter] = true;
    this.basis[leave] = enter;
  }

  /** How much of each column that was added, by the order in which they were. */
  amounts(): Float64Array {
    const amounts = new Float64Array(this.columns.length - this.first);
    this.basis.forEach((column, i) => {
      if (column >= this.first) amounts[column - this.first] = Math.max(0, this.x[i]!);
    });
    return amounts;
  }

  /** Whether some row still lacks something. */
  lacks(): boolean {
    return this.basis.some((column, i) => column < this.size && this.rows[column]!.sense === '>=' && this.x[i]! > 1e-3);
  }
}
