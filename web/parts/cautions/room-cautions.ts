/** The cautions of the open room, those that somebody answers for apart. */
import { computed, type Ref } from 'vue';
import { byAcknowledgement } from '@stube/core/placing/cautions/acknowledged';
import { cautionsOf } from '@stube/core/placing/cautions/cautions';
import type { RoomData } from '@stube/core/placing/placement/room-data';
import { useSite } from '../../data/site.ts';

export function useRoomCautions(room: Ref<RoomData | null>) {
  const store = useSite();
  return computed(() => byAcknowledgement(room.value ? cautionsOf(room.value) : [], store.data.acknowledgement));
}
