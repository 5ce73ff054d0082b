<script setup lang="ts">
/** What is used in two rooms is carried: a parking place is kept for it in the other one. */
import { computed, ref } from 'vue';
import { byAcknowledgement, cautionsOf, parkedId } from '@stube/core/cautions';
import { canHang } from '@stube/core/containers';
import { type BinShape, shapeOf } from '@stube/core/contents';
import { fitsToPark, freeToPark, roomDataOf } from '@stube/core/placement';
import type { Bin, Compartment } from '@stube/core/model';
import { usePlaceName } from '../../../data/place-name.ts';
import { useSite } from '../../../data/site.ts';
import { today } from '../../../parts/day.ts';
import CautionList from '../../../parts/cautions/CautionList.vue';

const props = defineProps<{ bin: Bin }>();
const store = useSite();
const placeName = usePlaceName();
const shape = computed(() => shapeOf(props.bin, store.maps.containerType));
/** Every other room is looked through for what is free in it, so only once the list is opened. */
const opened = ref(false);
function hasRoom(roomId: string, own: BinShape): (spaceId: string) => boolean {
  const room = opened.value && roomDataOf(store.data, roomId, today());
  const free = room && freeToPark(room, own);
  // What is parked there already has its room.
  return (spaceId) => !free || free.has(spaceId) || spaceId === props.bin.parkId;
}
const fitsInto = (own: BinShape, space: Compartment): boolean =>
  fitsToPark(own, space, canHang(own, store.maps.category.get(props.bin.categoryId)));
/** Its place there has become too small, or it too large. */
const tooLarge = computed(() => {
  const space = store.maps.compartment.get(props.bin.parkId ?? '');
  return !!shape.value && !!space && !fitsInto(shape.value, space);
});
/** Places of other rooms that it goes into by its size, and which have room for it as they are. */
const places = computed(() => {
  const own = shape.value;
  if (!own) return [];
  return store.rooms
    .filter(({ id }) => id !== props.bin.roomId)
    .map((room) => {
      const free = hasRoom(room.id, own);
      const spaces = store.data.compartment
        .filter(
          (space) =>
            store.maps.unit.get(space.unitId)?.roomId === room.id &&
            (space.id === props.bin.parkId || fitsInto(own, space)),
        )
        .map(({ id }) => ({ id, name: placeName(id), free: free(id) }));
      return { room, spaces };
    })
    .filter(({ spaces }) => spaces.length);
});
/** The room of its parking place, and what to be careful of there. */
const other = computed(
  () => store.maps.unit.get(store.maps.compartment.get(props.bin.parkId ?? '')?.unitId ?? '')?.roomId,
);
const cautions = computed(() => {
  const room = other.value && roomDataOf(store.data, other.value, today());
  const all = room ? cautionsOf(room) : [];
  return byAcknowledgement(
    all.filter(({ key }) => key.endsWith(`:${parkedId(props.bin)}`)),
    store.data.acknowledgement,
  );
});
const park = (id: string) => store.tryWrite(() => store.patch('bin', props.bin, { parkId: id || null }));
</script>

<template>
  <section v-if="places.length || bin.parkId" class="sheet stack tight" aria-label="Used in two rooms">
    <h2>Used in two rooms</h2>
    <label class="field"
      ><span>Parking place in another room</span
      ><select
        class="write"
        :value="bin.parkId ?? ''"
        @focus="opened = true"
        @pointerdown="opened = true"
        @change="park(($event.target as HTMLSelectElement).value)"
      >
        <option value="">none: it stays in its room</option>
        <optgroup v-for="{ room, spaces } in places" :key="room.id" :label="room.name">
          <option v-for="space in spaces" :key="space.id" :value="space.id" :disabled="!space.free">
            {{ space.name }}{{ space.free ? '' : ', no room' }}
          </option>
        </optgroup>
      </select></label
    >
    <p v-if="tooLarge" class="wrong">It does not fit in there any more: choose another place.</p>
    <p class="small soft">
      It goes to and fro as one<template v-if="other">
        between {{ store.maps.room.get(bin.roomId)?.name }} and {{ store.maps.room.get(other)?.name }}</template
      >: both places are kept free for it, also by plans. Give it a handle.
    </p>
    <CautionList v-if="other" :room-id="other" :cautions="cautions" heading="Where it is parked" />
  </section>
</template>
