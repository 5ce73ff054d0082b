<script setup lang="ts">
/** What a piece of furniture is beside its measures: fixed, rolling, locked, with a lid, used before. */
import { computed } from 'vue';
import { inRoundNumbers, TEMPLATES } from '@stube/core/measuring';
import { CHANGE_OVERS, type TemplateKind, type Unit } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';

type Traits = Pick<
  Unit,
  | 'anchored'
  | 'wheels'
  | 'folds'
  | 'doubles'
  | 'changeOver'
  | 'step'
  | 'slope'
  | 'height'
  | 'locked'
  | 'sunlit'
  | 'onView'
  | 'reused'
  | 'checked'
  | 'lidSupport'
  | 'airHoles'
  | 'latch'
>;
const props = defineProps<{ template: TemplateKind; secondLife: string }>();
const traits = defineModel<Traits>({ required: true });
const store = useSite();
const info = computed(() => TEMPLATES[props.template]);
const round = (mm: number) => inRoundNumbers(mm, store.site?.system ?? 'metric');
</script>

<template>
  <div class="ticks">
    <label class="check"><input v-model="traits.anchored" type="checkbox" />anchored to the wall</label
    ><label v-if="info.stands === 'furniture'" class="check"
      ><input v-model="traits.wheels" type="checkbox" />has wheels</label
    ><label v-if="info.stands === 'furniture'" class="check"
      ><input v-model="traits.folds" type="checkbox" />folds away</label
    ><label v-if="info.stands === 'furniture'" class="check"
      ><select v-model="traits.doubles" class="write few" aria-label="Serves as">
        <option :value="null">storage only</option>
        <option value="seat">a seat too</option>
        <option value="table">a table too</option>
      </select></label
    ><label v-if="secondLife" class="check"
      ><select v-model="traits.changeOver" class="write few" :aria-label="`Before it is ${secondLife}`">
        <option :value="null">changes over as it is built</option>
        <option v-for="way in CHANGE_OVERS" :key="way" :value="way">{{ way }}</option>
      </select></label
    ><label v-if="['bookcase', 'cabinet', 'composed', 'rails'].includes(template)" class="check"
      ><input
        :checked="traits.step !== null"
        type="checkbox"
        @change="traits.step = traits.step === null ? 32 : null"
      />its boards can be moved</label
    ><label v-if="template === 'composed'" class="check"
      ><input
        :checked="traits.slope !== null"
        type="checkbox"
        @change="traits.slope = traits.slope === null ? round(traits.height * 0.6) : null"
      />its top slopes down to the right</label
    ><label class="check"><input v-model="traits.locked" type="checkbox" />locked</label
    ><label class="check"><input v-model="traits.sunlit" type="checkbox" />stands in the sun</label
    ><label class="check"><input v-model="traits.onView" type="checkbox" />on view</label
    ><label class="check"><input v-model="traits.reused" type="checkbox" />had an earlier life</label
    ><label v-if="traits.reused" class="check"
      ><input v-model="traits.checked" type="checkbox" />looked over: whole, no flaking paint</label
    >
    <template v-if="template === 'trunk'"
      ><label class="check"><input v-model="traits.lidSupport" type="checkbox" />lid closes slowly</label
      ><label class="check"><input v-model="traits.airHoles" type="checkbox" />has air holes</label
      ><label class="check"><input v-model="traits.latch" type="checkbox" />its lid latches</label></template
    >
  </div>
</template>

<style scoped>
.ticks {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 12px;
}
.few {
  width: auto;
  min-height: 34px;
  padding: 2px 8px;
}
</style>
