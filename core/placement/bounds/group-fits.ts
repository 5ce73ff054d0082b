/** Whether some bins of one group find room together in one unit, were it empty: asked often, answered once. */
import type { CompiledPlace } from '../compiled/compile.ts';

const UNKNOWN = 0;
const YES = 1;
const NO = 2;

export class GroupFits {
  private readonly place: CompiledPlace;
  private readonly members: readonly number[];
  private units: readonly number[] = [];
  /** By unit where its answers begin: one for each set of members. */
  private readonly begins = new Map<number, number>();
  private answers = new Uint8Array(0);
  /** The same by column as they are laid out. */
  private columns = new Int32Array(0);

  constructor(place: CompiledPlace, members: readonly number[]) {
    this.place = place;
    this.members = members;
  }

  /** From now on the columns are these units. */
  setUnits(units: readonly number[]): void {
    this.units = units;
    if (this.members.length > MAX_MEMBERS) return;
    const sets = 1 << this.members.length;
    this.columns = new Int32Array(units.length);
    units.forEach((unit, u) => {
      const begin = this.begins.get(unit) ?? this.begins.size * sets;
      this.begins.set(unit, begin);
      this.columns[u] = begin;
    });
    const known = this.answers;
    this.answers = new Uint8Array(this.begins.size * sets);
    this.answers.set(known);
  }

  /** @param column of the group's units; beyond them, or for very large groups, there is taken to be room */
  holds(column: number, mask: number): boolean {
    if (column >= this.columns.length || mask === 0) return true;
    const at = this.columns[column]! + mask;
    if (this.answers[at] === UNKNOWN) this.answers[at] = this.pack(this.units[column]!, mask) ? YES : NO;
    return this.answers[at] === YES;
  }

  /** Whether it is known already that they have no room. */
  refuses(column: number, mask: number): boolean {
    return column < this.columns.length && this.answers[this.columns[column]! + mask] === NO;
  }

  private pack(unit: number, mask: number): boolean {
    const { place } = this;
    const spaces = this.place.inUnit[unit]!;
    const bins = this.members.filter((_, m) => mask & (1 << m)).sort((a, b) => place.width[b]! - place.width[a]!);
    const free = spaces.map((c) => place.widthCapacity[c]!);
    const load = spaces.map((c) => place.loadCapacity[c]!);
    const goesInto = (b: number, s: number): boolean =>
      place.width[b]! <= free[s]! && place.mass[b]! <= load[s]! && place.costs.at(b, spaces[s]!) < Infinity;
    const put = (b: number, s: number, sign: 1 | -1): void => {
      free[s]! -= sign * place.width[b]!;
      load[s]! -= sign * place.mass[b]!;
    };
    // Mostly the widest first, each into the first with room, is enough.
    const into: number[] = [];
    for (const b of bins) {
      const s = spaces.findIndex((_, s) => goesInto(b, s));
      if (s < 0) break;
      put(b, s, 1);
      into.push(s);
    }
    if (into.length === bins.length) return true;
    into.forEach((s, i) => put(bins[i]!, s, -1));
    if (bins.reduce((sum, b) => sum + place.width[b]!, 0) > free.reduce((sum, wide) => sum + wide, 0)) return false;
    const next = (i: number): boolean => {
      if (i === bins.length) return true;
      const b = bins[i]!;
      const tried = new Set<string>();
      for (let s = 0; s < spaces.length; s++) {
        if (!goesInto(b, s)) continue;
        // Spaces alike in room and in what may stand there need not all be tried.
        const kind = `${free[s]} ${load[s]} ${bins
          .slice(i)
          .map((bin) => (place.costs.at(bin, spaces[s]!) === Infinity ? 0 : 1))
          .join('')}`;
        if (tried.has(kind)) continue;
        tried.add(kind);
        put(b, s, 1);
        if (next(i + 1)) return true;
        put(b, s, -1);
      }
      return false;
    };
    return next(0);
  }
}

/** A table of all subsets is kept for groups up to this size. */
const MAX_MEMBERS = 10;
