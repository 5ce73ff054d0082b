/** The placing of one room: its problem, the week's effort now, what moving one bin would change, and the proposal. */
import { computed, ref, shallowRef, toRaw } from 'vue';
import { proxy } from 'comlink';
import { assignmentEffort, compilePlace } from '@stube/core/placement/compiled/compile';
import { explain, optionsFor, type PlaceOption } from '@stube/core/placement/report/explain';
import { placeProblemOf } from '@stube/core/placement/place-problem-of';
import { sayRule } from '@stube/core/placement/rules';
import type { SpaceMark } from '../../drawing/UnitElevation.vue';
import { signedSeconds } from '../../parts/numbers.ts';
import { useNotices } from '../../data/notices.ts';
import { useRoom } from '../../data/room.ts';
import { placeWorker } from './worker.ts';
import type { PlaceNews } from './place.worker.ts';

/** A second and a half for a small room, five for a large one; most of the gain comes early. */
const searchTime = (bins: number): number => Math.min(5000, 1500 + 15 * bins);

export function usePlacing() {
  const room = useRoom();
  const { store, bins, compartments, units } = room;
  const notices = useNotices();
  const held = ref<string | null>(null);

  const problem = computed(() => (room.placeData.value ? placeProblemOf(room.placeData.value) : null));
  const assignment = computed(
    () => new Map(bins.value.flatMap((bin) => (bin.compartmentId ? [[bin.id, bin.compartmentId] as const] : []))),
  );
  const loose = computed(() => bins.value.filter((bin) => !bin.compartmentId));
  const nameOf = (id: string) => store.maps.person.get(id)?.name ?? id;
  const placeName = (spaceId: string) => {
    const space = store.maps.compartment.get(spaceId);
    return space ? `${store.maps.unit.get(space.unitId)?.name ?? ''} › ${space.name}` : '';
  };
  /** Seconds a week of what has a place; what has none is counted apart. */
  const effort = computed(() => {
    if (!problem.value) return 0;
    const placed = { ...problem.value, bins: problem.value.bins.filter((bin) => assignment.value.has(bin.id)) };
    const compiled = compilePlace(placed, assignment.value);
    return assignmentEffort(compiled, compiled.pinned);
  });

  const options = computed<PlaceOption[]>(() => {
    const bin = problem.value?.bins.find((bin) => bin.id === held.value);
    return bin ? optionsFor(problem.value!, bin, assignment.value) : [];
  });
  const here = computed(() =>
    options.value.find((option) => option.compartment === assignment.value.get(held.value ?? '')),
  );
  const open = (option: PlaceOption) => !option.broken.length && !option.lacksWidth;
  const obstacle = (option: PlaceOption) =>
    option.broken.length
      ? option.broken.map((brokenRule) => sayRule(brokenRule, nameOf)).join(', ')
      : `${option.lacksWidth} mm too little room left`;
  /** Change in seconds a week against where it stands now; against nothing when it stands nowhere. */
  const change = (option: PlaceOption) => option.seconds - (here.value?.seconds ?? 0);
  const marks = computed<ReadonlyMap<string, SpaceMark>>(
    () =>
      new Map(
        options.value.map((option) => [
          option.compartment,
          option === here.value
            ? { tone: 'lit' as const }
            : open(option)
              ? {
                  tone: 'good' as const,
                  text: here.value ? signedSeconds(change(option)) : `${Math.round(option.seconds)} s`,
                }
              : { tone: 'no' as const },
        ]),
      ),
  );
  const ranked = computed(() =>
    options.value.filter((option) => option !== here.value && open(option)).sort((a, b) => a.seconds - b.seconds),
  );
  const reason = computed(() =>
    problem.value && held.value && here.value ? explain(problem.value, held.value, assignment.value, nameOf) : null,
  );

  const put = (binId: string, compartmentId: string | null) =>
    store.attempt(() =>
      store.place(room.id.value, { placed: [{ binId, compartmentId }], pin: compartmentId !== null }),
    );
  const letGo = (binId: string) =>
    store.attempt(() =>
      store.place(room.id.value, {
        placed: [{ binId, compartmentId: assignment.value.get(binId) ?? null }],
        pin: false,
      }),
    );

  const progress = ref<PlaceNews | null>(null);
  const searching = ref(false);
  /** What the last proposal left open, in seconds a week; null before the first. */
  const gap = shallowRef<{ effort: number; bound: number; unplaced: number } | null>(null);

  async function propose(): Promise<void> {
    if (!problem.value) return;
    searching.value = true;
    progress.value = null;
    try {
      const pins = bins.value
        .filter((bin) => bin.pinned && bin.compartmentId)
        .map((bin): [string, string] => [bin.id, bin.compartmentId!]);
      const answer = await placeWorker().solve(
        { ...structuredClone(toRaw(problem.value)), timeMs: searchTime(bins.value.length) },
        pins,
        proxy((now: PlaceNews) => {
          progress.value = now;
        }),
      );
      // Stopped before there was a plan: all stays as it is.
      if (!answer) return;
      gap.value = { effort: answer.effort, bound: answer.bound, unplaced: answer.unplaced.length };
      await store.attempt(() =>
        store.place(room.id.value, {
          placed: [
            ...answer.placed.map(({ bin, compartment }) => ({ binId: bin, compartmentId: compartment })),
            ...answer.unplaced.map((binId) => ({ binId, compartmentId: null })),
          ],
        }),
      );
    } catch (error) {
      notices.warn((error as Error).message);
    } finally {
      searching.value = false;
    }
  }
  const stop = () => void placeWorker().stop();

  return {
    ...room,
    problem,
    assignment,
    loose,
    effort,
    held,
    options,
    here,
    open,
    obstacle,
    change,
    marks,
    ranked,
    reason,
    put,
    letGo,
    progress,
    searching,
    gap,
    propose,
    stop,
    nameOf,
    placeName,
    units,
    compartments,
  };
}
