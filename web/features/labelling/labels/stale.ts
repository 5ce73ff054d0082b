/** Rooms whose printed labels no longer say what is true: out of date, or hanging where they do not belong. */
import { computed } from 'vue';
import { dueLabels, oldLabels } from '@stube/core/labels';
import { LABEL_ROLES, type Room } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { labelDataOfSite } from './run.ts';

export interface StaleLabels {
  room: Room;
  /** Out of date. */
  stale: number;
  /** To be taken off. */
  old: number;
}

export function useStaleLabels() {
  const store = useSite();
  return computed(() =>
    store.rooms.flatMap((room): StaleLabels[] => {
      if (!store.data.printedLabel.some(({ roomId }) => roomId === room.id)) return [];
      const data = labelDataOfSite(store, room.id)!;
      const stale = dueLabels(data, LABEL_ROLES).filter(({ printed, reason }) => printed && reason).length;
      const old = oldLabels(data).length;
      return stale || old ? [{ room, stale, old }] : [];
    }),
  );
}
