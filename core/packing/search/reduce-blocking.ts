/** The same containers in the same room, with less to be moved: seen from behind, or neighbours exchanged. */
import { diggingOf, type Standing } from '../blocking-cost.ts';
import type { FitProblem } from '../problem.ts';
import type { Put } from '../placement.ts';
import { standingOf } from '../placement.ts';

/** Exchanges tried in all; each is judged in the square of the number of containers. */
const MOST_TRIES = 400;

/** A container on the floor and all that stands on it, by index. */
interface Column {
  base: number;
  members: number[];
}

function columnsOf(standing: readonly Standing[]): Column[] {
  return standing.flatMap((base, i) =>
    base.z > 0
      ? []
      : [
          {
            base: i,
            members: standing.flatMap((one, j) =>
              one.x >= base.x &&
              one.y >= base.y &&
              one.x + one.width <= base.x + base.width &&
              one.y + one.depth <= base.y + base.depth
                ? [j]
                : [],
            ),
          },
        ],
  );
}

/** Where two columns go when they change places: alike in footprint, or one right behind the other in the same width. */
function exchange(a: Standing, b: Standing): { a: { x: number; y: number }; b: { x: number; y: number } } | null {
  if (a.width === b.width && a.depth === b.depth) return { a: { x: b.x, y: b.y }, b: { x: a.x, y: a.y } };
  if (a.x === b.x && a.width === b.width && a.y + a.depth === b.y)
    return { a: { x: a.x, y: a.y + b.depth }, b: { x: b.x, y: a.y } };
  return null;
}

/** @returns the packing with no more digging than before; the value stays. Only shelves have anything to gain. */
export function lessDigging(problem: FitProblem, puts: readonly Put[]): Put[] {
  const { access, depth } = problem.compartment;
  let best = [...puts];
  if (access !== 'front') return best;
  let standing = standingOf(problem, best);
  let least = diggingOf(standing, access);
  const attempt = (tried: Put[]): boolean => {
    const at = standingOf(problem, tried);
    const digging = diggingOf(at, access);
    if (digging >= least) return false;
    [best, standing, least] = [tried, at, digging];
    return true;
  };
  attempt(best.map((put, i) => ({ ...put, y: depth - put.y - standing[i]!.depth })));
  let tries = 0;
  for (let better = true; better && least > 0 && tries < MOST_TRIES;) {
    better = false;
    const columns = columnsOf(standing);
    for (const a of columns)
      for (const b of columns) {
        if (a === b || better || tries >= MOST_TRIES) continue;
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
