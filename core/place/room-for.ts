/** Whether some bins of one group find room together in one unit, were it empty: asked often, answered once. */
import type { CompiledPlace } from './compile.ts';

const UNKNOWN = 0;
const YES = 1;
const NO = 2;

export class RoomFor {
  private readonly place: CompiledPlace;
  private readonly members: readonly number[];
  private readonly units: readonly number[];
  private readonly answers: Uint8Array;

  constructor(place: CompiledPlace, members: readonly number[], units: readonly number[]) {
    this.place = place;
    this.members = members;
    this.units = units;
    this.answers = new Uint8Array(members.length <= MOST_MEMBERS ? units.length << members.length : 0);
  }

  /** @param column of the group's units; beyond them, or for very large groups, there is taken to be room */
  holds(column: number, mask: number): boolean {
    if (column >= this.units.length || !this.answers.length || mask === 0) return true;
    const at = (column << this.members.length) | mask;
    if (this.answers[at] === UNKNOWN) this.answers[at] = this.pack(this.units[column]!, mask) ? YES : NO;
    return this.answers[at] === YES;
  }

  /** Whether it is known already that they have no room. */
  refuses(column: number, mask: number): boolean {
    return this.answers[(column << this.members.length) | mask] === NO;
  }

  private pack(unit: number, mask: number): boolean {
    const { place } = this;
    const spaces = this.place.inUnit[unit]!;
    const bins = this.members.filter((_, m) => mask & (1 << m)).sort((a, b) => place.width[b]! - place.width[a]!);
    const free = spaces.map((c) => place.roomWidth[c]!);
    const load = spaces.map((c) => place.roomLoad[c]!);
    const next = (i: number): boolean => {
      if (i === bins.length) return true;
      const b = bins[i]!;
      const tried = new Set<string>();
      for (let s = 0; s < spaces.length; s++) {
        if (place.width[b]! > free[s]! || place.mass[b]! > load[s]! || place.costs.at(b, spaces[s]!) === Infinity)
          continue;
        // Spaces alike in room and in what may stand there need not all be tried.
        const kind = `${free[s]} ${load[s]} ${bins
          .slice(i)
          .map((one) => (place.costs.at(one, spaces[s]!) === Infinity ? 0 : 1))
          .join('')}`;
        if (tried.has(kind)) continue;
        tried.add(kind);
        free[s]! -= place.width[b]!;
        load[s]! -= place.mass[b]!;
        if (next(i + 1)) return true;
        free[s]! += place.width[b]!;
        load[s]! += place.mass[b]!;
      }
      return false;
    };
    return next(0);
  }
}

/** A table of all subsets is kept for groups up to this size. */
const MOST_MEMBERS = 10;
