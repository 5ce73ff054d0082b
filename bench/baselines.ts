/** What a general-purpose packer reaches: the engine is to be in another class. */
import { createRequire } from 'node:module';
import { expandItems } from '@stube/core/packing';
import type { FitContainer, FitProblem } from '@stube/core/problems';
import { Random } from '@stube/core/engine';

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
  const units = unitsThatFit(problem);
  let best = 0;
  const until = performance.now() + ms;
  do {
    const worth = ({ value, width, depth }: FitContainer) => (value / (width * depth)) * (0.3 + random.next());
    best = Math.max(best, packed(problem, ordered(problem, units, worth)));
  } while (performance.now() < until);
  return best;
}

/** The same for the orders that people would try: by value, by value for the floor, by floor, by the longest side, by height. */
export function maxRectsSorted(problem: FitProblem): number {
  const units = unitsThatFit(problem);
  const by: ((container: FitContainer) => number)[] = [
    ({ value }) => value,
    ({ value, width, depth }) => value / (width * depth),
    ({ width, depth }) => width * depth,
    ({ width, depth }) => Math.max(width, depth),
    ({ height }) => height,
  ];
  return Math.max(...by.map((key) => packed(problem, ordered(problem, units, key))));
}

const unitsThatFit = ({ compartment, containers }: FitProblem): number[] =>
  expandItems(containers.map((container) => container.count)).filter(
    (t) => containers[t]!.height <= compartment.height,
  );

/** The largest key first. */
const ordered = (problem: FitProblem, units: readonly number[], keyOf: (container: FitContainer) => number): number[] =>
  units
    .map((t) => ({ t, key: keyOf(problem.containers[t]!) }))
    .sort((a, b) => b.key - a.key)
    .map(({ t }) => t);

/** Value of what finds room in that order; on a shelf each goes onto the first that carries it and has its top free. */
function packed({ compartment, containers }: FitProblem, order: readonly number[]): number {
  const bases: { type: number; top: number; high: number; value: number }[] = [];
  for (const t of order) {
    const container = containers[t]!;
    const on = bases.find(
      (base) =>
        containers[base.top]!.stackable &&
        base.high + container.height <= compartment.height &&
        container.width <= containers[base.top]!.width &&
        container.depth <= containers[base.top]!.depth,
    );
    if (on) Object.assign(on, { top: t, high: on.high + container.height, value: on.value + container.value });
    else bases.push({ type: t, top: t, high: container.height, value: container.value });
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
  return (packer.bins[0]?.rects ?? []).reduce(
    (sum, rect) =>
      sum + (rect.width <= compartment.width && rect.height <= compartment.depth ? bases[rect.data.base]!.value : 0),
    0,
  );
}
