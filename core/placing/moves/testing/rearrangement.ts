/** Random rearrangements for tests, a player of steps that knows only the words of the format, and the fewest steps by trying all. */
import { Random } from '../../../ground/engine/random.ts';
import {
  bears,
  boxOf,
  clash,
  isAbove,
  isInFront,
  standsOn,
  stays,
  type MoveBin,
  type MovePosition,
  type MovesProblem,
  type MoveStep,
} from '../problem.ts';

/** @param n bins @param places at the parking */
export function rearrangement(n: number, places: number, seed: number): MovesProblem {
  const random = new Random(seed * 31 + n);
  const pick = <T>(list: readonly T[]): T => list[random.below(list.length)]!;
  const compartments = Array.from({ length: 1 + random.below(2) }, (_, i) => ({
    id: `c${i}`,
    width: 300,
    depth: 300,
    height: 300,
    access: random.next() < 0.8 ? ('front' as const) : ('top' as const),
    at: [random.below(50) * 100, random.below(50) * 100] as [number, number],
  }));
  const sizes = Array.from({ length: n }, () => ({
    width: pick([100, 150]),
    depth: pick([100, 150, 200]),
    height: pick([100, 150]),
    stackable: random.next() < 0.8,
  }));
  /** A state: each bin at the first free place of a random list. */
  const state = (): (MovePosition | null)[] => {
    const put: { bin: MoveBin; at: MovePosition }[] = [];
    const found: (MovePosition | null)[] = [];
    const number = (id: string) => compartments.findIndex((one) => one.id === id);
    for (const [i, size] of sizes.entries()) {
      const bin = { id: `b${i}`, ...size, from: null, to: null };
      let at: MovePosition | null = null;
      for (let tries = 0; tries < 40 && !at; tries++) {
        const space = pick(compartments);
        const over = put.filter(({ at: other }) => other.compartment === space.id);
        const on = random.next() < 0.4 && over.length ? pick(over) : null;
        const spot = {
          compartment: space.id,
          x: on ? on.at.x : pick([0, 100, 150, 200]),
          y: on ? on.at.y : pick([0, 100, 150, 200]),
          z: on ? on.at.z + on.bin.height : 0,
          turned: false,
        };
        const box = boxOf(bin, spot, number(space.id));
        const others = put.map((one) => ({ bin: one.bin, box: boxOf(one.bin, one.at, number(one.at.compartment)) }));
        const borne = others.filter((one) => bears(one.box, box));
        if (box.x1 > space.width || box.y1 > space.depth || box.z1 > space.height) continue;
        if (others.some((one) => clash(one.box, box))) continue;
        if (box.z0 > 0 && !(borne.length === 1 && borne[0]!.bin.stackable)) continue;
        at = spot;
      }
      if (at) put.push({ bin, at });
      found.push(at);
    }
    return found;
  };
  const from = state();
  const moved = state();
  // Some stay where they are, as far as the others leave them room: both states are made whole by whoever asks.
  const to = random.next() < 0.5 ? moved : from.map((at, i) => (random.next() < 0.4 ? at : moved[i]!));
  const bins = sizes
    .map((size, i): MoveBin => ({ id: `b${i}`, ...size, from: from[i]!, to: to[i]! }))
    .filter((bin) => bin.from || bin.to);
  return { format: 'stube-moves/1', timeMs: 100, parking: { places, at: [0, 0] }, compartments, bins };
}

/** Where each bin is: 0 as it stood (or not come yet), 1 parked, 2 where it is wanted (or gone). */
type Where = number[];

function mayDo(
  problem: MovesProblem,
  where: Where,
  fresh: readonly boolean[],
  bin: number,
  to: MoveStep['to'],
): boolean {
  const { bins, compartments } = problem;
  const number = (id: string) => compartments.findIndex((one) => one.id === id);
  const boxAt = (i: number) => {
    const at =
      where[i] === 2 || (where[i] === 0 && stays(bins[i]!)) ? bins[i]!.to : where[i] === 0 ? bins[i]!.from : null;
    return at ? boxOf(bins[i]!, at, number(at.compartment)) : null;
  };
  const others = bins.flatMap((_, i) => (i === bin ? [] : (boxAt(i) ?? [])));
  const front = (space: number) => compartments[space]!.access === 'front';
  const own = boxAt(bin);
  const isHome = (i: number) => where[i] === 2 || (where[i] === 0 && stays(bins[i]!));
  if (to === 'place' && isHome(bin)) return false;
  if (where[bin] === 2 && !bins[bin]!.to) return false;
  if (own && others.some((other) => standsOn(other, own) || isInFront(other, own, front(own.space)))) return false;
  const parked = where.filter((one, i) => one === 1 && !fresh[i]).length;
  if (to === 'parking')
    return where[bin] !== 1 && !(where[bin] === 0 && !bins[bin]!.from) && parked < problem.parking.places;
  const wanted = bins[bin]!.to;
  if (!wanted) return true;
  const box = boxOf(bins[bin]!, wanted, number(wanted.compartment));
  if (others.some((other) => clash(other, box) || isInFront(other, box, front(box.space)) || isAbove(other, box)))
    return false;
  return (
    box.z0 === 0 ||
    bins.some((under, i) => {
      const there = i !== bin && under.stackable && isHome(i) ? boxAt(i) : null;
      return there && bears(there, box);
    })
  );
}

/** @returns what is wrong with the steps, or null */
export function playMoves(problem: MovesProblem, steps: readonly MoveStep[]): string | null {
  const where: Where = problem.bins.map(() => 0);
  const fresh = problem.bins.map(() => false);
  for (const [n, step] of steps.entries()) {
    const bin = problem.bins.findIndex(({ id }) => id === step.bin);
    if (!mayDo(problem, where, fresh, bin, step.to)) return `step ${n}: ${step.bin} to ${step.to}`;
    where[bin] = step.to === 'place' ? 2 : 1;
  }
  const open = problem.bins.find((bin, i) => !(where[i] === 2 || (where[i] === 0 && stays(bin))));
  return open ? `${open.id} is not where it is wanted` : null;
}

/** The fewest steps, by going through all states; null where there is no plan. */
export function fewestSteps(problem: MovesProblem): number | null {
  const fresh = problem.bins.map(() => false);
  const start: Where = problem.bins.map(() => 0);
  const isDone = (where: Where) => where.every((one, i) => one === 2 || (one === 0 && stays(problem.bins[i]!)));
  let level = [start];
  const seen = new Set([start.join('')]);
  for (let steps = 0; level.length; steps++) {
    if (level.some(isDone)) return steps;
    const next: Where[] = [];
    for (const where of level)
      for (let bin = 0; bin < where.length; bin++)
        for (const to of ['place', 'parking'] as const) {
          if (!mayDo(problem, where, fresh, bin, to)) continue;
          const then = [...where];
          then[bin] = to === 'place' ? 2 : 1;
          const key = then.join('');
          if (!seen.has(key)) {
            seen.add(key);
            next.push(then);
          }
        }
    level = next;
  }
  return null;
}
