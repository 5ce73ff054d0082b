/** Dragging what is drawn, with pointer or finger: the one way of it for all drawings. A small slip is a press; Escape lets go. */
import { onUnmounted, shallowRef } from 'vue';

/** Less than this is a press, not a drag, px. */
const SLOP = 6;

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

  function grab(event: PointerEvent, item: T): void {
    if (event.button !== 0) return;
    pressed = { item, from: { x: event.clientX, y: event.clientY } };
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
      started?.(pressed.item);
    }
    drag.value = { ...pressed, to };
    moved?.(drag.value);
  }
  function up(): void {
    if (drag.value) {
      justDropped = true;
      setTimeout(() => (justDropped = false));
      dropped(drag.value);
    }
    end();
  }
  const escape = (event: KeyboardEvent) => {
    if (event.key === 'Escape') end();
  };
  function end(): void {
    pressed = null;
    drag.value = null;
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
