/** What a plan leaves open, with the reason and what would change it: a child without fitting work in an area, a thing that is never out, a place that stays empty. */
import { fitsSlot, suits, type RotateProblem, type RotateThing } from './problem.ts';

export interface Gap {
  /** Of a child: its id, and the area. */
  kind: 'child' | 'thing' | 'place';
  id: string;
  area: string | null;
  because: string;
  /** What would change it; null: nothing has to. */
  helps: string | null;
}

/** @param plan by week and slot @param nameOf of a thing */
export function gapsOf(
  problem: RotateProblem,
  plan: readonly Record<string, string>[],
  nameOf: (thing: string) => string,
): Gap[] {
  const { slots, things, children, weeks } = problem;
  const areas = [...new Set(slots.map(({ area }) => area))];
  const areaOf = new Map(slots.map(({ id, area }) => [id, area]));
  const thingOf = new Map(things.map((thing) => [thing.id, thing]));
  const outAtAll = new Set([...plan.flatMap((row) => Object.values(row)), ...Object.values(problem.out)]);
  const isRight = (thing: RotateThing, child: RotateProblem['children'][number]): boolean =>
    plan.some((_, week) => suits(thing, child, week));
  const hasPlace = (thing: RotateThing): boolean => slots.some((slot) => fitsSlot(thing, slot));

  /** Why something that could be out is not. */
  function whyNever(thing: RotateThing): Pick<Gap, 'because' | 'helps'> {
    const own = thing.areas.join(' or ');
    if (!thing.areas.some((area) => areas.includes(area)))
      return { because: `no place is for ${own}`, helps: `make a place for ${own}, or say that it fits another area` };
    if (!hasPlace(thing))
      return { because: `it is too large for every place for ${own}`, helps: `a larger place for ${own}` };
    if (!children.some((child) => isRight(thing, child)))
      return { because: 'it is right for none of the children in these weeks', helps: 'put it away until it is' };
    if (thing.season?.length === 0) return { because: 'it is not its season in these weeks', helps: null };
    const waits = thing.after.find((id) => !thingOf.get(id)!.shown && !outAtAll.has(id));
    if (waits !== undefined)
      return {
        because: `${nameOf(waits)} comes before it and is never out`,
        helps: `set ${nameOf(waits)} out by hand, or say that it was out before`,
      };
    if (thing.rested !== null && problem.rules.leastRest - thing.rested >= weeks)
      return { because: 'it rests as long as these weeks last', helps: 'a shorter rest' };
    return {
      because: `other things for ${own} bring more in these weeks`,
      helps: `one more place for ${own}, or pin it where it should be`,
    };
  }

  const never = things
    .filter(({ id }) => !outAtAll.has(id))
    .map((thing): Gap => ({ kind: 'thing', id: thing.id, area: null, ...whyNever(thing) }));
  const without = children.flatMap((child) =>
    areas.flatMap((area): Gap[] => {
      const has = plan.some((row, week) =>
        Object.entries(row).some(([slot, id]) => areaOf.get(slot) === area && suits(thingOf.get(id)!, child, week)),
      );
      if (has) return [];
      const gap = { kind: 'child' as const, id: child.id, area };
      const right = things.filter((thing) => thing.areas.includes(area) && isRight(thing, child));
      if (!right.length)
        return [{ ...gap, because: `nothing for ${area} is right for this age`, helps: `add something for ${area}` }];
      const fits = right.filter((thing) => slots.some((slot) => slot.area === area && fitsSlot(thing, slot)));
      const [first] = fits.length ? fits : right;
      if (!fits.length)
        return [
          {
            ...gap,
            because: `${nameOf(first!.id)} is too large for the places for ${area}`,
            helps: `a larger place for ${area}`,
          },
        ];
      if (outAtAll.has(first!.id))
        return [{ ...gap, because: `${nameOf(first!.id)} is out elsewhere`, helps: `one more thing for ${area}` }];
      const { because, helps } = whyNever(first!);
      return [{ ...gap, because: `${nameOf(first!.id)} is not out: ${because}`, helps }];
    }),
  );
  const empty = slots.flatMap((slot): Gap[] => {
    const bare = plan.filter((row) => row[slot.id] === undefined).length;
    // A week between two things is no gap.
    if (bare < weeks / 2) return [];
    const gap = { kind: 'place' as const, id: slot.id, area: slot.area };
    const said = bare === weeks ? 'it stays empty' : `it is empty in ${bare} of ${weeks} weeks`;
    const right = things.filter((thing) => fitsSlot(thing, slot));
    if (!right.length)
      return [
        {
          ...gap,
          because: `${said}: nothing that is for ${slot.area} fits it`,
          helps: 'say that it is for another area',
        },
      ];
    if (!right.some((thing) => children.some((child) => isRight(thing, child))))
      return [
        {
          ...gap,
          because: `${said}: nothing for ${slot.area} is right for the children now`,
          helps: `add something for ${slot.area}`,
        },
      ];
    const places = slots.filter(({ area }) => area === slot.area).length;
    return right.length <= places
      ? [
          {
            ...gap,
            because: `${said}: there are ${right.length} things for ${places} places`,
            helps: `add something for ${slot.area}`,
          },
        ]
      : [
          {
            ...gap,
            because: `${said}: only ${problem.rules.swapsAWeek} come out in a week, and things rest`,
            helps: 'more swaps a week, longer spells or a shorter rest',
          },
        ];
  });
  return [...without, ...never, ...empty];
}
