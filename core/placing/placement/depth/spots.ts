/**
 * Where a bin could go: on the floor of a compartment and on whatever bears it, in the corners that walls and neighbours
 * make, at what the week's effort would grow by.
 */
import { Random } from '../../../ground/engine/random.ts';
import type { Arrangement } from './arrangement.ts';
import { gripAt, reaches, type CompiledDepth } from './compiled.ts';

export interface Spot {
  space: number;
  /** mm */
  x: number;
  y: number;
  z: number;
  turned: boolean;
  /** What the week's effort grows by. */
  cost: number;
}

/** Boxes that meet one, of one compartment. */
const MOST_BOXES = 4096;

export class Spots {
  private readonly now: Arrangement;
  private readonly place: CompiledDepth;
  /** Bins of one size: what has no room for one has none for the others. */
  private readonly size: Int32Array;
  private readonly sizes: number;
  /** spaces × sizes: the state of the space in which no room was found for that size; 0: not known. */
  private readonly full: Int32Array;
  /** Share of the spots that are passed over, so that a filling does not always come out the same. */
  blink = 0;
  private readonly random: Random;
  // The spot that was found last; numbers, as millions of them are found.
  space = -1;
  x = 0;
  y = 0;
  z = 0;
  turned = 0;
  /** The bin it would stand on, -1 for the bottom. */
  on = -1;
  cost = Infinity;

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

  /** The spot that was found last. */
  get found(): Spot {
    const { space, x, y, z, turned, cost } = this;
    return { space, x, y, z, turned: turned === 1, cost };
  }
  /** Puts a bin at the spot that was found last. */
  put(bin: number): void {
    this.now.put(bin, this.space, this.x, this.y, this.z, this.turned, this.on);
  }

  /**
   * The cheapest spot for a bin that is not placed, in some spaces or in all it has, the cheapest first.
   * @param most what it must stay below
   * @param not a space that is left out
   */
  best(bin: number, most: number, spaces: ArrayLike<number> = this.place.order[bin]!, not = -1): boolean {
    const { least } = this.place;
    const row = bin * this.place.spaces;
    const inOrder = spaces === this.place.order[bin];
    let found = false;
    let limit = most;
    for (let i = 0; i < spaces.length; i++) {
      const one = spaces[i]!;
      if (inOrder && least[row + one]! >= limit) break;
      if (one === not || !this.spotIn(bin, one, limit)) continue;
      limit = this.cost;
      found = true;
    }
    return found;
  }

  /**
   * The cheapest spot in one compartment, cheaper than `most`.
   * @param anyway whatever rule of load, reach or weight it breaks there: only its size counts
   */
  spotIn(bin: number, space: number, most: number, anyway = false): boolean {
    const { now, place } = this;
    if (this.full[space * this.sizes + this.size[bin]!] === now.version[space]) return false;
    if (!anyway) {
      if (place.least[bin * place.spaces + space]! >= most) return false;
      if (now.load[space]! + place.mass[bin]! > place.maxLoad[space]!) return false;
      if (!now.apart.mayJoin(bin, space)) return false;
    }
    return this.look(bin, space, most, anyway);
  }

  // Kept from call to call, as they are filled a million times a second; each with the number that counts.
  private readonly corners = new Int32Array(MOST_BOXES);
  /** What stands in the height of a level, from the front to the back: its sides, its back (0: on another level), its burden. */
  private readonly left = new Int32Array(MOST_BOXES);
  private readonly right = new Int32Array(MOST_BOXES);
  private readonly front = new Int32Array(MOST_BOXES);
  private readonly back = new Int32Array(MOST_BOXES);
  private readonly weight = new Float64Array(MOST_BOXES);
  /** Of these, what stands before or behind a place along the front; and where the gap before each begins. */
  private readonly hit = new Int32Array(MOST_BOXES);
  private readonly gap = new Int32Array(MOST_BOXES);

  /** What any spot of the level that is looked at costs at the least, and what a spot has to stay below. */
  private own = Infinity;
  private limit = Infinity;

  private look(bin: number, space: number, most: number, anyway: boolean): boolean {
    const { now, place } = this;
    const { stackable, bodies, mass } = place;
    const { x0, x1, y0, y1, z1, on: onOf } = now;
    const list = now.inside[space]!;
    const burden = anyway ? place.moving : now.burden;
    const w = place.width[bin]!;
    const d = place.depth[bin]!;
    const h = place.height[bin]!;
    const turnable = place.turnable[bin] === 1;
    const roomHeight = place.roomHeight[space]!;
    const joined = now.joining(bin, space) + place.base[bin * place.spaces + space]!;
    const levels = place.hangs[space] ? 0 : list.length;
    let found = false;
    let roomy = false;
    /** A level was left out for another reason than its room. */
    let unsure = false;
    this.limit = most;
    for (let level = -1; level < levels; level++) {
      const on = level < 0 ? -1 : list[level]!;
      if (on >= 0 && !stackable[on]) continue;
      const z = on < 0 ? 0 : z1[on]!;
      if (z + h > roomHeight) continue;
      const wide = on < 0 ? place.roomWidth[space]! : x1[on]! - x0[on]!;
      const deep = on < 0 ? place.roomDepth[space]! : y1[on]! - y0[on]!;
      const straight = w <= wide && d <= deep;
      const across = turnable && d <= wide && w <= deep;
      if (!straight && !across) continue;
      let own = joined;
      for (let under = on; under >= 0; under = onOf[under]!) own += burden[under]!;
      const grip = gripAt(place, bin, space, z);
      const bears = anyway || on < 0 || mass[on]! >= mass[bin]!;
      // What is cheap to know first: bending and reaching is reckoned use by use.
      const mayStand = bears && own < this.limit && (anyway || reaches(place, bin, space, grip));
      if (mayStand) own += bodies.week(bin, grip);
      if (!mayStand || own >= this.limit) {
        unsure = true;
        continue;
      }
      this.own = own;
      const meeting = this.gather(list, on, z, z + h, space, burden);
      // Of two ways that cost the same the one that takes less of the front: that is what is scarce.
      const narrow = d < w ? 1 : 0;
      const first = this.blink > 0 && this.random.next() < this.blink ? 1 - narrow : narrow;
      for (let way = 0; way < 2; way++) {
        const turned = way ? 1 - first : first;
        if (turned ? !across : !straight) continue;
        if (this.onLevel(bin, space, on, z, turned, meeting, burden)) found = true;
        if (this.hadRoom) roomy = true;
        // Nothing on this level can be cheaper.
        if (this.limit <= own) break;
      }
    }
    if (!roomy && !unsure) this.full[space * this.sizes + this.size[bin]!] = now.version[space]!;
    if (!found) return false;
    this.space = space;
    this.cost = this.limit;
    return true;
  }

  private cornersFound = 0;
  /** What stands in the height of a level, and the corners it makes along the front. @returns how many boxes */
  private gather(
    list: readonly number[],
    on: number,
    z: number,
    top: number,
    space: number,
    burden: Float64Array,
  ): number {
    const { now, corners, left, right, front, back, weight } = this;
    const { x0, x1, y0, y1, z0, z1 } = now;
    const from = on < 0 ? 0 : x0[on]!;
    const to = on < 0 ? this.place.roomWidth[space]! : x1[on]!;
    const fromTop = this.place.top[space] === 1;
    let count = 0;
    let found = 1;
    corners[0] = from;
    for (let i = 0; i < list.length; i++) {
      const other = list[i]!;
      const same = now.on[other] === on;
      if (fromTop && !same) continue;
      const a = x0[other]!;
      const b = x1[other]!;
      left[count] = a;
      right[count] = b;
      front[count] = y0[other]!;
      back[count] = same ? y1[other]! : 0;
      weight[count] = burden[other]!;
      // Signs instead of branches, which would be guessed wrong half of the time.
      count += ((z0[other]! - top) & (z - z1[other]!) & (from - b) & (a - to)) >>> 31;
      if (!same) continue;
      let k = 0;
      while (k < found && corners[k] !== b) k++;
      if (k === found) corners[found++] = b;
    }
    this.cornersFound = found;
    return count;
  }

  private hadRoom = false;
  /** The cheapest spot on one level, one way round; `limit` is what it costs. @returns whether there is one below it */
  private onLevel(
    bin: number,
    space: number,
    on: number,
    z: number,
    turned: number,
    meeting: number,
    burden: Float64Array,
  ): boolean {
    const { now, place, corners, cornersFound, left, right, front, back, weight, hit, gap, blink, own } = this;
    const wide = turned ? place.depth[bin]! : place.width[bin]!;
    const deep = turned ? place.width[bin]! : place.depth[bin]!;
    const near = on < 0 ? 0 : now.y0[on]!;
    const far = on < 0 ? place.roomDepth[space]! : now.y1[on]!;
    const lastX = (on < 0 ? place.roomWidth[space]! : now.x1[on]!) - wide;
    const lastY = place.hangs[space] ? near : far - deep;
    const fromTop = place.top[space] === 1;
    const mine = burden[bin]!;
    let { limit } = this;
    let found = false;
    this.hadRoom = false;
    for (let c = 0; c <= cornersFound && limit > own; c++) {
      const x = c < cornersFound ? corners[c]! : lastX;
      if (x > lastX) continue;
      let hits = 0;
      for (let j = 0; j < meeting; j++) {
        hit[hits] = j;
        hits += ((x - right[j]!) & (left[j]! - x - wide)) >>> 31;
      }
      // What does not overlap is before it or behind it: from gap to gap between what stands on the same level.
      let y = near;
      for (let k = 0; k < hits; k++) {
        gap[k] = y;
        const end = back[hit[k]!]!;
        y = end > y ? end : y;
      }
      let behind = own;
      // Where it would stand on another, what stands behind that one is behind it.
      for (; hits > 0 && front[hit[hits - 1]!]! >= far; hits--) behind += weight[hit[hits - 1]!]!;
      for (let k = hits; k >= 0; k--) {
        let at = y;
        let end = far;
        if (k < hits) {
          const j = hit[k]!;
          if (!fromTop) behind += weight[j]!;
          if (behind >= limit) {
            // Further in front it is dearer still; whether there is room is not known.
            this.hadRoom = true;
            break;
          }
          if (back[j] === 0) continue;
          at = gap[k]!;
          end = front[j]!;
        }
        if (at > lastY || at + deep > end) continue;
        this.hadRoom = true;
        const cost = fromTop ? behind : behind + mine * k;
        // At the front of its gap, and at the back wall.
        for (let again = k === hits && at < lastY ? 2 : 1; again > 0; again--, at = lastY) {
          if (cost >= limit || (blink > 0 && this.random.next() < blink)) continue;
          limit = cost;
          found = true;
          this.x = x;
          this.y = at;
          this.z = z;
          this.turned = turned;
          this.on = on;
        }
      }
    }
    this.limit = limit;
    return found;
  }
}
