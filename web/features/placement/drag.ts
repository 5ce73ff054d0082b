/** Dragging a bin over the drawn furniture: which compartment is under it. */
import { computed, ref } from 'vue';
import { useDrag } from '../../drawing/drag.ts';

export function useBinDrag(dropped: (binId: string, spaceId: string | null) => void, started: (binId: string) => void) {
  /** The compartment under the pointer, `bench` over the bench, null elsewhere. */
  const target = ref<string | null>(null);
  const under = (x: number, y: number): string | null => {
    const at = document.elementFromPoint(x, y);
    return at?.closest<HTMLElement>('[data-bench]')
      ? 'bench'
      : (at?.closest<SVGElement>('[data-space]')?.dataset.space ?? null);
  };
  const { drag, grab, wasDrop } = useDrag<string>({
    started,
    moved: ({ to }) => (target.value = under(to.x, to.y)),
    dropped: ({ item }) => {
      if (target.value) dropped(item, target.value === 'bench' ? null : target.value);
    },
    ended: () => (target.value = null),
  });
  const ghost = computed(() => drag.value && { id: drag.value.item, ...drag.value.to });
  return { ghost, target, grab, wasDrop };
}
