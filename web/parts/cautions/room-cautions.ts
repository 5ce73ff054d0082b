/** The cautions of the open room, those that somebody answers for apart. */
import { computed, type Ref } from 'vue';
import { byAcknowledgement, cautionsOf } from '@stube/core/cautions';
import type { RoomData } from '@stube/core/placement';
import { useSite } from '../../data/site.ts';

export function useRoomCautions(room: Ref<RoomData | null>) {
  const store = useSite();
  return computed(() => byAcknowledgement(room.value ? cautionsOf(room.value) : [], store.data.acknowledgement));
}
