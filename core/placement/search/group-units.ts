/** Units for a group, those first where it would cost least if it had them for itself. */
import { beyondChoices, type CompiledPlace } from '../compiled/compile.ts';

/** All units that are near any member; one that has none of its nearest compartments there counts as in the last of them. */
export function unitsFor(place: CompiledPlace, group: readonly number[]): number[] {
  /** How much less than that for each unit. */
  const sums = new Map<number, number>();
  const least = new Map<number, number>();
  for (const b of group) {
    const costs = place.choiceCosts[b]!;
    const far = beyondChoices(place, b);
    least.clear();
    place.choices[b]!.forEach((c, i) => {
      const unit = place.unitOf[c]!;
      if (!least.has(unit)) least.set(unit, Math.min(far, costs[i]!));
    });
    for (const [unit, cost] of least) sums.set(unit, (sums.get(unit) ?? 0) + cost - far);
  }
  return [...sums].sort((x, y) => x[1] - y[1] || x[0] - y[0]).map(([unit]) => unit);
}
