/**
 * What could stand on each container, with all that stands on that in turn: the set that weighs most at given weights. Two
 * that stand on one top must fit beside each other; beyond that only the top's area is counted, so that what really fits
 * never weighs more.
 */
import type { FitContainer, FitProblem } from './problem.ts';

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
const MOST_LOOKS = 2000;

type Sides = [width: number, depth: number];
const ways = (one: FitContainer): Sides[] =>
  one.turnable
    ? [
        [one.width, one.depth],
        [one.depth, one.width],
      ]
    : [[one.width, one.depth]];
const standsOn = (one: FitContainer, top: FitContainer): boolean =>
  ways(one).some(([w, d]) => w <= top.width && d <= top.depth);
const fitBeside = (a: FitContainer, b: FitContainer, top: FitContainer): boolean =>
  ways(a).some(([w, d]) =>
    ways(b).some(
      ([v, e]) =>
        (w + v <= top.width && d <= top.depth && e <= top.depth) ||
        (d + e <= top.depth && w <= top.width && v <= top.width),
    ),
  );

export class Tops {
  private readonly containers: readonly FitContainer[];
  /** What stands on a top comes before the top itself. */
  private readonly tops: Top[] = [];
  /** The top of each type when it stands on the floor, −1 when nothing can stand there. */
  private readonly onFloor: readonly number[];
  private readonly weight: Float64Array;
  private readonly chosen: Child[][];

  constructor({ containers, compartment }: FitProblem) {
    this.containers = containers;
    const beside = containers.map((top) => (top.stackable ? this.besideOn(top) : []));
    const made = new Map<string, number>();
    const topOf = (on: number, room: number): number => {
      const one = containers[on]!;
      const key = `${on} ${room}`;
      const known = one.stackable ? made.get(key) : -1;
      if (known !== undefined) return known;
      const children = containers.flatMap((child, type): Child[] =>
        child.height <= room && (type !== on || child.count > 1) && standsOn(child, one)
          ? [{ type, area: child.width * child.depth, top: topOf(type, room - child.height) }]
          : [],
      );
      const top = { area: one.width * one.depth, children, beside: beside[on]! };
      const at = children.length ? this.tops.push(top) - 1 : -1;
      made.set(key, at);
      return at;
    };
    this.onFloor = containers.map((one, t) => topOf(t, compartment.height - one.height));
    this.weight = new Float64Array(this.tops.length);
    this.chosen = this.tops.map(() => []);
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
    let looks = 0;
    /** The most that a set not looked at could weigh. */
    let unseen = 0;
    const now: Child[] = [];
    const stands = (child: Child): boolean =>
      now.every((other) => beside[other.type]!.has(child.type)) &&
      now.reduce((n, other) => n + +(other === child), 0) < this.containers[child.type]!.count;
    const search = (from: number, room: number, sum: number): void => {
      if (sum > best) {
        best = sum;
        chosen = now.slice();
      }
      for (let i = from; i < list.length; i++) {
        const { child, gain } = list[i]!;
        const most = sum + (room * gain) / child.area;
        if (most <= best) return;
        if (++looks > MOST_LOOKS) {
          unseen = Math.max(unseen, most);
          return;
        }
        if (child.area > room || !stands(child)) continue;
        now.push(child);
        search(i, room - child.area, sum + gain);
        now.pop();
      }
    };
    search(0, area, 0);
    this.weight[at] = Math.max(best, unseen);
    this.chosen[at] = chosen;
  }
}
