/**
 * What each bin costs in each compartment, in seconds a week, reckoned when asked: a table of all would be large, and to
 * fill it takes longer than to look for the nearest few.
 */
import {
  BANDS,
  DOOR_SECONDS,
  DRAWER_SECONDS,
  LID_SECONDS,
  WALK_SECONDS,
  bodySeconds,
  effortOf,
  gripHundredths,
} from '../effort.ts';
import {
  clearHeight,
  HEAVY_MASS,
  type PlaceBin,
  type PlaceCompartment,
  type PlacePerson,
  type PlaceProblem,
} from '../problem.ts';
import { usableWidth } from '../rules.ts';

const FORBIDDEN = Infinity;

/** Numbers equal values alike, in order of appearance. */
export const indexByKey = <T>(values: readonly T[]): Map<T, number> =>
  new Map([...new Set(values)].map((value, i) => [value, i]));

export class PlaceCosts {
  readonly width: Int32Array;
  readonly mass: Int32Array;
  readonly widthCapacity: Int32Array;
  readonly loadCapacity: Float64Array;
  /** Compartment of each pinned bin, −1 for free ones. */
  readonly pinned: Int32Array;
  private readonly pinnedCost: Float64Array;
  private readonly spaces: number;
  private readonly depth: Int32Array;
  private readonly high: Int32Array;
  private readonly roomDepth: Int32Array;
  private readonly clear: Int32Array;
  /** Seconds to open, there and back, a use. */
  private readonly opening: Float64Array;
  /** Covered, sunlit and on view as a number 0 … 7, and by bin a bit for each that is forbidden. */
  private readonly light: Uint8Array;
  private readonly shuns: Uint16Array;
  /** Seconds of walking from each zone to each compartment, zones × compartments. */
  private readonly walk: Float64Array;
  private readonly walkFrom: Int32Array;
  /** By zone, compartments in the order of walking, once asked for. */
  private readonly nearFirst: (Int32Array | undefined)[];
  /** Uses a week of each bin. */
  readonly perWeek: Float64Array;
  /** Seconds a week that do not depend on the walk or the door, bins × levels; infinite where nobody may or can reach. */
  private readonly body: Float64Array;
  private readonly leastBody: Float64Array;
  private readonly level: Int32Array;
  private readonly levels: number;
  /** A compartment of each level. */
  private readonly typical: readonly PlaceCompartment[];
  private readonly bins: readonly PlaceBin[];
  private readonly people: ReadonlyMap<string, PlacePerson>;
  /** Stature of the tallest child: a hazard is out of reach of every child when it is out of reach of that one. */
  private readonly tallest: number;

  /** @param pins bin id to compartment id: bins that stay; a pin that breaks a rule stays all the same, it was set by hand. */
  constructor(problem: PlaceProblem, pins: ReadonlyMap<string, string>) {
    const { bins, compartments, growth } = problem;
    this.spaces = compartments.length;
    this.width = Int32Array.from(bins, (b) => b.width);
    this.depth = Int32Array.from(bins, (b) => b.depth);
    this.high = Int32Array.from(bins, (b) => b.height);
    this.mass = Int32Array.from(bins, (b) => b.mass);
    this.widthCapacity = Int32Array.from(compartments, (c) => usableWidth(c.width, growth));
    this.roomDepth = Int32Array.from(compartments, (c) => c.depth);
    this.loadCapacity = Float64Array.from(compartments, (c) => c.maxLoad);
    this.clear = Int32Array.from(compartments, clearHeight);
    this.opening = Float64Array.from(
      compartments,
      (c) => 2 * ((c.door ? DOOR_SECONDS : 0) + (c.drawer ? DRAWER_SECONDS : 0)),
    );
    this.light = Uint8Array.from(
      compartments,
      (c) => (c.hangs ? 8 : 0) + (c.door || c.drawer ? 4 : 0) + (c.sunlit ? 2 : 0) + (c.onView ? 1 : 0),
    );
    this.shuns = Uint16Array.from(bins, shunned);
    const zones = indexByKey(problem.zones.map((zone) => zone.id));
    this.walk = new Float64Array((zones.size + 1) * this.spaces);
    compartments.forEach((c, i) => {
      for (const zone in c.walk) {
        const z = zones.get(zone);
        if (z !== undefined) this.walk[z * this.spaces + i] = 2 * c.walk[zone]! * WALK_SECONDS;
      }
    });
    this.nearFirst = Array.from({ length: zones.size + 1 }, () => undefined);
    // The last row is for bins of no known zone.
    this.walkFrom = Int32Array.from(bins, (b) => (zones.get(b.zone) ?? zones.size) * this.spaces);
    this.perWeek = Float64Array.from(bins, (b) => b.uses.reduce((sum, use) => sum + use.perWeek, 0));

    const people = new Map(problem.people.map((person) => [person.id, person]));
    this.bins = bins;
    this.people = people;
    this.tallest = problem.people.reduce(
      (most, person) => (person.kind === 'child' ? Math.max(most, person.stature) : most),
      0,
    );
    // Compartments of one height, access and lock are reached alike.
    const keys = compartments.map((c) => `${c.floor} ${c.access} ${c.locked}`);
    const levels = indexByKey(keys);
    this.level = Int32Array.from(keys, (key) => levels.get(key)!);
    this.levels = levels.size;
    this.typical = Array.from({ length: this.levels }, (_, l) => compartments[this.level.indexOf(l)]!);
    this.body = new Float64Array(bins.length * this.levels);
    this.leastBody = new Float64Array(bins.length).fill(FORBIDDEN);

    const at = new Map(compartments.map((c, i) => [c.id, i]));
    this.pinned = Int32Array.from(bins, (b) => at.get(pins.get(b.id) ?? '') ?? -1);
    this.pinnedCost = Float64Array.from(bins, (bin, b) =>
      this.pinned[b]! < 0 ? 0 : effortOf(bin, compartments[this.pinned[b]!]!, people).total,
    );
    // What was pinned by hand may overfill a place; then nothing more goes in, and the bound stays true.
    const pinnedWidth = new Float64Array(this.spaces);
    const pinnedLoad = new Float64Array(this.spaces);
    bins.forEach((bin, b) => {
      const c = this.pinned[b]!;
      if (c < 0) return;
      pinnedWidth[c]! += bin.width;
      pinnedLoad[c]! += bin.mass;
    });
    for (let c = 0; c < this.spaces; c++) {
      this.widthCapacity[c] = Math.max(this.widthCapacity[c]!, pinnedWidth[c]!);
      this.loadCapacity[c] = Math.max(this.loadCapacity[c]!, pinnedLoad[c]!);
    }
  }

  /** Reckons what b takes to reach at each level: before anything is asked about it. */
  prepare(b: number): void {
    const { bins, people, tallest, typical, levels } = this;
    const bin = bins[b]!;
    const users = bin.uses.map((use) => people.get(use.person)!);
    const byChild = users.some((person) => person.kind === 'child');
    const lid = bin.lid ? 2 * LID_SECONDS * this.perWeek[b]! : 0;
    for (let l = 0; l < levels; l++) {
      const space = typical[l]!;
      const grip = gripHundredths(bin.height, space);
      const safe = space.locked ? !byChild : !bin.hazard || !tallest || grip > BANDS.childReach * tallest + 30000;
      const body = safe ? lid + 2 * bodyAt(bin, users, grip) : FORBIDDEN;
      this.body[b * levels + l] = body;
      if (body < this.leastBody[b]!) this.leastBody[b] = body;
    }
  }

  /** All compartments, those first that are the fewest steps from where b is used. */
  byWalk(b: number): Int32Array {
    const from = this.walkFrom[b]!;
    return (this.nearFirst[from / this.spaces] ??= ascending(this.walk.subarray(from, from + this.spaces)));
  }

  /** No compartment from c on in that order costs b less, in seconds a week. */
  leastAfter(b: number, c: number): number {
    return this.leastBody[b]! + this.perWeek[b]! * this.walk[this.walkFrom[b]! + c]!;
  }

  /** Seconds a week of bin b in compartment c, Infinity where a rule forbids it. */
  at(b: number, c: number): number {
    if (this.pinned[b]! >= 0) return this.pinned[b] === c ? this.pinnedCost[b]! : FORBIDDEN;
    if (
      this.width[b]! > this.widthCapacity[c]! ||
      this.high[b]! > this.clear[c]! ||
      this.depth[b]! > this.roomDepth[c]! ||
      this.mass[b]! > this.loadCapacity[c]! ||
      (this.shuns[b]! >> this.light[c]!) & 1
    )
      return FORBIDDEN;
    return (
      this.body[b * this.levels + this.level[c]!]! +
      this.perWeek[b]! * (this.walk[this.walkFrom[b]! + c]! + this.opening[c]!)
    );
  }
}

/** Places of the values from the least to the greatest, equal ones as they come: sorting numbers is much quicker than sorting places. */
function ascending(values: Float64Array): Int32Array {
  const sorted = values.slice().sort();
  const order = new Int32Array(values.length);
  // How many of the values equal to this one, told at the first of them, have their place already.
  const given = new Int32Array(values.length);
  for (let i = 0; i < values.length; i++) {
    const value = values[i]!;
    let low = 0;
    for (let high = values.length; low < high;) {
      const middle = (low + high) >> 1;
      if (sorted[middle]! < value) low = middle + 1;
      else high = middle;
    }
    order[low + given[low]!++] = i;
  }
  return order;
}

/** Which of the sixteen kinds of place, by light and by whether things hang there, a bin must not be in, a bit each. */
function shunned({ view, lightSensitive, canHang }: PlaceBin): number {
  let bits = 0;
  for (let light = 0; light < 16; light++) {
    const covered = light & 4;
    if (
      (light & 8 && !canHang) ||
      (covered ? view === 'show' : (lightSensitive && light & 2) || (view === 'hide' && light & 1))
    )
      bits |= 1 << light;
  }
  return bits;
}

/** Σ perWeek × seconds of body motion, or infinite when somebody cannot reach it or it is too heavy there. */
function bodyAt(bin: PlaceBin, users: readonly PlacePerson[], grip: number): number {
  let body = 0;
  let shortestAdult = Infinity;
  for (let u = 0; u < users.length; u++) {
    const person = users[u]!;
    if (person.kind === 'adult') shortestAdult = Math.min(shortestAdult, person.stature);
    const limit = person.kind === 'adult' ? BANDS.overhead * person.stature + 50000 : BANDS.childReach * person.stature;
    if (grip > limit) return FORBIDDEN;
    body += bin.uses[u]!.perWeek * bodySeconds(person, grip);
  }
  return bin.mass > HEAVY_MASS && grip > BANDS.shoulder * shortestAdult ? FORBIDDEN : body;
}
