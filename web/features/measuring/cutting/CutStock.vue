<script setup lang="ts">
/** The lengths and sheets that are sold, or there already. */
import { formatMoney } from '@stube/core/notation';
import { ref } from 'vue';
import { Plus, Trash2 } from '@lucide/vue';
import { CUT_PARTS, type CutPart, type CutStock } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import LengthField from '../../../parts/LengthField.vue';
import MoneyField from '../../../parts/MoneyField.vue';
import NumberField from '../../../parts/NumberField.vue';
import { useForm } from '../../../parts/form.ts';
import { PART_WORDS } from './cutting.ts';

defineProps<{ stock: readonly CutStock[]; stockWords: (bar: CutStock) => string }>();
const store = useSite();
const { problems, once } = useForm();
const newStock = ref<{ part: CutPart; length: number; width: number | null; price: number; count: number | null }>({
  part: 'rod',
  length: 2400,
  width: null,
  price: 0,
  count: null,
});
const addStock = () => once(() => store.create('cutStock', { ...newStock.value }));
</script>

<template>
  <h3>What it is cut from</h3>
  <ul v-if="stock.length" class="pieces" aria-label="Stock">
    <li v-for="bar in stock" :key="bar.id" class="row between">
      <span>{{ stockWords(bar) }}</span><span class="row tight"
        >{{ bar.price ? formatMoney(bar.price, store.site!.currency) : 'free' }}
        <button
          class="icon-press"
          type="button"
          :aria-label="`Take away: ${stockWords(bar)}`"
          @click="store.remove('cutStock', bar, stockWords(bar))"
        >
          <Trash2 :size="16" /></button
      ></span>
    </li>
  </ul>
  <form class="adding" @submit.prevent="addStock">
    <label class="field"
      ><span>Stock of</span
      ><select v-model="newStock.part" class="write">
        <option v-for="part in CUT_PARTS" :key="part" :value="part">{{ PART_WORDS[part].many }}</option>
      </select></label
    ><LengthField v-model="newStock.length" label="Length" :problem="problems.length" /><LengthField
      v-if="newStock.width !== null"
      v-model="newStock.width"
      label="Width"
      :problem="problems.width"
    /><MoneyField v-model="newStock.price" label="Price" :problem="problems.price" /><NumberField
      v-model="newStock.count"
      label="How many there are"
      :problem="problems.count"
      optional
      whole
    /><button class="press" type="submit"><Plus :size="16" />Add</button>
  </form>
  <label v-if="['board', 'panel', 'divider'].includes(newStock.part)" class="check"
    ><input
      type="checkbox"
      :checked="newStock.width !== null"
      @change="newStock.width = newStock.width === null ? 1250 : null"
    />it is a sheet, with a width</label
  >
  <p class="small soft">Left empty, as many as needed are bought. Offcuts that are there cost nothing.</p>
  <p v-if="problems.form" class="wrong" role="alert">{{ problems.form }}</p>
</template>
<style scoped src="./cut-lists.css"></style>
