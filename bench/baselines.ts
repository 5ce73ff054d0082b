/** What a general-purpose packer and a plain greedy reach: the engines are to be in another class. */
import { createRequire } from 'node:module';
import { assignmentEffort, compilePlace } from '@stube/core/place/compile';
import { PlaceLayout } from '@stube/core/place/layout';
import type { FitProblem } from '@stube/core/fit/problem';
import type { PlaceProblem } from '@stube/core/place/problem';
import { Random } from '@stube/core/random';

interface Tag {
  base: number;
  allowRotation: boolean;
}
interface Rect {
  width: number;
  height: number;
  data: Tag;
}
interface Packer {
  add(width: number, height: number, data: Tag): Rect;
  bins: { rects: Rect[] }[];
}
const { MaxRectsPacker } = createRequire(import.meta.url)('maxrects-packer') as {
  MaxRectsPacker: new (width: number, height: number, padding: number, options: object) => Packer;
};

/** Value of the best of random orders in that time, each with what fits stood on one another greedily. */
export function maxRects(problem: FitProblem, ms: number, seed = 1): number {
  const random = new Random(seed);
  const { compartment, containers } = problem;
  const units = containers.flatMap((one, t) =>
    one.height <= compartment.height ? Array.from({ length: one.count }, () => t) : [],
  );
  let best = 0;
  const until = performance.now() + ms;
  do {
    const key = units.map(
      (t) => (containers[t]!.value / (containers[t]!.width * containers[t]!.depth)) * (0.3 + random.next()),
    );
    const order = units
      .map((_, i) => i)
      .sort((a, b) => key[b]! - key[a]!)
      .map((i) => units[i]!);
    // On a shelf: each goes onto the first that carries it and has its top free, else onto the floor.
    const bases: { type: number; top: number; high: number; value: number; free: boolean }[] = [];
    for (const t of order) {
      const one = containers[t]!;
      const on = bases.find(
        (base) =>
          base.free &&
          containers[base.top]!.stackable &&
          base.high + one.height <= compartment.height &&
          one.width <= containers[base.top]!.width &&
          one.depth <= containers[base.top]!.depth,
      );
      if (on) Object.assign(on, { top: t, high: on.high + one.height, value: on.value + one.value });
      else bases.push({ type: t, top: t, high: one.height, value: one.value, free: true });
    }
    const packer = new MaxRectsPacker(compartment.width, compartment.depth, 0, {
      smart: false,
      pot: false,
      square: false,
      allowRotation: true,
      border: 0,
    });
    bases.forEach((base, i) =>
      packer.add(containers[base.type]!.width, containers[base.type]!.depth, {
        base: i,
        allowRotation: containers[base.type]!.turnable,
      }),
    );
    const value = (packer.bins[0]?.rects ?? []).reduce(
      (sum, rect) =>
        sum + (rect.width <= compartment.width && rect.height <= compartment.depth ? bases[rect.data.base]!.value : 0),
      0,
    );
    best = Math.max(best, value);
  } while (performance.now() < until);
  return best;
}

/** Each bin in turn, the most used first, into its cheapest place with room. */
export function greedyPlace(problem: PlaceProblem): { effort: number; unplaced: number[] } {
  const place = compilePlace(problem);
  const layout = new PlaceLayout(place);
  const weight = (b: number) => problem.bins[b]!.uses.reduce((sum, use) => sum + use.perWeek, 0);
  for (const b of problem.bins.map((_, i) => i).sort((x, y) => weight(y) - weight(x))) {
    const c = layout.bestFree(b);
    if (c >= 0) layout.put(b, c);
  }
  const unplaced = problem.bins.flatMap((_, b) => (layout.at[b]! < 0 ? [b] : []));
  return { effort: assignmentEffort(place, layout.at), unplaced };
}
