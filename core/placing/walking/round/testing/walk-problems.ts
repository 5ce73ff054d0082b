/** Walks for tests and benchmarks: places in rows along the walls of a room, a door, a table in the middle. */
import { Random } from '../../../../ground/engine/random.ts';
import type { WalkProblem, WalkThing } from '../problem.ts';

export const WALK_KINDS = ['putback', 'gather', 'swap', 'moves'] as const;
export type WalkKind = (typeof WALK_KINDS)[number];

/** By that kind of walk; of moves each place is emptied before something is put there. @example walkProblem('swap', 8, 1).things.length */
export function walkProblem(kind: WalkKind, count: number, seed: number, timeMs = 500): WalkProblem {
  const random = new Random(seed);
  const [width, depth] = [3000 + random.below(4000), 2500 + random.below(3000)];
  const at: [number, number][] = [[random.below(width), 0]];
  while (at.length <= count + 2) {
    const wall = random.below(4);
    let along = random.below(wall % 2 ? depth : width);
    for (let i = 1 + random.below(6); i > 0; i--, along += 350) {
      const far = Math.min(along, wall % 2 ? depth : width);
      at.push(wall === 0 ? [far, 0] : wall === 2 ? [far, depth] : wall === 1 ? [0, far] : [width, far]);
    }
  }
  at.push([width / 2, depth / 2]);
  const stops = at.map((_, i) => (i === 0 ? 'door' : i === at.length - 1 ? 'table' : `s${i}`));
  const mm = at.map(([x, y]) => at.map(([u, v]) => 10 * Math.round((Math.abs(x - u) + Math.abs(y - v)) / 10)));
  // Rounding must not make a way round shorter.
  for (const k of mm.keys())
    for (const i of mm.keys()) for (const j of mm.keys()) mm[i]![j] = Math.min(mm[i]![j]!, mm[i]![k]! + mm[k]![j]!);
  const places = stops.slice(1, -1);
  const place = (): string => places[random.below(places.length)]!;
  const things: WalkThing[] = [];
  const order: WalkProblem['order'] = [];
  const own = [...places].sort(() => random.next() - 0.5);
  for (let i = 0; i < count; i++) {
    const id = `t${i}`;
    const size = kind === 'gather' ? 1 + random.below(2) : 1;
    if (kind === 'putback') things.push({ id, from: 'table', to: place(), size });
    else if (kind === 'gather') things.push({ id, from: place(), to: 'table', size });
    else {
      // Each goes where another stood, in chains that begin or end at a free place.
      const ends = i % 5 === 4;
      things.push({ id, from: own[i % own.length]!, to: ends ? place() : own[(i + 1) % own.length]!, size });
      if (!ends && i + 1 < count)
        order.push([
          { thing: `t${i + 1}`, act: 'take' },
          { thing: id, act: 'put' },
        ]);
    }
  }
  const carry = { putback: 100, gather: 4 + random.below(4), swap: 2, moves: 1 + random.below(2) }[kind];
  const start = kind === 'putback' || kind === 'gather' ? 'table' : 'door';
  const end = kind === 'swap' ? 'door' : null;
  return { format: 'stube-walk/1', timeMs, carry, stops, mm, start, end, things, order };
}
