/** The placement problem of the room as it stands, and the seconds a week it takes now. */
import { computed } from 'vue';
import { assignmentEffort, compilePlace } from '@stube/core/placement/compiled/compile';
import { placeProblemOf } from '@stube/core/placement/place-problem-of';
import { useRoom } from '../../data/room.ts';

export function useWeek() {
  const { store, bins, placeData } = useRoom();
  const problem = computed(() => (placeData.value ? placeProblemOf(placeData.value) : null));
  const assignment = computed(
    () => new Map(bins.value.flatMap((bin) => (bin.compartmentId ? [[bin.id, bin.compartmentId] as const] : []))),
  );
  const unplaced = computed(() => bins.value.filter((bin) => !bin.compartmentId));
  /** Seconds a week of what has a place; what has none is counted apart. */
  const effort = computed(() => {
    if (!problem.value) return 0;
    const placed = { ...problem.value, bins: problem.value.bins.filter((bin) => assignment.value.has(bin.id)) };
    const compiled = compilePlace(placed, assignment.value);
    return assignmentEffort(compiled, compiled.pinned);
  });
  const nameOf = (id: string) => store.maps.person.get(id)?.name ?? id;
  const placeName = (spaceId: string) => {
    const space = store.maps.compartment.get(spaceId);
    return space ? `${store.maps.unit.get(space.unitId)?.name ?? ''} › ${space.name}` : '';
  };
  return { problem, assignment, unplaced, effort, nameOf, placeName };
}

export type Week = ReturnType<typeof useWeek>;
