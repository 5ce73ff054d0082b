/**
 * Which compartments each bin may pay for: at first the cheapest few, of bins that would pay more than those ask twice as
 * many, and none that no better plan chooses. No price above what the next one asks, the rest need not be looked at.
 */
import { beyondChoices, type CompiledPlace } from '../compiled/compile.ts';
import { Nearest } from '../compiled/nearest.ts';
import { UNPLACED } from '../problem.ts';

export class CandidateLists {
  /** Those of each bin. */
  readonly choices: Int32Array[];
  /** What each of them asks, in seconds a week. */
  readonly costs: Float64Array[];
  /** What the cheapest compartment asks that is not on a bin's list, in seconds a week; no price may exceed it. */
  readonly limit: Float64Array;
  private readonly place: CompiledPlace;
  /** By bin, a 1 for each compartment that is or was on its list; made when the list is first made longer. */
  private readonly listed: (Uint8Array | undefined)[];

  constructor(place: CompiledPlace) {
    this.place = place;
    this.choices = place.choices.slice();
    this.costs = place.choiceCosts.slice();
    this.listed = Array.from({ length: place.bins }, () => undefined);
    this.limit = Float64Array.from(place.choices, (_, b) => beyondChoices(place, b));
  }

  /** Whether compartments are left that are not on the list of b. */
  canExtend(b: number): boolean {
    return this.limit[b]! < UNPLACED;
  }

  /** Takes as many more compartments of b on its list as it had at first, or as were taken on before. */
  extend(b: number): void {
    const { place } = this;
    const own = (this.listed[b] ??= new Uint8Array(place.compartments));
    for (let i = 0; i < place.choices[b]!.length; i++) own[place.choices[b]![i]!] = 1;
    let had = 0;
    for (let c = 0; c < own.length; c++) had += own[c]!;
    // One more than are taken on: the limit from now on.
    const nearest = new Nearest(had + 1);
    nearest.offerAll(place.costs, b, own);
    const { values, items } = nearest.sorted();
    const more = items.subarray(0, had);
    for (let i = 0; i < more.length; i++) own[more[i]!] = 1;
    this.choices[b] = joined(Int32Array, this.choices[b]!, more);
    this.costs[b] = joined(Float64Array, this.costs[b]!, values.subarray(0, had));
    this.limit[b] = Math.min(UNPLACED, values[had] ?? UNPLACED);
  }

  /** Takes choices off the lists: a 1 for each candidate arc that is fixed at zero. */
  fix({ bin: who, choice: nth }: { readonly bin: Int32Array; readonly choice: Int32Array }, fixed: Uint8Array): void {
    const gone = this.choices.map((choice) => new Uint8Array(choice.length));
    for (let i = 0; i < who.length; i++) if (fixed[i]) gone[who[i]!]![nth[i]!] = 1;
    gone.forEach((its, b) => {
      if (!its.includes(1)) return;
      this.choices[b] = this.choices[b]!.filter((_, i) => !its[i]);
      this.costs[b] = this.costs[b]!.filter((_, i) => !its[i]);
    });
  }
}

function joined<List extends Int32Array | Float64Array>(
  make: new (length: number) => List,
  list: List,
  two: List,
): List {
  const both = new make(list.length + two.length);
  both.set(list);
  both.set(two, list.length);
  return both;
}
