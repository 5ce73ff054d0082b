<script setup lang="ts">
/** A line as a slip of paper that can be dragged; pressed, it asks where to go. */
import { computed } from 'vue';
import { sameWords } from '@stube/core/matching';
import { formatAmount } from '../../../parts/numbers.ts';
import type { Line } from '@stube/core/model';

const props = defineProps<{
  line: Line;
  /** The category it lies in: its name is not said twice. */
  under?: string;
}>();
const emit = defineEmits<{ pick: [] }>();
const isSame = computed(() => sameWords(props.line.name, props.under ?? ''));
</script>

<template>
  <li class="slip" :data-line="line.id">
    <button
      type="button"
      :aria-label="`${line.name}, ${formatAmount(line.amount, line.measure)}: move`"
      @click="emit('pick')"
    >
      <template v-if="!isSame"
        ><b>{{ line.name }}</b
        >{{ ' ' }}</template
      ><span class="small soft">{{ formatAmount(line.amount, line.measure) }}</span>
    </button>
  </li>
</template>

<style scoped>
.slip {
  list-style: none;
  max-width: 100%;
}
.slip button {
  min-height: 30px;
  padding: 2px 8px;
  background: var(--paper-card);
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  cursor: grab;
  box-shadow: 1px 2px 0 color-mix(in srgb, var(--ink) 10%, transparent);
  text-align: left;
  overflow-wrap: anywhere;
}
.slip button:hover {
  border-color: var(--ink);
}
</style>
