<script setup lang="ts">
/** The measures of furniture whose compartments are all alike, by the inside of one of them; the outside follows. */
import { computed, ref, watch } from 'vue';
import { compartmentsOf, type InsideOfEach, outsideOf, readAlike, shapeProblems } from '@stube/core/measuring';
import { formatLength } from '@stube/core/notation';
import type { UnitShape } from '@stube/core/model';
import LengthField from '../../../parts/LengthField.vue';
import TextField from '../../../parts/TextField.vue';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ shape: UnitShape; noun: string; problem?: string | undefined }>();
const emit = defineEmits<{
  change: [sizes: Partial<Pick<UnitShape, 'width' | 'height' | 'depth' | 'columns' | 'rows'>>];
}>();
const store = useSite();
const system = computed(() => store.site?.system ?? 'metric');
const first = shapeProblems(props.shape).length ? undefined : compartmentsOf(props.shape)[0];
const inside = ref<InsideOfEach>({
  width: first?.width ?? 330,
  height: first?.height ?? 330,
  depth: first?.depth ?? 380,
});
const outside = computed(() => outsideOf(props.shape, inside.value));

function told(side: keyof InsideOfEach, mm: number): void {
  inside.value = { ...inside.value, [side]: mm };
  emit('change', outside.value);
}
const text = ref('');
const unread = ref(false);
function read(line: string): void {
  text.value = line;
  const alike = readAlike(line, system.value);
  unread.value = line.trim() !== '' && !alike;
  if (!alike) return;
  inside.value = alike.inside;
  const { columns, rows } = alike;
  emit('change', { columns, rows, ...outsideOf({ ...props.shape, columns, rows }, alike.inside) });
}
/** What the line has to look like. */
const EXAMPLE = {
  metric: '5 × 2 of 33 × 33 × 38',
  millimetre: '5 × 2 of 330 × 330 × 380',
  imperial: '5 × 2 of 13 × 13 × 15',
};
/** When the number of columns, rows or the boards change, the inside stays as it was told. */
watch(
  () => [props.shape.columns, props.shape.rows, props.shape.board],
  () => emit('change', outside.value),
);
</script>

<template>
  <div class="stack tight">
    <TextField
      :model-value="text"
      label="In one line: across × down of wide × high × deep"
      :placeholder="EXAMPLE[system]"
      :problem="unread ? `Not understood yet: ${EXAMPLE[system]}` : ''"
      @update:model-value="read"
    />
    <div class="three">
      <LengthField
        v-for="[side, word] in [
          ['width', 'wide'],
          ['height', 'high'],
          ['depth', 'deep'],
        ] as const"
        :key="side"
        :model-value="inside[side]"
        :label="noun === 'inside' ? `Inside ${word}` : `Each ${noun} ${word}`"
        @update:model-value="told(side, $event)"
      />
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p class="small soft">
      Outside, with its boards: {{ formatLength(outside.width, system) }} wide,
      {{ formatLength(outside.height, system) }} high, {{ formatLength(outside.depth, system) }} deep.
    </p>
  </div>
</template>
