/**
 * Things are taken out of the walk and put back where they lengthen it least (ruin and recreate, Schrimpf et al. 2000), under
 * a falling temperature; gaps are passed over now and then (Christiaens and Vanden Berghe 2020).
 */
import { Random } from '../../../ground/engine/random.ts';
import { type CompiledWalk, lengthOf, takenFirst } from './compiled.ts';

/** A walk may be longer by about this share of a leg at first, and in the end. By trial. */
const HOT = 1.5;
const COLD = 0.02;
/** Things that are taken out at once: at most, and as a share of all. */
const OUT = { most: 10, share: 0.45 };
/** How often what is taken out follows on each other in the walk; how often it lies together; else by chance. */
const RUINS = { row: 0.4, near: 0.8 };
const BLINK = 0.05;

export class WalkSearch {
  private readonly walk: CompiledWalk;
  private readonly random: Random;
  /** The acts in their order, and by act where it is (-1: out). */
  private seq: Int32Array;
  private count: number;
  private readonly position: Int32Array;
  /** After each act of the order. */
  private readonly load: Float64Array;
  /** After each act: how many stand in between. */
  private readonly parked: Int32Array;
  private mm: number;
  /** For the thing in hand, by gap: what it costs to go by its second stop. */
  private readonly byTo: Float64Array;
  /** By thing: the others, the nearest first. */
  private readonly near: Int32Array[];
  private readonly before: Int32Array;
  /** By thing: it is taken before anything else. */
  private readonly isFirst: Uint8Array;
  private readonly leg: number;
  best: Int32Array;
  bestMm: number;

  constructor(walk: CompiledWalk, first: readonly number[], seed: number) {
    this.walk = walk;
    this.random = new Random(seed);
    this.seq = Int32Array.from(first);
    this.count = first.length;
    this.position = new Int32Array(walk.acts).fill(-1);
    this.load = new Float64Array(walk.acts);
    this.parked = new Int32Array(walk.acts);
    this.byTo = new Float64Array(walk.acts + 1);
    this.before = this.seq.slice();
    this.isFirst = new Uint8Array(walk.things);
    for (const act of takenFirst(walk)) this.isFirst[act >> 1] = 1;
    this.mm = lengthOf(walk, first);
    this.best = this.seq.slice();
    this.bestMm = this.mm;
    this.leg = this.mm / Math.max(1, walk.acts);
    this.near = Array.from({ length: walk.things }, (_, t) => this.nearTo(t));
    this.number();
  }

  private nearTo(t: number): Int32Array {
    const { stopOf, far, stops, things } = this.walk;
    const apart = (a: number, b: number): number => far[stopOf[a]! * stops + stopOf[b]!]!;
    const both = (o: number): number =>
      Math.min(apart(2 * t, 2 * o), apart(2 * t + 1, 2 * o + 1), apart(2 * t + 1, 2 * o), apart(2 * t, 2 * o + 1)) +
      0.2 * (apart(2 * t, 2 * o) + apart(2 * t + 1, 2 * o + 1));
    const value = Float64Array.from({ length: things }, (_, o) => (o === t ? -1 : both(o)));
    return Int32Array.from([...value.keys()].sort((a, b) => value[a]! - value[b]!).slice(0, OUT.most));
  }

  /** Where each act is, and what is carried after it. */
  private number(): void {
    const { size, parking } = this.walk;
    let load = 0;
    for (let i = 0; i < this.count; i++) {
      const act = this.seq[i]!;
      this.position[act] = i;
      load += act & 1 ? -size[act >> 1]! : size[act >> 1]!;
      this.load[i] = load;
    }
    if (!parking) return;
    const { leaves, came } = parking;
    let parked = 0;
    for (let i = 0; i < this.count; i++) {
      const act = this.seq[i]!;
      // What is parked and has no way on yet holds no place: its other half is put back next.
      if (act & 1) parked += Number(leaves[act >> 1]! >= 0 && this.position[2 * leaves[act >> 1]!]! >= 0);
      else parked -= Number(came[act >> 1]! >= 0);
      this.parked[i] = parked;
    }
  }

  private takeOut(out: readonly number[]): void {
    for (const t of out) this.position[2 * t] = this.position[2 * t + 1] = -1;
    let kept = 0;
    for (let i = 0; i < this.count; i++) {
      const act = this.seq[i]!;
      if (this.position[act]! >= 0) this.seq[kept++] = act;
    }
    this.count = kept;
    this.number();
    this.mm = lengthOf(this.walk, this.seq.subarray(0, kept));
  }

  /** First gap in which an act may be by what comes before it, and the last by what comes after. */
  private earliest(act: number): number {
    let first = 0;
    for (const other of this.walk.before[act]!) first = Math.max(first, this.position[other]! + 1);
    return first;
  }
  private latest(act: number): number {
    let last = this.count;
    for (const other of this.walk.after[act]!) {
      const at = this.position[other]!;
      if (at >= 0 && at < last) last = at;
    }
    return last;
  }

  /** Puts a thing where it lengthens the walk least. @returns whether there is such a place */
  private putBack(t: number): boolean {
    const { far, stops, stopOf, size, carry, start, end, parking } = this.walk;
    const { seq, count, load, byTo, random, parked } = this;
    const parks = parking !== null && parking.leaves[t]! >= 0;
    const [from, to] = [stopOf[2 * t]! * stops, stopOf[2 * t + 1]! * stops];
    const fromTo = far[from + stopOf[2 * t + 1]!]!;
    const [firstTake, lastTake] = this.isFirst[t] ? [0, 0] : [this.earliest(2 * t), this.latest(2 * t)];
    const [firstPut, lastPut] = [this.earliest(2 * t + 1), this.latest(2 * t + 1)];
    const stopBefore = (gap: number): number => (gap > 0 ? stopOf[seq[gap - 1]!]! : start);
    const stopAfter = (gap: number): number => (gap < count ? stopOf[seq[gap]!]! : end);
    for (let gap = Math.max(firstTake, firstPut); gap <= lastPut; gap++) {
      const [a, b] = [stopBefore(gap), stopAfter(gap)];
      byTo[gap] = random.next() < BLINK ? Infinity : far[to + a]! + far[to + b]! - far[a * stops + b]!;
    }
    let least = Infinity;
    let takeAt = -1;
    let putAt = -1;
    const most = carry - size[t]! + 1e-9;
    const lastWhileParked = Math.min(lastTake, this.mayStandUntil(t));
    for (let i = firstTake; i <= lastWhileParked; i++) {
      if (parks && i > 0 && parked[i - 1]! >= parking.places) continue;
      if ((i > 0 ? load[i - 1]! : 0) > most) continue;
      if (firstTake < lastTake && random.next() < BLINK) continue;
      const [a, b] = [stopBefore(i), stopAfter(i)];
      const straight = far[a * stops + b]!;
      if (i >= firstPut && i <= lastPut) {
        const change = far[from + a]! + fromTo + far[to + b]! - straight;
        if (change < least) [least, takeAt, putAt] = [change, i, i];
      }
      const byFrom = far[from + a]! + far[from + b]! - straight;
      for (let j = i + 1; j <= lastPut; j++) {
        if (load[j - 1]! > most) break;
        if (j < firstPut) continue;
        const change = byFrom + byTo[j]!;
        if (change < least) [least, takeAt, putAt] = [change, i, j];
      }
    }
    if (takeAt < 0) return false;
    seq.copyWithin(putAt + 2, putAt, count);
    seq.copyWithin(takeAt + 1, takeAt, putAt);
    seq[takeAt] = 2 * t;
    seq[putAt + 1] = 2 * t + 1;
    this.count += 2;
    this.mm += least;
    this.number();
    return true;
  }

  /** The last gap until which there is a place for what was parked. */
  private mayStandUntil(t: number): number {
    const { parking } = this.walk;
    const parks = parking ? parking.came[t]! : -1;
    if (!parking || parks < 0) return this.count;
    let at = this.position[2 * parks + 1]! + 1;
    while (at < this.count && this.parked[at]! < parking.places) at++;
    return at;
  }

  /** With the other half of its way, where it stands in between. */
  private putBackBoth(t: number): boolean {
    const { parking } = this.walk;
    const first = parking && parking.came[t]! >= 0 ? parking.came[t]! : t;
    if (!this.putBack(first)) return false;
    const second = parking ? parking.leaves[first]! : -1;
    return second < 0 || this.putBack(second);
  }

  private ruin(): number[] {
    const { random, walk, seq, count } = this;
    const most = Math.max(1, Math.min(OUT.most, Math.ceil(walk.things * OUT.share)));
    const wanted = 1 + random.below(most);
    const out = new Set<number>();
    const draw = random.next();
    if (draw < RUINS.row) {
      for (let i = random.below(count); i < count && out.size < wanted; i++) out.add(seq[i]! >> 1);
    } else if (draw < RUINS.near) {
      const list = this.near[random.below(walk.things)]!;
      for (let i = 0; i < list.length && out.size < wanted; i++) if (random.next() < 0.8) out.add(list[i]!);
    } else while (out.size < wanted) out.add(random.below(walk.things));
    if (walk.parking)
      for (const t of [...out])
        for (const other of [walk.parking.leaves[t]!, walk.parking.came[t]!]) if (other >= 0) out.add(other);
    return [...out];
  }

  /** @param done how much of the time is over, 0 … 1 @param tries how many are made */
  step(done: number, tries: number): void {
    const { random, seq, before, walk } = this;
    if (walk.things < 2) return;
    const heat = this.leg * HOT * (COLD / HOT) ** done;
    for (let n = 0; n < tries; n++) {
      before.set(seq);
      const length = this.mm;
      const out = this.ruin();
      this.takeOut(out);
      for (let i = out.length - 1; i > 0; i--) {
        const k = random.below(i + 1);
        [out[i], out[k]] = [out[k]!, out[i]!];
      }
      if (random.next() < 0.3) out.sort((a, b) => this.spanOf(b) - this.spanOf(a));
      const isWhole = out.every((t) => this.position[2 * t]! >= 0 || this.putBackBoth(t));
      if (!isWhole || this.mm > length - heat * Math.log(1 - random.next()) + 1e-9) {
        seq.set(before);
        this.count = walk.acts;
        this.mm = length;
        this.number();
      } else if (this.mm < this.bestMm - 1e-6) {
        this.bestMm = this.mm;
        this.best.set(seq);
      }
    }
  }
  private spanOf(t: number): number {
    const { far, stops, stopOf } = this.walk;
    return far[stopOf[2 * t]! * stops + stopOf[2 * t + 1]!]!;
  }
}
