/**
 * Dragging what is drawn, with pointer or finger: the one way of it for all drawings. A small slip is a press; Escape lets
 * go. A finger that moves at once scrolls the page; one that rests a moment takes hold.
 */
import { onUnmounted, shallowRef } from 'vue';

/** Less than this is a press, not a drag, px. */
const SLOP = 6;
/** So near to the upper or lower edge of the window the page scrolls along, px, and so far in a frame. */
const EDGE = 70;
const STEP = 12;
/** A finger rests so long before it takes hold, ms. */
const HOLD_MS = 220;

export interface Drag<T> {
  item: T;
  /** Where it was taken and where the pointer is, px of the window. */
  from: { x: number; y: number };
  to: { x: number; y: number };
}

export interface DragActs<T> {
  started?(item: T): void;
  moved?(drag: Drag<T>): void;
  dropped(drag: Drag<T>): void;
  /** It is over, dropped or not. */
  ended?(): void;
}

export function useDrag<T>({ started, moved, dropped, ended }: DragActs<T>) {
  /** What is being dragged; null before it has left the place of its press. */
  const drag = shallowRef<Drag<T> | null>(null);
  let pressed: Pick<Drag<T>, 'item' | 'from'> | null = null;
  let justDropped = false;
  /** A finger has to take hold first. */
  let holds = true;
  let resting: ReturnType<typeof setTimeout> | undefined;
  let scrolling = 0;

  function grab(event: PointerEvent, item: T): void {
    if (event.button !== 0) return;
    pressed = { item, from: { x: event.clientX, y: event.clientY } };
    holds = event.pointerType !== 'touch';
    if (!holds) {
      resting = setTimeout(() => {
        holds = true;
        navigator.vibrate?.(15);
      }, HOLD_MS);
      window.addEventListener('touchmove', still, { passive: false });
      window.addEventListener('contextmenu', still);
    }
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', end);
    window.addEventListener('keydown', escape);
  }
  function move(event: PointerEvent): void {
    if (!pressed) return;
    const to = { x: event.clientX, y: event.clientY };
    if (!drag.value) {
      if (Math.hypot(to.x - pressed.from.x, to.y - pressed.from.y) < SLOP) return;
      if (!holds) return end();
      started?.(pressed.item);
    }
    drag.value = { ...pressed, to };
    moved?.(drag.value);
    scrolling ||= requestAnimationFrame(scrollAlong);
  }
  function up(): void {
    if (drag.value) {
      justDropped = true;
      setTimeout(() => (justDropped = false));
      dropped(drag.value);
    }
    end();
  }
  /** What is dragged to an edge goes on beyond it. */
  function scrollAlong(): void {
    scrolling = 0;
    if (!drag.value) return;
    const { y } = drag.value.to;
    const way = y < EDGE ? -STEP : y > innerHeight - EDGE ? STEP : 0;
    const before = scrollY;
    if (way) scrollBy(0, way);
    if (scrollY === before) return;
    moved?.(drag.value);
    scrolling = requestAnimationFrame(scrollAlong);
  }
  /** What is held does not scroll the page, and opens no menu. */
  const still = (event: Event) => {
    if (holds) event.preventDefault();
  };
  const escape = (event: KeyboardEvent) => {
    if (event.key === 'Escape') end();
  };
  function end(): void {
    pressed = null;
    drag.value = null;
    clearTimeout(resting);
    cancelAnimationFrame(scrolling);
    scrolling = 0;
    window.removeEventListener('touchmove', still);
    window.removeEventListener('contextmenu', still);
    window.removeEventListener('pointermove', move);
    window.removeEventListener('pointerup', up);
    window.removeEventListener('pointercancel', end);
    window.removeEventListener('keydown', escape);
    ended?.();
  }
  onUnmounted(end);
  /** The click that a browser sends after a drop is not a press. */
  const wasDrop = () => justDropped;
  return { drag, grab, wasDrop };
}
