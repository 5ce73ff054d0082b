/** With so many bars of each kind and no other: is there a plan? Bin completion (Korf 2003), depth first. */
import type { Material, Pattern } from './material.ts';

/** Ways to fill one bar that are looked at, the fullest first; where there are more, nothing is proven. */
const MOST_WAYS = 3000;

export type Filled = { plan: Pattern[] } | 'none' | 'unknown';

/**
 * @param counts bars of each kind of stock, all of them to be used as far as need be
 * @param steps after how many bars it gives up
 */
export function* fillExactly(material: Material, counts: readonly number[], steps: number): Generator<void, Filled> {
  const { lengths, bars } = material;
  const kinds = lengths.length;
  const demand = Uint16Array.from(material.demand);
  const left = [...counts];
  const wanted = lengths.reduce((sum, length, i) => sum + length * demand[i]!, 0);
  let waste = bars.reduce((sum, bar, stock) => sum + bar * left[stock]!, 0) - wanted;
  if (waste < 0) return 'none';
  let taken = 0;
  let whole = true;
  const plan: Pattern[] = [];
  const shortestFrom = () => {
    let i = kinds - 1;
    while (i >= 0 && !demand[i]) i--;
    return i;
  };

  /** The fillings of a bar that hold one of kind `first`, into which no piece more would go, and that waste no more than may be. */
  const waysOf = (stock: number, first: number): { pieces: Uint16Array; rest: number }[] => {
    const ways: { pieces: Uint16Array; rest: number }[] = [];
    const pieces = new Uint16Array(kinds);
    const last = shortestFrom();
    const go = (i: number, rest: number, least: number): void => {
      if (ways.length > MOST_WAYS) return;
      if (i > last) {
        // Of the kinds that were passed over, none would fit beside.
        if (rest <= waste && rest < least) ways.push({ pieces: pieces.slice(), rest });
        return;
      }
      const have = demand[i]! - pieces[i]!;
      const most = Math.min(have, Math.floor(rest / lengths[i]!));
      for (let n = most; n >= 0; n--) {
        pieces[i]! += n;
        go(i + 1, rest - n * lengths[i]!, n < have ? Math.min(least, lengths[i]!) : least);
        pieces[i]! -= n;
      }
    };
    pieces[first] = 1;
    go(first, bars[stock]! - lengths[first]!, Infinity);
    if (ways.length > MOST_WAYS) whole = false;
    return ways.sort((a, b) => a.rest - b.rest);
  };

  function* search(): Generator<void, boolean> {
    const first = demand.findIndex((count) => count > 0);
    if (first < 0) return true;
    if (++taken > steps) {
      whole = false;
      return false;
    }
    if (taken % 50 === 0) yield;
    for (let stock = 0; stock < bars.length; stock++) {
      if (left[stock]! < 1 || bars[stock]! < lengths[first]!) continue;
      for (const { pieces, rest } of waysOf(stock, first)) {
        left[stock]!--;
        waste -= rest;
        for (let i = first; i < kinds; i++) demand[i]! -= pieces[i]!;
        plan.push({ stock, pieces });
        if (yield* search()) return true;
        plan.pop();
        for (let i = first; i < kinds; i++) demand[i]! += pieces[i]!;
        waste += rest;
        left[stock]!++;
        if (taken > steps) return false;
      }
    }
    return false;
  }
  if (yield* search()) return { plan };
  return whole ? 'none' : 'unknown';
}
