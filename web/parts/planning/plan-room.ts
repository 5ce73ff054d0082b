/** The open room as a whole plan is made of it. */
import { computed } from 'vue';
import type { PlanRoom } from '@stube/core/plans';
import { useRoom } from '../../data/room.ts';

export function usePlanRoom() {
  const { room, demands, containContext, placeData } = useRoom();
  return computed<PlanRoom | null>(() =>
    placeData.value && room.value && containContext.value
      ? {
          room: placeData.value,
          demands: demands.value,
          context: {
            ...containContext.value,
            school: { view: room.value.view, lids: room.value.lids },
          },
        }
      : null,
  );
}
