/** The search for a whole plan: how far it is, what it left open; it ends with the screen it is shown on. */
import { onUnmounted, ref, shallowRef } from 'vue';
import { proxy } from 'comlink';
import { homesNow } from '@stube/core/moves';
import { fixedIn, type Homes, homesOf } from '@stube/core/placement';
import { useNotices } from '../../../data/notices.ts';
import { useRoom } from '../../../data/room.ts';
import { searchBudget } from '../../../data/worker/budget.ts';
import { plain } from '../../../data/worker/plain.ts';
import { usePlanRoom } from '../../../parts/planning/plan-room.ts';
import { usePlacementActions } from './actions.ts';
import { placeWorker } from './worker.ts';
import type { PlaceNews } from './place.worker.ts';
import type { Week } from './week.ts';

/** A second and a half for a small room, five for a large one; most of the gain comes early. */
const searchTime = (bins: number): number => Math.min(5000, 1500 + 15 * bins);

export function useProposal({ standing }: Week) {
  const { store, id, bins } = useRoom();
  const planRoom = usePlanRoom();
  const { place } = usePlacementActions();
  const notices = useNotices();
  const progress = ref<PlaceNews | null>(null);
  const searching = ref(false);
  /** What the last proposal left open, in seconds a week; null before the first. */
  const gap = shallowRef<{ effort: number; bound: number; unplaced: number } | null>(null);
  /** How the room stood before the last plan that was taken, where that moves what stands; null where nothing is to be carried. */
  const before = shallowRef<Homes | null>(null);
  let left = false;

  async function propose(): Promise<void> {
    if (!planRoom.value || !standing.value) return;
    const roomId = id.value;
    searching.value = true;
    progress.value = null;
    try {
      const pinned = bins.value.filter((bin) => bin.pinned).map(({ id }) => id);
      const answer = await placeWorker().solve(
        plain(planRoom.value),
        searchBudget(searchTime(bins.value.length)),
        fixedIn(standing.value, pinned),
        standing.value.positions,
        proxy((now: PlaceNews) => {
          progress.value = now;
        }),
      );
      // Stopped before there was a plan, or nobody is looking at that room any more: all stays as it is.
      if (!answer || left || id.value !== roomId) return;
      gap.value = { effort: answer.effort, bound: answer.bound, unplaced: answer.unplaced.length };
      const stood = homesNow(bins.value, store.data.move, homesOf(bins.value));
      const taken = await store.tryWrite(() =>
        place(roomId, [
          ...answer.placed.map(({ bin, compartment, ...at }) => ({ binId: bin, compartmentId: compartment, ...at })),
          ...answer.unplaced.map((binId) => ({ binId, compartmentId: null })),
        ]),
      );
      if (taken) remember(stood);
    } catch (error) {
      notices.warn((error as Error).message);
    } finally {
      searching.value = false;
    }
  }
  /** What stood somewhere already has to be carried: the moves are offered. */
  function remember(stood: Homes): void {
    before.value = stood.size ? stood : null;
  }
  const stop = () => void placeWorker().stop();
  onUnmounted(() => {
    left = true;
    if (searching.value) stop();
  });
  return { progress, searching, gap, before, remember, propose, stop };
}
