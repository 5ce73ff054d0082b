<script setup lang="ts">
/** Which containers of the room get a layout: by their kind, as a wall of jars is labelled otherwise than boxes. */
import { computed } from 'vue';
import { WITHOUT_CONTAINER } from '@stube/core/contents';
import { layoutIdOf } from '@stube/core/labels';
import { useLabelsActions } from './actions.ts';
import type { LabelRunView } from './run.ts';

const props = defineProps<{ view: LabelRunView; layoutId: string | null; name: string; empty: boolean }>();
const store = props.view.store;
const room = computed(() => props.view.room.value!);
const kinds = computed(() => {
  const found = new Map<string | null, typeof store.data.bin>();
  for (const bin of store.data.bin)
    if (bin.roomId === room.value.id) found.set(bin.containerTypeId, [...(found.get(bin.containerTypeId) ?? []), bin]);
  return [...found]
    .map(([type, bins]) => {
      const so = bins.filter((bin) => layoutIdOf(bin, room.value) === props.layoutId).length;
      return {
        id: type,
        name: type === null ? WITHOUT_CONTAINER : (store.maps.containerType.get(type)?.name ?? ''),
        bins,
        all: so === bins.length,
        some: so > 0 && so < bins.length,
      };
    })
    .sort((a, b) => b.bins.length - a.bins.length);
});
/** What looks as the room usually does cannot be taken out of it: it is given another layout there. */
const isUsual = computed(() => room.value.labelLayoutId === props.layoutId);
const set = (kind: (typeof kinds.value)[number], on: boolean) =>
  store.tryWrite(() =>
    store.writeTogether({
      what: `${props.name} for ${kind.name}`,
      update: kind.bins.map(({ id, version }) => ({
        table: 'bin' as const,
        id,
        version,
        values: { labelLayoutId: on && !isUsual.value ? props.layoutId : null },
      })),
    }),
  );
const { giveToRoom } = useLabelsActions();
const forAll = () => store.tryWrite(() => giveToRoom(room.value, props.layoutId));
</script>

<template>
  <details :open="empty" class="small">
    <summary>Which containers look so</summary>
    <div class="kinds">
      <label v-for="kind in kinds" :key="kind.id ?? ''" class="check"
        ><input
          type="checkbox"
          :checked="kind.all"
          :indeterminate="kind.some"
          :disabled="isUsual && kind.all"
          @change="set(kind, ($event.target as HTMLInputElement).checked)"
        />{{ kind.name }}, {{ kind.bins.length }}</label
      >
    </div>
    <button v-if="!isUsual" class="press small" type="button" @click="forAll">All of the room, from now on</button>
    <p v-else class="soft">All of the room that has no other layout.</p>
  </details>
</template>

<style scoped>
.kinds {
  max-height: 220px;
  overflow-y: auto;
  padding: 4px 0;
}
</style>
