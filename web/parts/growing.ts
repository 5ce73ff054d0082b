/** Long lists are drawn as far as anybody scrolls: the next part when the end of what is drawn comes near. */
import { ref, type Ref } from 'vue';
import { useEventListener, useIntersectionObserver } from '@vueuse/core';

/** So far ahead of the window, a window and a half, things are drawn: nobody sees it being done. */
export const AHEAD = '1200px';

/**
 * @param end the element after the last one drawn
 * @param step how many are drawn at first, and each time more
 * @returns how many are to be drawn; all on paper, and where nothing can be observed
 */
export function useGrowing(end: Ref<HTMLElement | null>, step: number): Ref<number> {
  const most = ref(typeof IntersectionObserver === 'undefined' ? Infinity : step);
  useIntersectionObserver(
    end,
    ([entry]) => {
      if (entry?.isIntersecting) most.value += step;
    },
    { rootMargin: AHEAD },
  );
  useEventListener(window, 'beforeprint', () => (most.value = Infinity));
  return most;
}
