/** Small steps of the same thing gathered into one write: an arrow key that is held is one move, and never a conflict. */
import { onUnmounted, shallowReactive } from 'vue';

interface Point {
  x: number;
  y: number;
}

/** How long nothing must come before it is written, ms. */
const REST = 250;

/** @param write called one after the other for each thing, with where it is in the end */
export function useNudge(write: (id: string, to: Point) => Promise<unknown>) {
  /** Where things are that are on their way. */
  const moving = shallowReactive(new Map<string, Point>());
  const timers = new Map<string, ReturnType<typeof setTimeout>>();
  let writing: Promise<unknown> = Promise.resolve();

  function nudge(id: string, to: Point): void {
    moving.set(id, to);
    clearTimeout(timers.get(id));
    timers.set(
      id,
      setTimeout(() => settle(id), REST),
    );
  }
  function settle(id: string): void {
    const to = moving.get(id);
    clearTimeout(timers.get(id));
    if (!to) return;
    writing = writing
      .then(() => write(id, to))
      .finally(() => {
        // It may have been moved on meanwhile.
        if (moving.get(id) === to) moving.delete(id);
      });
  }
  onUnmounted(() => {
    for (const id of moving.keys()) settle(id);
  });
  return { moving, nudge };
}
