/** The placement problem of the room as it stands, and the seconds a week it takes now. */
import { computed } from 'vue';
import { depthProblemOf, homesOf, Standing } from '@stube/core/placement';
import { usePlaceName } from '../../../data/place-name.ts';
import { useRoom } from '../../../data/room.ts';

export function useWeek() {
  const { store, bins, placeData } = useRoom();
  const problem = computed(() => (placeData.value ? depthProblemOf(placeData.value) : null));
  const standing = computed(() => (problem.value ? new Standing(problem.value, homesOf(bins.value)) : null));
  const unplaced = computed(() => bins.value.filter((bin) => !bin.compartmentId));
  /** Seconds a week of what has a place; what has none is counted apart. */
  const effort = computed(() => standing.value?.effort ?? 0);
  const nameOf = (id: string) => store.maps.person.get(id)?.name ?? id;
  const placeName = usePlaceName('');
  const binName = (id: string) => {
    const bin = store.maps.bin.get(id);
    return bin ? `${bin.code} ${bin.name}` : '';
  };
  return { problem, standing, unplaced, effort, nameOf, placeName, binName };
}

export type Week = ReturnType<typeof useWeek>;
