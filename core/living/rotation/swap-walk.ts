/** The walk of a swap: what is taken down from where and brought to where, with two hands, as short as can be (practice R4). */
import type { Act } from '../../placing/walking/round/problem.ts';
import { solveWalk } from '../../placing/walking/round/solve.ts';

export interface WalkPoint {
  /** Rooms in the order of the house. */
  room: number;
  /** Where one stands, mm. */
  x: number;
  y: number;
}
export interface SwapTask {
  id: string;
  from: WalkPoint;
  to: WalkPoint;
  /** The task whose thing has to be gone from the place before this one is put there. */
  after: string | null;
}
export interface WalkStep {
  task: string;
  act: 'take' | 'put';
}
export interface SwapWalk {
  steps: WalkStep[];
  /** mm. */
  walk: number;
  /** Nothing shorter was left out. */
  proven: boolean;
}

/** From one room into the next, mm. */
const BETWEEN_ROOMS = 8000;
const HANDS = 2;
/** Turns of search where there are more things than are proven. */
const TURNS = 120;

const apart = (a: WalkPoint, b: WalkPoint): number =>
  a.room === b.room ? Math.abs(a.x - b.x) + Math.abs(a.y - b.y) : BETWEEN_ROOMS * Math.abs(a.room - b.room);
const nameOf = ({ room, x, y }: WalkPoint): string => `${room} ${x} ${y}`;

/** The walk begins at the first stop. */
export function swapWalk(tasks: readonly SwapTask[]): SwapWalk {
  const known = new Set(tasks.map(({ id }) => id));
  const points = new Map(tasks.flatMap(({ from, to }) => [from, to]).map((point) => [nameOf(point), point]));
  const stops = [...points.keys()];
  const { acts, mm, optimal } = solveWalk(
    {
      format: 'stube-walk/1',
      timeMs: 0,
      carry: HANDS,
      stops,
      mm: stops.map((a) => stops.map((b) => apart(points.get(a)!, points.get(b)!))),
      start: null,
      end: null,
      things: tasks.map(({ id, from, to }) => ({ id, from: nameOf(from), to: nameOf(to), size: 1 })),
      // Its place has to be empty: what stood there is in the hand or gone.
      order: tasks.flatMap(({ id, after }) =>
        after !== null && known.has(after)
          ? [
              [
                { thing: after, act: 'take' as const },
                { thing: id, act: 'put' as const },
              ] as [Act, Act],
            ]
          : [],
      ),
    },
    { turns: TURNS },
  );
  return { steps: (acts ?? []).map(({ act, thing }) => ({ task: thing, act })), walk: mm ?? 0, proven: optimal };
}
