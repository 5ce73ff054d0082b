/**
 * What stands in a room now, in depth: where somebody said, else where there is room; with the week's effort, what has to
 * be moved first, and where the bin in hand could go.
 */
import { runToEnd } from '../../engine/run-to-end.ts';
import { indexById } from '../../model/by-id.ts';
import { UNPLACED } from '../problem.ts';
import { Arrangement } from './arrangement.ts';
import { compileDepth, gripAt, reaches } from './compiled.ts';
import type { DepthBin, DepthPosition, DepthProblem } from './problem.ts';
import { Spots, type Spot } from './spots.ts';

/** The home of a bin: its compartment and, where it is known, its position in it (mm). */
export interface Home {
  compartment: string;
  x: number | null;
  y: number | null;
  z: number | null;
  turned: boolean;
}
/** By bin id; what is not in it stands on the bench. */
export type Homes = ReadonlyMap<string, Home>;

/** A box of which the bottom is known. */
interface Box {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  z1: number;
}

export class Standing {
  readonly problem: DepthProblem;
  readonly now: Arrangement;
  readonly spots: Spots;
  /** Bins for which their compartment has no room: put there by hand, or furniture was changed. */
  readonly crowded: string[] = [];
  private readonly binAt: ReadonlyMap<string, number>;
  private readonly spaceAt: ReadonlyMap<string, number>;

  readonly homes: Homes;

  /** @param like the same room and bins: what was reckoned for it is taken over */
  constructor(problem: DepthProblem, homes: Homes, like?: Standing) {
    this.problem = problem;
    this.homes = homes;
    this.binAt = indexById(problem.bins);
    this.spaceAt = indexById(problem.compartments);
    const compartments = new Map([...homes].map(([bin, { compartment }]) => [bin, compartment]));
    this.now = new Arrangement(like?.now.place ?? runToEnd(compileDepth(problem, compartments, true)));
    this.spots = new Spots(this.now);
    const loose: [bin: number, space: number][] = [];
    const told = problem.bins
      .flatMap(({ id }, bin) => {
        const home = homes.get(id);
        const space = home && this.spaceAt.get(home.compartment);
        return home && space !== undefined ? [{ bin, space, home }] : [];
      })
      .sort((a, b) => (a.home.z ?? 0) - (b.home.z ?? 0) || a.bin - b.bin);
    for (const { bin, space, home } of told) {
      if (!this.putWhereTold(bin, space, home)) loose.push([bin, space]);
    }
    for (const [bin, space] of loose) {
      this.now.place.ready(bin);
      const hasRoom =
        this.spots.spotIn(bin, space, UNPLACED) || this.spots.spotIn(bin, space, Number.POSITIVE_INFINITY, true);
      if (hasRoom) this.spots.put(bin);
      else this.crowded.push(problem.bins[bin]!.id);
    }
  }

  /** The room while a bin is in hand: what stood on it comes down. */
  without(binId: string): Standing {
    return new Standing(this.problem, new Map([...this.homes].filter(([id]) => id !== binId)), this);
  }

  /** @returns false where it cannot stand where was said: through a wall or another bin, or on nothing */
  private putWhereTold(bin: number, space: number, { x, y, z, turned }: Home): boolean {
    if (x === null || y === null || z === null) return false;
    const { now } = this;
    const { place } = now;
    const { width, depth, height } = this.problem.compartments[space]!;
    const box = this.boxAt(bin, x, y, z, turned);
    if (box.x1 > width || box.y1 > depth || box.z1 > height) return false;
    if (turned && !place.turnable[bin]) return false;
    const there = now.inside[space]!;
    if (there.some((other) => now.z0[other]! < box.z1 && z < now.z1[other]! && this.overlap(other, box))) return false;
    const on = z === 0 ? -1 : there.find((under) => now.z1[under] === z && this.isWithin(box, under));
    if (on === undefined) return false;
    now.put(bin, space, x, y, z, Number(turned), on);
    return true;
  }
  private boxAt(bin: number, x: number, y: number, z: number, turned: boolean): Box {
    const { width, depth, height } = this.now.place;
    const [wide, deep] = turned ? [depth[bin]!, width[bin]!] : [width[bin]!, depth[bin]!];
    return { x0: x, x1: x + wide, y0: y, y1: y + deep, z1: z + height[bin]! };
  }
  private overlap(other: number, { x0, x1, y0, y1 }: Box): boolean {
    const { now } = this;
    return now.x0[other]! < x1 && x0 < now.x1[other]! && now.y0[other]! < y1 && y0 < now.y1[other]!;
  }
  private isWithin({ x0, x1, y0, y1 }: Box, under: number): boolean {
    const { now } = this;
    return now.x0[under]! <= x0 && x1 <= now.x1[under]! && now.y0[under]! <= y0 && y1 <= now.y1[under]!;
  }

  /** Seconds a week of what has a place. */
  get effort(): number {
    return this.now.effort - UNPLACED * this.now.unplaced;
  }

  /** Its number, or -1 where it stands nowhere. */
  private at(binId: string): number {
    const bin = this.binAt.get(binId) ?? -1;
    return bin >= 0 && this.now.space[bin]! >= 0 ? bin : -1;
  }
  bin(binId: string): DepthBin | undefined {
    return this.problem.bins[this.binAt.get(binId) ?? -1];
  }
  /** Null for what stands nowhere, or where there is no room for it. */
  position(binId: string): DepthPosition | null {
    const bin = this.at(binId);
    return bin < 0 ? null : this.positionOf(bin);
  }
  get positions(): DepthPosition[] {
    return [...this.now.space].flatMap((space, bin) => (space < 0 ? [] : [this.positionOf(bin)]));
  }
  private positionOf(bin: number): DepthPosition {
    const { space, x0, y0, z0, turned } = this.now;
    return {
      bin: this.problem.bins[bin]!.id,
      compartment: this.problem.compartments[space[bin]!]!.id,
      x: x0[bin]!,
      y: y0[bin]!,
      z: z0[bin]!,
      turned: turned[bin] === 1,
    };
  }
  /** Seconds a week of one bin, with what has to be moved first; null where it stands nowhere. */
  seconds(binId: string): number | null {
    const bin = this.at(binId);
    return bin < 0 ? null : this.now.costOf(bin);
  }
  /** Ids of what has to be moved before it: what stands on it, through any levels, and what stands before it. */
  blockers(binId: string): string[] {
    return this.thereWith(binId, (bin, other) => this.now.blocks(other, bin));
  }
  /** Ids of what it stands on, through all levels. */
  supports(binId: string): string[] {
    const found: string[] = [];
    const bin = this.at(binId);
    for (let on = bin < 0 ? -1 : this.now.on[bin]!; on >= 0; on = this.now.on[on]!)
      found.push(this.problem.bins[on]!.id);
    return found;
  }
  /** Ids of what is kept behind it or beneath it: to get at these, it is moved. */
  covers(binId: string): string[] {
    return this.thereWith(binId, (bin, other) => this.now.blocks(bin, other));
  }
  private thereWith(binId: string, matches: (bin: number, other: number) => boolean): string[] {
    const bin = this.at(binId);
    if (bin < 0) return [];
    return this.now.inside[this.now.space[bin]!]!.filter((other) => other !== bin && matches(bin, other)).map(
      (other) => this.problem.bins[other]!.id,
    );
  }

  /** The cheapest spot for a bin that is in hand in one compartment, by all rules; its cost is what the week grows by. */
  spotIn(binId: string, compartment: string): Spot | null {
    const bin = this.binAt.get(binId)!;
    this.now.place.ready(bin);
    return this.spots.spotIn(bin, this.spaceAt.get(compartment)!, UNPLACED) ? this.spots.found : null;
  }
  /** Whether nothing stands there, or above or beneath it, from which the bin in hand must be apart. */
  mayJoin(binId: string, compartment: string): boolean {
    return this.now.apart.mayJoin(this.binAt.get(binId)!, this.spaceAt.get(compartment)!);
  }
  /** The spot at a place that is pointed at: on that bin, or behind it; null where no rule allows it. */
  spotAt(binId: string, target: string, where: 'on' | 'behind'): Spot | null {
    const bin = this.binAt.get(binId)!;
    const { now } = this;
    const { place } = now;
    place.ready(bin);
    const at = this.at(target);
    if (at < 0) return null;
    const space = now.space[at]!;
    // What hangs hangs side by side.
    if (place.hangs[space]) return null;
    const x = now.x0[at]!;
    const [y, z, on] = where === 'on' ? [now.y0[at]!, now.z1[at]!, at] : [now.y1[at]!, now.z0[at]!, now.on[at]!];
    if (on >= 0 && (!place.stackable[on] || place.mass[on]! < place.mass[bin]!)) return null;
    for (const turned of place.turnable[bin] ? [false, true] : [false]) {
      if (!this.isFree(bin, space, this.boxAt(bin, x, y, z, turned), on)) continue;
      const cost = this.costAt(bin, space, [x, y, z], turned, on);
      if (cost !== null) return { space, x, y, z, turned, cost };
    }
    return null;
  }
  private isFree(bin: number, space: number, box: Box, on: number): boolean {
    const { now } = this;
    const { place } = now;
    const isInside =
      on < 0
        ? box.x0 >= 0 && box.y0 >= 0 && box.x1 <= place.roomWidth[space]! && box.y1 <= place.roomDepth[space]!
        : this.isWithin(box, on);
    return (
      isInside &&
      box.z1 <= place.roomHeight[space]! &&
      now.load[space]! + place.mass[bin]! <= place.maxLoad[space]! &&
      !now.inside[space]!.some((other) => now.on[other] === on && this.overlap(other, box))
    );
  }
  /** What the week grows by when it is put there; null where a rule forbids it. */
  private costAt(
    bin: number,
    space: number,
    [x, y, z]: [number, number, number],
    turned: boolean,
    on: number,
  ): number | null {
    const { now } = this;
    const { place } = now;
    if (place.base[bin * place.spaces + space] === Infinity || !now.apart.mayJoin(bin, space)) return null;
    if (!reaches(place, bin, space, gripAt(place, bin, space, z))) return null;
    const { effort: before } = this;
    now.put(bin, space, x, y, z, Number(turned), on);
    const cost = this.effort - before;
    const isBlocked = now.inside[space]!.some((other) => now.blocked[other]! > 0 && place.ofChild[other]);
    now.take(bin);
    return isBlocked ? null : cost;
  }
}
