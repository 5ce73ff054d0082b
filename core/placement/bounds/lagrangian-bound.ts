/**
 * A proven lower bound on the effort by Lagrangian decomposition. Every bin pays a price for being placed; at those
 * prices each compartment on its own takes the bins that bring it most (a knapsack over its width, solved exactly),
 * while each bin, or group of bins, places itself where it pays least: a grouped bin has a price for each unit, so that
 * its group weighs them against the cost of being split. What the bins pay less what the compartments gain is no more
 * than the effort of any plan (Fisher 1981; Guignard and Kim 1987 for the decomposition). Choices that no better plan can
 * make are forgotten on the way.
 */
import type { CompiledPlace } from '../compiled/compile.ts';
import { reducedCostFixing } from './reduced-cost-fixing.ts';
import { PrimalHeuristic } from './primal-heuristic.ts';
import { AssignmentMultipliers } from './assignment-multipliers.ts';
import type { CandidateLists } from './candidate-lists.ts';
import { GroupFits } from './group-fits.ts';
import { CandidateArcs } from './candidate-arcs.ts';

/** Shares of Polyak's step at first and in the end, with time for all rounds and in a hurry; by trial. */
const PACE = { first: 2, last: 0.05 };
const HURRIED = { first: 1, last: 0.1 };
/** Rounds in which the step falls from the one to the other, when there is time for them. */
const ROUNDS = 1000;
/** Rounds without a better bound before prices go back to the best ones. */
const MAX_IDLE_ROUNDS = 20;
/** Choices are looked through when the gap is below this share of the effort and so many times what a bin costs, and again when it has shrunk so far. */
const WORTH_FIXING = { share: 0.015, bins: 8 };
const FIXED_AGAIN = 0.6;
/** Rounds after which bins that would pay more than their lists allow get longer ones. */
const EXTENDING_EVERY = 20;
/** Lists made longer in a yield. */
const EXTENDING_YIELD_INTERVAL = 200;

/** From one number to another by equal factors. */
const between = (from: number, to: number, share: number): number => from * Math.pow(to / from, share);

export class LagrangianBound {
  private readonly place: CompiledPlace;
  private readonly lists: CandidateLists;
  private readonly groupFits: GroupFits[];
  private multipliers: AssignmentMultipliers;
  private arcs: CandidateArcs;
  private highest = -Infinity;
  private fixedAt = Infinity;
  private rounds = 0;
  private extendedAt = 0;
  private idle = 0;

  private constructor(
    place: CompiledPlace,
    lists: CandidateLists,
    groupFits: GroupFits[],
    multipliers: AssignmentMultipliers,
    arcs: CandidateArcs,
  ) {
    this.place = place;
    this.lists = lists;
    this.groupFits = groupFits;
    this.multipliers = multipliers;
    this.arcs = arcs;
  }

  /** Takes several yields. @param widthMultipliers that prices begin with */
  static *begin(
    place: CompiledPlace,
    lists: CandidateLists,
    widthMultipliers: Float64Array,
  ): Generator<void, LagrangianBound> {
    const groupFits = place.inGroup.map((group) => new GroupFits(place, group));
    const multipliers = new AssignmentMultipliers(place, lists, groupFits, widthMultipliers);
    yield;
    return new LagrangianBound(place, lists, groupFits, multipliers, new CandidateArcs(place, lists, multipliers));
  }

  /** What is left of the choices of each bin: no other is made by a better plan. */
  get choices(): readonly Int32Array[] {
    return this.lists.choices;
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
  round(effort: number, timeFraction = 0): void {
    const { multipliers } = this;
    const sum = multipliers.paid() - this.arcs.gained();
    if (sum > this.highest + 1e-9) {
      this.idle = 0;
      this.highest = sum;
      multipliers.best.set(multipliers.multiplier);
    } else if (++this.idle >= MAX_IDLE_ROUNDS) {
      this.idle = 0;
      multipliers.multiplier.set(multipliers.best);
    }
    const share = Math.max(timeFraction, ++this.rounds / ROUNDS);
    const leisure = this.rounds / ROUNDS / share;
    const first = between(HURRIED.first, PACE.first, leisure);
    const pace = between(first, between(HURRIED.last, PACE.last, leisure), share);
    multipliers.step(pace * Math.max(1e-4 * Math.abs(effort), effort - sum));
  }

  /** Whether bins may press against the end of their lists: looked into now and then. */
  get worthExtending(): boolean {
    return this.rounds >= this.extendedAt + EXTENDING_EVERY;
  }

  /** Whether the gap has shrunk so far that more choices can be forgotten. */
  worthFixing(effort: number): boolean {
    const { share, bins } = WORTH_FIXING;
    return (
      effort - this.highest < Math.min(FIXED_AGAIN * this.fixedAt, effort * Math.min(share, bins / this.place.bins))
    );
  }

  /** Forgets, at the best prices there were, what no plan below `effort` chooses; takes several yields. */
  *fixArcs(effort: number): Generator<void, void> {
    const { multipliers, arcs } = this;
    this.fixedAt = effort - this.highest;
    multipliers.multiplier.set(multipliers.best);
    const sum = multipliers.paid() - arcs.gained();
    multipliers.subgradient.fill(0);
    this.lists.fix(arcs, yield* reducedCostFixing(arcs, multipliers, this.place.bins, effort - sum + 1e-6 * effort));
    yield;
    yield* this.renew();
  }

  /** Gives bins longer lists that would pay more than theirs allow; takes several yields. */
  *extendLists(): Generator<void, void> {
    this.extendedAt = this.rounds;
    let extended = 0;
    for (const b of this.multipliers.saturated()) {
      if (!this.lists.canExtend(b)) continue;
      this.lists.extend(b);
      if (++extended % EXTENDING_YIELD_INTERVAL === 0) yield;
    }
    if (!extended) return;
    yield;
    yield* this.renew();
  }

  /** Multipliers and candidate arcs for the lists as they are now. */
  private *renew(): Generator<void, void> {
    const multipliers = new AssignmentMultipliers(this.place, this.lists, this.groupFits, this.multipliers);
    yield;
    this.arcs = new CandidateArcs(this.place, this.lists, multipliers, this.arcs);
    this.multipliers = multipliers;
  }

  /** Where bins were taken lately, and a plan that follows it. */
  primalHeuristic(): PrimalHeuristic {
    return new PrimalHeuristic(this.place, this.lists, this.arcs.takenWeightByBin());
  }
}
