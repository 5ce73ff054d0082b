<script setup lang="ts">
/** One line of the pile with what a thumb can do to it. */
import { computed, ref } from 'vue';
import { Copy, FlaskConical, Pencil, Scissors, Trash2 } from '@lucide/vue';
import { litresOfLine } from '@stube/core/contents';
import { HUES } from '@stube/core/labels';
import type { Decision, Line } from '@stube/core/model';
import { fateOf } from '@stube/core/pile';
import Pictogram from '../../../drawing/Pictogram.vue';
import { formatDay, today } from '../../../parts/day.ts';
import { formatAmount, litres, sidesOf } from '../../../parts/numbers.ts';
import { useRoving } from '../../../parts/roving.ts';
import { useSite } from '../../../data/site.ts';
import DecisionChoice from './DecisionChoice.vue';
import { useLineActs } from './line-acts.ts';

const props = defineProps<{ line: Line }>();
const emit = defineEmits<{ edit: []; test: [] }>();
const store = useSite();
const { again, double, halfGoes } = useLineActs();
const category = computed(() => store.maps.category.get(props.line.categoryId ?? ''));
const hue = computed(() => HUES[store.maps.family.get(category.value?.familyId ?? '')?.hue ?? 'ink']);
const size = computed(() =>
  sidesOf(...[props.line.length, props.line.width, props.line.height].filter((side): side is number => side !== null)),
);
const photo = computed(() => store.data.photo.find((photo) => photo.lineId === props.line.id));
const more = computed(() => {
  const { decision, condition, destination, due, keepUntil, setPieces, setMissing, spread, tested, dead, note } =
    props.line;
  const words = [
    condition,
    setPieces && `set of ${setPieces}${setMissing ? `, ${setMissing} missing` : ''}`,
    tested && dead !== null && `${dead} of ${tested} tested were dead`,
    spread.length &&
      `${spread.reduce((sum, one) => sum + one.amount, 0)} of it ${spread.map((one) => one.where).join(', ')}`,
    destination && `to ${destination}`,
    keepUntil && `keep until ${formatDay(keepUntil)}`,
    note,
  ].filter((word): word is string => !!word);
  return {
    words,
    due: due && { said: `${decision === 'return' ? 'back by' : 'by'} ${formatDay(due)}`, late: due <= today() },
  };
});
/** Things that dry out or run down are tried one by one. */
const testable = computed(
  () => props.line.measure === 'pieces' && props.line.amount > 1 && props.line.decision === 'keep',
);
const acts = computed(() => {
  const { line } = props;
  return [
    { title: 'Once more', name: `${line.name} once more`, picture: Copy, run: () => again(line) },
    { title: 'Twice as much', name: `2× ${line.name}: twice as much`, picture: null, run: () => double(line) },
    { title: 'Half of it goes', name: `Half of ${line.name} goes`, picture: Scissors, run: () => halfGoes(line) },
    ...(testable.value
      ? [{ title: 'Try them out', name: `Test ${line.name}`, picture: FlaskConical, run: () => emit('test') }]
      : []),
    { title: 'Everything about it', name: `Edit ${line.name}`, picture: Pencil, run: () => emit('edit') },
    {
      title: 'Remove',
      name: `Remove ${line.name}`,
      picture: Trash2,
      run: () => store.remove('line', line, line.name),
    },
  ];
});
const row = ref<HTMLElement | null>(null);
const roving = useRoving(row);
const decide = (decision: Decision | null) => store.tryWrite(() => store.patch('line', props.line, { decision }));
</script>

<template>
  <li
    ref="row"
    class="line"
    :class="{ going: fateOf(line.decision) === 'leaving' }"
    @keydown="roving.onKey"
    @focusin="roving.onFocus"
  >
    <img
      v-if="photo"
      class="shot"
      :src="`/api/sites/${store.id}/photos/${photo.id}.jpg`"
      :alt="`Photograph of ${line.name}`"
    />
    <span v-else class="picture" :style="{ color: hue }"
      ><Pictogram :name="category?.pictogram ?? 'package-open'" :size="24"
    /></span>
    <span class="said"
      ><b>{{ line.name }}</b
      ><span class="small soft"
        >{{ formatAmount(line.amount, line.measure) }}<template v-if="line.length"> of {{ size }}</template> ·
        {{ litres(litresOfLine(line, category, store.site!)) }} ·
        <span :class="{ wrong: !line.categoryId }">{{ category?.name ?? 'not sorted yet' }}</span><template
          v-for="word in more.words"
          :key="word"
        >
          · {{ word }}</template
        ><span v-if="more.due" :class="{ wrong: more.due.late }"> · {{ more.due.said }}</span></span
      ></span
    >
    <DecisionChoice
      class="decision"
      :aria-label="`Decision for ${line.name}`"
      :model-value="line.decision"
      @update:model-value="decide"
    />
    <span class="acts">
      <button
        v-for="act in acts"
        :key="act.title"
        class="icon-press"
        :class="{ twice: !act.picture }"
        type="button"
        :aria-label="act.name"
        :title="act.title"
        @click="act.run"
      >
        <component :is="act.picture" v-if="act.picture" :size="16" /><template v-else>2×</template>
      </button>
    </span>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr) 132px auto;
  gap: 2px 8px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.said {
  display: flex;
  flex-direction: column;
  min-width: 0;
  overflow-wrap: anywhere;
}
.picture {
  display: grid;
  place-items: center;
}
.shot {
  width: 40px;
  height: 40px;
  object-fit: cover;
  border: 1px solid var(--ink);
}
.going .said b {
  text-decoration: line-through;
  text-decoration-thickness: 1px;
}
.acts {
  display: flex;
  justify-content: flex-end;
  min-width: 204px;
}
.acts .icon-press {
  width: 34px;
}
.twice {
  font-weight: 700;
  font-size: 0.9rem;
}
@media (max-width: 1100px) {
  .line {
    grid-template-columns: 40px minmax(0, 1fr) auto;
  }
  .decision {
    grid-column: 2;
  }
  .said {
    grid-column: 2 / -1;
  }
  .acts {
    min-width: 0;
  }
}
@media (max-width: 760px) {
  .line {
    grid-template-columns: 40px 108px minmax(0, 1fr);
  }
  .acts {
    justify-content: space-between;
  }
  .acts .icon-press {
    width: 33px;
  }
}
</style>
