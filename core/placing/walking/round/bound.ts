/**
 * No walk is shorter: it goes by every stop, so that it is at least as long as a tree over them, with prices for stops that
 * turns of it use too often (Held and Karp 1970); and each mm carries no more than can be carried.
 */
import type { CompiledWalk } from './compiled.ts';

const ROUNDS = 60;

export function walkBound(walk: CompiledWalk, longest: number): number {
  const { stopOf, far, stops, size, carry, things } = walk;
  let carried = 0;
  for (let t = 0; t < things; t++) carried += size[t]! * far[stopOf[2 * t]! * stops + stopOf[2 * t + 1]!]!;
  return Math.max(carry > 0 ? carried / carry : 0, treeBound([...new Set(stopOf)], walk, longest));
}

function treeBound(used: readonly number[], { far, stops, start, end }: CompiledWalk, longest: number): number {
  // The two ends of the walk are nodes of their own: each has one leg, every other stop two.
  const nodes = [start, end, ...used];
  const n = nodes.length;
  if (n < 3) return 0;
  const price = new Float64Array(n);
  let best = 0;
  let scale = 1;
  for (let round = 0; round < ROUNDS; round++) {
    const degree = new Int32Array(n);
    const near = new Float64Array(n).fill(Infinity);
    const parent = new Int32Array(n);
    const isIn = new Uint8Array(n);
    near[0] = 0;
    let length = 0;
    for (let k = 0; k < n; k++) {
      let next = -1;
      for (let i = 0; i < n; i++) if (!isIn[i] && (next < 0 || near[i]! < near[next]!)) next = i;
      isIn[next] = 1;
      if (k) {
        length += near[next]!;
        degree[next]!++;
        degree[parent[next]!]!++;
      }
      for (let i = 0; i < n; i++) {
        const long = far[nodes[next]! * stops + nodes[i]!]! + price[next]! + price[i]!;
        if (!isIn[i] && long < near[i]!) [near[i], parent[i]] = [long, next];
      }
    }
    let steepness = 0;
    for (let i = 0; i < n; i++) {
      const wanted = i < 2 ? 1 : 2;
      length -= price[i]! * wanted;
      steepness += (degree[i]! - wanted) ** 2;
    }
    if (length > best + 1e-9) best = length;
    else scale *= 0.9;
    if (!steepness) break;
    const step = (scale * Math.max(0, longest - length)) / steepness;
    for (let i = 0; i < n; i++) price[i]! += step * (degree[i]! - (i < 2 ? 1 : 2));
  }
  return best;
}
