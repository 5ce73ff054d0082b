/**
 * Looks for the plan with the least effort: a start by regret (who loses most by waiting goes first), then annealing
 * over moves, exchanges and ejections, the group term kept up to date. Anytime: `best` is always a whole plan.
 * Repeatable: the same seed and number of changes give the same plan.
 */
import { Random } from '../random.ts';
import { assignmentEffort, type CompiledPlace } from './compile.ts';
import { PlaceLayout } from './layout.ts';
import { GROUP_SPLIT, UNPLACED } from './problem.ts';

/** Heat at the start in shares of the mean effort of a bin, and how far it falls; found by trial. */
const HEAT = { start: 0.25, end: 0.0004 };

/** Share of the changes that bring a whole group into one unit. */
const GROUP_MOVES = 0.12;
/** Share of the other changes that are for bins without a place, while there are any. */
const LOOSE_FIRST = 0.1;
/** Units that a group is tried in. */
const UNITS_TRIED = 24;

export class PlaceSearch {
  readonly best: Int32Array;
  bestEffort: number;
  private readonly place: CompiledPlace;
  private readonly random: Random;
  private readonly layout: PlaceLayout;
  private readonly movable: Int32Array;
  private readonly groups: number[][];
  /** Units for each group, those first in which it would cost least if it had them for itself. */
  private readonly unitsFor: number[][];
  private choices: readonly Int32Array[];
  private effort: number;
  /** Bins without a place when the last changes began. */
  private loose: Int32Array = new Int32Array(0);
  private heat = 1;
  private readonly startHeat: number;

  constructor(place: CompiledPlace, seed: number) {
    this.place = place;
    this.random = new Random(seed);
    this.choices = place.choices;
    this.layout = new PlaceLayout(place);
    this.movable = Int32Array.from(
      Array.from({ length: place.bins }, (_, b) => b).filter(
        (b) => place.pinned[b]! < 0 && place.choices[b]!.length > 0,
      ),
    );
    const movable = new Set(this.movable);
    this.groups = place.inGroup.map((group) => group.filter((b) => movable.has(b))).filter((group) => group.length > 1);
    this.unitsFor = this.groups.map((group) => this.rankUnits(group));
    this.start();
    this.effort = assignmentEffort(place, this.layout.at);
    this.best = this.layout.at.slice();
    this.bestEffort = this.effort;
    const placed = this.effort - UNPLACED * this.layout.at.filter((c) => c < 0).length;
    this.startHeat = Math.max(1, (placed / Math.max(1, place.bins)) * HEAT.start);
  }

  private start(): void {
    const { place, layout } = this;
    const regret = (b: number): number => {
      const choices = place.choices[b]!;
      const costAt = (i: number) => (i < choices.length ? place.choiceCosts[b]![i]! : UNPLACED);
      return costAt(3) - costAt(0);
    };
    const order = Array.from(this.movable).map((b) => ({ b, regret: regret(b) }));
    order.sort((x, y) => y.regret - x.regret || x.b - y.b);
    for (const { b } of order) {
      const c = layout.bestFree(b);
      if (c >= 0) layout.put(b, c);
    }
  }

  /** Units by what the group would pay there at the best; a member that has none of its nearest there pays as for the last of them. */
  private rankUnits(group: readonly number[]): number[] {
    const { place } = this;
    /** How much less than that for each unit. */
    const sums = new Map<number, number>();
    const least = new Map<number, number>();
    for (const b of group) {
      const costs = place.choiceCosts[b]!;
      const far = costs.length < place.nearest ? UNPLACED : Math.min(UNPLACED, costs.at(-1)!);
      least.clear();
      place.choices[b]!.forEach((c, i) => {
        const unit = place.unitOf[c]!;
        if (!least.has(unit)) least.set(unit, Math.min(far, costs[i]!));
      });
      for (const [unit, cost] of least) sums.set(unit, (sums.get(unit) ?? 0) + cost - far);
    }
    return [...sums]
      .sort((x, y) => x[1] - y[1] || x[0] - y[0])
      .slice(0, UNITS_TRIED)
      .map(([unit]) => unit);
  }

  /** Goes on from a plan of another hand. */
  adopt(assignment: Int32Array): void {
    for (const b of this.movable) this.layout.take(b);
    for (const b of this.movable) if (assignment[b]! >= 0) this.layout.put(b, assignment[b]!);
    this.effort = assignmentEffort(this.place, this.layout.at);
    this.remember();
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
  step(count: number, cooled: number): void {
    this.heat = this.startHeat * Math.pow(HEAT.end / HEAT.start, Math.min(1, cooled));
    if (!this.movable.length) return;
    this.loose = this.movable.filter((b) => this.layout.at[b]! < 0);
    for (let i = 0; i < count; i++)
      if (this.groups.length && this.random.next() < GROUP_MOVES) this.gather();
      else this.tryChange();
  }

  /** The most that the next change may cost to be accepted: drawn beforehand, so that what costs more is not looked into. */
  private patience(): number {
    return -this.heat * Math.log(1 - this.random.next()) + 1e-9;
  }

  private tryChange(): void {
    const { random, layout } = this;
    // Nothing is as dear as what is left out: it is tried more often.
    const from = this.loose.length && random.next() < LOOSE_FIRST ? this.loose : this.movable;
    const b = from[random.below(from.length)]!;
    const choices = this.choices[b]!;
    if (!choices.length) return;
    // Cheap places are tried more often than dear ones.
    const c = choices[Math.floor(choices.length * random.next() ** 2)]!;
    if (c === layout.at[b]!) return;
    const most = this.patience();
    if (!layout.fits(b, c)) return this.eject(b, c, most);
    const change = layout.changeOf(b, c);
    if (change > most) return;
    layout.take(b);
    layout.put(b, c);
    this.changed(change);
  }

  /** b wants into c, which is full: one of its bins goes to b's old place, or to the best free one. */
  private eject(b: number, c: number, most: number): void {
    const { place, random, layout } = this;
    const from = layout.at[b]!;
    const others = layout.members[c]!;
    const other = others.length ? others[random.below(others.length)]! : -1;
    if (
      other < 0 ||
      place.pinned[other]! >= 0 ||
      layout.freeWidth[c]! + place.width[other]! < place.width[b]! ||
      layout.freeLoad[c]! + place.mass[other]! < place.mass[b]!
    )
      return;
    const best = place.choiceCosts[other]![0]!;
    if (layout.changeOf(b, c) + best - layout.paid[other]! > most + 2 * GROUP_SPLIT) return;
    let change = layout.take(b) + layout.take(other) + layout.put(b, c);
    let to = from >= 0 && place.costs.at(other, from) < Infinity && layout.fits(other, from) ? from : -1;
    if (to < 0 || random.next() < 0.4) {
      const least = Math.min(UNPLACED, UNPLACED + most - change, to < 0 ? Infinity : layout.priceOf(other, to));
      const free = layout.bestFree(other, c, least);
      if (free >= 0) to = free;
    }
    if (to >= 0) change += layout.put(other, to);
    if (change <= most) return this.changed(change);
    if (to >= 0) layout.take(other);
    layout.take(b);
    layout.put(other, c);
    if (from >= 0) layout.put(b, from);
  }

  /** Brings a group, or what stands of it in one unit, into another unit, whoever is in the way going to the best free place. */
  private gather(): void {
    const { place, random, layout } = this;
    const g = random.below(this.groups.length);
    const group = this.groups[g]!;
    const member = group[random.below(group.length)]!;
    const units = this.unitsFor[g]!;
    if (!units.length) return;
    const most = this.patience();
    const unit = units[Math.floor(units.length * random.next() ** 2)]!;
    const at = (b: number) => (layout.at[b]! < 0 ? -1 : place.unitOf[layout.at[b]!]!);
    const from = random.next() < 0.5 ? null : at(member);
    const coming = group.filter((b) => at(b) !== unit && (from === null || at(b) === from));
    if (!coming.length) return;
    // Not worth a look: in the best places there it would cost more than can be accepted.
    let hope = -GROUP_SPLIT * Math.max(0, layout.spreadOf(place.groupOf[member]!) - 1);
    for (const b of coming) hope += this.leastIn(unit, b) - layout.paid[b]!;
    if (hope > most) return;
    const moved: { b: number; from: number }[] = [];
    const lift = (b: number): number => {
      moved.push({ b, from: layout.at[b]! });
      return layout.take(b);
    };
    let change = 0;
    for (const b of coming) change += lift(b);
    const homeless: number[] = [];
    let done = true;
    for (const b of coming) {
      let c = this.bestIn(unit, b);
      if (c < 0) {
        c = this.pushInto(unit, b, group, (other) => {
          change += lift(other);
          homeless.push(other);
        });
        if (c < 0) {
          done = false;
          break;
        }
      }
      change += layout.put(b, c);
    }
    if (done) {
      homeless.sort((x, y) => place.costs.perWeek[y]! - place.costs.perWeek[x]!);
      for (const b of homeless) {
        const to = layout.bestFree(b);
        if (to >= 0) change += layout.put(b, to);
      }
    }
    if (done && change <= most) return this.changed(change);
    for (const { b } of moved) layout.take(b);
    for (const { b, from } of moved.reverse()) if (from >= 0) layout.put(b, from);
  }

  /** Makes room for b in a compartment of the unit by lifting out others, the least used first; −1 when that is not possible. */
  private pushInto(unit: number, b: number, group: readonly number[], lift: (other: number) => void): number {
    const { place, random, layout } = this;
    const offers = place.inUnit[unit]!.filter((at) => place.costs.at(b, at) < Infinity);
    if (!offers.length) return -1;
    const c = offers[random.below(offers.length)]!;
    const others = layout.members[c]!.filter((other) => place.pinned[other]! < 0 && !group.includes(other));
    while (others.length && !layout.fits(b, c)) {
      let least = random.below(others.length);
      const second = random.below(others.length);
      if (place.costs.perWeek[others[second]!]! < place.costs.perWeek[others[least]!]!) least = second;
      lift(others.splice(least, 1)[0]!);
    }
    return layout.fits(b, c) ? c : -1;
  }

  private leastIn(unit: number, b: number): number {
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

  private changed(change: number): void {
    this.effort += change;
    if (this.effort < this.bestEffort - 1e-7) this.remember();
  }

  private remember(): void {
    if (this.effort >= this.bestEffort) return;
    this.bestEffort = this.effort;
    this.best.set(this.layout.at);
  }
}
