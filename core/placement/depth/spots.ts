/**
 * Where a bin could go: on the floor of a compartment and on whatever bears it, in the corners that walls and neighbours
 * make, at what the week's effort would grow by.
 */
import type { Arrangement, Box } from './arrangement.ts';
import type { CompiledDepth } from './compiled.ts';

export interface Spot {
  space: number;
  x: number;
  y: number;
  z: number;
  turned: boolean;
  on: Box | null;
  /** What the week's effort grows by. */
  cost: number;
}

function addOnce(list: number[], value: number, least: number, most: number): void {
  if (value < least || value > most) return;
  for (const known of list) if (known === value) return;
  list.push(value);
}

function isFree(siblings: readonly Box[], x0: number, x1: number, y0: number, y1: number): boolean {
  for (const other of siblings) if (x0 < other.x1 && other.x0 < x1 && y0 < other.y1 && other.y0 < y1) return false;
  return true;
}

export class Spots {
  private readonly now: Arrangement;
  private readonly place: CompiledDepth;
  /** Bins of one size: what has no room for one has none for the others. */
  private readonly size: Int32Array;
  private readonly sizes: number;
  /** spaces × sizes: the version of the space at which no room was found for that size; 0: not known. */
  private readonly full: Int32Array;

  constructor(now: Arrangement) {
    const { place } = now;
    this.now = now;
    this.place = place;
    const numbers = new Map<string, number>();
    this.size = Int32Array.from({ length: place.bins }, (_, bin) => {
      const key = `${place.width[bin]} ${place.depth[bin]} ${place.height[bin]} ${place.turnable[bin]}`;
      const known = numbers.get(key) ?? numbers.size;
      numbers.set(key, known);
      return known;
    });
    this.sizes = Math.max(1, numbers.size);
    this.full = new Int32Array(place.spaces * this.sizes);
  }

  /** The cheapest spot for a bin that is not placed, better than `most`; null where there is none. */
  bestSpot(bin: number, most: number, only?: (space: number) => boolean): Spot | null {
    const { place } = this;
    let best: Spot | null = null;
    let limit = most;
    for (const space of place.order[bin]!) {
      if (place.least[bin * place.spaces + space]! >= limit) break;
      if (only && !only(space)) continue;
      const spot = this.spotIn(bin, space, limit);
      if (spot) {
        best = spot;
        limit = spot.cost;
      }
    }
    return best;
  }

  /**
   * The cheapest spot in one compartment.
   * @param anyway whatever rule of load, reach or weight it breaks there: only its size counts
   */
  spotIn(bin: number, space: number, most: number, anyway = false): Spot | null {
    const { now, place } = this;
    if (!anyway && now.load[space]! + place.mass[bin]! > place.maxLoad[space]!) return null;
    const memo = space * this.sizes + this.size[bin]!;
    if (this.full[memo] === now.version[space]) return null;
    /** A level was left out for another reason than its room. */
    let unsure = false;
    let roomy = false;
    const list = now.inside[space]!;
    const joining = now.joining(bin, space);
    const [w, d, h] = [place.width[bin]!, place.depth[bin]!, place.height[bin]!];
    let best: Spot | null = null;
    let limit = most;
    for (let way = 0; way <= place.turnable[bin]!; way++) {
      const [wide, deep] = way ? [d, w] : [w, d];
      for (let level = -1; level < (place.hangs[space] ? 0 : list.length); level++) {
        const on = level < 0 ? null : list[level]!;
        if (on && !place.stackable[on.bin]) continue;
        const z = on ? on.z1 : 0;
        const [left, right] = on ? [on.x0, on.x1] : [0, place.roomWidth[space]!];
        const [near, far] = on ? [on.y0, on.y1] : [0, place.roomDepth[space]!];
        if (z + h > place.roomHeight[space]! || wide > right - left || deep > far - near) continue;
        let own = joining;
        let mayStand = anyway || (now.reaches(bin, space, z) && (!on || place.mass[on.bin]! >= place.mass[bin]!));
        for (let under = on; under && mayStand; under = under.on) {
          if (place.ofChild[under.bin] && !anyway) mayStand = false;
          own += place.moving[under.bin]!;
        }
        if (mayStand) own += now.standing(bin, space, z);
        if (!mayStand || own >= limit) {
          unsure = true;
          continue;
        }
        this.corners(list, on, left, right - wide, near, far - deep);
        const { xs, ys, siblings } = this;
        for (const x of xs)
          for (const y of ys) {
            if (place.hangs[space] && y > near) continue;
            if (!isFree(siblings, x, x + wide, y, y + deep)) continue;
            roomy = true;
            const cost = this.costAt(list, bin, space, x, x + wide, y, z, z + h, own, limit, anyway);
            if (cost < limit) {
              limit = cost;
              best = { space, x, y, z, turned: !!way, on, cost };
            }
          }
      }
    }
    if (!roomy && !unsure) this.full[memo] = now.version[space]!;
    return best;
  }

  private readonly xs: number[] = [];
  private readonly ys: number[] = [];
  private readonly siblings: Box[] = [];
  /** What stands on the same level, and the places along both sides where a box could touch the walls or these. */
  private corners(
    list: readonly Box[],
    on: Box | null,
    left: number,
    lastX: number,
    near: number,
    lastY: number,
  ): void {
    const { xs, ys, siblings } = this;
    siblings.length = 0;
    xs.length = 0;
    ys.length = 0;
    xs.push(left);
    ys.push(near);
    for (const other of list) {
      if (other.on !== on) continue;
      siblings.push(other);
      addOnce(xs, other.x1, left, lastX);
      addOnce(ys, other.y1, near, lastY);
    }
    addOnce(xs, lastX, left, lastX);
    addOnce(ys, lastY, near, lastY);
  }

  /** Infinity where a child would have to move something first, or it costs more than is of use. */
  private costAt(
    list: readonly Box[],
    bin: number,
    space: number,
    x0: number,
    x1: number,
    y0: number,
    z0: number,
    z1: number,
    own: number,
    limit: number,
    anyway: boolean,
  ): number {
    const { place } = this;
    if (place.top[space]) return own;
    let cost = own;
    for (const other of list) {
      if (x0 >= other.x1 || other.x0 >= x1 || z0 >= other.z1 || other.z0 >= z1) continue;
      // What does not overlap is before it or behind it.
      const blocked = other.y0 < y0 ? bin : other.bin;
      if (place.ofChild[blocked] && !anyway) return Infinity;
      cost += place.moving[blocked]!;
      if (cost >= limit) return Infinity;
    }
    return cost;
  }

  /** The box of a bin at a spot, nothing on it yet. */
  boxAt(bin: number, { space, x, y, z, turned, on }: Spot): Box {
    const { place } = this;
    const [wide, deep] = turned ? [place.depth[bin]!, place.width[bin]!] : [place.width[bin]!, place.depth[bin]!];
    return {
      bin,
      space,
      x0: x,
      x1: x + wide,
      y0: y,
      y1: y + deep,
      z0: z,
      z1: z + place.height[bin]!,
      turned,
      on,
      carries: 0,
      blocked: 0,
    };
  }
}
