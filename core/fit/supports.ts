/**
 * What stacking must keep, as constraints: whatever does not stand on the floor stands within the top of a container
 * that may carry it. For weights α (floor share, or a product of dual feasible functions) the floor takes no more than
 * 1, and each carrier no more than the heaviest set that its top has room for. What cannot be carried, by a maximum
 * flow from carriers to what they can carry, must find room on the floor; the minimum cut is the constraint.
 */
import type { FitProblem } from './problem.ts';
import type { Cut } from './cuts.ts';

/** More than this on one top is not counted out; then the whole top's share holds. */
const MOST_ON_TOP = 2;

export class Supports {
  private readonly types: number;
  /** carries[j] lists the types that can stand on type j. */
  private readonly carries: number[][];
  private readonly problem: FitProblem;

  constructor(problem: FitProblem) {
    this.problem = problem;
    const { containers, compartment } = problem;
    this.types = containers.length;
    this.carries = containers.map((below, j) =>
      below.stackable
        ? containers.flatMap((one, i) =>
            (i !== j || one.count > 1) && below.height + one.height <= compartment.height && this.side(i, j) ? [i] : [],
          )
        : [],
    );
  }

  private ways(i: number): [number, number][] {
    const one = this.problem.containers[i]!;
    return one.turnable
      ? [
          [one.width, one.depth],
          [one.depth, one.width],
        ]
      : [[one.width, one.depth]];
  }
  private side(i: number, j: number): boolean {
    const top = this.problem.containers[j]!;
    return this.ways(i).some(([w, d]) => w <= top.width && d <= top.depth);
  }
  private together(a: number, b: number, j: number): boolean {
    const top = this.problem.containers[j]!;
    return this.ways(a).some(([w, d]) =>
      this.ways(b).some(
        ([v, e]) =>
          (w + v <= top.width && d <= top.depth && e <= top.depth) ||
          (d + e <= top.depth && w <= top.width && v <= top.width),
      ),
    );
  }

  /** The most weight that each type's top can carry at once. */
  capacities(weight: Float64Array, whole: Float64Array): Float64Array {
    const { containers } = this.problem;
    return Float64Array.from({ length: this.types }, (_, j) => {
      const on = this.carries[j]!;
      let most = Math.max(0, ...on.map((i) => weight[i]!));
      const pairs = on.flatMap((a, k) =>
        on
          .slice(k)
          .filter((b) => (a !== b || containers[a]!.count > 1) && this.together(a, b, j))
          .map((b): [number, number] => [a, b]),
      );
      for (const [a, b] of pairs) most = Math.max(most, weight[a]! + weight[b]!);
      // Where two fit, a third might: then the top's own share is all that is known, or what the lightest counting says.
      const smallest = on.reduce((least, i) => Math.min(least, containers[i]!.width * containers[i]!.depth), Infinity);
      const many = pairs.length > 0 && (MOST_ON_TOP + 1) * smallest <= containers[j]!.width * containers[j]!.depth;
      return many ? Math.max(most, whole[j]!) : most;
    });
  }

  /** The constraint Σ weight × taken ≤ 1 that a choice breaks, or null. */
  broken(
    taken: ArrayLike<number>,
    weight: Float64Array,
    capacity: Float64Array,
    beyond: number,
  ): { cut: Cut; by: number } | null {
    const { types, carries } = this;
    const supply = Float64Array.from(capacity, (most, j) => most * taken[j]!);
    const demand = Float64Array.from(weight, (one, i) => one * taken[i]!);
    const flow = Array.from({ length: types }, () => new Float64Array(types));
    const total = demand.reduce((sum, one) => sum + one, 0);
    let carried = 0;
    // Augmenting paths from carriers with supply left, over what they carry, back to carriers that could hand over.
    let reached = this.search(supply, demand, flow);
    while (reached.path) {
      const { path } = reached;
      let most = Math.min(supply[path[0]!]!, demand[path.at(-1)!]!);
      for (let k = 1; k + 1 < path.length; k += 2) most = Math.min(most, flow[path[k + 1]!]![path[k]!]!);
      supply[path[0]!]! -= most;
      demand[path.at(-1)!]! -= most;
      for (let k = 0; k + 1 < path.length; k += 2) {
        flow[path[k]!]![path[k + 1]!]! += most;
        if (k + 2 < path.length) flow[path[k + 2]!]![path[k + 1]!]! -= most;
      }
      carried += most;
      reached = this.search(supply, demand, flow);
    }
    const by = total - carried - 1;
    if (by <= beyond) return null;
    const { carriers, items } = reached;
    // Whatever a reached carrier can carry is reached as well, so that the cut holds for every choice.
    return {
      cut: Float64Array.from(
        { length: types },
        (_, t) => (items.has(t) ? 0 : weight[t]!) - (carriers.has(t) || !carries[t]!.length ? 0 : capacity[t]!),
      ),
      by,
    };
  }

  private search(
    supply: Float64Array,
    demand: Float64Array,
    flow: Float64Array[],
  ): { path: number[] | null; carriers: Set<number>; items: Set<number> } {
    const carriers = new Set<number>();
    const items = new Set<number>();
    const from = new Map<number, number>();
    const handed = new Map<number, number>();
    const queue: number[] = [];
    for (let j = 0; j < this.types; j++)
      if (supply[j]! > 1e-9) {
        carriers.add(j);
        queue.push(j);
      }
    for (let head = 0; head < queue.length; head++) {
      const j = queue[head]!;
      for (const i of this.carries[j]!) {
        if (items.has(i)) continue;
        items.add(i);
        from.set(i, j);
        if (demand[i]! > 1e-9) {
          const path = [i];
          for (let at = i; ;) {
            const carrier = from.get(at)!;
            path.unshift(carrier);
            const before = handed.get(carrier);
            if (before === undefined) break;
            path.unshift(before);
            at = before;
          }
          return { path, carriers, items };
        }
        for (let k = 0; k < this.types; k++)
          if (!carriers.has(k) && flow[k]![i]! > 1e-9) {
            carriers.add(k);
            handed.set(k, i);
            queue.push(k);
          }
      }
    }
    return { path: null, carriers, items };
  }
}
