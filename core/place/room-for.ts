/** Whether some bins of one group find room together in one unit, were it empty: asked often, answered once. */
import type { CompiledPlace } from './compile.ts';

const UNKNOWN = 0;
const YES = 1;
const NO = 2;

export class RoomFor {
  private readonly place: CompiledPlace;
  private readonly members: readonly number[];
  private units: readonly number[] = [];
  /** By unit, and by column as they are laid out: the answer for each set of members. */
  private readonly answers = new Map<number, Uint8Array>();
  private columns: Uint8Array[] = [];

  constructor(place: CompiledPlace, members: readonly number[]) {
    this.place = place;
    this.members = members;
  }

  /** From now on the columns are these units. */
  layOut(units: readonly number[]): void {
    this.units = units;
    if (this.members.length > MOST_MEMBERS) return;
    this.columns = units.map((unit) => {
      const own = this.answers.get(unit) ?? new Uint8Array(1 << this.members.length);
      this.answers.set(unit, own);
      return own;
    });
  }

  /** @param column of the group's units; beyond them, or for very large groups, there is taken to be room */
  holds(column: number, mask: number): boolean {
    const own = this.columns[column];
    if (!own || mask === 0) return true;
    if (own[mask] === UNKNOWN) own[mask] = this.pack(this.units[column]!, mask) ? YES : NO;
    return own[mask] === YES;
  }

  /** Whether it is known already that they have no room. */
  refuses(column: number, mask: number): boolean {
    return this.columns[column]?.[mask] === NO;
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
