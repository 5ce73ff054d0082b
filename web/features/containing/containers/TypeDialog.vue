<script setup lang="ts">
/** A kind of container: outside for the shelf, inside for what goes in. */
import { reactive } from 'vue';
import { type ContainerType, MATERIALS } from '@stube/core/model';
import EntityDialog from '../../../parts/EntityDialog.vue';
import MoneyField from '../../../parts/MoneyField.vue';
import NumberField from '../../../parts/NumberField.vue';
import LengthField from '../../../parts/LengthField.vue';
import TypePicture from './TypePicture.vue';
import TextField from '../../../parts/TextField.vue';

const props = defineProps<{ type?: ContainerType }>();
const emit = defineEmits<{ close: [] }>();
const START = {
  name: '',
  form: 'box',
  outWidth: 300,
  outDepth: 350,
  outHeight: 200,
  inWidth: 285,
  inDepth: 335,
  inHeight: 190,
  seeThrough: false,
  lid: false,
  handle: false,
  stackable: false,
  compartments: 1,
  soft: false,
  lockable: false,
  turntable: false,
  liftOut: false,
  mass: 400,
  price: 0,
  pack: 1,
  material: 'plastic',
  owned: 0,
  tried: null,
} as const;
const fields = Object.keys(START) as (keyof typeof START)[];
const draft = reactive(
  Object.fromEntries(fields.map((field) => [field, props.type?.[field] ?? START[field]])) as Record<string, never>,
) as unknown as Omit<ContainerType, 'id' | 'siteId' | 'version'> & { price: number };
/** Where its sizes are corrected, what was tried before is not true any more. */
const values = () => {
  const sizes = fields.filter((field) => /^(out|in)[WDH]/.test(field));
  const corrected = props.type && sizes.some((field) => props.type![field] !== draft[field]);
  return { ...draft, tried: corrected ? null : (props.type?.tried ?? null) };
};
const SIDES = [
  ['Width', 'wide'],
  ['Depth', 'deep'],
  ['Height', 'high'],
] as const;
</script>

<template>
  <EntityDialog
    v-slot="{ problems }"
    table="containerType"
    :row="type"
    :title="type?.name ?? 'A kind of container'"
    :width="560"
    :values="values"
    removal="Remove"
    @close="emit('close')"
  >
    <TextField v-model="draft.name" label="Name" :problem="problems.name" />
    <div class="three">
      <LengthField
        v-for="[side, word] in SIDES"
        :key="side"
        v-model="draft[`out${side}`]"
        :label="`Outside ${word}`"
        :problem="problems[`out${side}`]"
      />
    </div>
    <div class="three">
      <LengthField
        v-for="[side, word] in SIDES"
        :key="side"
        v-model="draft[`in${side}`]"
        :label="`Inside ${word}`"
        :problem="problems[`in${side}`]"
      />
    </div>
    <div class="three">
      <label class="field"
        ><span>Form</span
        ><select v-model="draft.form" class="write">
          <option value="box">straight sides</option>
          <option value="tapered">narrower at the foot</option>
          <option value="round">round</option>
        </select></label
      >
      <label class="field"
        ><span>Of</span
        ><select v-model="draft.material" class="write">
          <option v-for="material in MATERIALS" :key="material">{{ material }}</option>
        </select></label
      >
      <NumberField v-model="draft.mass" label="Empty, grams" whole :problem="problems.mass" />
    </div>
    <div class="row">
      <label class="check"><input v-model="draft.seeThrough" type="checkbox" />seen through</label
      ><label class="check"><input v-model="draft.lid" type="checkbox" />has a lid</label
      ><label class="check"><input v-model="draft.handle" type="checkbox" />has a handle or front lip</label
      ><label class="check"><input v-model="draft.stackable" type="checkbox" />can be stacked on</label
      ><label class="check"><input v-model="draft.soft" type="checkbox" />soft, gives way</label
      ><label class="check"><input v-model="draft.lockable" type="checkbox" />can be locked</label
      ><label class="check"><input v-model="draft.turntable" type="checkbox" />turns, for corners</label
      ><label class="check"><input v-model="draft.liftOut" type="checkbox" />has a tray to lift out</label>
    </div>
    <div class="three">
      <MoneyField v-model="draft.price" label="Price" :problem="problems.price" />
      <NumberField v-model="draft.pack" label="Pieces in a pack" whole :problem="problems.pack" />
      <NumberField v-model="draft.compartments" label="Compartments inside" whole :problem="problems.compartments" />
      <NumberField v-model="draft.owned" label="Owned" whole :problem="problems.owned" />
    </div>
    <p v-if="type?.tried === 'does not'" class="caution warn">
      Tried, and it does not fit: measure it, inside and outside, and correct its sizes.
    </p>
    <TypePicture v-if="type" :type="type" />
  </EntityDialog>
</template>
