<script setup lang="ts">
/** What the plan leaves open, with its reason and what would change it. */
import { computed } from 'vue';
import { type Gap, gapsOf } from '@stube/core/rotation';
import type { RotationAnswer } from '@stube/contract/rotation/requests';
import { useSite } from '../../../data/site.ts';
import { said } from '../../../parts/numbers.ts';

const props = defineProps<{ plan: RotationAnswer; slotName: (slotId: string) => string }>();
const store = useSite();
const nameOf = (lineId: string) => store.maps.line.get(lineId)?.name ?? '';
const subject = ({ kind, id, area }: Gap): string => {
  if (kind === 'thing') return nameOf(id);
  if (kind === 'place') return `${props.slotName(id)} (${area})`;
  return `${store.maps.person.get(id)?.name ?? 'A child'}, ${area}`;
};
const TITLES: Record<Gap['kind'], string> = {
  child: 'No fitting work in these weeks',
  thing: 'Never out in these weeks',
  place: 'Places that stay empty',
};
const parts = computed(() => {
  const gaps = gapsOf(props.plan.problem, props.plan.answer.plan, nameOf);
  return (Object.keys(TITLES) as Gap['kind'][])
    .map((kind) => ({ kind, gaps: gaps.filter((gap) => gap.kind === kind) }))
    .filter(({ gaps }) => gaps.length);
});
/** More than that are folded. */
const FEW = 4;
</script>

<template>
  <section v-if="parts.length" class="sheet stack tight" aria-label="What the plan leaves open">
    <h2>What the plan leaves open</h2>
    <details v-for="{ kind, gaps } in parts" :key="kind" :open="gaps.length <= FEW">
      <summary>
        {{ TITLES[kind] }}<span class="figure count">{{ gaps.length }}</span>
      </summary>
      <ul class="small">
        <li v-for="gap in gaps" :key="`${gap.id} ${gap.area}`">
          <b>{{ subject(gap) }}:</b> {{ said(gap.because) }}.
          <template v-if="gap.helps">What would help: {{ gap.helps }}.</template>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.count {
  margin-left: 8px;
}
</style>
