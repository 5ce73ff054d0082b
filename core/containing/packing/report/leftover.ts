/** What a packing leaves: free rectangles of the floor, and what left-out containers would have to be smaller by to fit in one. */
import { byId } from '../../../ground/model/by-id.ts';
import type { FitAnswer, FitProblem } from '../../../ground/problems/fit-problem.ts';

/** On the floor, mm; x from the left, y from the front. */
export interface FreeSpace {
  x: number;
  y: number;
  width: number;
  depth: number;
}
export interface NearMiss {
  id: string;
  /** How much narrower, shallower and lower it would have to be, mm. */
  narrower: number;
  shallower: number;
  lower: number;
  turned: boolean;
  space: FreeSpace;
}

/** Narrower strips are no space that anything is kept in, mm. */
const MIN_SIDE = 20;

/** All largest free rectangles beside the taken ones (they overlap one another). */
function largestFree(floor: { width: number; depth: number }, taken: readonly FreeSpace[]): FreeSpace[] {
  let free: FreeSpace[] = [{ x: 0, y: 0, ...floor }];
  for (const freeSpace of taken) {
    const parts = free.flatMap((space): FreeSpace[] => {
      const [right, back] = [space.x + space.width, space.y + space.depth];
      const [oneRight, oneBack] = [freeSpace.x + freeSpace.width, freeSpace.y + freeSpace.depth];
      if (freeSpace.x >= right || oneRight <= space.x || freeSpace.y >= back || oneBack <= space.y) return [space];
      return [
        { ...space, width: freeSpace.x - space.x },
        { ...space, x: oneRight, width: right - oneRight },
        { ...space, depth: freeSpace.y - space.y },
        { ...space, y: oneBack, depth: back - oneBack },
      ].filter((part) => part.width >= MIN_SIDE && part.depth >= MIN_SIDE);
    });
    const within = (a: FreeSpace, b: FreeSpace) =>
      a.x >= b.x && a.y >= b.y && a.x + a.width <= b.x + b.width && a.y + a.depth <= b.y + b.depth;
    free = parts.filter((a, i) => !parts.some((b, j) => i !== j && within(a, b) && !(within(b, a) && i < j)));
  }
  return free;
}

const floorOf = (problem: FitProblem, answer: FitAnswer): FreeSpace[] => {
  const kinds = byId(problem.containers);
  return answer.placed
    .filter((put) => put.z === 0)
    .map((put) => {
      const kind = kinds.get(put.id)!;
      return {
        x: put.x,
        y: put.y,
        width: put.turned ? kind.depth : kind.width,
        depth: put.turned ? kind.width : kind.depth,
      };
    });
};

/** Free rectangles that do not overlap, the largest first; at most `most`. */
export function freeSpaces(problem: FitProblem, answer: FitAnswer, most = 6): FreeSpace[] {
  const taken = floorOf(problem, answer);
  const spaces: FreeSpace[] = [];
  while (spaces.length < most) {
    const largest = largestFree(problem.compartment, taken).sort((a, b) => b.width * b.depth - a.width * a.depth)[0];
    if (!largest) break;
    spaces.push(largest);
    taken.push(largest);
  }
  return spaces;
}

/** For each kind of which some were left out: the free rectangle it comes closest to fitting in. */
export function nearMisses(problem: FitProblem, answer: FitAnswer): NearMiss[] {
  const spaces = largestFree(problem.compartment, floorOf(problem, answer));
  const placed = new Map<string, number>();
  for (const put of answer.placed) placed.set(put.id, (placed.get(put.id) ?? 0) + 1);
  return problem.containers.flatMap((container): NearMiss[] => {
    if ((placed.get(container.id) ?? 0) >= container.count) return [];
    const lower = Math.max(0, container.height - problem.compartment.height);
    const tries = spaces.flatMap((space) =>
      (container.turnable ? [false, true] : [false]).map((turned): NearMiss => ({
        id: container.id,
        narrower: Math.max(0, (turned ? container.depth : container.width) - space.width),
        shallower: Math.max(0, (turned ? container.width : container.depth) - space.depth),
        lower,
        turned,
        space,
      })),
    );
    tries.sort((a, b) => a.narrower + a.shallower - b.narrower - b.shallower);
    return tries.slice(0, 1);
  });
}
