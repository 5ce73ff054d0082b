/**
 * What the prices teach the search: compartments that took a bin again and again while prices settled are where good
 * plans have it (the means of such rounds come near the linear relaxation: Barahona and Anbil 2000).
 */
import type { CompiledPlace } from '../compiled/compile.ts';
import { inTurn } from '../search/construction.ts';
import type { CandidateLists } from './candidate-lists.ts';

/** A plan is begun with compartments that took a bin in at least this share of all its takings. */
const SHARE = 0.1;

export class PrimalHeuristic {
  /** The compartments of each bin, those that took it most first, then the cheapest. */
  readonly choices: Int32Array[];
  private readonly place: CompiledPlace;
  /** Share of its takings in the first of them, as long as that is worth following. */
  private readonly shares: Float64Array[];

  /** @param takenWeight by bin, how often each of its choices was taken */
  constructor(place: CompiledPlace, { choices }: CandidateLists, takenWeight: readonly Float64Array[]) {
    this.place = place;
    this.shares = [];
    this.choices = choices.map((choice, b) => {
      const its = takenWeight[b]!;
      const taken: number[] = [];
      let all = 0;
      for (let i = 0; i < choice.length; i++)
        if (its[i]! > 0) {
          taken.push(i);
          all += its[i]!;
        }
      taken.sort((i, j) => its[j]! - its[i]!);
      this.shares.push(Float64Array.from(taken, (i) => its[i]! / all));
      const order = new Int32Array(choice.length);
      let next = 0;
      for (const i of taken) order[next++] = choice[i]!;
      for (let i = 0; i < choice.length; i++) if (!(its[i]! > 0)) order[next++] = choice[i]!;
      return order;
    });
  }

  /** A plan: the surest bins first, each where it was taken most and there is room. */
  plan(): Int32Array {
    const { place, shares, choices } = this;
    return inTurn(
      place,
      (b) => shares[b]![0] ?? 0,
      (b, layout) => {
        const nth = shares[b]!.findIndex((share, i) => share >= SHARE && layout.fits(b, choices[b]![i]!));
        return nth < 0 ? -1 : choices[b]![nth]!;
      },
    );
  }
}
