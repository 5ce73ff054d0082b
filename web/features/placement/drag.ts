/** Dragging a bin with pointer or finger over the drawn furniture: which compartment is under it. */
import { onUnmounted, ref } from 'vue';

/** Less than this is a press, not a drag, px. */
const SLOP = 6;

export function useBinDrag(dropped: (binId: string, spaceId: string | null) => void, started: (binId: string) => void) {
  const ghost = ref<{ id: string; x: number; y: number } | null>(null);
  const target = ref<string | null>(null);
  let from: { id: string; x: number; y: number } | null = null;
  let justDropped = false;

  const under = (x: number, y: number): string | null => {
    const at = document.elementFromPoint(x, y);
    return at?.closest<HTMLElement>('[data-bench]')
      ? 'bench'
      : (at?.closest<SVGElement>('[data-space]')?.dataset.space ?? null);
  };
  function grab(event: PointerEvent, id: string): void {
    if (event.button !== 0) return;
    from = { id, x: event.clientX, y: event.clientY };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', cancel);
    window.addEventListener('keydown', escape);
  }
  function move(event: PointerEvent): void {
    if (!from) return;
    if (!ghost.value && Math.hypot(event.clientX - from.x, event.clientY - from.y) < SLOP) return;
    if (!ghost.value) started(from.id);
    ghost.value = { id: from.id, x: event.clientX, y: event.clientY };
    target.value = under(event.clientX, event.clientY);
  }
  function up(): void {
    if (ghost.value && from) {
      justDropped = true;
      setTimeout(() => (justDropped = false));
      if (target.value) dropped(from.id, target.value === 'bench' ? null : target.value);
    }
    cancel();
  }
  const escape = (event: KeyboardEvent) => {
    if (event.key === 'Escape') cancel();
  };
  function cancel(): void {
    from = null;
    ghost.value = null;
    target.value = null;
    window.removeEventListener('pointermove', move);
    window.removeEventListener('pointerup', up);
    window.removeEventListener('pointercancel', cancel);
    window.removeEventListener('keydown', escape);
  }
  onUnmounted(cancel);
  /** The click that a browser sends after a drop is not a press on the bin. */
  const wasDrop = () => justDropped;
  return { ghost, target, grab, wasDrop };
}
