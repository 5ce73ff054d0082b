/**
 * A small linear program: the x ≥ 0 that make c·x most while every row a·x ≤ b is kept. Rows can be added afterwards.
 * Dictionary form (Chvátal 1983): primal simplex at first, where every b must be at least 0, dual simplex after rows were added.
 */
const EPSILON = 1e-9;
/** Pivots before it is left as it is. */
const MAX_PIVOTS = 400;

export class Simplex {
  private readonly variables: number;
  /** Basic variable of each row, other variable of each column; from `variables` on they are the slacks. */
  private readonly rowVariable: number[] = [];
  private readonly columnVariable: number[];
  private readonly a: Float64Array[] = [];
  private readonly b: number[] = [];
  private readonly c: Float64Array;

  constructor(c: readonly number[]) {
    this.variables = c.length;
    this.c = Float64Array.from(c);
    this.columnVariable = c.map((_, j) => j);
  }

  /** @param a coefficients of the variables */
  add(a: ArrayLike<number>, b: number): void {
    const row = new Float64Array(this.variables);
    let right = b;
    for (let j = 0; j < this.variables; j++) {
      const variable = this.columnVariable[j]!;
      if (variable < this.variables) row[j]! += a[variable]!;
    }
    this.rowVariable.forEach((variable, i) => {
      const times = variable < this.variables ? a[variable]! : 0;
      if (!times) return;
      right -= times * this.b[i]!;
      for (let j = 0; j < this.variables; j++) row[j]! -= times * this.a[i]![j]!;
    });
    this.rowVariable.push(this.variables + this.rowVariable.length);
    this.a.push(row);
    this.b.push(right);
  }

  /** The best x, or a good one where it takes too long. */
  solve(): Float64Array {
    for (let n = 0; n < MAX_PIVOTS; n++) {
      let row = this.lowest();
      let column: number;
      if (row >= 0) {
        column = this.forLowest(row);
        if (column < 0) break;
      } else {
        column = this.steepest();
        if (column < 0) break;
        row = this.nearest(column);
        if (row < 0) break;
      }
      this.pivot(row, column);
    }
    const x = new Float64Array(this.variables);
    this.rowVariable.forEach((variable, i) => {
      if (variable < this.variables) x[variable] = Math.max(0, this.b[i]!);
    });
    return x;
  }

  /** What one more of its right side would bring, by row. */
  prices(): Float64Array {
    const prices = new Float64Array(this.b.length);
    this.columnVariable.forEach((variable, j) => {
      if (variable >= this.variables) prices[variable - this.variables] = Math.max(0, -this.c[j]!);
    });
    return prices;
  }

  /** The row that is broken most, −1 when none is. */
  private lowest(): number {
    let least = -EPSILON;
    let at = -1;
    for (let i = 0; i < this.b.length; i++) if (this.b[i]! < least) [least, at] = [this.b[i]!, i];
    return at;
  }

  private forLowest(row: number): number {
    let least = Infinity;
    let at = -1;
    for (let j = 0; j < this.variables; j++) {
      const own = this.a[row]![j]!;
      if (own < -EPSILON && this.c[j]! / own < least) [least, at] = [this.c[j]! / own, j];
    }
    return at;
  }

  private steepest(): number {
    let most = EPSILON;
    let at = -1;
    for (let j = 0; j < this.variables; j++) if (this.c[j]! > most) [most, at] = [this.c[j]!, j];
    return at;
  }

  private nearest(column: number): number {
    let least = Infinity;
    let at = -1;
    for (let i = 0; i < this.b.length; i++) {
      const own = this.a[i]![column]!;
      if (own > EPSILON && this.b[i]! / own < least) [least, at] = [this.b[i]! / own, i];
    }
    return at;
  }

  private pivot(row: number, column: number): void {
    const own = this.a[row]!;
    const by = own[column]!;
    for (let j = 0; j < this.variables; j++) own[j]! /= by;
    own[column] = 1 / by;
    this.b[row]! /= by;
    for (let i = 0; i < this.b.length; i++) {
      const other = this.a[i]!;
      const times = other[column]!;
      if (i === row || !times) continue;
      for (let j = 0; j < this.variables; j++) other[j]! -= times * own[j]!;
      other[column] = -times / by;
      this.b[i]! -= times * this.b[row]!;
    }
    const times = this.c[column]!;
    for (let j = 0; j < this.variables; j++) this.c[j]! -= times * own[j]!;
    this.c[column] = -times / by;
    [this.rowVariable[row], this.columnVariable[column]] = [this.columnVariable[column]!, this.rowVariable[row]!];
  }
}
