/**
 * A proven lower bound on the effort by Lagrangian decomposition. Every bin pays a price for being placed; at those
 * prices each compartment on its own takes the bins that bring it most (a knapsack over its width, solved exactly),
 * while each bin, or group of bins, places itself where it pays least: a grouped bin has a price for each unit, so that
 * its group weighs them against the cost of being split. What the bins pay less what the compartments gain is no more
 * than the effort of any plan (Fisher 1981; Guignard and Kim 1987 for the decomposition). Prices follow the subgradient,
 * smoothed, with Polyak's step.
 */
import { NEAREST, type CompiledPlace } from './compile.ts';
import { GROUP_SPLIT, UNPLACED } from './problem.ts';
import { RoomFor } from './room-for.ts';

const gcd = (a: number, b: number): number => (b ? gcd(b, a % b) : a);
/** Rounds without a better bound before the step is shortened, and by how much; found by trial, like the next. */
const PATIENCE = 12;
const SHORTER = 0.75;
/** Share of the last direction that is kept (Camerini, Fratta and Maffioli 1975). */
const SMOOTHING = 0.7;

/** Groups up to this size are parted in every way; RoomFor says yes for larger ones, so that they never need it. */
const MOST_PARTED = 10;

/** A group: its members' prices stand in rows of one column for each unit near any of them, and one for all others. */
interface Group {
  members: number;
  columns: number;
  /** Where its first row begins. */
  at: number;
  room: RoomFor;
}

export class PlaceBound {
  private highest = -Infinity;
  private readonly lone: number;
  /** Whether any compartment can take a lone bin. */
  private readonly wanted: Uint8Array;
  private readonly groups: Group[] = [];
  /** Prices of lone bins, one each, then those of the groups; and what none may exceed. */
  private readonly price: Float64Array;
  private readonly bestPrice: Float64Array;
  private readonly most: Float64Array;
  /** Wanted less taken this round, and where prices went lately. */
  private readonly gap: Float64Array;
  private readonly drift: Float64Array;
  /** Bins that can pay for each compartment: their prices' places, what each costs there, how wide it is. */
  private readonly payers: Int32Array[] = [];
  private readonly asked: Float64Array[] = [];
  private readonly width: Int32Array[] = [];
  private readonly room: Int32Array;
  private readonly gain: Float64Array;
  private chosen = new Uint8Array(0);
  private pace = 1;
  private idle = 0;

  constructor(place: CompiledPlace, assignment: ArrayLike<number>) {
    const { bins, compartments, choices, cost, unitOf, groupOf } = place;
    const costAt = (b: number, c: number) => cost[b * compartments + c]!;
    // No price above it: up to it, the nearest compartments are all that a bin can pay for.
    const limit = Float64Array.from(choices, (own, b) =>
      own.length < NEAREST ? UNPLACED : Math.min(UNPLACED, costAt(b, own.at(-1)!)),
    );
    // Prices begin at what the first plan pays: most are near right.
    const first = (b: number) => Math.min(limit[b]!, assignment[b]! < 0 ? UNPLACED : costAt(b, assignment[b]!) + 1);
    const start: number[] = [];
    const ceiling: number[] = [];
    const priceAt = new Map<number, number>();
    const key = (b: number, unit: number) => b * (place.units + 1) + unit;
    const loners = Array.from({ length: bins }, (_, b) => b).filter((b) => groupOf[b]! < 0);
    for (const b of loners) {
      priceAt.set(key(b, place.units), start.length);
      start.push(first(b));
      ceiling.push(limit[b]!);
    }
    this.lone = start.length;
    this.wanted = Uint8Array.from(loners, (b) => (choices[b]!.length ? 1 : 0));
    const members: number[][] = Array.from({ length: place.groups }, () => []);
    for (let b = 0; b < bins; b++) if (groupOf[b]! >= 0) members[groupOf[b]!]!.push(b);
    const inUnit: number[][] = Array.from({ length: place.units }, () => []);
    for (let c = 0; c < compartments; c++) inUnit[unitOf[c]!]!.push(c);
    for (const group of members) {
      const near = [...new Set(group.flatMap((b) => Array.from(choices[b]!, (c) => unitOf[c]!)))];
      this.groups.push({
        members: group.length,
        columns: near.length + 1,
        at: start.length,
        room: new RoomFor(place, group, near, inUnit),
      });
      for (const b of group) {
        const own = new Set(Array.from(choices[b]!, (c) => unitOf[c]!));
        near.forEach((unit) => {
          priceAt.set(key(b, unit), start.length);
          // Where its list is whole, another unit is closed to it; else it costs at least the limit there.
          start.push(own.has(unit) ? first(b) : limit[b]!);
          ceiling.push(limit[b]!);
        });
        start.push(limit[b]!);
        ceiling.push(limit[b]!);
      }
    }
    this.price = Float64Array.from(start);
    this.bestPrice = this.price.slice();
    this.most = Float64Array.from(ceiling);
    this.gap = new Float64Array(start.length);
    this.drift = new Float64Array(start.length);
    // Widths in their common measure make the knapsacks small.
    let measure = 0;
    for (const width of place.width) measure = gcd(measure, width);
    measure = Math.max(1, measure);
    this.room = place.roomWidth.map((room) => Math.floor(room / measure));
    this.gain = new Float64Array(Math.max(1, ...this.room) + 1);
    const lists = Array.from({ length: compartments }, () => [] as number[]);
    for (let b = 0; b < bins; b++)
      for (const c of choices[b]!) if (place.width[b]! <= place.roomWidth[c]!) lists[c]!.push(b);
    lists.forEach((list, c) => {
      this.payers.push(Int32Array.from(list, (b) => priceAt.get(key(b, groupOf[b]! < 0 ? place.units : unitOf[c]!))!));
      this.asked.push(Float64Array.from(list, (b) => costAt(b, c)));
      this.width.push(Int32Array.from(list, (b) => place.width[b]! / measure));
    });
  }

  /** Seconds a week that no plan can go below. */
  get best(): number {
    return Math.max(0, this.highest);
  }

  /** One round of prices; `effort` is the least known. */
  round(effort: number): void {
    const { price, gap, drift, most } = this;
    const sum = this.paid() - this.gained();
    if (sum > this.highest + 1e-9) {
      if (sum > this.highest + 1e-5 * Math.abs(effort)) this.idle = 0;
      this.highest = sum;
      this.bestPrice.set(price);
    } else this.idle++;
    if (this.idle >= PATIENCE) {
      this.pace *= SHORTER;
      this.idle = 0;
      price.set(this.bestPrice);
    }
    let norm = 0;
    for (let i = 0; i < drift.length; i++) {
      drift[i] = gap[i]! + SMOOTHING * drift[i]!;
      norm += drift[i]! * drift[i]!;
    }
    gap.fill(0);
    if (norm < 1e-9) return;
    const step = (this.pace * Math.max(1e-4 * Math.abs(effort), effort - sum)) / norm;
    for (let i = 0; i < price.length; i++)
      if (drift[i]! !== 0) price[i] = Math.max(0, Math.min(most[i]!, price[i]! + step * drift[i]!));
  }

  /** What the bins pay where each, or each group, pays least. */
  private paid(): number {
    const { price, gap } = this;
    let sum = 0;
    for (let i = 0; i < this.lone; i++) {
      sum += price[i]!;
      // Nobody can take it: its price stands.
      if (this.wanted[i]) gap[i]! += 1;
    }
    for (const group of this.groups) sum += this.groupPays(group);
    return sum;
  }

  /**
   * All in one unit that holds them, or in the two that suit best, or each where it pays least at the cost of two splits
   * (more cost more).
   */
  private groupPays({ members, columns, at, room }: Group): number {
    const { price, gap } = this;
    const all = (1 << members) - 1;
    const cheapest: number[] = [];
    const least: number[] = [];
    let floor = 0;
    for (let m = 0; m < members; m++) {
      const row = at + m * columns;
      let best = 0;
      for (let u = 1; u < columns; u++) if (price[row + u]! < price[row + best]!) best = u;
      cheapest.push(best);
      least.push(price[row + best]!);
      floor += price[row + best]!;
    }
    let pays = Infinity;
    let one = 0;
    let two = 0;
    /** Which members are in the first of two. */
    let inOne = all;
    // The last column stands for many units: taking it for one only makes the bound lower.
    for (let u = 0; u < columns; u++) {
      let sum = 0;
      for (let m = 0; m < members && sum < pays; m++) sum += price[at + m * columns + u]!;
      if (sum < pays && room.holds(u, all)) {
        pays = sum;
        one = two = u;
      }
    }
    let beat = pays - GROUP_SPLIT;
    if (floor < beat) {
      // One of the two must suit each member: begin with the member that is suited by fewest.
      let few: number[] = [];
      for (let m = 0; m < members; m++) {
        const suiting: number[] = [];
        for (let u = 0; u < columns; u++) if (price[at + m * columns + u]! - least[m]! < beat - floor) suiting.push(u);
        if (m === 0 || suiting.length < few.length) few = suiting;
      }
      for (const u of few)
        for (let v = 0; v < columns; v++) {
          let sum = 0;
          let mask = 0;
          for (let m = 0; m < members && sum < beat; m++) {
            const first = price[at + m * columns + u]!;
            const second = price[at + m * columns + v]!;
            if (first <= second) mask |= 1 << m;
            sum += Math.min(first, second);
          }
          if (sum >= beat) continue;
          if (!room.holds(u, mask) || !room.holds(v, all & ~mask)) {
            const best = this.parted(at, members, columns, room, u, v, beat);
            if (!best) continue;
            ({ sum, mask } = best);
          }
          beat = sum;
          pays = sum + GROUP_SPLIT;
          one = u;
          two = v;
          inOne = mask;
        }
    }
    const apart = members > 2 && floor + 2 * GROUP_SPLIT < pays;
    for (let m = 0; m < members; m++)
      gap[at + m * columns + (apart ? cheapest[m]! : inOne & (1 << m) ? one : two)]! += 1;
    return apart ? floor + 2 * GROUP_SPLIT : pays;
  }

  /** The cheapest way to part a group between two units so that each holds its part; null when none is below `beat`. */
  private parted(
    at: number,
    members: number,
    columns: number,
    room: RoomFor,
    u: number,
    v: number,
    beat: number,
  ): { sum: number; mask: number } | null {
    const { price } = this;
    let best: { sum: number; mask: number } | null = null;
    const all = (1 << members) - 1;
    if (members > MOST_PARTED) return null;
    for (let mask = 1; mask < all; mask++) {
      let sum = 0;
      for (let m = 0; m < members; m++) sum += price[at + m * columns + (mask & (1 << m) ? u : v)]!;
      if (sum < (best?.sum ?? beat) && room.holds(u, mask) && room.holds(v, all & ~mask)) best = { sum, mask };
    }
    return best;
  }

  /** What the compartments gain by taking, each for itself, the bins that bring it most. */
  private gained(): number {
    const { price, gap, room } = this;
    const candidates: number[] = [];
    const profit: number[] = [];
    let sum = 0;
    for (let c = 0; c < this.payers.length; c++) {
      const payers = this.payers[c]!;
      const asked = this.asked[c]!;
      const width = this.width[c]!;
      candidates.length = 0;
      profit.length = 0;
      let needed = 0;
      let all = 0;
      for (let i = 0; i < payers.length; i++) {
        const net = price[payers[i]!]! - asked[i]!;
        if (net <= 0) continue;
        candidates.push(i);
        profit.push(net);
        needed += width[i]!;
        all += net;
      }
      if (!candidates.length) continue;
      if (needed <= room[c]!) {
        sum += all;
        for (const i of candidates) gap[payers[i]!]! -= 1;
      } else sum += this.knapsack(candidates, profit, c);
    }
    return sum;
  }

  private knapsack(candidates: readonly number[], profit: readonly number[], c: number): number {
    const { gain, gap } = this;
    const payers = this.payers[c]!;
    const width = this.width[c]!;
    const room = this.room[c]!;
    const span = room + 1;
    if (this.chosen.length < span * candidates.length) this.chosen = new Uint8Array(span * candidates.length * 2);
    const { chosen } = this;
    gain.fill(0, 0, span);
    for (let i = 0; i < candidates.length; i++) {
      const w = width[candidates[i]!]!;
      const p = profit[i]!;
      const base = i * span;
      chosen.fill(0, base, base + span);
      for (let at = room; at >= w; at--) {
        const better = gain[at - w]! + p;
        if (better > gain[at]!) {
          gain[at] = better;
          chosen[base + at] = 1;
        }
      }
    }
    let at = room;
    for (let i = candidates.length - 1; i >= 0; i--)
      if (chosen[i * span + at]) {
        gap[payers[candidates[i]!]!]! -= 1;
        at -= width[candidates[i]!]!;
      }
    return gain[room]!;
  }
}
