/** Packing problems from a seed: drawer floors cut to pieces, modular trays of which not all fit, shelves with stacking. */
import type { FitContainer, FitProblem } from '@stube/core/problems';
import { Random } from '@stube/core/engine';
import { chance } from './rooms.ts';

const between = (random: Random, least: number, most: number): number => least + random.below(most - least + 1);

interface Rect {
  w: number;
  d: number;
}

/** No side of a cut piece is shorter, mm. */
const MIN_SIDE = 40;

/** Four pieces around a fifth: cannot be made by straight cuts. Null when the rectangle is too small. */
function pinwheel({ w, d }: Rect, random: Random): Rect[] | null {
  if (w < 3 * MIN_SIDE + 2 || d < 3 * MIN_SIDE + 2) return null;
  const x1 = between(random, MIN_SIDE, w - 2 * MIN_SIDE - 1);
  const x2 = between(random, x1 + MIN_SIDE, w - MIN_SIDE);
  const y1 = between(random, MIN_SIDE, d - 2 * MIN_SIDE - 1);
  const y2 = between(random, y1 + MIN_SIDE, d - MIN_SIDE);
  return [
    { w: x2, d: y1 },
    { w: w - x2, d: y2 },
    { w: w - x1, d: d - y2 },
    { w: x1, d: d - y1 },
    { w: x2 - x1, d: y2 - y1 },
  ];
}

function straight(rect: Rect, random: Random): Rect[] | null {
  const across = rect.w >= rect.d ? !chance(random, 0.2) : chance(random, 0.2);
  const side = across ? rect.w : rect.d;
  if (side < 2 * MIN_SIDE) return null;
  const at = between(random, MIN_SIDE, side - MIN_SIDE);
  return across
    ? [
        { w: at, d: rect.d },
        { w: rect.w - at, d: rect.d },
      ]
    : [
        { w: rect.w, d: at },
        { w: rect.w, d: rect.d - at },
      ];
}

/** Cuts a floor into exactly n pieces. */
function cut(width: number, depth: number, n: number, random: Random, straightOnly: boolean): Rect[] {
  for (;;) {
    const pieces: Rect[] = [{ w: width, d: depth }];
    for (let tries = 0; pieces.length < n && tries < 4000; tries++) {
      // Large ones are cut more often, but not always.
      const order = pieces
        .map((piece, i) => ({ i, key: piece.w * piece.d * (0.2 + random.next()) }))
        .sort((a, b) => b.key - a.key);
      const i = order[0]!.i;
      const whole = pieces[i]!;
      const parts =
        !straightOnly && n - pieces.length >= 4 && chance(random, 0.6)
          ? pinwheel(whole, random)
          : straight(whole, random);
      if (parts) pieces.splice(i, 1, ...parts);
    }
    if (pieces.length === n) return pieces;
  }
}

const box = (
  id: string,
  { w, d }: Rect,
  height: number,
  value: number,
  more: Partial<FitContainer> = {},
): FitContainer => ({
  id,
  width: w,
  depth: d,
  height,
  turnable: true,
  stackable: false,
  count: 1,
  value,
  uses: 0,
  ...more,
});

export function shuffled<T>(list: T[], random: Random): T[] {
  for (let i = list.length - 1; i > 0; i--) {
    const j = random.below(i + 1);
    [list[i], list[j]] = [list[j]!, list[i]!];
  }
  return list;
}
const turnedAtRandom = ({ w, d }: Rect, random: Random): Rect => (chance(random, 0.5) ? { w, d } : { w: d, d: w });

export interface KnownFit {
  problem: FitProblem;
  /** Value that can be reached, where it is known by construction. */
  reachable: number | null;
}

export type CutKind = 'cut' | 'slack' | 'decoy';

/** A floor cut to n pieces, whose value is their area; `slack` is 2–8 mm larger each way, `decoy` has 30 % more pieces. */
export function cutProblem(kind: CutKind, n: number, seed: number, timeMs: number): KnownFit {
  const random = new Random(seed * 7919 + n);
  const width = between(random, 300, 900);
  const depth = between(random, 350, 560);
  const height = between(random, 80, 130);
  const pieces = cut(width, depth, n, random, chance(random, 0.5));
  const extra =
    kind === 'decoy' ? shuffled(cut(width, depth, n, random, true), random).slice(0, Math.round(n * 0.3)) : [];
  const slack = () => (kind === 'slack' ? between(random, 2, 8) : 0);
  const containers = shuffled(
    [...pieces, ...extra].map((piece, i) =>
      box(`c${i}`, turnedAtRandom(piece, random), between(random, 30, height), piece.w * piece.d, {
        uses: random.below(6),
      }),
    ),
    random,
  );
  return {
    problem: {
      format: 'stube-fit/1',
      compartment: { width: width + slack(), depth: depth + slack(), height, access: 'top' },
      containers,
      timeMs,
    },
    reachable: width * depth,
  };
}

const MODULE = 75;
/** Trays in modules of 75 mm, some a few mm smaller or larger, in a drawer for which they are too many. */
export function drawerProblem(wanted: number, seed: number, timeMs: number): FitProblem {
  const random = new Random(seed * 104729 + wanted);
  const height = between(random, 90, 150);
  const containers: FitContainer[] = [];
  for (let left = wanted; left > 0;) {
    const short = [1, 1, 1, 2, 2, wanted < 12 ? 3 : 1][random.below(6)]!;
    const long = Math.max(short, [1, 2, 2, 3, 4][random.below(5)]!);
    const [a, b] = chance(random, 0.5) ? [short, long] : [long, short];
    const w = a * MODULE - 5 + random.below(8);
    const d = b * MODULE - 5 + random.below(8);
    const count = Math.min(left, between(random, 1, wanted <= 10 ? 3 : 4));
    left -= count;
    const value = Math.max(3, Math.round(((w * d) / 1e4) * (8 + random.next() * 18)));
    containers.push(
      box(`t${containers.length}`, { w, d }, between(random, 40, height), value, {
        turnable: chance(random, 0.7),
        count,
        uses: random.below(10),
      }),
    );
  }
  const area =
    containers.reduce((sum, container) => sum + container.count * container.width * container.depth, 0) /
    (1.1 + random.next() * 0.3);
  const depth = Math.max(320, between(random, 380, 540));
  const width = Math.max(320, Math.round(area / depth));
  return { format: 'stube-fit/1', compartment: { width, depth, height, access: 'top' }, containers, timeMs };
}

/** Boxes on a shelf, some of which others may stand on. */
export function shelfProblem(wanted: number, seed: number, timeMs: number): FitProblem {
  const random = new Random(seed * 15485863 + wanted);
  const height = between(random, 240, 340);
  const containers: FitContainer[] = [];
  const size = wanted <= 12 ? 230 : 165;
  for (let left = wanted; left > 0;) {
    const count = Math.min(left, between(random, 1, 3));
    left -= count;
    const w = between(random, wanted <= 12 ? 90 : 50, size);
    const d = between(random, wanted <= 12 ? 90 : 50, size);
    const high = between(random, 48, Math.min(240, height - 20));
    const value = Math.max(5, Math.round(((w * d * high) / 1e6) * (8 + random.next() * 30) * 1.2 + random.below(12)));
    containers.push(
      box(`s${containers.length}`, { w, d }, high, value, {
        turnable: chance(random, 0.7),
        stackable: chance(random, 0.55),
        count,
        uses: random.below(10),
      }),
    );
  }
  const area =
    containers.reduce((sum, container) => sum + container.count * container.width * container.depth, 0) /
    (1.3 + random.next() * 0.5);
  const depth = between(random, 250, 360);
  const width = Math.max(320, Math.round(area / depth));
  return { format: 'stube-fit/1', compartment: { width, depth, height, access: 'front' }, containers, timeMs };
}
