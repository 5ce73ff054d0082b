<script setup lang="ts">
/** What is used in two rooms is carried: a parking place is kept for it in the other one. */
import { computed } from 'vue';
import { shapeOf } from '@stube/core/containers/shape';
import { clearHeight } from '@stube/core/placement/problem';
import type { Bin } from '@stube/core/model/entities';
import { usePlaceName } from '../../data/place-name.ts';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ bin: Bin }>();
const store = useSite();
const placeName = usePlaceName();
/** Places of other rooms that it goes into by its size. */
const places = computed(() => {
  const shape = shapeOf(props.bin, store.maps.containerType);
  if (!shape) return [];
  return store.rooms
    .filter(({ id }) => id !== props.bin.roomId)
    .map((room) => ({
      room,
      spaces: store.data.compartment
        .filter(
          (space) =>
            store.maps.unit.get(space.unitId)?.roomId === room.id &&
            space.width >= shape.outWidth &&
            space.depth >= shape.outDepth &&
            clearHeight(space) >= shape.outHeight,
        )
        .map((space) => ({ id: space.id, name: placeName(space.id) })),
    }))
    .filter(({ spaces }) => spaces.length);
});
const park = (id: string) => store.tryWrite(() => store.patch('bin', props.bin, { parkId: id || null }));
</script>

<template>
  <section v-if="places.length || bin.parkId" class="sheet stack tight" aria-label="Used in two rooms">
    <h2>Used in two rooms</h2>
    <label class="field"
      ><span>Parking place in another room</span
      ><select class="write" :value="bin.parkId ?? ''" @change="park(($event.target as HTMLSelectElement).value)">
        <option value="">none: it stays in its room</option>
        <optgroup v-for="{ room, spaces } in places" :key="room.id" :label="room.name">
          <option v-for="space in spaces" :key="space.id" :value="space.id">{{ space.name }}</option>
        </optgroup>
      </select></label
    >
    <p class="small soft">It goes to and fro as one: keep both places free for it, and give it a handle.</p>
  </section>
</template>
