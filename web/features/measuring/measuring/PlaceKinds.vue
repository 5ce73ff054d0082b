<script setup lang="ts">
/** Every kind of place there is, drawn small: furniture, what hangs on walls and doors, and what is often overlooked. */
import { compartmentsOf, startOf, TEMPLATES } from '@stube/core/measuring';
import type { TemplateKind } from '@stube/core/model';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import ModalDialog from '../../../parts/ModalDialog.vue';

const emit = defineEmits<{ close: []; choose: [kind: TemplateKind] }>();
const GROUPS = [
  { stands: 'furniture', title: 'Furniture' },
  { stands: 'wall', title: 'On walls, doors and sides' },
  { stands: 'floor', title: 'Often overlooked' },
] as const;
const BOX = { width: 128, height: 92 };
const kinds = Object.keys(TEMPLATES) as TemplateKind[];
const drawn = kinds.map((kind) => {
  const shape = { ...startOf(kind), raised: 0 };
  const spaces = compartmentsOf(shape).map((space, i) => ({ id: `${kind} ${i}`, ...space }));
  const high = Math.max(shape.height, ...spaces.map(({ z, height }) => z + height));
  return { kind, shape, spaces, px: Math.min((BOX.width - 20) / shape.width, (BOX.height - 16) / high) };
});
</script>

<template>
  <ModalDialog title="What kind of place?" :width="860" @close="emit('close')">
    <section v-for="group in GROUPS" :key="group.stands" class="stack tight">
      <h3>{{ group.title }}</h3>
      <div class="kinds">
        <template v-for="{ kind, shape, spaces, px } in drawn" :key="kind">
          <button
            v-if="TEMPLATES[kind].stands === group.stands"
            class="kind"
            type="button"
            @click="emit('choose', kind)"
          >
            <span class="picture" aria-hidden="true"
              ><UnitElevation :shape="shape" :spaces="spaces" :name="TEMPLATES[kind].label" :px="px"
            /></span>
            <b>{{ TEMPLATES[kind].label }}</b>
            <span class="small soft">{{ TEMPLATES[kind].hint }}</span>
          </button>
        </template>
      </div>
    </section>
  </ModalDialog>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}
.kind {
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 10px;
  text-align: left;
  background: var(--paper-card);
  border: var(--line) solid var(--rule);
  border-radius: var(--corner);
  cursor: pointer;
}
.kind:hover {
  border-color: var(--spruce);
}
.picture {
  display: grid;
  place-items: end center;
  height: 92px;
}
</style>
