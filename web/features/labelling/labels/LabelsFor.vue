<script setup lang="ts">
/** For whom the labels of the room are, who sees them, how they usually look, and what else can be printed. */
import { computed } from 'vue';
import { labelsFor } from '@stube/core/labels';
import { LABELS_FOR } from '@stube/core/model';
import { today } from '../../../parts/day.ts';
import type { LabelRunView } from './run.ts';

const props = defineProps<{ view: LabelRunView }>();
const WORDS = {
  pictures: 'pictures alone, for the youngest',
  beginners: 'picture and word, for beginners',
  words: 'words, for those who read',
};
const store = props.view.store;
const room = computed(() => props.view.room.value);
const bins = computed(() => store.data.bin.filter((bin) => bin.roomId === room.value?.id));
const usual = computed(() =>
  room.value ? labelsFor({ ...room.value, labelsFor: null }, store.data.person, today()) : 'words',
);
const set = (values: Partial<NonNullable<typeof room.value>>) =>
  store.tryWrite(() => store.patch('room', room.value!, values));
const more = computed(() => `/api/sites/${store.id}/rooms/${room.value?.id}`);
const hangs = computed(() =>
  bins.value.some(({ compartmentId }) => store.maps.compartment.get(compartmentId ?? '')?.hangs),
);
</script>

<template>
  <details v-if="room" class="stack">
    <summary>For whom, and what else is printed</summary>
    <label class="field"
      ><span>Labels in this room</span
      ><select
        class="write"
        :value="room.labelsFor ?? ''"
        @change="set({ labelsFor: (($event.target as HTMLSelectElement).value || null) as typeof room.labelsFor })"
      >
        <option value="">as its people read: {{ WORDS[usual] }}</option>
        <option v-for="one in LABELS_FOR" :key="one" :value="one">{{ WORDS[one] }}</option>
      </select></label
    >
    <label class="check"
      ><input
        type="checkbox"
        :checked="room.visitors"
        @change="set({ visitors: ($event.target as HTMLInputElement).checked })"
      />visitors see them: no child’s name, no medicine</label
    >
    <label class="field"
      ><span>Usual layout of the room</span
      ><select
        class="write"
        :value="room.labelLayoutId ?? ''"
        @change="set({ labelLayoutId: ($event.target as HTMLSelectElement).value || null })"
      >
        <option value="">sheets, as large as the face</option>
        <option v-for="layout in store.data.labelLayout" :key="layout.id" :value="layout.id">{{ layout.name }}</option>
      </select></label
    >
    <div class="row">
      <a class="press small" :href="`${more}/label-list.pdf`" target="_blank" rel="noopener">A list to write by hand</a>
      <a v-if="hangs" class="press small" :href="`${more}/outlines.pdf`" target="_blank" rel="noopener"
        >Outlines of what hangs</a
      >
      <a v-if="room.visitors" class="press small" :href="`${more}/label-key.pdf`" target="_blank" rel="noopener"
        >Key for the locked guide</a
      >
      <RouterLink class="press small" :to="{ name: 'numbers', params: { site: store.id } }">Numbered sets</RouterLink>
    </div>
  </details>
</template>
