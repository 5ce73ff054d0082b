/**
 * What could stand on each container, with all that stands on that in turn: the set that weighs most at given weights. Two
 * that stand on one top must fit beside each other; beyond that only the top's area is counted, so that what really fits
 * never weighs more.
 */
import type { FitContainer, FitProblem } from '../../../ground/problems/fit-problem.ts';

interface Child {
  type: number;
  area: number;
  /** The child's own top in this place, −1 when nothing can stand there. */
  top: number;
}

/** A container's top with a certain height above it. */
interface Top {
  area: number;
  children: Child[];
  /** Types that fit beside each other here, by one and then the other. */
  beside: Set<number>[];
}

/** Sets looked at for one top; beyond that what the area alone allows is taken for its weight. */
const NODE_LIMIT = 1000;
/** With more tops heights are rounded down, but not to parts of the room's height larger than one of so many. */
const MANY = 300;
const COARSEST = 8;

type Sides = [width: number, depth: number];
const ways = (container: FitContainer): Sides[] =>
  container.turnable
    ? [
        [container.width, container.depth],
        [container.depth, container.width],
      ]
    : [[container.width, container.depth]];
/** Either may be turned: what lies on a turned container is not turned with it. */
const standsOn = (container: FitContainer, top: FitContainer): boolean =>
  ways(top).some(([width, depth]) => ways(container).some(([w, d]) => w <= width && d <= depth));
const fitBeside = (a: FitContainer, b: FitContainer, top: FitContainer): boolean =>
  ways(top).some(([width, depth]) =>
    ways(a).some(([w, d]) =>
      ways(b).some(
        ([v, e]) => (w + v <= width && d <= depth && e <= depth) || (d + e <= depth && w <= width && v <= width),
      ),
    ),
  );

export class StackCapacity {
  private readonly containers: readonly FitContainer[];
  /** What stands on a top comes before the top itself. */
  private tops: Top[] = [];
  /** The top of each type when it stands on the floor, −1 when nothing can stand there. */
  private onFloor: readonly number[] = [];
  private readonly weight: Float64Array;
  private readonly chosen: Child[][];

  constructor({ containers, compartment }: FitProblem) {
    this.containers = containers;
    const carried = containers.map((top, on) =>
      Array.from(containers.keys()).filter(
        (type) => top.stackable && (type !== on || top.count > 1) && standsOn(containers[type]!, top),
      ),
    );
    const beside = containers.map((top) => (top.stackable ? this.besideOn(top) : []));
    for (let grain = 1; ; grain *= 2) {
      const coarsest = grain * COARSEST > compartment.height;
      if (this.enumerate(compartment.height, grain, carried, beside, coarsest ? Infinity : MANY)) break;
    }
    this.weight = new Float64Array(this.tops.length);
    this.chosen = this.tops.map(() => []);
  }

  /** How many tops there are to be weighed. */
  get size(): number {
    return this.tops.length;
  }

  /**
   * Every top that can come about, with heights taken for no more than a multiple of `grain` mm.
   * @returns false when these are more than `most`
   */
  private enumerate(
    height: number,
    grain: number,
    carried: readonly (readonly number[])[],
    beside: readonly Set<number>[][],
    most: number,
  ): boolean {
    const { containers } = this;
    this.tops = [];
    const made = new Map<string, number>();
    const area = containers.map((container) => container.width * container.depth);
    // Lower ones go by a smaller power of two, so that nothing is without height.
    const high = containers.map(({ height: own }) => own - (own % Math.min(grain, 2 ** Math.floor(Math.log2(own)))));
    const topOf = (on: number, space: number): number => {
      if (!carried[on]!.length || this.tops.length > most) return -1;
      const key = `${on} ${space}`;
      const known = made.get(key);
      if (known !== undefined) return known;
      const children = carried[on]!.filter((type) => high[type]! <= space).map((type): Child => ({
        type,
        area: area[type]!,
        top: topOf(type, space - high[type]!),
      }));
      const at = children.length ? this.tops.push({ area: area[on]!, children, beside: beside[on]! }) - 1 : -1;
      made.set(key, at);
      return at;
    };
    this.onFloor = containers.map((_, t) => topOf(t, height - high[t]!));
    return this.tops.length <= most;
  }

  private besideOn(top: FitContainer): Set<number>[] {
    return this.containers.map(
      (a, i) =>
        new Set(this.containers.flatMap((b, j) => ((i !== j || a.count > 1) && fitBeside(a, b, top) ? [j] : []))),
    );
  }

  /** Finds what each top carries at those weights by type; weights may be negative. */
  weigh(weight: Float64Array): void {
    for (let at = 0; at < this.tops.length; at++) this.fill(at, weight);
  }

  /** The most that what stands on a container on the floor can weigh. */
  most(type: number): number {
    const at = this.onFloor[type]!;
    return at < 0 ? 0 : this.weight[at]!;
  }

  /** Adds what that is, by type. */
  addContents(type: number, to: Float64Array): void {
    const add = (at: number): void => {
      if (at < 0) return;
      for (const child of this.chosen[at]!) {
        to[child.type]!++;
        add(child.top);
      }
    };
    add(this.onFloor[type]!);
  }

  /** Depth first over sets of children, those that weigh most for their area first. */
  private fill(at: number, weight: Float64Array): void {
    const { area, children, beside } = this.tops[at]!;
    const list: { child: Child; gain: number }[] = [];
    for (const child of children) {
      const gain = weight[child.type]! + (child.top < 0 ? 0 : this.weight[child.top]!);
      if (gain > 0) list.push({ child, gain });
    }
    list.sort((a, b) => b.gain / b.child.area - a.gain / a.child.area);
    let best = 0;
    let chosen: Child[] = [];
    let nodes = 0;
    /** The most that a set not looked at could weigh. */
    let unseen = 0;
    const now: Child[] = [];
    const stands = (child: Child): boolean =>
      now.every((other) => beside[other.type]!.has(child.type)) &&
      now.reduce((n, other) => n + +(other === child), 0) < this.containers[child.type]!.count;
    const search = (from: number, space: number, sum: number): void => {
      if (sum > best) {
        best = sum;
        chosen = now.slice();
      }
      for (let i = from; i < list.length; i++) {
        const { child, gain } = list[i]!;
        const most = sum + (space * gain) / child.area;
        if (most <= best) return;
        if (++nodes > NODE_LIMIT) {
          unseen = Math.max(unseen, most);
          return;
        }
        if (child.area > space || !stands(child)) continue;
        now.push(child);
        search(i, space - child.area, sum + gain);
        now.pop();
      }
    };
    search(0, area, 0);
    this.weight[at] = Math.max(best, unseen);
    this.chosen[at] = chosen;
  }
}
