<script setup lang="ts">
/** A piece of furniture from its template, drawn to scale with its dimensions while one types. */
import { computed, reactive, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { compartmentsOf, inRoundNumbers, isAlike, shapeProblems, startOf, TEMPLATES } from '@stube/core/measuring';
import { counted, formatLength } from '@stube/core/notation';
import type { TemplateKind, Unit, UnitShape } from '@stube/core/model';
import UnitElevation from '../../../drawing/UnitElevation.vue';
import AlikeInside from './AlikeInside.vue';
import UnitTraits from './UnitTraits.vue';
import LayoutEditor from './LayoutEditor.vue';
import CautionPreview from '../../../parts/cautions/CautionPreview.vue';
import EntityDialog from '../../../parts/EntityDialog.vue';
import LengthField from '../../../parts/LengthField.vue';
import { limitInKilos } from '../../../parts/limit-said.ts';
import NumberField from '../../../parts/NumberField.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{
  unit?: Unit;
  template: TemplateKind;
  roomId: string;
  /** Where a new one begins with measures that are known already. */
  start?: UnitShape & Pick<Unit, 'x' | 'y' | 'faces'>;
}>();
const emit = defineEmits<{ close: []; made: [id: string] }>();
const store = useSite();
const secondLife = computed(() => store.maps.room.get(props.roomId)?.secondLife);
const info = computed(() => TEMPLATES[props.template]);
const same = store.data.unit.filter((unit) => unit.roomId === props.roomId && unit.template === props.template).length;
const round = (mm: number) => inRoundNumbers(mm, store.site?.system ?? 'metric');
const inRoundShape = (shape: UnitShape): UnitShape => ({
  ...shape,
  width: round(shape.width),
  height: round(shape.height),
  depth: round(shape.depth),
  board: round(shape.board),
  raised: round(shape.raised),
  slope: shape.slope === null ? null : round(shape.slope),
});
const start = props.unit ?? {
  ...(props.start ?? inRoundShape(startOf(props.template))),
  wheels: !!TEMPLATES[props.template].wheels,
  folds: false,
  doubles: null as Unit['doubles'],
  step: props.template === 'rails' ? 50 : null,
  name: `${TEMPLATES[props.template].label}${same ? ` ${same + 1}` : ''}`,
  locked: false,
  sunlit: false,
  onView: true,
  anchored: false,
  lidSupport: false,
  airHoles: false,
  latch: false,
  maxLoad: null as number | null,
  reused: false,
  checked: false,
  changeOver: null as Unit['changeOver'],
};
const draft = reactive({
  name: start.name,
  width: start.width,
  height: start.height,
  depth: start.depth,
  columns: start.columns as number | null,
  rows: start.rows as number | null,
  board: start.board,
  raised: start.raised,
  slope: start.slope,
  layout: start.layout,
  wheels: start.wheels,
  folds: start.folds,
  doubles: start.doubles,
  step: start.step,
  locked: start.locked,
  sunlit: start.sunlit,
  onView: start.onView,
  anchored: start.anchored,
  lidSupport: start.lidSupport,
  airHoles: start.airHoles,
  latch: start.latch,
  kilos: start.maxLoad === null ? null : start.maxLoad / 1000,
  reused: start.reused,
  checked: start.checked,
  changeOver: start.changeOver,
});
const shape = computed<UnitShape>(() => ({
  ...draft,
  columns: draft.columns ?? 0,
  rows: draft.rows ?? 0,
  template: props.template,
}));
const wrong = computed(
  () =>
    Object.fromEntries(shapeProblems(shape.value).map(({ field, message }) => [field, message])) as Record<
      string,
      string | undefined
    >,
);
/** The last shape that could be built stays drawn while a number is being typed. */
let last: UnitShape | null = null;
const drawn = computed(() => {
  if (!Object.keys(wrong.value).length) last = { ...shape.value };
  return last && { shape: last, spaces: compartmentsOf(last).map((space, i) => ({ id: String(i), ...space })) };
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

const MEASURED = ['outside', 'inside'] as const;
const measuredBy = ref<(typeof MEASURED)[number]>('outside');

/** Kilograms are what a plate on the furniture says; grams are kept. */
function fields() {
  const { kilos, ...rest } = draft;
  return { ...rest, maxLoad: kilos === null ? null : Math.round(kilos * 1000) };
}
/** As it would be; a new one gets its place when it is put in the room. */
const preview = computed<Unit>(() => ({
  id: 'new',
  version: 0,
  siteId: '',
  sort: 0,
  x: NaN,
  y: NaN,
  faces: 'front',
  ...props.unit,
  ...fields(),
  columns: draft.columns ?? 0,
  rows: draft.rows ?? 0,
  template: props.template,
  roomId: props.roomId,
}));
const values = () => ({
  ...fields(),
  columns: draft.columns ?? 0,
  rows: draft.rows ?? 0,
  ...(props.unit ? {} : { template: props.template, roomId: props.roomId }),
  ...(props.start ? { x: Math.round(props.start.x), y: Math.round(props.start.y), faces: props.start.faces } : {}),
});
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="unit"
    :row="unit"
    :title="unit?.name ?? info.label"
    :width="880"
    :values="values"
    :save="unit ? 'Save' : 'Put it in the room'"
    removal="Remove; its bins go to the bench"
    :blocked="Object.keys(wrong).length > 0"
    @close="emit('close')"
    @made="emit('made', $event)"
  >
    <div class="two">
      <div class="stack">
        <TextField v-model="draft.name" label="What you call it" :problem="problems.name" />
        <div v-if="isAlike(template)" class="by" role="radiogroup" aria-label="Which measures do you have?">
          <label v-for="way in MEASURED" :key="way" class="check"
            ><input v-model="measuredBy" type="radio" name="measuredBy" :value="way" />{{
              way === 'outside'
                ? 'outside measures'
                : info.noun === 'inside'
                  ? 'inside measures'
                  : `inside of one ${info.noun}`
            }}</label
          >
        </div>
        <AlikeInside
          v-if="measuredBy === 'inside'"
          :shape="shape"
          :noun="info.noun"
          :problem="wrong.width ?? wrong.height ?? wrong.depth ?? problems.width ?? problems.height ?? problems.depth"
          @change="Object.assign(draft, $event)"
        />
        <div v-else class="three">
          <LengthField
            v-model="draft.width"
            :label="info.toldInside ? 'Wide inside' : 'Wide'"
            :problem="wrong.width ?? problems.width"
          /><LengthField
            v-model="draft.height"
            :label="info.toldInside ? 'High inside' : 'High'"
            :problem="wrong.height ?? problems.height"
          /><LengthField
            v-model="draft.depth"
            :label="info.toldInside ? 'Deep inside' : 'Deep'"
            :problem="wrong.depth ?? problems.depth"
          />
        </div>
        <LayoutEditor
          v-if="template === 'composed'"
          :layout="draft.layout ?? []"
          :width="draft.width"
          :height="draft.height"
          :board="draft.board"
          :problem="wrong.layout ?? problems.layout"
          @change="draft.layout = $event"
        />
        <div class="three">
          <template v-if="template !== 'composed' && !info.toldInside">
            <NumberField
              v-model="draft.columns"
              :label="info.hangs ? 'In a row' : template === 'desk' ? 'Stacks of drawers' : 'Columns'"
              whole
              :problem="wrong.columns ?? problems.columns"
            />
            <NumberField v-model="draft.rows" label="Rows" whole :problem="wrong.rows ?? problems.rows" />
          </template>
          <LengthField
            v-if="info.built !== 'open' || template === 'hooks'"
            v-model="draft.board"
            label="Boards"
            :problem="wrong.board ?? problems.board"
          />
          <LengthField
            v-if="draft.slope !== null"
            v-model="draft.slope"
            label="High at its right end"
            :problem="wrong.slope ?? problems.slope"
          />
        </div>
        <div class="three">
          <LengthField v-model="draft.raised" label="Above the floor" :problem="wrong.raised ?? problems.raised" />
          <NumberField
            v-model="draft.kilos"
            label="Bears in all, kg"
            optional
            :problem="limitInKilos(problems.maxLoad)"
          />
          <LengthField
            v-if="draft.step !== null"
            v-model="draft.step"
            label="Boards move in steps of"
            :problem="problems.step"
          />
        </div>
        <UnitTraits v-model="draft" :template="template" :second-life="secondLife ?? ''" />
        <CautionPreview table="unit" :row="preview" />
      </div>
      <div ref="holder" class="drawn">
        <UnitElevation
          v-if="drawn"
          :shape="drawn.shape"
          :spaces="drawn.spaces"
          :name="`${draft.name} to scale`"
          :px="px"
          :system="store.site?.system"
          :wheels="draft.wheels"
          dims
          numbers
        />
        <p v-if="inside" class="small soft">
          {{ counted(drawn!.spaces.length, 'space') }}, inside
          {{ formatLength(inside.width, store.site?.system, 'down') }} wide,
          {{ formatLength(inside.height, store.site?.system, 'down') }} high,
          {{ formatLength(inside.depth, store.site?.system, 'down') }} deep<template
            v-if="measuredBy === 'outside' && !info.toldInside"
            >; reckoned from the outside, so measure one and correct it where it differs</template
          >.
        </p>
      </div>
    </div>
  </EntityDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}
.by {
  display: flex;
  align-items: center;
  gap: 12px;
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
