/** What has its parking place in a compartment, though it stands in another room: for drawings. */
import { computed } from 'vue';
import { shapeOf } from '@stube/core/contents';
import { parkedBins, parkedWidth } from '@stube/core/placement';
import { useSite } from './site.ts';

export interface KeptPlace {
  id: string;
  name: string;
  /** The room where it stands. */
  from: string;
  /** mm */
  width: number;
  height: number;
}

/** By compartment; the right end of it is theirs. */
export function useKept(): (compartmentId: string) => readonly KeptPlace[] {
  const store = useSite();
  const kept = computed(() => {
    return new Map(
      [...parkedBins(store.data)].map(([spaceId, bins]) => {
        const space = store.maps.compartment.get(spaceId);
        const places = bins.flatMap((bin): KeptPlace[] => {
          const shape = shapeOf(bin, store.maps.containerType);
          if (!shape || !space) return [];
          const from = store.maps.room.get(bin.roomId)?.name ?? '';
          return [{ id: bin.id, name: bin.name, from, width: parkedWidth({ shape }, space), height: shape.outHeight }];
        });
        return [spaceId, places] as const;
      }),
    );
  });
  return (compartmentId) => kept.value.get(compartmentId) ?? [];
}
