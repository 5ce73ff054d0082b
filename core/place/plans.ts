/** Whole plans made in one go: what the search begins with. */
import type { CompiledPlace } from './compile.ts';
import { PlaceLayout } from './layout.ts';
import { UNPLACED } from './problem.ts';

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

/** Each bin to the least of effort and rent that is free, first those that would lose most elsewhere. */
export function planByRents(place: CompiledPlace, rent: Float64Array): Int32Array {
  const pays = place.choices.map((own, b) =>
    place.choiceCosts[b]!.map((cost, i) => cost + rent[own[i]!]! * place.width[b]!),
  );
  const order = place.choices.map((own, b) => {
    const its = pays[b]!;
    return Int32Array.from(own.keys()).sort((i, j) => its[i]! - its[j]!);
  });
  const payAt = (b: number, nth: number) => pays[b]![order[b]![nth] ?? -1] ?? UNPLACED;
  return inTurn(
    place,
    (b) => payAt(b, 1) - payAt(b, 0),
    (b, layout) => {
      const nth = order[b]!.find((i) => layout.fits(b, place.choices[b]![i]!));
      return nth === undefined ? -1 : place.choices[b]![nth]!;
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
  wished: (b: number, layout: PlaceLayout) => number,
): Int32Array {
  const layout = new PlaceLayout(place);
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
