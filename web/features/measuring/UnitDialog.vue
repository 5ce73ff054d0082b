<script setup lang="ts">
/** A piece of furniture from its template, drawn to scale with its dimensions while one types. */
import { computed, reactive, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import Dialog from 'primevue/dialog';
import { layOut, shapeProblems, TEMPLATES } from '@stube/core/measuring/template';
import { formatLength } from '@stube/core/measuring/length';
import type { TemplateKind, Unit, UnitShape } from '@stube/core/model/entities';
import UnitElevation from '../../drawing/UnitElevation.vue';
import { useForm } from '../../parts/form.ts';
import FormEnd from '../../parts/FormEnd.vue';
import LengthField from '../../parts/LengthField.vue';
import TextField from '../../parts/TextField.vue';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ unit?: Unit; template: TemplateKind; roomId: string }>();
const emit = defineEmits<{ close: []; made: [id: string] }>();
const store = useSite();
const info = computed(() => TEMPLATES[props.template]);
const same = store.data.unit.filter((one) => one.roomId === props.roomId && one.template === props.template).length;
const start = props.unit ?? {
  ...TEMPLATES[props.template].start,
  name: `${TEMPLATES[props.template].label}${same ? ` ${same + 1}` : ''}`,
  locked: false,
  sunlit: false,
  onView: true,
  anchored: false,
};
const draft = reactive({
  name: start.name,
  width: start.width,
  height: start.height,
  depth: start.depth,
  columns: start.columns as number | string,
  rows: start.rows as number | string,
  board: start.board,
  raised: start.raised,
  locked: start.locked,
  sunlit: start.sunlit,
  onView: start.onView,
  anchored: start.anchored,
});
const { problems, busy, submit } = useForm();
const shape = computed<UnitShape>(() => ({
  ...draft,
  columns: Number(draft.columns),
  rows: Number(draft.rows),
  template: props.template,
}));
const wrong = computed(
  () =>
    Object.fromEntries(shapeProblems(shape.value).map(({ field, message }) => [field, message])) as Record<
      string,
      string
    >,
);
/** The last shape that could be built stays drawn while a number is being typed. */
let last: UnitShape | null = null;
const drawn = computed(() => {
  if (!Object.keys(wrong.value).length) last = { ...shape.value };
  return last && { shape: last, spaces: layOut(last).map((space, i) => ({ id: String(i), ...space })) };
});
const holder = ref<HTMLElement | null>(null);
const { width } = useElementSize(holder);
const px = computed(() =>
  drawn.value
    ? Math.min(
        0.6,
        330 / (drawn.value.shape.height + drawn.value.shape.raised),
        Math.max(100, width.value - 60) / drawn.value.shape.width,
      )
    : 0.2,
);
const inside = computed(() => drawn.value?.spaces[0]);

async function save(): Promise<void> {
  if (Object.keys(wrong.value).length) return;
  const values = { ...draft, columns: Number(draft.columns), rows: Number(draft.rows) };
  const done = await submit(async () => {
    if (props.unit) await store.patch('unit', props.unit, values);
    else emit('made', (await store.create('unit', { ...values, template: props.template, roomId: props.roomId }))!.id!);
  });
  if (done) emit('close');
}
async function drop(): Promise<void> {
  if (props.unit && (await store.remove('unit', props.unit, props.unit.name))) emit('close');
}
const problem = (field: string) => wrong.value[field] ?? problems[field];
</script>

<template>
  <Dialog
    visible
    modal
    :header="unit?.name ?? info.label"
    :style="{ width: 'min(880px, 96vw)' }"
    @update:visible="emit('close')"
  >
    <form class="two" novalidate @submit.prevent="save">
      <div class="stack">
        <TextField v-model="draft.name" label="What you call it" :problem="problems.name" />
        <div class="three">
          <LengthField v-model="draft.width" label="Wide" :problem="problem('width')" /><LengthField
            v-model="draft.height"
            label="High"
            :problem="problem('height')"
          /><LengthField v-model="draft.depth" label="Deep" :problem="problem('depth')" />
        </div>
        <div class="three">
          <label class="field"
            ><span>Columns</span
            ><input
              v-model="draft.columns"
              class="write"
              inputmode="numeric"
              :aria-invalid="!!problem('columns')"
            /><span v-if="problem('columns')" class="wrong">{{ problem('columns') }}</span></label
          >
          <label class="field"
            ><span>Rows</span
            ><input v-model="draft.rows" class="write" inputmode="numeric" :aria-invalid="!!problem('rows')" /><span
              v-if="problem('rows')"
              class="wrong"
              >{{ problem('rows') }}</span
            ></label
          >
          <LengthField v-model="draft.board" label="Boards" :problem="problem('board')" />
        </div>
        <div class="three">
          <LengthField v-model="draft.raised" label="Above the floor" :problem="problem('raised')" />
        </div>
        <div class="ticks">
          <label class="check"><input v-model="draft.anchored" type="checkbox" />anchored to the wall</label
          ><label class="check"><input v-model="draft.locked" type="checkbox" />locked</label
          ><label class="check"><input v-model="draft.sunlit" type="checkbox" />stands in the sun</label
          ><label class="check"><input v-model="draft.onView" type="checkbox" />on view</label>
        </div>
        <FormEnd
          :problem="problems.form"
          :busy="busy || Object.keys(wrong).length > 0"
          :save="unit ? 'Save' : 'Put it in the room'"
          :remove="unit && 'Remove; its bins go to the bench'"
          @remove="drop"
        />
      </div>
      <div ref="holder" class="drawn">
        <UnitElevation
          v-if="drawn"
          :shape="drawn.shape"
          :spaces="drawn.spaces"
          :name="`${draft.name} to scale`"
          :px="px"
          :system="store.site?.system"
          dims
          numbers
        />
        <p v-if="inside" class="small soft">
          {{ drawn!.spaces.length }} {{ drawn!.spaces.length === 1 ? 'space' : 'spaces' }}, inside
          {{ formatLength(inside.width, store.site?.system) }} wide,
          {{ formatLength(inside.height, store.site?.system) }} high,
          {{ formatLength(inside.depth, store.site?.system) }} deep; reckoned from the outside, so measure one and
          correct it where it differs.
        </p>
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
.ticks {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 12px;
}
.drawn {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 8px;
  min-height: 380px;
  justify-content: center;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .drawn {
    min-height: 0;
    order: -1;
  }
}
</style>
