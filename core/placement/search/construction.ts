/** Whole plans made in one go: what the search begins with. */
import type { CompiledPlace } from '../compiled/compile.ts';
import { Assignment } from '../compiled/assignment.ts';
import { UNPLACED } from '../problem.ts';

/** Each bin to the cheapest compartment that is free, first those that would lose most by coming late: than in their fourth best. */
export function planByRegret(place: CompiledPlace): Int32Array {
  return inTurn(
    place,
    (b) => {
      const costs = place.choiceCosts[b]!;
      return (costs[3] ?? UNPLACED) - (costs[0] ?? UNPLACED);
    },
    () => -1,
  );
}

/** Each bin to the least of effort and width multiplier that is free, first those that would lose most elsewhere. */
export function planByWidthMultipliers(place: CompiledPlace, widthMultiplier: Float64Array): Int32Array {
  const { choices, choiceCosts, width } = place;
  return inTurn(
    place,
    (b) => {
      let least = UNPLACED;
      let second = UNPLACED;
      for (let i = 0; i < choices[b]!.length; i++) {
        const pays = choiceCosts[b]![i]! + widthMultiplier[choices[b]![i]!]! * width[b]!;
        if (pays < least) [least, second] = [pays, least];
        else if (pays < second) second = pays;
      }
      return second - least;
    },
    (b, layout) => {
      let least = Infinity;
      let best = -1;
      for (let i = 0; i < choices[b]!.length; i++) {
        const c = choices[b]![i]!;
        const pays = choiceCosts[b]![i]! + widthMultiplier[c]! * width[b]!;
        if (pays < least && layout.fits(b, c)) [least, best] = [pays, c];
      }
      return best;
    },
  );
}

/**
 * Places bins one after another.
 * @param urgency those first for which it is greatest
 * @param wished where it would go best now, −1 for the cheapest free compartment
 */
export function inTurn(
  place: CompiledPlace,
  urgency: (b: number) => number,
  wished: (b: number, layout: Assignment) => number,
): Int32Array {
  const layout = new Assignment(place);
  const order: { b: number; urgency: number }[] = [];
  for (let b = 0; b < place.bins; b++) if (place.pinned[b]! < 0) order.push({ b, urgency: urgency(b) });
  order.sort((x, y) => y.urgency - x.urgency || x.b - y.b);
  for (const { b } of order) {
    const wish = wished(b, layout);
    const c = wish >= 0 ? wish : layout.bestFree(b);
    if (c >= 0) layout.put(b, c);
  }
  return layout.at;
}
