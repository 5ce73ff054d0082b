/** What a plan leaves open, with the reason and what would change it: a child without fitting work in an area, a thing that is never out, a place that stays empty. */
import { fitsSlot, suits, type RotateProblem, type RotateSlot, type RotateThing } from './problem.ts';

type Child = RotateProblem['children'][number];

interface Why {
  because: string;
  /** What would change it; null: nothing has to. */
  helps: string | null;
}
export interface Gap extends Why {
  /** Of a child: its id, and the area. */
  kind: 'child' | 'thing' | 'place';
  id: string;
  area: string | null;
}

/** @param plan by week and slot @param nameOf of a thing */
export function gapsOf(
  problem: RotateProblem,
  plan: readonly Record<string, string>[],
  nameOf: (thing: string) => string,
): Gap[] {
  const { slots, things, children, weeks, rules } = problem;
  const areas = [...new Set(slots.map(({ area }) => area))];
  const areaOf = new Map(slots.map(({ id, area }) => [id, area]));
  const thingOf = new Map(things.map((thing) => [thing.id, thing]));
  const outAtAll = new Set([...plan.flatMap((row) => Object.values(row)), ...Object.values(problem.out)]);
  const isRight = (thing: RotateThing, child: Child): boolean => plan.some((_, week) => suits(thing, child, week));
  const why = (because: string, helps: string | null): Why => ({ because, helps });

  /** Why something that could be out is not. */
  function whyNever(thing: RotateThing): Why {
    const own = thing.areas.join(' or ');
    if (!thing.areas.some((area) => areas.includes(area)))
      return why(`no place is for ${own}`, `make a place for ${own}, or say that it fits another area`);
    if (!slots.some((slot) => fitsSlot(thing, slot)))
      return why(`it is too large for every place for ${own}`, `a larger place for ${own}`);
    if (!children.some((child) => isRight(thing, child)))
      return why('it is right for none of the children in these weeks', 'put it away until it is');
    if (thing.season?.length === 0) return why('it is not its season in these weeks', null);
    const waits = thing.after.find((id) => !thingOf.get(id)!.shown && !outAtAll.has(id));
    if (waits !== undefined)
      return why(
        `${nameOf(waits)} comes before it and is never out`,
        `set ${nameOf(waits)} out by hand, or say that it was out before`,
      );
    if (thing.rested !== null && rules.leastRest - thing.rested >= weeks)
      return why('it rests as long as these weeks last', 'a shorter rest');
    return why(
      `other things for ${own} bring more in these weeks`,
      `one more place for ${own}, or pin it where it should be`,
    );
  }
  /** Why a child has no fitting work in an area. */
  function whyWithout(child: Child, area: string): Why {
    const right = things.filter((thing) => thing.areas.includes(area) && isRight(thing, child));
    const [any] = right;
    if (!any) return why(`nothing for ${area} is right for this age`, `add something for ${area}`);
    const first = right.find((thing) => slots.some((slot) => slot.area === area && fitsSlot(thing, slot)));
    if (!first) return why(`${nameOf(any.id)} is too large for the places for ${area}`, `a larger place for ${area}`);
    if (outAtAll.has(first.id)) return why(`${nameOf(first.id)} is out elsewhere`, `one more thing for ${area}`);
    const { because, helps } = whyNever(first);
    return why(`${nameOf(first.id)} is not out: ${because}`, helps);
  }
  function whyEmpty(slot: RotateSlot): Why {
    const { area } = slot;
    const fitting = things.filter((thing) => fitsSlot(thing, slot));
    if (!fitting.length) return why(`nothing that is for ${area} fits it`, 'say that it is for another area');
    if (!fitting.some((thing) => children.some((child) => isRight(thing, child))))
      return why(`nothing for ${area} is right for the children now`, `add something for ${area}`);
    const places = slots.filter((other) => other.area === area).length;
    if (fitting.length <= places)
      return why(`there are ${fitting.length} things for ${places} places`, `add something for ${area}`);
    return why(
      `only ${rules.swapsAWeek} come out in a week, and things rest`,
      'more swaps a week, longer spells or a shorter rest',
    );
  }

  const hasWork = (child: Child, area: string): boolean =>
    plan.some((row, week) =>
      Object.entries(row).some(([slot, id]) => areaOf.get(slot) === area && suits(thingOf.get(id)!, child, week)),
    );
  const without = children.flatMap((child) =>
    areas
      .filter((area) => !hasWork(child, area))
      .map((area): Gap => ({ kind: 'child', id: child.id, area, ...whyWithout(child, area) })),
  );
  const never = things
    .filter(({ id }) => !outAtAll.has(id))
    .map((thing): Gap => ({ kind: 'thing', id: thing.id, area: null, ...whyNever(thing) }));
  const empty = slots.flatMap((slot): Gap[] => {
    const bare = plan.filter((row) => row[slot.id] === undefined).length;
    // A week between two things is no gap.
    if (bare < weeks / 2) return [];
    const said = bare === weeks ? 'it stays empty' : `it is empty in ${bare} of ${weeks} weeks`;
    const { because, helps } = whyEmpty(slot);
    return [{ kind: 'place', id: slot.id, area: slot.area, because: `${said}: ${because}`, helps }];
  });
  return [...without, ...never, ...empty];
}
