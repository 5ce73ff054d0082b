/** Several things go back on one round: in which order one walks past their places (practice F2). */
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { solveWalk } from '../../placing/walking/round/solve.ts';

export interface Stop {
  id: string;
  /** Rooms in the order in which they lie in the house; null: it has no place. */
  room: number | null;
  /** Where one stands before it, mm. */
  x: number;
  y: number;
  /** Within its piece of furniture: how far from its left side, and how high, mm. */
  across: number;
  up: number;
}

const apart = (a: Stop, b: Stop): number => Math.abs(a.x - b.x) + Math.abs(a.y - b.y);

const HAND = 'the hand';
/** Turns of search where there are more stops than are proven. */
const TURNS = 60;

/** Stops of one room, each place to stand once, so that one walks least. It begins wherever that is best. */
function within(stops: readonly Stop[]): Stop[] {
  const there = [...groupedBy(stops, ({ x, y }) => `${x} ${y}`)];
  const points = there.map(([, [stop]]) => stop!);
  // All of it is in the hand from the start, and the hand is as far from every place: the walk begins wherever is best.
  const away = Math.max(...points.flatMap((a) => points.map((b) => apart(a, b))));
  const { acts } = solveWalk(
    {
      format: 'stube-walk/1',
      timeMs: 0,
      carry: there.length,
      stops: [HAND, ...there.map(([point]) => point)],
      mm: [[0, ...points.map(() => away)], ...points.map((a) => [away, ...points.map((b) => apart(a, b))])],
      start: HAND,
      end: null,
      things: there.map(([point]) => ({ id: point, from: HAND, to: point, size: 1 })),
      order: [],
    },
    { turns: TURNS },
  );
  const order = (acts ?? []).flatMap(({ act, thing }) => (act === 'put' ? [thing] : []));
  // The way to and fro is as long: it begins at its left end.
  const at = new Map(there);
  const [first, last] = [at.get(order[0]!)![0]!, at.get(order.at(-1)!)![0]!];
  if (last.x < first.x) order.reverse();
  return order.flatMap((point) => [...at.get(point)!].sort(byColumn));
}
/** Before one piece of furniture: column by column, each from top to bottom. */
const byColumn = (a: Stop, b: Stop): number => a.across - b.across || b.up - a.up;

/** Room by room, in each the shortest way that is found; what has no place comes last. */
export function walkingOrder(stops: readonly Stop[]): Stop[] {
  const rooms = [...new Set(stops.flatMap(({ room }) => room ?? []))].sort((a, b) => a - b);
  return [
    ...rooms.flatMap((room) => within(stops.filter((stop) => stop.room === room))),
    ...stops.filter(({ room }) => room === null),
  ];
}
