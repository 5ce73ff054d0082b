/** How far one walks for the steps of moves, and the walk that does them in another order. */
import { byId } from '../../ground/model/by-id.ts';
import type { WalkProblem } from '../walking/round/problem.ts';
import type { PartPlan } from './part-plan.ts';
import type { Precedence } from './precedence.ts';
import type { MoveStep, MovesProblem } from './problem.ts';

export type Point = readonly [number, number];
const between = (a: Point, b: Point): number => Math.abs(a[0] - b[0]) + Math.abs(a[1] - b[1]);

/** What is walked in all, mm (see the format). */
export function walkOf(problem: MovesProblem, steps: readonly MoveStep[]): number {
  const bins = byId(problem.bins);
  const at = new Map(problem.compartments.map((space) => [space.id, space.at]));
  const where = new Map<string, Point>();
  let hands: Point | null = null;
  let walk = 0;
  for (const { bin: id, to } of steps) {
    const bin = bins.get(id)!;
    const from: Point = where.get(id) ?? (bin.from ? at.get(bin.from.compartment)! : problem.parking.at);
    const target: Point = to === 'parking' || !bin.to ? problem.parking.at : at.get(bin.to.compartment)!;
    walk += (hands ? between(hands, from) : 0) + between(from, target);
    where.set(id, target);
    hands = target;
  }
  return walk;
}

/** A step of moves: number of the bin within the precedence, and where it goes. */
type Step = PartPlan['steps'][number];

/**
 * The steps as one walk with one bin in hand at a time: each bin's in their order, what is in the way first, and no more
 * bins at the parking than it has places.
 * @param plans of the parts, in an order in which they can be done
 */
export function walkOfSteps(problem: MovesProblem, plans: readonly PartPlan[], precedence: Precedence): WalkProblem {
  const steps: Step[] = plans.flatMap((plan) => plan.steps);
  const own = new Map<number, number[]>();
  steps.forEach(({ bin }, i) => own.set(bin, [...(own.get(bin) ?? []), i]));
  const at = new Map(problem.compartments.map((space) => [space.id, space.at as Point]));
  const goal = ({ bin, to }: Step): Point => {
    const target = problem.bins[precedence.bins[bin]!]!.to;
    return to === 'parking' || !target ? problem.parking.at : at.get(target.compartment)!;
  };
  const where = steps.map((step, i): [Point, Point] => {
    const list = own.get(step.bin)!;
    const earlier = steps[list[list.indexOf(i) - 1] ?? -1];
    const { from } = problem.bins[precedence.bins[step.bin]!]!;
    return [earlier ? goal(earlier) : from ? at.get(from.compartment)! : problem.parking.at, goal(step)];
  });
  // One bin in hand: a step is over before the next begins.
  const order: WalkProblem['order'] = [];
  const before = (a: number | undefined, b: number | undefined): void => {
    if (a === undefined || b === undefined || a === b) return;
    order.push([
      { thing: String(a), act: 'put' },
      { thing: String(b), act: 'take' },
    ]);
  };
  const first = (bin: number) => own.get(bin)?.[0];
  const last = (bin: number) => own.get(bin)?.at(-1);
  for (const [bin, list] of own) {
    list.forEach((step, i) => before(list[i - 1], step));
    for (const other of precedence.takeAfterTakes[bin]!) before(first(other), first(bin));
    for (const other of precedence.putAfterTakes[bin]!) before(first(other), last(bin));
    for (const other of precedence.putAfterPuts[bin]!) before(last(other), last(bin));
  }
  const pairs: [string, string][] = [];
  let from = 0;
  for (const plan of plans) {
    const to = from + plan.steps.length;
    // A bin that is put down more than once on its way stands where others need it to: its part stays as it is planned.
    if (plan.steps.some(({ bin }) => own.get(bin)!.length > 2)) for (let i = from + 1; i < to; i++) before(i - 1, i);
    from = to;
  }
  for (const list of own.values())
    list.forEach((step, i) => {
      if (steps[step]!.to === 'parking' && i + 1 < list.length) pairs.push([String(step), String(list[i + 1])]);
    });
  const points = new Map(where.flat().map((point) => [point.join(), point]));
  const stops = [...points.keys()];
  return {
    format: 'stube-walk/1',
    timeMs: problem.timeMs,
    carry: 1,
    stops,
    mm: stops.map((a) => stops.map((b) => between(points.get(a)!, points.get(b)!))),
    start: null,
    end: null,
    things: steps.map((_, i) => ({ id: String(i), from: where[i]![0].join(), to: where[i]![1].join(), size: 1 })),
    order,
    parking: { places: problem.parking.places, pairs },
  };
}
