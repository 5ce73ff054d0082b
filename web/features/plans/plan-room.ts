/** The open room as a whole plan is made of it. */
import { computed } from 'vue';
import { standingOf } from '@stube/core/containers/choose';
import { countTypes } from '@stube/core/containers/shopping';
import type { PlanRoom } from '@stube/core/plans/whole-plan';
import { useRoom } from '../../data/room.ts';

export function usePlanRoom() {
  const { store, id, room, bins, compartments, demands, placeData } = useRoom();
  return computed<PlanRoom | null>(() =>
    placeData.value && room.value
      ? {
          room: placeData.value,
          demands: demands.value,
          context: {
            site: store.site!,
            types: store.data.containerType,
            compartments: compartments.value,
            taken: countTypes(store.data.bin.filter((bin) => bin.roomId !== id.value)),
            standing: standingOf(bins.value),
            school: { view: room.value.view, lids: room.value.lids },
          },
        }
      : null,
  );
}
