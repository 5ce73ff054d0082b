/** The rules and the value of a rotation, reckoned apart from the engine: week by week, thing by thing. */
import { byId } from '../../../ground/model/by-id.ts';
import { fitsSlot, suits, type RotateProblem } from '../problem.ts';

/** @returns the value; the rule that is broken where one is */
export function valueOfPlan(problem: RotateProblem, plan: readonly Record<string, string>[]): number | string {
  const { slots, things, children, rules, weeks, weights } = problem;
  const { balance = 1, loved = 1, rest = 1, swaps = 1 } = weights ?? {};
  const areas = [...new Set(slots.map(({ area }) => area))];
  const slotOf = byId(slots);
  const state = new Map(
    things.map((thing) => [
      thing.id,
      { thing, slot: '', spell: 0, begun: false, rest: thing.rested ?? 0, been: thing.shown, had: thing.shown },
    ]),
  );
  for (const [slot, id] of Object.entries(problem.out)) {
    const one = state.get(id)!;
    Object.assign(one, { slot, spell: one.thing.outFor, rest: 0, been: true, had: true });
  }
  let value = 0;
  for (let week = 0; week < weeks; week++) {
    const row = Object.entries(plan[week]!);
    const slotNow = new Map(row.map(([slot, thing]) => [thing, slot]));
    if (slotNow.size !== row.length) return 'two slots';
    let fresh = 0;
    let minutes = 0;
    for (const [id, slotId] of slotNow) {
      const one = state.get(id)!;
      if (!fitsSlot(one.thing, slotOf.get(slotId)!)) return 'fit';
      if (one.thing.season && !one.thing.season.includes(week)) return 'season';
      if (one.thing.after.some((a) => !state.get(a)!.been)) return 'after';
      if (!one.slot) {
        fresh++;
        minutes += one.thing.minutes ?? 0;
        if (one.had && one.rest < rules.leastRest) return 'rest';
      } else if (one.slot !== slotId) return 'moved';
      else if (one.spell + 1 > rules.longestSpell) return 'too long';
    }
    if (fresh > rules.swapsAWeek + (week === 0 ? (rules.filling ?? 0) : 0)) return 'swaps';
    if (minutes > (rules.minutesAWeek ?? Infinity)) return 'minutes';
    value -= swaps * fresh;
    for (const child of children)
      for (const area of areas) {
        const count = [...slotNow].filter(
          ([id, slot]) => slotOf.get(slot)!.area === area && suits(state.get(id)!.thing, child, week),
        ).length;
        value += balance * (count >= 2 ? 5 : 4 * count);
      }
    for (const one of state.values()) {
      const any = children.some((child) => suits(one.thing, child, week));
      const slot = slotNow.get(one.thing.id);
      if (slot) {
        if (!one.slot) one.begun = true;
        one.spell = one.slot ? one.spell + 1 : 1;
        Object.assign(one, { slot, rest: 0 });
        if (any) value += loved * 3 * one.thing.interest * 0.8 ** (one.spell - 1);
      } else {
        if (one.slot && one.begun && one.spell < rules.shortestSpell) return 'too short';
        one.rest = one.slot ? 1 : one.rest + 1;
        Object.assign(one, { slot: '', spell: 0 });
        if (any && (!one.thing.season || one.thing.season.includes(week)) && one.rest > rules.mostRest)
          value -= rest * 2;
      }
    }
    for (const id of slotNow.keys()) Object.assign(state.get(id)!, { been: true, had: true });
  }
  return value;
}

/** The most of all plans, tried one by one: for the smallest problems. */
export function mostOfAll(problem: RotateProblem): number {
  const ids = [null, ...problem.things.map(({ id }) => id)];
  const rows: Record<string, string>[] = [];
  const fill = (at: number, row: Record<string, string>): void => {
    const slot = problem.slots[at];
    if (!slot) return void rows.push(row);
    for (const id of ids)
      if (id === null) fill(at + 1, row);
      else if (!Object.values(row).includes(id)) fill(at + 1, { ...row, [slot.id]: id });
  };
  fill(0, {});
  let most = -Infinity;
  const plan: Record<string, string>[] = [];
  const week = (): void => {
    if (plan.length === problem.weeks) {
      const value = valueOfPlan(problem, plan);
      if (typeof value === 'number') most = Math.max(most, value);
      return;
    }
    for (const row of rows) {
      plan.push(row);
      week();
      plan.pop();
    }
  };
  week();
  return most;
}
