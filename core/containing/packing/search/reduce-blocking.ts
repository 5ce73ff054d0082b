/** The same containers in the same room, with less to be moved: seen from behind, or neighbours exchanged. */
import { blockingCostOf, type PositionedBox } from '../blocking-cost.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import type { Placement3d } from '../placement.ts';
import { positionedBoxesOf } from '../placement.ts';

/** Exchanges tried in all; each is judged in the square of the number of containers. */
const MAX_TRIES = 400;

/** A container on the floor and all that stands on it, by index. */
interface Column {
  base: number;
  members: number[];
}

function columnsOf(standing: readonly PositionedBox[]): Column[] {
  return standing.flatMap((base, i) =>
    base.z > 0
      ? []
      : [
          {
            base: i,
            members: standing.flatMap((box, j) =>
              box.x >= base.x &&
              box.y >= base.y &&
              box.x + box.width <= base.x + base.width &&
              box.y + box.depth <= base.y + base.depth
                ? [j]
                : [],
            ),
          },
        ],
  );
}

/** Where two columns go when they change places: alike in footprint, or one right behind the other in the same width. */
function exchange(
  a: PositionedBox,
  b: PositionedBox,
): { a: { x: number; y: number }; b: { x: number; y: number } } | null {
  if (a.width === b.width && a.depth === b.depth) return { a: { x: b.x, y: b.y }, b: { x: a.x, y: a.y } };
  if (a.x === b.x && a.width === b.width && a.y + a.depth === b.y)
    return { a: { x: a.x, y: a.y + b.depth }, b: { x: b.x, y: a.y } };
  return null;
}

/** @returns the packing with no more digging than before; the value stays. Only shelves have anything to gain. */
export function reduceBlocking(problem: FitProblem, puts: readonly Placement3d[]): Placement3d[] {
  const { access, depth } = problem.compartment;
  let best = [...puts];
  if (access !== 'front') return best;
  let standing = positionedBoxesOf(problem, best);
  let least = blockingCostOf(standing, access);
  const attempt = (tried: Placement3d[]): boolean => {
    const at = positionedBoxesOf(problem, tried);
    const cost = blockingCostOf(at, access);
    if (cost >= least) return false;
    [best, standing, least] = [tried, at, cost];
    return true;
  };
  attempt(best.map((put, i) => ({ ...put, y: depth - put.y - standing[i]!.depth })));
  let tries = 0;
  for (let better = true; better && least > 0 && tries < MAX_TRIES;) {
    better = false;
    const columns = columnsOf(standing);
    for (const a of columns)
      for (const b of columns) {
        if (a === b || better || tries >= MAX_TRIES) continue;
        const to = exchange(standing[a.base]!, standing[b.base]!);
        if (!to) continue;
        tries++;
        const tried = best.map((put) => ({ ...put }));
        const shift = (column: Column, at: { x: number; y: number }) => {
          const from = standing[column.base]!;
          for (const i of column.members) {
            tried[i]!.x += at.x - from.x;
            tried[i]!.y += at.y - from.y;
          }
        };
        shift(a, to.a);
        shift(b, to.b);
        better = attempt(tried);
      }
  }
  return best;
}
