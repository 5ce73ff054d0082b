/** What must stand apart: what of each nature stands in each compartment, and whether another may join it. */
import { NATURE } from '../../../ground/hazards/natures.ts';
import type { CompiledDepth } from './compiled.ts';

/** Bits of natures. */
const NATURES = Object.keys(NATURE).length;

export class Apart {
  private readonly place: CompiledDepth;
  /** By space and nature: how many bins of it stand there. */
  private readonly natures: Int16Array;

  constructor(place: CompiledDepth) {
    this.place = place;
    this.natures = new Int16Array(place.spaces * NATURES);
  }

  /** Counts a bin in or out. */
  count(bin: number, space: number, by: 1 | -1): void {
    const nature = this.place.nature[bin]!;
    if (!nature) return;
    for (let bit = 0; bit < NATURES; bit++) if (nature & (1 << bit)) this.natures[space * NATURES + bit]! += by;
  }
  /** Whether something of these natures, as bits, stands in the space. */
  private has(space: number, natures: number): boolean {
    for (let bit = 0; bit < NATURES; bit++)
      if (natures & (1 << bit) && this.natures[space * NATURES + bit]! > 0) return true;
    return false;
  }
  private hasAny(spaces: Int32Array, natures: number): boolean {
    return natures > 0 && spaces.some((space) => this.has(space, natures));
  }

  /** Whether nothing stands in the space, beneath it or above it that must be apart from a bin. */
  mayJoin(bin: number, space: number): boolean {
    const { notBeside, notAbove, notBeneath, under, above } = this.place;
    // What must not be above or beneath must not be beside either.
    if (!notBeside[bin]) return true;
    return !(
      this.has(space, notBeside[bin]!) ||
      this.hasAny(under[space]!, notAbove[bin]!) ||
      this.hasAny(above[space]!, notBeneath[bin]!)
    );
  }

  maySwap(a: number, spaceA: number, b: number, spaceB: number): boolean {
    const { nature } = this.place;
    if (spaceA === spaceB || !(nature[a]! | nature[b]!)) return true;
    // Asked as they would stand, as one may come to be above the other; none has to be apart from itself.
    this.swap(a, spaceA, b, spaceB);
    const may = this.mayJoin(a, spaceB) && this.mayJoin(b, spaceA);
    this.swap(a, spaceB, b, spaceA);
    return may;
  }
  swap(a: number, spaceA: number, b: number, spaceB: number): void {
    this.count(a, spaceA, -1);
    this.count(b, spaceB, -1);
    this.count(a, spaceB, 1);
    this.count(b, spaceA, 1);
  }
}
