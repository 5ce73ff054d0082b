/** How many containers must be moved before each can be taken out, weighed by how often it is (open format stube-fit/1). */
import type { FitCompartment } from '../../ground/problems/fit-problem.ts';

export interface PositionedBox {
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
export function blockersOf(standing: readonly PositionedBox[], access: FitCompartment['access']): number[][] {
  const on = standing.map((box) =>
    standing.flatMap((other, j) =>
      other.z === box.z + box.height &&
      other.x >= box.x &&
      other.y >= box.y &&
      other.x + other.width <= box.x + box.width &&
      other.y + other.depth <= box.y + box.depth
        ? [j]
        : [],
    ),
  );
  return standing.map((box, i) => {
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
          other.y < box.y &&
          meets(other.x, other.width, box.x, box.width) &&
          meets(other.z, other.height, box.z, box.height)
        )
          moved.add(j);
      });
    return [...moved];
  });
}

export const blockingCostOf = (standing: readonly PositionedBox[], access: FitCompartment['access']): number =>
  blockersOf(standing, access).reduce((sum, moved, i) => sum + moved.length * standing[i]!.uses, 0);
