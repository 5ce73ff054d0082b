/**
 * What stands in a room now, in depth: where somebody said, else where there is room; with the week's effort, what has to
 * be moved first, and where the bin in hand could go.
 */
import { runToEnd } from '../../engine/run-to-end.ts';
import { UNPLACED } from '../problem.ts';
import { Arrangement, isBefore, type Box } from './arrangement.ts';
import { compileDepth, usesOf } from './compiled.ts';
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
    this.binAt = new Map(problem.bins.map(({ id }, i) => [id, i]));
    this.spaceAt = new Map(problem.compartments.map(({ id }, i) => [id, i]));
    const uses = like?.now.uses ?? usesOf(problem);
    const compartments = new Map([...homes].map(([bin, { compartment }]) => [bin, compartment]));
    this.now = new Arrangement(like?.now.place ?? runToEnd(compileDepth(problem, uses, compartments, true)), uses);
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
      const spot = this.spotOf(space, bin, home);
      if (spot) this.now.put(this.spots.boxAt(bin, spot));
      else loose.push([bin, space]);
    }
    for (const [bin, space] of loose) {
      this.now.place.ready(bin);
      const spot =
        this.spots.spotIn(bin, space, UNPLACED) ?? this.spots.spotIn(bin, space, Number.POSITIVE_INFINITY, true);
      if (spot) this.now.put(this.spots.boxAt(bin, spot));
      else this.crowded.push(problem.bins[bin]!.id);
    }
  }

  /** The room while a bin is in hand: what stood on it comes down. */
  without(binId: string): Standing {
    return new Standing(this.problem, new Map([...this.homes].filter(([id]) => id !== binId)), this);
  }

  /** The spot that was said, or null where it cannot be: through a wall or another bin, or on nothing. */
  private spotOf(space: number, bin: number, { x, y, z, turned }: Home): Spot | null {
    if (x === null || y === null || z === null) return null;
    const { place, inside } = this.now;
    const list = inside[space]!;
    const box = this.spots.boxAt(bin, { space, x, y, z, turned, on: null, cost: 0 });
    const { width, depth, height } = this.problem.compartments[space]!;
    if (box.x1 > width || box.y1 > depth || box.z1 > height) return null;
    if (turned && !place.turnable[bin]) return null;
    const overlaps = (other: Box) =>
      box.x0 < other.x1 &&
      other.x0 < box.x1 &&
      box.y0 < other.y1 &&
      other.y0 < box.y1 &&
      box.z0 < other.z1 &&
      other.z0 < box.z1;
    if (list.some(overlaps)) return null;
    if (z === 0) return { space, x, y, z, turned, on: null, cost: 0 };
    const on = list.find(
      (under) => under.z1 === z && under.x0 <= box.x0 && box.x1 <= under.x1 && under.y0 <= box.y0 && box.y1 <= under.y1,
    );
    return on ? { space, x, y, z, turned, on, cost: 0 } : null;
  }

  /** Seconds a week of what has a place. */
  get effort(): number {
    return this.now.effort - UNPLACED * this.now.unplaced;
  }

  private box(binId: string): Box | null {
    return this.now.boxes[this.binAt.get(binId) ?? -1] ?? null;
  }
  bin(binId: string): DepthBin | undefined {
    return this.problem.bins[this.binAt.get(binId) ?? -1];
  }
  /** Null for what stands nowhere, or where there is no room for it. */
  position(binId: string): DepthPosition | null {
    const box = this.box(binId);
    return box && this.positionOf(box);
  }
  get positions(): DepthPosition[] {
    return this.now.boxes.flatMap((box) => (box ? [this.positionOf(box)] : []));
  }
  private positionOf(box: Box): DepthPosition {
    return {
      bin: this.problem.bins[box.bin]!.id,
      compartment: this.problem.compartments[box.space]!.id,
      x: box.x0,
      y: box.y0,
      z: box.z0,
      turned: box.turned,
    };
  }
  /** Seconds a week of one bin, with what has to be moved first; null where it stands nowhere. */
  seconds(binId: string): number | null {
    const box = this.box(binId);
    return box && this.now.costOf(box);
  }
  /** Ids of what has to be moved before it: what stands on it, through any levels, and what stands before it. */
  blockers(binId: string): string[] {
    const box = this.box(binId);
    if (!box) return [];
    const front = !this.now.place.top[box.space];
    return this.now.inside[box.space]!.filter((other) => isOn(other, box) || (front && isBefore(other, box))).map(
      (other) => this.problem.bins[other.bin]!.id,
    );
  }
  /** Ids of what it stands on, through all levels. */
  supports(binId: string): string[] {
    const found: string[] = [];
    for (let on = this.box(binId)?.on; on; on = on.on) found.push(this.problem.bins[on.bin]!.id);
    return found;
  }
  /** Ids of what is kept behind it or beneath it: to get at these, it is moved. */
  covers(binId: string): string[] {
    const box = this.box(binId);
    if (!box) return [];
    const front = !this.now.place.top[box.space];
    return this.now.inside[box.space]!.filter((other) => isOn(box, other) || (front && isBefore(box, other))).map(
      (other) => this.problem.bins[other.bin]!.id,
    );
  }

  /** The cheapest spot for a bin that is in hand in one compartment, by all rules; its cost is what the week grows by. */
  spotIn(binId: string, compartment: string): Spot | null {
    const bin = this.binAt.get(binId)!;
    this.now.place.ready(bin);
    return this.spots.spotIn(bin, this.spaceAt.get(compartment)!, UNPLACED);
  }
  /** The spot at a place that is pointed at: on that bin, or behind it; null where no rule allows it. */
  spotAt(binId: string, target: string, where: 'on' | 'behind'): Spot | null {
    const bin = this.binAt.get(binId)!;
    this.now.place.ready(bin);
    const at = this.box(target);
    if (!at) return null;
    const { place } = this.now;
    // What hangs hangs side by side.
    if (place.hangs[at.space]) return null;
    const behind = { x: at.x0, y: at.y1, z: at.z0, on: at.on };
    const above = { x: at.x0, y: at.y0, z: at.z1, on: at };
    const { x, y, z, on } = where === 'on' ? above : behind;
    if (on && (!place.stackable[on.bin] || place.mass[on.bin]! < place.mass[bin]!)) return null;
    for (const turned of place.turnable[bin] ? [false, true] : [false]) {
      const spot = { space: at.space, x, y, z, turned, on, cost: 0 };
      if (!this.isFree(bin, spot)) continue;
      const cost = this.costOf(bin, spot);
      if (cost !== null) return { ...spot, cost };
    }
    return null;
  }
  private isFree(bin: number, spot: Spot): boolean {
    const { place, inside, load } = this.now;
    const box = this.spots.boxAt(bin, spot);
    const room = spot.on ?? {
      x0: 0,
      y0: 0,
      x1: place.roomWidth[spot.space]!,
      y1: place.roomDepth[spot.space]!,
    };
    return (
      box.x0 >= room.x0 &&
      box.x1 <= room.x1 &&
      box.y0 >= room.y0 &&
      box.y1 <= room.y1 &&
      box.z1 <= place.roomHeight[spot.space]! &&
      load[spot.space]! + place.mass[bin]! <= place.maxLoad[spot.space]! &&
      !inside[spot.space]!.some(
        (other) =>
          other.on === spot.on && box.x0 < other.x1 && other.x0 < box.x1 && box.y0 < other.y1 && other.y0 < box.y1,
      )
    );
  }
  /** What the week grows by when it is put there; null where a rule forbids it. */
  private costOf(bin: number, spot: Spot): number | null {
    const { now } = this;
    const { place } = now;
    if (place.base[bin * place.spaces + spot.space] === Infinity || !now.reaches(bin, spot.space, spot.z)) return null;
    const before = now.effort - UNPLACED * now.unplaced;
    now.put(this.spots.boxAt(bin, spot));
    const cost = this.effort - before;
    const blocked = now.inside[spot.space]!.some((box) => box.blocked > 0 && place.ofChild[box.bin]);
    now.take(bin);
    return blocked ? null : cost;
  }
}

function isOn(above: Box, below: Box): boolean {
  for (let on = above.on; on; on = on.on) if (on === below) return true;
  return false;
}
