/** Several things go back on one round: in which order one walks past their places (practice F2). */

export interface Stop {
  id: string;
  /** Rooms in the order in which they lie in the house; null: it has no place. */
  room: number | null;
  /** Where one stands before it, mm. */
  x: number;
  y: number;
}

const apart = (a: Stop, b: Stop): number => Math.abs(a.x - b.x) + Math.abs(a.y - b.y);
const lengthOf = (order: readonly Stop[]): number =>
  order.slice(1).reduce((sum, stop, i) => sum + apart(order[i]!, stop), 0);

function nearestFirst(stops: readonly Stop[]): Stop[] {
  const left = [...stops].sort((a, b) => a.x - b.x || a.y - b.y || a.id.localeCompare(b.id));
  const order = left.splice(0, 1);
  while (left.length) {
    const here = order.at(-1)!;
    const next = left.reduce((best, stop) => (apart(here, stop) < apart(here, best) ? stop : best));
    order.push(...left.splice(left.indexOf(next), 1));
  }
  return order;
}

/** Turns parts of the order round as long as that is shorter (2-opt). */
function turnParts(stops: readonly Stop[]): Stop[] {
  let order = [...stops];
  for (let better = true; better;) {
    better = false;
    for (let i = 0; i < order.length - 1; i++)
      for (let j = i + 1; j < order.length; j++) {
        const turned = [...order.slice(0, i), ...order.slice(i, j + 1).reverse(), ...order.slice(j + 1)];
        if (lengthOf(turned) >= lengthOf(order) - 1e-9) continue;
        order = turned;
        better = true;
      }
  }
  return order;
}

/** The shorter of what comes of nearest first and of the order in which they were told: never longer than that. */
function within(stops: readonly Stop[]): Stop[] {
  const [near, told] = [turnParts(nearestFirst(stops)), turnParts(stops)];
  return lengthOf(told) < lengthOf(near) - 1e-9 ? told : near;
}

/** Room by room, in each the shortest way that is found; what has no place comes last. */
export function walkingOrder(stops: readonly Stop[]): Stop[] {
  const rooms = [...new Set(stops.flatMap(({ room }) => room ?? []))].sort((a, b) => a - b);
  return [
    ...rooms.flatMap((room) => within(stops.filter((stop) => stop.room === room))),
    ...stops.filter(({ room }) => room === null),
  ];
}
