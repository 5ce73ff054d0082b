/** In which order the parts are done, so that one walks least: each after what has to come before it. */
import { byId } from '../../ground/model/by-id.ts';
import { Random } from '../../ground/engine/random.ts';
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

/** Something that is done in one go: where it begins and where it ends. */
export interface Chunk {
  steps: MoveStep[];
  begins: Point;
  ends: Point;
  /** Chunks that come before it. */
  after: number[];
}

/** By chunk: those that come after it. */
export function followersOf(chunks: readonly Chunk[]): number[][] {
  const followers: number[][] = chunks.map(() => []);
  chunks.forEach(({ after }, i) => after.forEach((other) => followers[other]!.push(i)));
  return followers;
}

/** How much further than the nearest chunk the next one may be, at most, as a share, where orders are drawn. */
const FURTHER = 0.35;

/** An order that goes to the nearest chunk that may be done; with chance, one that is a little further. */
export function orderChunks(
  chunks: readonly Chunk[],
  followers: readonly number[][],
  start: Point | null,
  random: Random | null,
): number[] {
  const open = chunks.map(({ after }) => after.length);
  const ready = new Set(open.flatMap((count, i) => (count ? [] : [i])));
  const order: number[] = [];
  let hands = start;
  while (ready.size) {
    let best = -1;
    let least = Infinity;
    for (const i of ready) {
      const far = (hands ? between(hands, chunks[i]!.begins) : 0) * (random ? 1 + FURTHER * random.next() : 1);
      if (far < least) [best, least] = [i, far];
    }
    ready.delete(best);
    order.push(best);
    hands = chunks[best]!.ends;
    for (const next of followers[best]!) if (--open[next]! === 0) ready.add(next);
  }
  return order;
}

/** Walked by that order, mm, beyond what is walked inside the chunks. */
export function walkBetween(chunks: readonly Chunk[], order: readonly number[]): number {
  let walk = 0;
  for (let i = 1; i < order.length; i++) walk += between(chunks[order[i - 1]!]!.ends, chunks[order[i]!]!.begins);
  return walk;
}

/** Moves single chunks to where they cost least walking, as long as their order allows it. @returns whether it got shorter */
export function shorten(
  chunks: readonly Chunk[],
  followers: readonly number[][],
  order: number[],
  tries: number,
  random: Random,
): boolean {
  const n = order.length;
  if (n < 3) return false;
  const position = new Int32Array(chunks.length);
  order.forEach((chunk, i) => (position[chunk] = i));
  const gap = (a: number | undefined, b: number | undefined): number =>
    a === undefined || b === undefined ? 0 : between(chunks[a]!.ends, chunks[b]!.begins);
  let better = false;
  for (let n2 = 0; n2 < tries; n2++) {
    const from = random.below(n);
    const chunk = order[from]!;
    const lowest = Math.max(-1, ...chunks[chunk]!.after.map((other) => position[other]!)) + 1;
    const highest = Math.min(n, ...followers[chunk]!.map((other) => position[other]!)) - 1;
    if (highest <= lowest) continue;
    const to = lowest + random.below(highest - lowest + 1);
    if (to === from) continue;
    const [before, after] = [order[from - 1], order[from + 1]];
    const [left, right] = to < from ? [order[to - 1], order[to]] : [order[to], order[to + 1]];
    const change =
      gap(before, after) +
      gap(left, chunk) +
      gap(chunk, right) -
      gap(before, chunk) -
      gap(chunk, after) -
      gap(left, right);
    if (change >= 0) continue;
    order.splice(from, 1);
    order.splice(to, 0, chunk);
    for (let i = Math.min(from, to); i <= Math.max(from, to); i++) position[order[i]!] = i;
    better = true;
  }
  return better;
}
