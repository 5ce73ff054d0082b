/**
 * A proven lower bound on the effort by Lagrangian decomposition. Every bin pays a price for being placed; at those
 * prices each compartment on its own takes the bins that bring it most (a knapsack over its width, solved exactly),
 * while each bin, or group of bins, places itself where it pays least: a grouped bin has a price for each unit, so that
 * its group weighs them against the cost of being split. What the bins pay less what the compartments gain is no more
 * than the effort of any plan (Fisher 1981; Guignard and Kim 1987 for the decomposition). Prices follow the subgradient,
 * smoothed, with Polyak's step. Choices that no better plan can make are forgotten on the way.
 */
import { NEAREST, type CompiledPlace } from './compile.ts';
import { Division, type PricedGroup } from './division.ts';
import { Knapsack } from './knapsack.ts';
import { UNPLACED } from './problem.ts';
import { RoomFor } from './room-for.ts';

const gcd = (a: number, b: number): number => (b ? gcd(b, a % b) : a);
/** Share of Polyak's step at first. */
const FIRST_PACE = 0.5;
/** Steps so short hardly raise the bound any more. */
const LAST_PACE = 0.003;
/** Rounds without a better bound before the step is shortened, and by how much; found by trial, like the next. */
const PATIENCE = 7;
const SHORTER = 0.65;
/** Share of the last direction that is kept (Camerini, Fratta and Maffioli 1975). */
const SMOOTHING = 0.8;
/** Choices are looked through when the gap is below this share of the effort, and again when it has shrunk so far. */
const WORTH_NARROWING = 0.04;
const NARROWED = 0.75;

export class PlaceBound {
  /** What is left of the choices of each bin: no other is made by a better plan; those that hurt the bound least first. */
  readonly choices: Int32Array[];
  private highest = -Infinity;
  private readonly lone: number;
  /** Whether any compartment can take a lone bin. */
  private readonly wanted: Uint8Array;
  private readonly groups: PricedGroup[] = [];
  private readonly division: Division;
  /** Prices of lone bins, one each, then those of the groups; and what none may exceed. */
  private readonly price: Float64Array;
  private readonly bestPrice: Float64Array;
  private readonly most: Float64Array;
  /** Wanted less taken this round, and where prices went lately. */
  private readonly gap: Float64Array;
  private readonly drift: Float64Array;
  /** What each group pays in this round. */
  private readonly groupPays: Float64Array;
  // The bins that can pay for compartment c are entries from[c] … to[c] − 1: bin, place of its price, cost there, width.
  private readonly who: Int32Array;
  private readonly payer: Int32Array;
  private readonly asked: Float64Array;
  private readonly wide: Int32Array;
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  private readonly room: Int32Array;
  /** The entries that bring the compartment in hand something. */
  private readonly taken: Int32Array;
  private readonly knapsack: Knapsack;
  // By price: what its group pays more when it has to pay it. By entry: what its compartment loses when it is kept out, and how much the bound rises when it is forced in.
  private readonly extra: Float64Array;
  private readonly out: Float64Array;
  private readonly harm: Float64Array;
  private narrowedAt = Infinity;
  private pace = FIRST_PACE;
  private idle = 0;

  constructor(place: CompiledPlace) {
    const { bins, compartments, choices, choiceCosts, unitOf, groupOf } = place;
    this.choices = choices.slice();
    // No price above it: up to it, the nearest compartments are all that a bin can pay for.
    const limit = Float64Array.from(choices, (own, b) =>
      own.length < NEAREST ? UNPLACED : Math.min(UNPLACED, choiceCosts[b]!.at(-1)!),
    );
    // Prices begin where no compartment gains: each bin pays its best place, in each unit.
    const first = (b: number) => choiceCosts[b]![0] ?? UNPLACED;
    const start: number[] = [];
    const ceiling: number[] = [];
    /** Where the price stands that a bin pays for each of its choices. */
    const payAt = choices.map((own) => new Int32Array(own.length));
    const loners = Array.from({ length: bins }, (_, b) => b).filter((b) => groupOf[b]! < 0);
    for (const b of loners) {
      payAt[b]!.fill(start.length);
      start.push(first(b));
      ceiling.push(limit[b]!);
    }
    this.lone = start.length;
    this.wanted = Uint8Array.from(loners, (b) => (choices[b]!.length ? 1 : 0));
    const column = new Int32Array(place.units).fill(-1);
    for (const group of place.inGroup) {
      const near = [...new Set(group.flatMap((b) => Array.from(choices[b]!, (c) => unitOf[c]!)))];
      near.forEach((unit, u) => (column[unit] = u));
      const columns = near.length + 1;
      this.groups.push({
        members: group.length,
        columns,
        at: start.length,
        room: new RoomFor(place, group, near),
      });
      for (const b of group) {
        const row = start.length;
        // Where its list is whole, another unit is closed to it; else it costs at least the limit there.
        for (let u = 0; u < columns; u++) {
          start.push(limit[b]!);
          ceiling.push(limit[b]!);
        }
        choices[b]!.forEach((c, i) => {
          payAt[b]![i] = row + column[unitOf[c]!]!;
          start[payAt[b]![i]!] = Math.min(start[payAt[b]![i]!]!, choiceCosts[b]![i]!);
        });
      }
    }
    this.price = Float64Array.from(start);
    this.division = new Division(this.price);
    this.bestPrice = this.price.slice();
    this.most = Float64Array.from(ceiling);
    this.gap = new Float64Array(start.length);
    this.drift = new Float64Array(start.length);
    this.groupPays = new Float64Array(this.groups.length);
    // Widths in their common measure make the knapsacks small.
    const measure = Math.max(1, place.width.reduce(gcd, 0));
    this.room = place.roomWidth.map((room) => Math.floor(room / measure));
    this.from = new Int32Array(compartments + 1);
    for (const own of choices) for (const c of own) this.from[c + 1]!++;
    for (let c = 0; c < compartments; c++) this.from[c + 1]! += this.from[c]!;
    this.to = this.from.slice(0, compartments);
    const entries = this.from[compartments]!;
    this.who = new Int32Array(entries);
    this.payer = new Int32Array(entries);
    this.asked = new Float64Array(entries);
    this.wide = new Int32Array(entries);
    this.extra = new Float64Array(start.length);
    this.out = new Float64Array(entries);
    this.harm = new Float64Array(entries);
    this.taken = new Int32Array(bins);
    this.knapsack = new Knapsack(bins);
    for (let b = 0; b < bins; b++)
      choices[b]!.forEach((c, i) => {
        const entry = this.to[c]!++;
        this.who[entry] = b;
        this.payer[entry] = payAt[b]![i]!;
        this.asked[entry] = choiceCosts[b]![i]!;
        this.wide[entry] = place.width[b]! / measure;
      });
  }

  /** Seconds a week that no plan can go below. */
  get best(): number {
    return Math.max(0, this.highest);
  }

  /** Whether more rounds would hardly raise it. */
  get settled(): boolean {
    return this.pace < LAST_PACE;
  }

  /** One round of prices; `effort` is the least known. Says whether choices were forgotten. */
  round(effort: number): boolean {
    const { price, gap, drift, most } = this;
    const sum = this.paid() - this.gained();
    let narrowed = false;
    if (sum > this.highest + 1e-9) {
      if (sum > this.highest + 1e-5 * Math.abs(effort)) this.idle = 0;
      this.highest = sum;
      this.bestPrice.set(price);
      if (effort - sum < Math.min(NARROWED * this.narrowedAt, WORTH_NARROWING * effort)) {
        this.narrow(sum, effort);
        narrowed = true;
      }
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
    if (norm < 1e-9) return narrowed;
    const step = (this.pace * Math.max(1e-4 * Math.abs(effort), effort - sum)) / norm;
    for (let i = 0; i < price.length; i++)
      if (drift[i]! !== 0) price[i] = Math.max(0, Math.min(most[i]!, price[i]! + step * drift[i]!));
    return narrowed;
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
    for (let g = 0; g < this.groups.length; g++) {
      this.groupPays[g] = this.division.pays(this.groups[g]!, gap);
      sum += this.groupPays[g]!;
    }
    return sum;
  }

  /** What the compartments gain by taking, each for itself, the bins that bring it most. */
  private gained(): number {
    const { gap, payer, to, taken } = this;
    const { chosen } = this.knapsack;
    let sum = 0;
    for (let c = 0; c < to.length; c++) {
      const count = this.paying(c);
      if (!count) continue;
      sum += this.knapsack.most(count, this.room[c]!);
      for (let i = 0; i < count; i++) if (chosen[i]) gap[payer[taken[i]!]!]! -= 1;
    }
    return sum;
  }

  /** Lays out the bins that pay compartment c more than is asked; returns their number. */
  private paying(c: number): number {
    const { price, payer, asked, wide, from, to, taken } = this;
    const { profit, width } = this.knapsack;
    let count = 0;
    for (let i = from[c]!; i < to[c]!; i++) {
      const net = price[payer[i]!]! - asked[i]!;
      if (net <= 0) continue;
      taken[count] = i;
      profit[count] = net;
      width[count++] = wide[i]!;
    }
    return count;
  }

  /**
   * Forgets the choices that no plan below `effort` can make. A choice made by force raises the bound `sum` by what its
   * compartment then gains less, by what the others lose that had chosen the bin, and by what its group pays more.
   */
  private narrow(sum: number, effort: number): void {
    this.narrowedAt = effort - sum;
    const { who, payer, asked, price, wide, from, to, taken, room, knapsack } = this;
    const { extra, out, harm } = this;
    extra.fill(0);
    out.fill(0);
    this.groups.forEach((group, g) => this.division.forced(group, this.groupPays[g]!, extra));
    /** What each bin's compartments lose when it is kept out of them. */
    const lost = new Float64Array(this.choices.length);
    const gains = new Float64Array(to.length);
    for (let c = 0; c < to.length; c++) {
      const count = this.paying(c);
      if (!count) continue;
      gains[c] = knapsack.most(count, room[c]!);
      const inside: number[] = [];
      for (let k = 0; k < count; k++) if (knapsack.chosen[k]) inside.push(k);
      for (const k of inside) {
        out[taken[k]!] = gains[c]! - knapsack.without(k, count, room[c]!);
        lost[who[taken[k]!]!]! += out[taken[k]!]!;
      }
    }
    const most = effort - sum + 1e-6 * effort;
    for (let c = 0; c < to.length; c++) {
      const count = this.paying(c);
      let k = 0;
      let kept = from[c]!;
      for (let i = from[c]!; i < to[c]!; i++) {
        const net = price[payer[i]!]! - asked[i]!;
        const own = net > 0 ? k++ : -1;
        let more = lost[who[i]!]! - out[i]! + extra[payer[i]!]!;
        // What its compartment then gains less: at least what the bin pays too little.
        if (out[i] === 0 && more + Math.max(0, -net) <= most) {
          const beside = room[c]! - wide[i]!;
          const rest = own >= 0 ? knapsack.without(own, count, beside) : count ? knapsack.most(count, beside) : 0;
          more += gains[c]! - net - rest;
        } else more += Math.max(0, -net);
        if (more > most) continue;
        who[kept] = who[i]!;
        payer[kept] = payer[i]!;
        asked[kept] = asked[i]!;
        harm[kept] = more;
        wide[kept++] = wide[i]!;
      }
      to[c] = kept;
    }
    this.sortChoices();
  }

  /** What is left of the choices, the least harm first. */
  private sortChoices(): void {
    const { who, harm, from, to, choices } = this;
    const length = new Int32Array(choices.length);
    for (let c = 0; c < to.length; c++) for (let i = from[c]!; i < to[c]!; i++) length[who[i]!]!++;
    choices.forEach((_, b) => (choices[b] = new Int32Array(length[b]!)));
    length.fill(0);
    // One bin's harms have to be at hand to insert among them: kept in rows.
    const rows = new Float64Array(choices.length * NEAREST);
    for (let c = 0; c < to.length; c++)
      for (let i = from[c]!; i < to[c]!; i++) {
        const b = who[i]!;
        const row = b * NEAREST;
        let at = length[b]!++;
        for (; at > 0 && rows[row + at - 1]! > harm[i]!; at--) {
          rows[row + at] = rows[row + at - 1]!;
          choices[b]![at] = choices[b]![at - 1]!;
        }
        rows[row + at] = harm[i]!;
        choices[b]![at] = c;
      }
  }
}
