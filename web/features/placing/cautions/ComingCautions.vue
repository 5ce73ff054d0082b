<script setup lang="ts">
/** What will not be safe any more in the next months as children grow, with the cheapest way to right it. */
import { computed } from 'vue';
import { MoveRight } from '@lucide/vue';
import { comingCautions, roomThen } from '@stube/core/cautions';
import { rightingOf } from '@stube/core/plans';
import type { RoomData, Spot } from '@stube/core/placement';
import { formatMonth } from '../../../parts/day.ts';
import { said, signedSeconds } from '../../../parts/numbers.ts';
import { usePlaceName } from '../../../data/place-name.ts';
import { useSite } from '../../../data/site.ts';
import { usePlacementActions } from '../placement/actions.ts';

const props = defineProps<{ rooms: readonly RoomData[] }>();
const store = useSite();
const { place } = usePlacementActions();
/** Each takes a while to reckon: the first ones are enough to begin with. */
const MOST = 6;
const coming = computed(() =>
  props.rooms
    .flatMap((room) => comingCautions(room).map((one) => ({ room, ...one })))
    .slice(0, MOST)
    .map(({ room, from, caution }) => ({ room, from, caution, righting: rightingOf(roomThen(room, from), caution) })),
);
const placeName = usePlaceName();
async function right(roomId: string, binId: string, compartmentId: string, { x, y, z, turned }: Spot): Promise<void> {
  const done = await store.tryWrite(() => place(roomId, [{ binId, compartmentId, x, y, z, turned, pin: true }]));
  if (done) store.sayDone(`${store.maps.bin.get(binId)?.name ?? 'It'} is put to ${placeName(compartmentId)}.`);
}
</script>

<template>
  <section v-if="coming.length" class="stack tight" aria-label="As the children grow">
    <h2>As the children grow</h2>
    <article
      v-for="{ room, from, caution, righting } in coming"
      :key="`${room.room.id} ${caution.key}`"
      class="caution warn"
    >
      <p class="small">
        <b>From {{ formatMonth(from.slice(0, 7)) }}: {{ caution.about }}</b
        ><template v-if="rooms.length > 1"> · {{ room.room.name }}</template>
      </p>
      <p class="small">{{ said(caution.fact) }} {{ said(caution.helps) }}</p>
      <button
        v-if="righting?.option.spot"
        class="press small"
        type="button"
        @click="right(room.room.id, righting.binId, righting.option.compartment, righting.option.spot)"
      >
        <MoveRight :size="15" />Put it to {{ placeName(righting.option.compartment) }} ({{
          signedSeconds(righting.option.change)
        }})
      </button>
    </article>
  </section>
</template>
