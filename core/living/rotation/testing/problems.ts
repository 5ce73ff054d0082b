/** Rotation problems from a seed: for tests and benchmarks. */
import { Random } from '../../../ground/engine/random.ts';
import type { RotateProblem, RotateThing } from '../problem.ts';

export interface RotateSize {
  weeks: number;
  slots: number;
  things: number;
  children: number;
  areas: number;
}

export function rotateProblem(seed: number, { weeks, slots, things, children, areas }: RotateSize): RotateProblem {
  const random = new Random(seed);
  const between = (low: number, high: number): number => low + random.below(high - low + 1);
  const areaOf = (i: number): string => `area ${i}`;
  const made: RotateThing[] = Array.from({ length: things }, (_, i): RotateThing => {
    const from = between(24, 56);
    const first = random.below(areas);
    return {
      id: `t${i}`,
      areas: [...new Set([areaOf(first), ...(random.below(3) ? [] : [areaOf(random.below(areas))])])],
      width: between(150, 420),
      depth: between(120, 300),
      height: between(40, 260),
      from,
      to: from + between(8, 30),
      after: i && !random.below(4) ? [`t${random.below(i)}`] : [],
      season: random.below(8) ? null : Array.from({ length: between(1, weeks) }, (_, week) => week),
      interest: random.below(101) / 100,
      rested: between(0, 9),
      outFor: 1,
      shown: random.below(3) > 0,
    };
  });
  const places = Array.from({ length: slots }, (_, i) => ({
    id: `s${i}`,
    area: areaOf(i % areas),
    width: between(300, 450),
    depth: between(220, 320),
    height: between(120, 320),
  }));
  const out: Record<string, string> = {};
  for (const slot of places) {
    const thing = made.find(
      (one) =>
        one.rested !== null &&
        one.areas.includes(slot.area) &&
        one.width <= slot.width &&
        one.depth <= slot.depth &&
        one.height <= slot.height &&
        !random.below(3),
    );
    if (!thing) continue;
    Object.assign(thing, { rested: null, shown: true, outFor: between(1, 3) });
    out[slot.id] = thing.id;
  }
  const longestSpell = between(2, 5);
  return {
    format: 'stube-rotate/1',
    weeks,
    timeMs: 2000,
    slots: places,
    children: Array.from({ length: children }, (_, i) => ({ id: `k${i}`, months: between(28, 66) })),
    things: made,
    out,
    rules: {
      longestSpell,
      shortestSpell: between(1, Math.min(2, longestSpell)),
      leastRest: between(0, 3),
      mostRest: between(4, 10),
      swapsAWeek: between(1, Math.max(2, Math.ceil(slots / 2))),
    },
  };
}
