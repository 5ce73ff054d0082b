<script setup lang="ts">
/** The room from above with the way to a piece of furniture, from where one stands (practice F1). */
import { computed, ref, watch } from 'vue';
import { LOOKS, nearestWall } from '@stube/core/floor';
import { walksOf } from '@stube/core/walking';
import { useSite } from '../data/site.ts';
import RoomFromAbove from './RoomFromAbove.vue';

const props = defineProps<{
  unitId: string;
  /** The furniture alone, without a way. */
  still?: boolean;
}>();
const store = useSite();
const unit = computed(() => store.maps.unit.get(props.unitId)!);
const room = computed(() => store.maps.room.get(unit.value.roomId)!);
const units = computed(() => store.data.unit.filter(({ roomId }) => roomId === room.value.id));
const WALL_STAND = 350;
/** Doors first: most come in by one. */
const starts = computed(() => {
  const doors = store.data.fixture.filter(
    ({ roomId, kind }) => roomId === room.value.id && (kind === 'door' || kind === 'exit'),
  );
  const inside = doors.map((door) => {
    const out = LOOKS[nearestWall(door, room.value)];
    return {
      id: door.id,
      name: door.name || 'the door',
      x: door.x - out.x * WALL_STAND,
      y: door.y - out.y * WALL_STAND,
    };
  });
  const zones = store.data.zone.filter(({ roomId }) => roomId === room.value.id);
  return [...inside, ...zones.map(({ id, name, x, y }) => ({ id, name, x, y }))];
});
const from = ref('');
watch(starts, (now) => (from.value = now.some(({ id }) => id === from.value) ? from.value : (now[0]?.id ?? '')), {
  immediate: true,
});
const walk = computed(() => {
  if (!from.value) return null;
  const walks = walksOf(room.value, starts.value, units.value);
  return { metres: walks.metres(from.value, props.unitId), way: walks.way(from.value, props.unitId) };
});
const metres = computed(() => (walk.value ? `${walk.value.metres.toFixed(1)} m` : ''));
</script>

<template>
  <figure class="way-plan">
    <RoomFromAbove
      v-slot="{ down }"
      :room="room"
      :lit="unitId"
      :label="`${room.name} from above: ${metres} to ${unit.name}`"
      class="small-plan"
    >
      <template v-if="walk && !still">
        <polyline class="way" :points="walk.way.map(({ x, y }) => `${x},${down(y)}`).join(' ')" />
        <circle class="begin" :cx="walk.way[0]!.x" :cy="down(walk.way[0]!.y)" r="90" />
      </template>
    </RoomFromAbove>
    <figcaption v-if="!still" class="row tight small">
      <label v-if="starts.length" class="row tight"
        ><span>from</span
        ><select v-model="from" class="write few" aria-label="Where you stand">
          <option v-for="start in starts" :key="start.id" :value="start.id">{{ start.name }}</option>
        </select></label
      ><b>{{ metres }}</b>
    </figcaption>
  </figure>
</template>

<style scoped>
.way-plan {
  margin: 0;
}
.small-plan {
  max-height: 220px;
}
.way {
  fill: none;
  stroke: var(--brick);
  stroke-width: 60;
  stroke-linecap: round;
  stroke-linejoin: round;
  stroke-dasharray: 1 130;
}
.begin {
  fill: var(--brick);
}
.few {
  width: auto;
  min-height: 32px;
  padding: 2px 8px;
}
</style>
