<script setup lang="ts">
/** What the pile adds up to, the line being typed included. */
import { counted } from '@stube/core/notation';
import { computed } from 'vue';
import { fateOf, type PileTotals, type Sum } from '@stube/core/pile';
import { DECISIONS } from '@stube/core/model';
import { formatAmount, litres } from '../../../parts/numbers.ts';

const props = defineProps<{ totals: PileTotals; typing: boolean }>();
const whole = computed(() =>
  Math.max(1e-9, props.totals.kept.litres + props.totals.leaving.litres + props.totals.open.litres),
);
const bars = computed(() =>
  (
    [
      ['stays', 'kept'],
      ['leaves', 'leaving'],
      ['open', 'open'],
    ] as const
  ).map(([word, key]) => ({ word, key, sum: props.totals[key], share: props.totals[key].litres / whole.value })),
);
const ways = computed(() =>
  DECISIONS.filter((decision) => fateOf(decision) === 'leaving' && props.totals.by[decision]).map((decision) => ({
    one: decision,
    sum: props.totals.by[decision]!,
  })),
);
const pieces = (sum: Sum) => (sum.pieces ? formatAmount(Math.round(sum.pieces), 'pieces') : '');
</script>

<template>
  <aside class="sheet stack" aria-label="The pile adds up to">
    <h2>The pile</h2>
    <div class="split" role="img" :aria-label="bars.map((bar) => `${bar.word} ${litres(bar.sum.litres)}`).join(', ')">
      <i v-for="bar in bars" :key="bar.key" :class="bar.key" :style="{ flexGrow: bar.share }" />
    </div>
    <dl>
      <template v-for="bar in bars" :key="bar.key"
        ><dt><i :class="bar.key" />{{ bar.word }}</dt>
        <dd>
          <b class="figure" :data-sum="bar.key">{{ litres(bar.sum.litres) }}</b><span class="small soft">{{
            [counted(bar.sum.lines, 'line'), pieces(bar.sum)].filter(Boolean).join(', ')
          }}</span>
        </dd></template
      >
    </dl>
    <template v-if="ways.length"
      ><h3>Where it goes</h3>
      <ul>
        <li v-for="{ one, sum } in ways" :key="one" class="row between">
          <span>{{ one }}</span><span class="soft">{{
            [pieces(sum), litres(sum.litres)].filter(Boolean).join(', ')
          }}</span>
        </li>
      </ul></template
    >
    <p v-if="typing" class="small soft">with the line you are typing</p>
    <slot />
  </aside>
</template>

<style scoped>
.split {
  display: flex;
  height: 22px;
  border: 1.25px solid var(--ink);
  background: var(--paper-low);
  overflow: hidden;
}
.split i {
  min-width: 0;
}
i.kept {
  background: var(--spruce);
}
i.leaving {
  background: var(--oak);
}
i.open {
  background: var(--straw);
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 12px;
  margin: 0;
  align-items: baseline;
}
dt {
  display: flex;
  gap: 8px;
  align-items: center;
}
dt i {
  width: 12px;
  height: 12px;
  border: 1px solid var(--ink);
}
dd {
  margin: 0;
  display: flex;
  flex-direction: column;
  align-items: flex-end;
}
dd b {
  font-size: 1.3rem;
}
</style>
