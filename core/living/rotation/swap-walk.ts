/** The walk of a swap: what is taken down from where and brought to where, with two hands, as short as can be (practice R4). */

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
/** Up to so many tasks every order is looked at; beyond, so many of the best at each step. */
const EXACT = 6;
const WIDTH = 400;

const apart = (a: WalkPoint, b: WalkPoint): number =>
  a.room === b.room ? Math.abs(a.x - b.x) + Math.abs(a.y - b.y) : BETWEEN_ROOMS * Math.abs(a.room - b.room);

interface State {
  /** By task: 0 to be taken, 1 in the hand, 2 put. */
  done: string;
  at: WalkPoint | null;
  walk: number;
  steps: WalkStep[];
}

/** The walk begins at the first stop. */
export function swapWalk(tasks: readonly SwapTask[]): SwapWalk {
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  let states: State[] = [{ done: '0'.repeat(tasks.length), at: null, walk: 0, steps: [] }];
  const exact = tasks.length <= EXACT;
  for (let step = 0; step < 2 * tasks.length; step++) {
    const next = new Map<string, State>();
    for (const state of states) {
      const held = [...state.done].filter((one) => one === '1').length;
      tasks.forEach((task, i) => {
        const now = state.done[i];
        if (now === '2' || (now === '0' && held >= HANDS)) return;
        const before = task.after === null ? undefined : index.get(task.after);
        // Its place has to be empty: what stood there is in the hand or gone.
        if (now === '1' && before !== undefined && state.done[before] === '0') return;
        const point = now === '0' ? task.from : task.to;
        const walk = state.walk + (state.at ? apart(state.at, point) : 0);
        const done = `${state.done.slice(0, i)}${now === '0' ? '1' : '2'}${state.done.slice(i + 1)}`;
        const key = `${done} ${point.room} ${point.x} ${point.y}`;
        const known = next.get(key);
        if (known && known.walk <= walk) return;
        next.set(key, {
          done,
          at: point,
          walk,
          steps: [...state.steps, { task: task.id, act: now === '0' ? 'take' : 'put' }],
        });
      });
    }
    states = [...next.values()];
    if (!exact && states.length > WIDTH) states = states.sort((a, b) => a.walk - b.walk).slice(0, WIDTH);
  }
  const best = states.reduce<State | null>((a, b) => (!a || b.walk < a.walk ? b : a), null);
  return best ? { steps: best.steps, walk: best.walk, proven: exact } : oneByOne(tasks);
}

/** One thing after the other, places emptied first: where nothing better was kept. */
function oneByOne(tasks: readonly SwapTask[]): SwapWalk {
  const order = [...tasks].sort((a, b) => Number(a.after !== null) - Number(b.after !== null));
  let walk = 0;
  order.forEach((task, i) => {
    walk += (i ? apart(order[i - 1]!.to, task.from) : 0) + apart(task.from, task.to);
  });
  const steps = order.flatMap(({ id }): WalkStep[] => [
    { task: id, act: 'take' },
    { task: id, act: 'put' },
  ]);
  return { steps, walk, proven: false };
}
