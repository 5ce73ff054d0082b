/** Dragging a bin over the drawn furniture: which compartment is under it, and whether it would stand on a bin or behind it. */
import { computed, ref } from 'vue';
import { useDrag } from '../../../drawing/drag.ts';

export type DropTarget =
  { to: 'bench' } | { to: 'space'; space: string } | { to: 'bin'; space: string; bin: string; where: 'on' | 'behind' };

/** Of a bin's height, the upper part on which one is put down: below it one goes behind. */
const UPPER = 0.45;

export function useBinDrag(dropped: (binId: string, target: DropTarget) => void, started: (binId: string) => void) {
  const target = ref<DropTarget | null>(null);
  function under(x: number, y: number, held: string): DropTarget | null {
    const at = document.elementFromPoint(x, y);
    if (at?.closest('[data-bench]')) return { to: 'bench' };
    const space = at?.closest<SVGElement>('[data-space]')?.dataset.space;
    if (!space) return null;
    const bin = at?.closest<SVGElement>('[data-bin]');
    if (!bin?.dataset.bin || bin.dataset.bin === held) return { to: 'space', space };
    const { top, height } = bin.getBoundingClientRect();
    return { to: 'bin', space, bin: bin.dataset.bin, where: y < top + height * UPPER ? 'on' : 'behind' };
  }
  const { drag, grab, wasDrop } = useDrag<string>({
    started,
    moved: ({ item, to }) => (target.value = under(to.x, to.y, item)),
    dropped: ({ item }) => {
      if (target.value) dropped(item, target.value);
    },
    ended: () => (target.value = null),
  });
  const ghost = computed(() => drag.value && { id: drag.value.item, ...drag.value.to });
  return { ghost, target, grab, wasDrop };
}
