/** How many containers must be moved before each can be taken out, weighed by how often it is (open format stube-fit/1). */
import type { FitCompartment } from './problem.ts';

export interface Standing {
  x: number;
  y: number;
  z: number;
  /** Outside sizes as it stands. */
  width: number;
  depth: number;
  height: number;
  uses: number;
}

const meets = (a: number, aSize: number, b: number, bSize: number): boolean => a < b + bSize && b < a + aSize;

/** Indices of those that must be moved before each: what stands on it, through any number of levels, and on a shelf what stands before it. */
export function inTheWay(standing: readonly Standing[], access: FitCompartment['access']): number[][] {
  const on = standing.map((one) =>
    standing.flatMap((other, j) =>
      other.z === one.z + one.height &&
      other.x >= one.x &&
      other.y >= one.y &&
      other.x + other.width <= one.x + one.width &&
      other.y + other.depth <= one.y + one.depth
        ? [j]
        : [],
    ),
  );
  return standing.map((one, i) => {
    const moved = new Set<number>();
    const above = [...on[i]!];
    for (let j = above.pop(); j !== undefined; j = above.pop()) {
      if (moved.has(j)) continue;
      moved.add(j);
      above.push(...on[j]!);
    }
    if (access === 'front')
      standing.forEach((other, j) => {
        if (
          j !== i &&
          other.y < one.y &&
          meets(other.x, other.width, one.x, one.width) &&
          meets(other.z, other.height, one.z, one.height)
        )
          moved.add(j);
      });
    return [...moved];
  });
}

export const diggingOf = (standing: readonly Standing[], access: FitCompartment['access']): number =>
  inTheWay(standing, access).reduce((sum, moved, i) => sum + moved.length * standing[i]!.uses, 0);
