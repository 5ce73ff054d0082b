/**
 * A lower bound on the week's effort. Every bin takes the cheapest of a few ways to stand in each compartment: on the
 * bottom or raised on another, with none, one, two or more to be moved before it. What all of a compartment have to
 * share has a price (Lagrangian relaxation; prices follow the subgradient, Held, Wolfe and Crowder 1974), and what belongs
 * together is placed together. See docs/engines.md for why each of these holds for every plan.
 */
import { GROUP_SPLIT } from '../../../ground/problems/place-problem.ts';
import { gripAt, leastBody, reaches, type CompiledDepth } from './compiled.ts';
import { GroupChoice } from './group-choice.ts';

/** What has a price in each compartment. */
const RESOURCES = 7;
const VOLUME = 0;
const LOAD = 1;
const BOTTOM = 2;
const SUPPORT = 3;
/** Width of the front for what has none, at most one, at most two to be moved before it. */
const FRONT = 4;
const ROWS = 3;

/** Steps begin at this share of the distance to the best plan, fall by a share after so many rounds without gain, and keep a share of the last direction; a plan further off than that share counts as so far. By trial. */
const STEP = { first: 0.5, fall: 0.6, after: 5, keep: 0.8, farthest: 0.4 };

/** How a bin stands in the relaxed plan. */
interface Way {
  space: number;
  raised: boolean;
  /** To be moved before it; 3: three or more. */
  blocked: number;
}

export class DepthBound {
  best = 0;
  private readonly place: CompiledDepth;
  /** bins × spaces: seconds a week on the bottom, and at the best height on another bin; Infinity where it may not. */
  private readonly onBottom: Float32Array;
  private readonly raised: Float32Array;
  /** By bin: dm along the front, dm² of the bottom, litres, kg. */
  private readonly wide: Float64Array;
  private readonly area: Float64Array;
  private readonly litres: Float64Array;
  private readonly kilos: Float64Array;
  /** Bins that stay where they stand: what they cost is known, and they take part in no choice. */
  private readonly fixed: ReadonlyMap<number, { space: number; z: number }>;
  private readonly groups: GroupChoice;
  /** Bins that are chosen one by one. */
  private readonly single: number[];
  /** spaces × resources: how much there is, what it costs a unit, the last direction. */
  private readonly room: Float64Array;
  private readonly price: Float64Array;
  private readonly direction: Float64Array;
  private step = STEP.first;
  private since = 0;
  private readonly way: Way = { space: -1, raised: false, blocked: 0 };

  constructor(place: CompiledDepth, fixed: ReadonlyMap<number, { space: number; z: number }> = new Map()) {
    const { bins, spaces } = place;
    this.place = place;
    this.fixed = fixed;
    const of = (reckon: (bin: number) => number) => Float64Array.from({ length: bins }, (_, bin) => reckon(bin));
    this.wide = of((b) => (place.turnable[b] ? Math.min(place.width[b]!, place.depth[b]!) : place.width[b]!) / 100);
    this.area = of((b) => (place.width[b]! * place.depth[b]!) / 1e4);
    this.litres = of((b) => (this.area[b]! * place.height[b]!) / 100);
    this.kilos = of((b) => place.mass[b]! / 1000);
    this.onBottom = new Float32Array(bins * spaces).fill(Infinity);
    this.raised = new Float32Array(bins * spaces).fill(Infinity);
    for (let bin = 0; bin < bins; bin++) this.reckon(bin);
    this.room = new Float64Array(spaces * RESOURCES);
    for (let space = 0; space < spaces; space++) {
      const area = (place.roomWidth[space]! * place.roomDepth[space]!) / 1e4;
      const row = space * RESOURCES;
      this.room[row + VOLUME] = (area * place.roomHeight[space]!) / 100;
      this.room[row + LOAD] = place.maxLoad[space]! / 1000;
      this.room[row + BOTTOM] = area;
      for (let k = 0; k < ROWS; k++) this.room[row + FRONT + k] = ((k + 1) * place.roomWidth[space]!) / 100;
    }
    // What stays bears others without having been chosen.
    for (const [bin, { space }] of fixed)
      if (place.stackable[bin]) this.room[space * RESOURCES + SUPPORT]! += this.area[bin]!;
    this.price = new Float64Array(spaces * RESOURCES);
    this.direction = new Float64Array(spaces * RESOURCES);
    const free = Array.from({ length: bins }, (_, bin) => bin).filter((bin) => !fixed.has(bin));
    this.groups = new GroupChoice(place, (bin) => fixed.has(bin));
    this.single = free.filter((bin) => !this.groups.has(bin));
  }

  /** What each way of standing costs at the least. Rounded down, so that it never says more than there is. */
  private reckon(bin: number): void {
    const { place } = this;
    const { bodies } = place;
    const down = (seconds: number) => Math.fround(seconds * (1 - 1e-7));
    // The lowest that could bear it.
    let support = Infinity;
    for (let other = 0; other < place.bins; other++)
      if (other !== bin && place.stackable[other] && !place.ofChild[other] && place.mass[other]! >= place.mass[bin]!)
        support = Math.min(support, place.height[other]!);
    for (const space of place.order[bin]!) {
      const at = bin * place.spaces + space;
      const base = place.base[at]!;
      const bottom = gripAt(place, bin, space, 0);
      if (reaches(place, bin, space, bottom)) this.onBottom[at] = down(base + bodies.week(bin, bottom));
      const top = place.roomHeight[space]! - place.height[bin]!;
      if (support > top || place.hangs[space]) continue;
      this.raised[at] = down(base + leastBody(place, bin, space, support));
    }
  }

  /** Whether a bin that something stands on lends its top to others. */
  private lends(bin: number, space: number): boolean {
    return this.place.stackable[bin] === 1 && !this.place.hangs[space];
  }

  /** Its cheapest way to stand in one space, with the prices of room; the way is in `way`. Infinity where it is not below `most`. */
  private cheapestWay(bin: number, space: number, most = Infinity): number {
    const { place, way, price } = this;
    const row = space * RESOURCES;
    const at = bin * place.spaces + space;
    const area = this.area[bin]!;
    const wide = place.top[space] ? 0 : this.wide[bin]!;
    const moving = place.moving[bin]!;
    const support = price[row + SUPPORT]! * area;
    const lent = this.lends(bin, space) ? support : 0;
    const common = price[row + VOLUME]! * this.litres[bin]! + price[row + LOAD]! * this.kilos[bin]!;
    const bottom = this.onBottom[at]! + common + price[row + BOTTOM]! * area;
    const raised = this.raised[at]! + common + support;
    if (Math.min(bottom, raised) - Math.max(0, lent - moving) >= most) return Infinity;
    // A child digs for nothing.
    const deepest = place.ofChild[bin] ? 0 : ROWS;
    let front = wide * (price[row + FRONT]! + price[row + FRONT + 1]! + price[row + FRONT + 2]!);
    let least = Infinity;
    for (let blocked = 0; blocked <= deepest; blocked++) {
      const digging = blocked ? moving * blocked - lent : 0;
      if (bottom + front + digging < least) {
        least = bottom + front + digging;
        way.raised = false;
        way.blocked = blocked;
      }
      if (blocked < 2 && raised + digging < least) {
        least = raised + digging;
        way.raised = true;
        way.blocked = blocked;
      }
      if (blocked < ROWS) front -= wide * price[row + FRONT + blocked]!;
    }
    way.space = space;
    return least;
  }

  /** What the room costs a bin in a space, seconds a week, by the prices as they are. */
  priceOfRoom(bin: number, space: number): number {
    const at = bin * this.place.spaces + space;
    const least = Math.min(this.onBottom[at]!, this.raised[at]!);
    return Math.max(0, this.cheapestWay(bin, space) - least);
  }
  /** What a split costs, seconds a week, where a bin has a group and none of it stand in that unit in the relaxed plan as it is. */
  splits(): (bin: number, space: number) => number {
    const { group, unit, units } = this.place;
    const at = (bin: number, space: number) => group[bin]! * units + unit[space]!;
    const homes = new Set(this.groups.chosen.map(({ bin, space }) => at(bin, space)));
    return (bin, space) => (!homes.size || !this.groups.has(bin) || homes.has(at(bin, space)) ? 0 : GROUP_SPLIT);
  }

  /** Adds what a way takes. */
  private use(bin: number, { space, raised, blocked }: Way, used: Float64Array): void {
    const row = space * RESOURCES;
    used[row + VOLUME]! += this.litres[bin]!;
    used[row + LOAD]! += this.kilos[bin]!;
    used[row + (raised ? SUPPORT : BOTTOM)]! += this.area[bin]!;
    if (blocked > 0 && this.lends(bin, space)) used[row + SUPPORT]! -= this.area[bin]!;
    if (!raised && !this.place.top[space])
      for (let k = blocked; k < ROWS; k++) used[row + FRONT + k]! += this.wide[bin]!;
  }

  /** One round of prices. @param target the effort of the best plan so far */
  round(target: number): void {
    const { place, price, room } = this;
    const used = new Float64Array(price.length);
    let sum = 0;
    for (let i = 0; i < price.length; i++) sum -= price[i]! * room[i]!;
    for (const [bin, { space, z }] of this.fixed)
      sum += place.base[bin * place.spaces + space]! + place.bodies.week(bin, gripAt(place, bin, space, z));
    let dearest = 0;
    for (let space = 0; space < place.spaces; space++) dearest = Math.max(dearest, price[space * RESOURCES + SUPPORT]!);
    const chosen: Way = { space: -1, raised: false, blocked: 0 };
    for (const bin of this.single) {
      let least = place.leftOut[bin]!;
      chosen.space = -1;
      const row = bin * place.spaces;
      // What it lends could make a place cheaper than it is by itself, by so much at the most.
      const mayLend = place.stackable[bin] && !place.ofChild[bin];
      const lent = mayLend ? Math.max(0, dearest * this.area[bin]! - place.moving[bin]!) : 0;
      for (const space of place.order[bin]!) {
        if (place.least[row + space]! - lent >= least) break;
        const cost = this.cheapestWay(bin, space, least);
        if (cost >= least) continue;
        least = cost;
        chosen.space = space;
        chosen.raised = this.way.raised;
        chosen.blocked = this.way.blocked;
      }
      sum += least;
      if (chosen.space >= 0) this.use(bin, chosen, used);
    }
    sum += this.groups.least((bin, space, most) => this.cheapestWay(bin, space, most));
    for (const { bin, space } of this.groups.chosen) {
      this.cheapestWay(bin, space);
      this.use(bin, this.way, used);
    }
    if (sum > this.best + 1e-6 * Math.abs(sum)) {
      this.best = sum;
      this.since = 0;
    } else if (++this.since > STEP.after) {
      this.step *= STEP.fall;
      this.since = 0;
    }
    this.follow(used, Math.min(target, (1 + STEP.farthest) * this.best) - sum);
  }
  private follow(used: Float64Array, distance: number): void {
    const { price, direction, room } = this;
    let norm = 0;
    for (let i = 0; i < price.length; i++) {
      const towards = STEP.keep * direction[i]! + used[i]! - room[i]!;
      direction[i] = towards < 0 && price[i]! <= 0 ? 0 : towards;
      norm += direction[i]! ** 2;
    }
    if (norm <= 0) return;
    const by = (this.step * Math.max(1, distance)) / norm;
    for (let i = 0; i < price.length; i++) price[i] = Math.max(0, price[i]! + by * direction[i]!);
  }
}
