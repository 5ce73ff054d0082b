/** Problems of containers and places for tests and benchmarks: rooms in depth whose bins are each one way of a need among others. */
import { Random } from '../../../../ground/engine/random.ts';
import { depthProblem } from '../../../placement/testing/depth-problems.ts';
import type { OpenPlanProblem, PlanNeed, PlanOption, PlanType } from '../problem.ts';

/** Every need could be placed as a whole by construction. @example planProblem(10, 1).needs.length */
export function planProblem(compartments: number, seed: number, timeMs = 1000): OpenPlanProblem {
  const { people, zones, compartments: spaces, bins, growth } = depthProblem(compartments, seed);
  const random = new Random(seed);
  const types = new Map<string, PlanType>();
  for (const { width, depth, height, turnable, stackable, lid } of bins) {
    const id = `${[width, depth, height].join('x')}${turnable ? 't' : ''}${stackable ? 's' : ''}${lid ? 'l' : ''}`;
    types.set(id, {
      id,
      ...{ width, depth, height, turnable, stackable, lid },
      mass: 100,
      price: 100 + 50 * random.below(20),
      owned: random.below(3),
    });
  }
  const list = [...types.values()];
  const litres = ({ width, depth, height }: { width: number; depth: number; height: number }) => width * depth * height;
  const needs = bins.map(({ id, mass, zone, uses, hazard, childReach, lightSensitive, view, ...own }, i): PlanNeed => {
    const first = list.find(
      (type) =>
        type.width === own.width &&
        type.depth === own.depth &&
        type.height === own.height &&
        type.turnable === own.turnable &&
        type.stackable === own.stackable &&
        type.lid === own.lid,
    )!;
    const options: PlanOption[] = [{ type: first.id, masses: [Math.max(100, mass)] }];
    while (options.length < 1 + random.below(4)) {
      const type = list[random.below(list.length)]!;
      const count = Math.ceil(litres(own) / litres(type));
      if (count > 4 || options.some((option) => option.type === type.id)) break;
      options.push({
        type: type.id,
        masses: Array.from({ length: count }, () => Math.max(100, Math.round(mass / count))),
      });
    }
    const family = random.next() < 0.3 ? null : `f${i % 4}`;
    return { id: `need ${id}`, zone, uses, family, hazard, childReach, lightSensitive, view, options };
  });
  const weights = { perPrice: 0.012, perKind: 10, familySpread: 45 };
  return { format: 'stube-plan/1', people, zones, compartments: spaces, types: list, needs, weights, growth, timeMs };
}
