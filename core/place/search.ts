/**
 * Looks for the plan with the least effort: a start by regret (who loses most by waiting goes first), then annealing
 * over moves, exchanges and ejections, the group term kept up to date. Anytime: `best` is always a whole plan.
 * Repeatable: the same seed and number of changes give the same plan.
 */
import { Random } from '../random.ts';
import { assignmentEffort, type CompiledPlace } from './compile.ts';
import { PlaceLayout } from './layout.ts';
import { UNPLACED } from './problem.ts';

/** Heat at the start in shares of the mean effort of a bin, and how far it falls; found by trial. */
const HEAT = { start: 0.25, end: 0.0004 };

/** Share of the changes that bring a whole group into one unit. */
const GROUP_MOVES = 0.06;

export class PlaceSearch {
  readonly best: Int32Array;
  bestEffort: number;
  private readonly place: CompiledPlace;
  private readonly random: Random;
  private readonly layout: PlaceLayout;
  private readonly movable: Int32Array;
  private readonly groups: number[][];
  private readonly inUnit: number[][];
  private effort: number;
  private heat = 1;
  private readonly startHeat: number;

  constructor(place: CompiledPlace, seed: number) {
    this.place = place;
    this.random = new Random(seed);
    this.layout = new PlaceLayout(place);
    this.movable = Int32Array.from(
      Array.from({ length: place.bins }, (_, b) => b).filter(
        (b) => place.pinned[b]! < 0 && place.choices[b]!.length > 0,
      ),
    );
    this.groups = Array.from({ length: place.groups }, () => []);
    for (const b of this.movable) if (place.groupOf[b]! >= 0) this.groups[place.groupOf[b]!]!.push(b);
    this.groups = this.groups.filter((group) => group.length > 1);
    this.inUnit = Array.from({ length: place.units }, () => []);
    for (let c = 0; c < place.compartments; c++) this.inUnit[place.unitOf[c]!]!.push(c);
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
      const costAt = (i: number) => (i < choices.length ? place.cost[b * place.compartments + choices[i]!]! : UNPLACED);
      return costAt(3) - costAt(0);
    };
    const order = Array.from(this.movable).map((b) => ({ b, regret: regret(b) }));
    order.sort((x, y) => y.regret - x.regret || x.b - y.b);
    for (const { b } of order) {
      const c = layout.bestFree(b);
      if (c >= 0) layout.put(b, c);
    }
  }

  /** Goes on from a plan of another hand. */
  adopt(assignment: Int32Array): void {
    for (const b of this.movable) this.layout.take(b);
    for (const b of this.movable) if (assignment[b]! >= 0) this.layout.put(b, assignment[b]!);
    this.effort = assignmentEffort(this.place, this.layout.at);
    this.remember();
  }

  /** Tries `count` changes; `cooled` says how much of the run is over, 0 … 1. */
  step(count: number, cooled: number): void {
    this.heat = this.startHeat * Math.pow(HEAT.end / HEAT.start, Math.min(1, cooled));
    if (!this.movable.length) return;
    for (let i = 0; i < count; i++)
      if (this.groups.length && this.random.next() < GROUP_MOVES) this.gather();
      else this.tryChange();
  }

  private accept(change: number): boolean {
    return change <= 1e-9 || this.random.next() < Math.exp(-change / this.heat);
  }

  private tryChange(): void {
    const { place, random, layout } = this;
    const b = this.movable[random.below(this.movable.length)]!;
    const choices = place.choices[b]!;
    // Cheap places are tried more often than dear ones.
    const c = choices[Math.floor(choices.length * random.next() ** 2)]!;
    const from = layout.at[b]!;
    if (c === from) return;
    // Not worth a look: even alone it would cost more than can be accepted.
    const most = from < 0 ? UNPLACED : place.cost[b * place.compartments + from]!;
    if (place.cost[b * place.compartments + c]! - most > 12 * this.heat + 120 + UNPLACED * (layout.fits(b, c) ? 0 : 1))
      return;
    let change = layout.take(b);
    if (layout.fits(b, c)) {
      change += layout.put(b, c);
      if (this.accept(change)) return this.changed(change);
      layout.take(b);
      if (from >= 0) layout.put(b, from);
      return;
    }
    this.eject(b, c, from, change);
  }

  /** b wants into c, which is full: one of its bins goes to b's old place, or to the best free one. */
  private eject(b: number, c: number, from: number, taken: number): void {
    const { place, random, layout } = this;
    const others = layout.members[c]!;
    const other = others.length ? others[random.below(others.length)]! : -1;
    const room =
      other >= 0 &&
      place.pinned[other]! < 0 &&
      layout.freeWidth[c]! + place.width[other]! >= place.width[b]! &&
      layout.freeLoad[c]! + place.mass[other]! >= place.mass[b]!;
    if (!room) {
      if (from >= 0) layout.put(b, from);
      return;
    }
    let change = taken + layout.take(other) + layout.put(b, c);
    let to =
      from >= 0 && place.cost[other * place.compartments + from]! < Infinity && layout.fits(other, from) ? from : -1;
    if (to < 0 || random.next() < 0.4) {
      const free = layout.bestFree(other, c);
      if (free >= 0 && (to < 0 || layout.priceOf(other, free) < layout.priceOf(other, to))) to = free;
    }
    if (to >= 0) change += layout.put(other, to);
    if (this.accept(change)) return this.changed(change);
    if (to >= 0) layout.take(other);
    layout.take(b);
    layout.put(other, c);
    if (from >= 0) layout.put(b, from);
  }

  /** Brings a group into one unit, whoever is in the way going to the best free place. */
  private gather(): void {
    const { place, random, layout } = this;
    const group = this.groups[random.below(this.groups.length)]!;
    const guide = place.choices[group[random.below(group.length)]!]!;
    const unit = place.unitOf[guide[Math.floor(guide.length * random.next() ** 2)]!]!;
    const moved: { b: number; from: number }[] = [];
    const lift = (b: number): number => {
      moved.push({ b, from: layout.at[b]! });
      return layout.take(b);
    };
    let change = 0;
    const coming = group.filter((b) => layout.at[b]! < 0 || place.unitOf[layout.at[b]!] !== unit);
    if (!coming.length) return;
    for (const b of coming) change += lift(b);
    const homeless: number[] = [];
    let done = true;
    for (const b of coming) {
      let c = this.bestIn(unit, b, (at) => layout.fits(b, at));
      if (c < 0) {
        const offers = this.inUnit[unit]!.filter((at) => place.cost[b * place.compartments + at]! < Infinity);
        c = offers.length ? offers[random.below(offers.length)]! : -1;
        const others =
          c < 0 ? [] : layout.members[c]!.filter((other) => place.pinned[other]! < 0 && !group.includes(other));
        while (c >= 0 && others.length && !layout.fits(b, c)) {
          const other = others.splice(random.below(others.length), 1)[0]!;
          change += lift(other);
          homeless.push(other);
        }
        if (c < 0 || !layout.fits(b, c)) {
          done = false;
          break;
        }
      }
      change += layout.put(b, c);
    }
    if (done)
      for (const b of homeless) {
        const to = layout.bestFree(b);
        if (to >= 0) change += layout.put(b, to);
      }
    if (done && this.accept(change)) return this.changed(change);
    for (const { b } of moved) layout.take(b);
    for (const { b, from } of moved.reverse()) if (from >= 0) layout.put(b, from);
  }

  private bestIn(unit: number, b: number, allowed: (c: number) => boolean): number {
    const { place } = this;
    let best = -1;
    for (const c of this.inUnit[unit]!) {
      const cost = place.cost[b * place.compartments + c]!;
      if (cost < (best < 0 ? Infinity : place.cost[b * place.compartments + best]!) && allowed(c)) best = c;
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
