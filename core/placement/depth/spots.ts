/**
 * Where a bin could go: on the floor of a compartment and on whatever bears it, in the corners that walls and neighbours
 * make, at what the week's effort would grow by.
 */
import { Random } from '../../engine/random.ts';
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

/** Of one compartment. */
const MOST_BOXES = 4096;

export class Spots {
  private readonly now: Arrangement;
  private readonly place: CompiledDepth;
  /** Bins of one size: what has no room for one has none for the others. */
  private readonly size: Int32Array;
  private readonly sizes: number;
  /** spaces × sizes: the version of the space at which no room was found for that size; 0: not known. */
  private readonly full: Int32Array;
  /** Share of the spots that are passed over, so that a filling does not always come out the same. */
  blink = 0;
  private readonly random: Random;

  constructor(now: Arrangement, random = new Random(1)) {
    const { place } = now;
    this.random = random;
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
    if (!anyway && !now.mayJoin(bin, space)) return null;
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
        const lastY = place.hangs[space] ? near : far - deep;
        const count = this.corners(list, on, left, right - wide);
        const { xs } = this;
        search: for (let i = 0; i < count; i++) {
          const x = xs[i]!;
          const alongside = this.alongside(list, on, x, x + wide, z, z + h);
          const before = place.top[space] ? 0 : alongside;
          // From gap to gap between what stands on the same level, and at the back wall.
          let y = near;
          for (let k = 0; ; k++) {
            const next = k < this.level ? this.fronts[k]! : far;
            if (y + deep <= next && y <= lastY) {
              roomy = true;
              for (let back = 0; back < 2; back++) {
                const at = back ? lastY : y;
                if (back && (k < this.level || at <= y)) break;
                if (this.blink > 0 && this.random.next() < this.blink) continue;
                const cost = before ? this.costAt(before, bin, at, own, limit, anyway) : own;
                if (cost < limit) {
                  limit = cost;
                  best = { space, x, y: at, z, turned: !!way, on, cost };
                  // Nothing on this level can be cheaper.
                  if (cost <= own) break search;
                }
              }
            }
            if (k >= this.level) break;
            if (this.backs[k]! > y) y = this.backs[k]!;
          }
        }
      }
    }
    if (!roomy && !unsure) this.full[memo] = now.version[space]!;
    return best;
  }

  // Kept from call to call, as they are filled a million times a second; each with the number that counts.
  private readonly xs = new Int32Array(MOST_BOXES);
  /** What overlaps from the front. */
  private readonly beside: Box[] = [];
  /** Of these, what stands on the same level, from the front to the back. */
  private readonly fronts = new Int32Array(MOST_BOXES);
  private readonly backs = new Int32Array(MOST_BOXES);
  private level = 0;
  /** The places along the front where a box could touch a wall or what stands on the same level. @returns how many */
  private corners(list: readonly Box[], on: Box | null, left: number, lastX: number): number {
    const { xs } = this;
    xs[0] = left;
    let count = 1;
    for (let i = 0; i <= list.length; i++) {
      if (i < list.length && list[i]!.on !== on) continue;
      const x = i < list.length ? list[i]!.x1 : lastX;
      if (x < left || x > lastX) continue;
      let known = false;
      for (let k = 0; k < count && !known; k++) known = xs[k] === x;
      if (!known) xs[count++] = x;
    }
    return count;
  }
  /** For one place along the front: what stands before or behind it. @returns how many of `beside` */
  private alongside(list: readonly Box[], on: Box | null, x0: number, x1: number, z0: number, z1: number): number {
    const { beside, fronts, backs } = this;
    let count = 0;
    let level = 0;
    for (let i = 0; i < list.length; i++) {
      const other = list[i]!;
      if (x0 >= other.x1 || other.x0 >= x1 || z0 >= other.z1 || other.z0 >= z1) continue;
      beside[count++] = other;
      if (other.on !== on) continue;
      let k = level++;
      for (; k > 0 && fronts[k - 1]! > other.y0; k--) {
        fronts[k] = fronts[k - 1]!;
        backs[k] = backs[k - 1]!;
      }
      fronts[k] = other.y0;
      backs[k] = other.y1;
    }
    this.level = level;
    return count;
  }

  /** Infinity where a child would have to move something first, or it costs more than is of use. */
  private costAt(count: number, bin: number, y0: number, own: number, limit: number, anyway: boolean): number {
    const { place, beside } = this;
    let cost = own;
    for (let i = 0; i < count; i++) {
      const other = beside[i]!;
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
