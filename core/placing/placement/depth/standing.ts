/**
 * What stands in a room now, in depth: where somebody said, else where there is room; with the week's effort, what has to
 * be moved first, and where the bin in hand could go.
 */
import { runToEnd } from '../../../ground/engine/run-to-end.ts';
import { indexById } from '../../../ground/model/by-id.ts';
import { Arrangement } from './arrangement.ts';
import { bearerOf, boxAt, childrenBlocked, isFree, mayStand } from './boxes.ts';
import { compileDepth } from './compiled.ts';
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
      const { place } = this.now;
      place.ready(bin);
      const hasRoom =
        this.spots.spotIn(bin, space, place.leftOut[bin]!) ||
        this.spots.spotIn(bin, space, Number.POSITIVE_INFINITY, true);
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
    const box = boxAt(place, bin, { x, y, z, turned });
    if (box.x1 > width || box.y1 > depth || box.z1 > height) return false;
    if ((turned && !place.turnable[bin]) || !isFree(now, space, box)) return false;
    const on = bearerOf(now, space, box);
    if (on === undefined) return false;
    now.put(bin, space, x, y, z, Number(turned), on);
    return true;
  }

  /** Seconds a week of what has a place. */
  get effort(): number {
    return this.now.effort - this.now.left;
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
    return this.spots.spotIn(bin, this.spaceAt.get(compartment)!, this.now.place.leftOut[bin]!)
      ? this.spots.found
      : null;
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
    for (const turned of place.turnable[bin] ? [false, true] : [false]) {
      const box = boxAt(place, bin, { x, y, z, turned });
      if (!mayStand(now, bin, space, box, on) || !isFree(now, space, box)) continue;
      const { effort: before } = this;
      const blocked = childrenBlocked(now, space);
      now.put(bin, space, x, y, z, Number(turned), on);
      const cost = this.effort - before;
      const forbidden = childrenBlocked(now, space) > blocked;
      now.take(bin);
      if (!forbidden) return { space, x, y, z, turned, cost };
    }
    return null;
  }
}
