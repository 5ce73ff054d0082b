/**
 * Looks for the plan with the least effort: a start by regret, then annealing over moves, chains of bins that push each
 * other on, and groups brought together, the group term kept up to date. Anytime: `best` is always a whole plan.
 * Repeatable: the same seed and number of changes give the same plan.
 */
import { Random } from '../../engine/random.ts';
import { assignmentEffort, type CompiledPlace } from '../compiled/compile.ts';
import { Assignment } from '../compiled/assignment.ts';
import { planByRegret } from './construction.ts';
import { GROUP_SPLIT, UNPLACED } from '../problem.ts';
import { unitsFor } from './group-units.ts';

/** Heat at the start in shares of the mean effort of a bin, and how far it falls; found by trial. */
const HEAT = { start: 0.25, end: 0.0004 };

/** Share of the changes that bring a whole group into one unit. */
const GROUP_MOVES = 0.12;
/** Share of the other changes that are for bins without a place, while there are any. */
const UNPLACED_FIRST = 0.1;
/** Units that a group is tried in. */
const UNITS_TRIED = 24;
/** How much the first of a list are tried more than the others: 1 would try the n-th 1/n times as often as the first; by trial. */
const BIAS = 1.5;

/** When bins push each other on: tries to make room in one place, bins waiting for a place at once, and lifted in all. */
const ROOM_TRIES = 3;
const MAX_EJECTED = 2;
const MAX_REMOVED = 5;
/** Chance that one pushed out goes to the place that became free, and from which on to the best free one. */
const EJECT_TO = { back: 0.5, free: 0.85 };

export class PlacementSearch {
  readonly best: Int32Array;
  bestEffort: number;
  private readonly place: CompiledPlace;
  private readonly random: Random;
  private readonly layout: Assignment;
  private readonly movable: Int32Array;
  private readonly groups: number[][];
  /** Units for each group, those first in which it would cost least if it had them for itself. */
  private readonly unitsFor: number[][];
  private choices: readonly Int32Array[];
  private effort: number;
  /** Bins without a place when the last changes began. */
  private unplaced: Int32Array = new Int32Array(0);
  // The change in hand: bins taken out for it, and where they stood; those that wait for a place; what it adds so far.
  private readonly removed: number[] = [];
  private readonly removedFrom: number[] = [];
  private readonly ejected: number[] = [];
  private change = 0;
  private heat = 1;
  private readonly startHeat: number;

  constructor(place: CompiledPlace, seed: number) {
    this.place = place;
    this.random = new Random(seed);
    this.choices = place.choices;
    this.layout = new Assignment(place);
    this.movable = Int32Array.from(
      Array.from({ length: place.bins }, (_, b) => b).filter(
        (b) => place.pinned[b]! < 0 && place.choices[b]!.length > 0,
      ),
    );
    const movable = new Set(this.movable);
    this.groups = place.inGroup.map((group) => group.filter((b) => movable.has(b))).filter((group) => group.length > 1);
    this.unitsFor = this.groups.map((group) => unitsFor(place, group).slice(0, UNITS_TRIED));
    this.assign(planByRegret(place));
    this.effort = assignmentEffort(place, this.layout.at);
    this.best = this.layout.at.slice();
    this.bestEffort = this.effort;
    const placed = this.effort - UNPLACED * this.layout.at.filter((c) => c < 0).length;
    this.startHeat = Math.max(1, (placed / Math.max(1, place.bins)) * HEAT.start);
  }

  /** Goes on from a plan of another hand. */
  adopt(assignment: Int32Array): void {
    this.assign(assignment);
    this.effort = assignmentEffort(this.place, this.layout.at);
    this.remember();
  }

  private assign(assignment: Int32Array): void {
    for (const b of this.movable) this.layout.take(b);
    for (const b of this.movable) if (assignment[b]! >= 0) this.layout.put(b, assignment[b]!);
  }

  /** The same, if it is better. */
  adoptBetter(assignment: Int32Array): void {
    if (assignmentEffort(this.place, assignment) < this.effort) this.adopt(assignment);
  }

  /** From now on tries only these compartments of each bin, the first more often than the last. */
  keepTo(choices: readonly Int32Array[]): void {
    this.choices = choices;
  }

  /** Tries `count` changes; `cooled` says how much of the run is over, 0 … 1. */
  step(count: number, annealingProgress: number): void {
    this.heat = this.startHeat * Math.pow(HEAT.end / HEAT.start, Math.min(1, annealingProgress));
    if (!this.movable.length) return;
    this.unplaced = this.movable.filter((b) => this.layout.at[b]! < 0);
    for (let i = 0; i < count; i++)
      if (this.groups.length && this.random.next() < GROUP_MOVES) this.gather();
      else this.tryChange();
  }

  /** The most that the next change may cost to be accepted: drawn beforehand, so that what costs more is not looked into. */
  private acceptanceThreshold(): number {
    return -this.heat * Math.log(1 - this.random.next()) + 1e-9;
  }

  private tryChange(): void {
    const { random, layout } = this;
    // Nothing is as dear as what is left out: it is tried more often.
    const from = this.unplaced.length && random.next() < UNPLACED_FIRST ? this.unplaced : this.movable;
    const b = from[random.below(from.length)]!;
    const choices = this.choices[b]!;
    if (!choices.length) return;
    // Cheap places are tried more often than dear ones.
    const c = this.biasedPick(choices);
    if (c === layout.at[b]!) return;
    const most = this.acceptanceThreshold();
    if (!layout.fits(b, c)) return this.ejectionChain(b, c, most);
    if (layout.changeOf(b, c) > most) return;
    this.remove(b);
    this.put(b, c);
    this.accept();
  }

  /**
   * b wants into c, which is full: some of its bins make room, and each of them goes to where b came from, or where it would
   * like to be, others making room in turn, or to the best free place; where there is none, it is left out.
   */
  private ejectionChain(b: number, c: number, most: number): void {
    const { place, layout, removed, ejected } = this;
    const back = layout.at[b]!;
    this.remove(b);
    for (let one = b, to = c; ; to = this.ejectTo(one, back)) {
      if (to >= 0) {
        this.makeRoom(one, to);
        if (!layout.fits(one, to) || ejected.length > MAX_EJECTED || removed.length > MAX_REMOVED) break;
        this.put(one, to);
      }
      // Those still waiting come off no cheaper than in their best places.
      let hope = this.change;
      for (let i = 0; i < ejected.length; i++) hope += place.choiceCosts[ejected[i]!]![0]! - UNPLACED;
      if (hope > most) break;
      if (!ejected.length) return this.accept();
      one = ejected.pop()!;
    }
    this.putBack();
  }

  /** Lifts others out of c until there is room for b, or a few tries are over. */
  private makeRoom(b: number, c: number): void {
    const { place, random, layout, removed } = this;
    for (let tries = 0; tries < ROOM_TRIES && !layout.fits(b, c); tries++) {
      const others = layout.members[c]!;
      if (!others.length) break;
      const other = others[random.below(others.length)]!;
      if (place.pinned[other]! >= 0 || removed.includes(other)) continue;
      this.remove(other);
      this.ejected.push(other);
    }
  }

  /** Where one that had to make room goes, −1 for nowhere; `back` is the place that became free at first, if any. */
  private ejectTo(b: number, back: number): number {
    const { place, random, layout } = this;
    const chance = random.next();
    if (chance < EJECT_TO.back && back >= 0 && layout.fits(b, back) && place.costs.at(b, back) < Infinity) return back;
    if (chance > EJECT_TO.free) return layout.bestFree(b, UNPLACED);
    const choices = this.choices[b]!;
    return choices.length ? this.biasedPick(choices) : -1;
  }

  /** One of a list, the first much more often than the last. */
  private biasedPick(list: ArrayLike<number>): number {
    const nth = Math.floor((list.length + 1) ** (this.random.next() ** BIAS)) - 1;
    return list[Math.min(nth, list.length - 1)]!;
  }

  /** Takes b out for the change in hand. */
  private remove(b: number): void {
    this.removed.push(b);
    this.removedFrom.push(this.layout.at[b]!);
    this.change += this.layout.take(b);
  }

  private put(b: number, c: number): void {
    this.change += this.layout.put(b, c);
  }

  /** The change in hand comes to nothing: all stand where they stood. */
  private putBack(): void {
    const { layout, removed, removedFrom } = this;
    for (const b of removed) layout.take(b);
    for (let i = removed.length - 1; i >= 0; i--) if (removedFrom[i]! >= 0) layout.put(removed[i]!, removedFrom[i]!);
    this.settle();
  }

  private accept(): void {
    this.effort += this.change;
    this.settle();
    if (this.effort < this.bestEffort - 1e-7) this.remember();
  }

  private settle(): void {
    this.removed.length = this.removedFrom.length = this.ejected.length = 0;
    this.change = 0;
  }

  /** Brings a group, or what stands of it in one unit, into another unit, whoever is in the way going to the best free place. */
  private gather(): void {
    const { place, random, layout } = this;
    const g = random.below(this.groups.length);
    const group = this.groups[g]!;
    const member = group[random.below(group.length)]!;
    const units = this.unitsFor[g]!;
    if (!units.length) return;
    const most = this.acceptanceThreshold();
    const unit = this.biasedPick(units);
    const at = (b: number) => (layout.at[b]! < 0 ? -1 : place.unitOf[layout.at[b]!]!);
    const from = random.next() < 0.5 ? null : at(member);
    const coming = group.filter((b) => at(b) !== unit && (from === null || at(b) === from));
    if (!coming.length) return;
    // Not worth a look: in the best places there it would cost more than can be accepted.
    let hope = -GROUP_SPLIT * Math.max(0, layout.spreadOf(place.groupOf[member]!) - 1);
    for (const b of coming) hope += this.minIn(unit, b) - layout.paid[b]!;
    if (hope > most) return;
    for (const b of coming) this.remove(b);
    for (const b of coming) {
      const free = this.bestIn(unit, b);
      const c = free < 0 ? this.makeRoomInUnit(unit, b, group) : free;
      if (c < 0) return this.putBack();
      this.put(b, c);
    }
    this.ejected.sort((x, y) => place.costs.perWeek[y]! - place.costs.perWeek[x]!);
    for (const b of this.ejected) {
      const to = layout.bestFree(b, UNPLACED);
      if (to >= 0) this.put(b, to);
    }
    if (this.change <= most) this.accept();
    else this.putBack();
  }

  /** Makes room for b in a compartment of the unit by lifting out others, the least used first; −1 when that is not possible. */
  private makeRoomInUnit(unit: number, b: number, group: readonly number[]): number {
    const { place, random, layout } = this;
    const offers = place.inUnit[unit]!.filter((at) => place.costs.at(b, at) < Infinity);
    if (!offers.length) return -1;
    const c = offers[random.below(offers.length)]!;
    const others = layout.members[c]!.filter((other) => place.pinned[other]! < 0 && !group.includes(other));
    while (others.length && !layout.fits(b, c)) {
      let least = random.below(others.length);
      const second = random.below(others.length);
      if (place.costs.perWeek[others[second]!]! < place.costs.perWeek[others[least]!]!) least = second;
      const [other] = others.splice(least, 1);
      this.remove(other!);
      this.ejected.push(other!);
    }
    return layout.fits(b, c) ? c : -1;
  }

  private minIn(unit: number, b: number): number {
    let least = Infinity;
    for (const c of this.place.inUnit[unit]!) least = Math.min(least, this.place.costs.at(b, c));
    return least;
  }

  /** The cheapest compartment of a unit with room for b, −1 when there is none. */
  private bestIn(unit: number, b: number): number {
    const { place, layout } = this;
    let best = -1;
    let least = Infinity;
    for (const c of place.inUnit[unit]!) {
      const cost = place.costs.at(b, c);
      if (cost < least && layout.fits(b, c)) [best, least] = [c, cost];
    }
    return best;
  }

  private remember(): void {
    if (this.effort >= this.bestEffort) return;
    this.bestEffort = this.effort;
    this.best.set(this.layout.at);
  }
}
