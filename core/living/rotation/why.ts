/** Why this thing stands in a slot in a week, and why not another. */
import { aimsOf, fitsSlot, INTEREST_KEPT, suits, type RotateProblem } from './problem.ts';

export interface WhyNot {
  thing: string;
  because: string;
}
export interface Why {
  /** Children it fits, and what it brings by how loved it is, points. */
  fits: number;
  interest: number;
  weeksOut: number;
  others: WhyNot[];
}

/** @param plan by week and slot */
export function whyThis(
  problem: RotateProblem,
  plan: readonly Record<string, string>[],
  week: number,
  slotId: string,
  nameOf: (thing: string) => string,
): Why | null {
  const slot = problem.slots.find(({ id }) => id === slotId);
  const thing = problem.things.find(({ id }) => id === plan[week]?.[slotId]);
  if (!slot) return null;
  const outIn = (id: string, at: number): boolean =>
    at < 0 ? Object.values(problem.out).includes(id) : Object.values(plan[at] ?? {}).includes(id);
  let weeksOut = 0;
  if (thing) {
    for (let at = week; at >= 0 && plan[at]![slotId] === thing.id; at--) weeksOut++;
    if (weeksOut === week + 1 && problem.out[slotId] === thing.id) weeksOut += thing.outFor;
  }
  const others = problem.things
    .filter((other) => other.id !== thing?.id && other.areas.includes(slot.area))
    .map((other): WhyNot => ({ thing: other.id, because: whyNot(other.id) }));
  return {
    fits: thing ? problem.children.filter((child) => suits(thing, child, week)).length : 0,
    interest: thing ? aimsOf(problem).interest * thing.interest * INTEREST_KEPT ** (weeksOut - 1) : 0,
    weeksOut,
    others,
  };

  function whyNot(id: string): string {
    const other = problem.things.find((one) => one.id === id)!;
    if (!fitsSlot(other, slot!)) return 'too large for the place';
    if (other.season && !other.season.includes(week)) return 'not its season';
    const ages = problem.children.filter((child) => suits(other, child, week)).length;
    if (!ages) return 'it is right for none of the children then';
    if (outIn(id, week)) return 'out already, in another place';
    const missing = other.after.find(
      (before) =>
        !problem.things.find((one) => one.id === before)!.shown &&
        !Array.from({ length: week + 1 }, (_, at) => at - 1).some((at) => outIn(before, at)),
    );
    if (missing) return `${nameOf(missing)} comes first`;
    for (let at = week - 1; at >= week - Math.max(1, problem.rules.leastRest); at--)
      if (outIn(id, at)) return 'it has just been out: it rests';
    if (thing && other.interest < thing.interest) return 'less loved';
    return 'it comes at another time, where it brings more';
  }
}
