import { expect, test } from 'vitest';
import fc from 'fast-check';
import { swapWalk, type SwapTask, type WalkPoint } from './swap-walk.ts';

const point = fc.record({
  room: fc.integer({ min: 0, max: 1 }),
  x: fc.integer({ min: 0, max: 5000 }),
  y: fc.integer({ min: 0, max: 4000 }),
});
const tasksOf = (most: number) =>
  fc
    .array(fc.tuple(point, point, fc.boolean()), { maxLength: most })
    .map((told) =>
      told.map(([from, to, waits], i): SwapTask => ({ id: `t${i}`, from, to, after: waits && i ? `t${i - 1}` : null })),
    );
const apart = (a: WalkPoint, b: WalkPoint): number =>
  a.room === b.room ? Math.abs(a.x - b.x) + Math.abs(a.y - b.y) : 8000 * Math.abs(a.room - b.room);

/** The length of steps; the rule that is broken where one is. */
function lengthOf(tasks: readonly SwapTask[], steps: readonly { task: string; act: string }[]): number | string {
  const taken = new Set<string>();
  const put = new Set<string>();
  let [walk, at] = [0, null as WalkPoint | null];
  for (const { task: id, act } of steps) {
    const task = tasks.find((one) => one.id === id)!;
    if (act === 'take') {
      if (taken.has(id)) return 'twice';
      taken.add(id);
      if (taken.size - put.size > 2) return 'three in two hands';
    } else {
      if (!taken.has(id) || put.has(id)) return 'not in the hand';
      if (task.after && !taken.has(task.after)) return 'the place is not empty';
      put.add(id);
    }
    const here = act === 'take' ? task.from : task.to;
    walk += at ? apart(at, here) : 0;
    at = here;
  }
  return put.size === tasks.length ? walk : 'not all';
}
function shortest(tasks: readonly SwapTask[]): number {
  let best = Infinity;
  const steps: { task: string; act: string }[] = [];
  const go = (): void => {
    if (steps.length === 2 * tasks.length) {
      const walk = lengthOf(tasks, steps);
      if (typeof walk === 'number') best = Math.min(best, walk);
      return;
    }
    for (const { id } of tasks) {
      const own = steps.filter(({ task }) => task === id).length;
      if (own === 2) continue;
      steps.push({ task: id, act: own ? 'put' : 'take' });
      go();
      steps.pop();
    }
  };
  go();
  return best;
}

test('no order of up to three things is shorter, and every step can be done with two hands', () =>
  fc.assert(
    fc.property(tasksOf(3), (tasks) => {
      const { steps, walk, proven } = swapWalk(tasks);
      expect(proven).toBe(true);
      expect(lengthOf(tasks, steps)).toBeCloseTo(walk);
      expect(walk).toBeCloseTo(shortest(tasks));
    }),
    { numRuns: 60 },
  ));
test('a larger swap is whole, and its walk is told', () =>
  fc.assert(
    fc.property(tasksOf(9), (tasks) => {
      const { steps, walk } = swapWalk(tasks);
      expect(lengthOf(tasks, steps)).toBeCloseTo(walk);
    }),
    { numRuns: 15 },
  ));
