/**
 * Which compartments each bin may pay for: at first the cheapest few, of bins that would pay more than those ask twice as
 * many, and none that no better plan chooses. No price above what the next one asks, the rest need not be looked at.
 */
import type { CompiledPlace } from './compile.ts';
import { Nearest } from './nearest.ts';
import { UNPLACED } from './problem.ts';

export class Reach {
  /** Those of each bin; once some were forgotten, the least harmful first. */
  readonly choices: Int32Array[];
  /** What the cheapest compartment asks that is not on a bin's list, in seconds a week; no price may exceed it. */
  readonly limit: Float64Array;
  private readonly place: CompiledPlace;
  /** By bin, a 1 for each compartment that is or was on its list; made when the list is first made longer. */
  private readonly listed: (Uint8Array | undefined)[];

  constructor(place: CompiledPlace) {
    this.place = place;
    this.choices = place.choices.slice();
    this.listed = Array.from({ length: place.bins }, () => undefined);
    this.limit = Float64Array.from(place.choices, (own, b) =>
      own.length < place.nearest ? UNPLACED : Math.min(UNPLACED, place.choiceCosts[b]!.at(-1)!),
    );
  }

  /** Whether compartments are left that are not on the list of b. */
  canWiden(b: number): boolean {
    return this.limit[b]! < UNPLACED;
  }

  /** Takes as many more compartments of b on its list as it had at first, or as were taken on before. */
  widen(b: number): void {
    const { place } = this;
    const own = (this.listed[b] ??= Uint8Array.from({ length: place.compartments }, () => 0));
    for (const c of place.choices[b]!) own[c] = 1;
    let had = 0;
    for (const one of own) had += one;
    // One more than are taken on: the limit from now on.
    const nearest = new Nearest(had + 1);
    nearest.offerAll(place.costs, b, own);
    const { values, items } = nearest.sorted();
    const more = items.subarray(0, had);
    for (const c of more) own[c] = 1;
    this.choices[b] = Int32Array.of(...this.choices[b]!, ...more);
    this.limit[b] = Math.min(UNPLACED, values[had] ?? UNPLACED);
  }
}
