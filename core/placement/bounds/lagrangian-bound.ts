/**
 * A proven lower bound on the effort by Lagrangian decomposition. Every bin pays a price for being placed; at those
 * prices each compartment on its own takes the bins that bring it most (a knapsack over its width, solved exactly),
 * while each bin, or group of bins, places itself where it pays least: a grouped bin has a price for each unit, so that
 * its group weighs them against the cost of being split. What the bins pay less what the compartments gain is no more
 * than the effort of any plan (Fisher 1981; Guignard and Kim 1987 for the decomposition). Choices that no better plan can
 * make are forgotten on the way.
 */
import type { CompiledPlace } from '../compiled/compile.ts';
import { forget } from './reduced-cost-fixing.ts';
import { Guide } from './primal-heuristic.ts';
import { Prices } from './assignment-multipliers.ts';
import type { Reach } from './candidate-lists.ts';
import { RoomFor } from './group-fits.ts';
import { Takers } from './candidate-arcs.ts';

/** Shares of Polyak's step at first and in the end, with time for all rounds and in a hurry; by trial. */
const PACE = { first: 2, last: 0.05 };
const HURRIED = { first: 1, last: 0.1 };
/** Rounds in which the step falls from the one to the other, when there is time for them. */
const ROUNDS = 1000;
/** Rounds without a better bound before prices go back to the best ones. */
const PATIENCE = 20;
/** Choices are looked through when the gap is below this share of the effort and so many times what a bin costs, and again when it has shrunk so far. */
const WORTH_NARROWING = { share: 0.015, bins: 8 };
const NARROWED = 0.6;
/** Rounds after which bins that would pay more than their lists allow get longer ones. */
const WIDENING_EVERY = 20;
/** Lists made longer in a breath. */
const WIDENING_BREATH = 200;

/** From one number to another by equal factors. */
const between = (from: number, to: number, share: number): number => from * Math.pow(to / from, share);

export class PlaceBound {
  private readonly place: CompiledPlace;
  private readonly reach: Reach;
  private readonly rooms: RoomFor[];
  private prices: Prices;
  private takers: Takers;
  private highest = -Infinity;
  private narrowedAt = Infinity;
  private rounds = 0;
  private widenedAt = 0;
  private idle = 0;

  private constructor(place: CompiledPlace, reach: Reach, rooms: RoomFor[], prices: Prices, takers: Takers) {
    this.place = place;
    this.reach = reach;
    this.rooms = rooms;
    this.prices = prices;
    this.takers = takers;
  }

  /** Takes several breaths. @param rents that prices begin with */
  static *begin(place: CompiledPlace, reach: Reach, rents: Float64Array): Generator<void, PlaceBound> {
    const rooms = place.inGroup.map((group) => new RoomFor(place, group));
    const prices = new Prices(place, reach, rooms, rents);
    yield;
    return new PlaceBound(place, reach, rooms, prices, new Takers(place, reach, prices));
  }

  /** What is left of the choices of each bin: no other is made by a better plan. */
  get choices(): readonly Int32Array[] {
    return this.reach.choices;
  }

  /** Seconds a week that no plan can go below. */
  get best(): number {
    return Math.max(0, this.highest);
  }

  /** Rounds made. */
  get made(): number {
    return this.rounds;
  }

  /** Whether more rounds would hardly raise it. */
  get settled(): boolean {
    return this.rounds >= ROUNDS;
  }

  /** One round of prices; `effort` is the least known, `hurry` how much of the time for it is over. */
  round(effort: number, hurry = 0): void {
    const { prices } = this;
    const sum = prices.paid() - this.takers.gained();
    if (sum > this.highest + 1e-9) {
      this.idle = 0;
      this.highest = sum;
      prices.best.set(prices.price);
    } else if (++this.idle >= PATIENCE) {
      this.idle = 0;
      prices.price.set(prices.best);
    }
    const share = Math.max(hurry, ++this.rounds / ROUNDS);
    const leisure = this.rounds / ROUNDS / share;
    const first = between(HURRIED.first, PACE.first, leisure);
    const pace = between(first, between(HURRIED.last, PACE.last, leisure), share);
    prices.step(pace * Math.max(1e-4 * Math.abs(effort), effort - sum));
  }

  /** Whether bins may press against the end of their lists: looked into now and then. */
  get worthWidening(): boolean {
    return this.rounds >= this.widenedAt + WIDENING_EVERY;
  }

  /** Whether the gap has shrunk so far that more choices can be forgotten. */
  worthNarrowing(effort: number): boolean {
    const { share, bins } = WORTH_NARROWING;
    return (
      effort - this.highest < Math.min(NARROWED * this.narrowedAt, effort * Math.min(share, bins / this.place.bins))
    );
  }

  /** Forgets, at the best prices there were, what no plan below `effort` chooses; takes several breaths. */
  *narrow(effort: number): Generator<void, void> {
    const { prices, takers } = this;
    this.narrowedAt = effort - this.highest;
    prices.price.set(prices.best);
    const sum = prices.paid() - takers.gained();
    prices.gap.fill(0);
    this.reach.forget(takers, yield* forget(takers, prices, this.place.bins, effort - sum + 1e-6 * effort));
    yield;
    yield* this.renew();
  }

  /** Gives bins longer lists that would pay more than theirs allow; takes several breaths. */
  *widen(): Generator<void, void> {
    this.widenedAt = this.rounds;
    let widened = 0;
    for (const b of this.prices.pressed()) {
      if (!this.reach.canWiden(b)) continue;
      this.reach.widen(b);
      if (++widened % WIDENING_BREATH === 0) yield;
    }
    if (!widened) return;
    yield;
    yield* this.renew();
  }

  /** Prices and takers for the lists as they are now. */
  private *renew(): Generator<void, void> {
    const prices = new Prices(this.place, this.reach, this.rooms, this.prices);
    yield;
    this.takers = new Takers(this.place, this.reach, prices, this.takers);
    this.prices = prices;
  }

  /** Where bins were taken lately, and a plan that follows it. */
  guide(): Guide {
    return new Guide(this.place, this.reach, this.takers.oftenByBin());
  }
}
