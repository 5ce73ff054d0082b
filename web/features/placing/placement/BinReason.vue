<script setup lang="ts">
/** One bin in hand: its seconds in parts, the rules it keeps, what keeps it from better places, and where else it could go. */
import { computed } from 'vue';
import { Pin, PinOff, X } from '@lucide/vue';
import type { Bin } from '@stube/core/model';
import { shapeOf } from '@stube/core/contents';
import { tightSides, tightWords } from '@stube/core/measuring';
import { formatTimes, said } from '../../../parts/numbers.ts';
import type { Placing } from './placing.ts';
import { useRemedy } from './remedy.ts';

const props = defineProps<{ bin: Bin; placing: Placing }>();
const emit = defineEmits<{ close: []; ask: [] }>();
const { store, reason, ranked, besides, here, position, obstacle, priceOf, put, pin, placeName, binName, options } =
  props.placing;
const { words: helps, accept } = useRemedy(props.placing);
const MOST = 6;
const MOST_BESIDE = 4;
const parts = computed(() =>
  reason.value
    ? (
        [
          ['walking', `${reason.value.walk} m to its zone`],
          ['body', bandWords.value],
          ['access', 'doors, drawers and lids'],
          ['moving', reason.value.movedFirst.length ? 'what stands before it or on it' : ''],
        ] as const
      )
        .filter(([, words]) => words)
        .map(([key, words]) => ({ key, words, seconds: reason.value!.parts[key] }))
    : [],
);
const bandWords = computed(
  () => [...new Set(reason.value?.bands.map((band) => band.band))].join(', ') || 'nobody named',
);
/** It stands there by a few millimetres, on a size that nobody measured. */
const tight = computed(() => {
  const space = store.maps.compartment.get(position.value?.compartment ?? '');
  const shape = shapeOf(props.bin, store.maps.containerType);
  const sides =
    space && shape ? tightSides(space, { width: shape.outWidth, depth: shape.outDepth, height: shape.outHeight }) : [];
  return sides.length ? tightWords(placeName(space!.id), sides) : null;
});
/** When nothing takes it: the rules that stand in the way most often. */
const hindered = computed(() => {
  if (ranked.value.length || position.value) return [];
  const counts = new Map<string, number>();
  for (const option of options.value) counts.set(obstacle(option), (counts.get(obstacle(option)) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1]).slice(0, 3);
});
</script>

<template>
  <section class="sheet stack tight" :aria-label="`${bin.code} ${bin.name}`">
    <div class="row between nowrap">
      <h2>{{ bin.code }} {{ bin.name }}</h2>
      <button class="icon-press" type="button" aria-label="Put it down" @click="emit('close')"><X :size="18" /></button>
    </div>
    <template v-if="reason && position">
      <p>
        {{ placeName(position.compartment) }}: <b>{{ Math.round(reason.parts.total) }} s a week</b>
      </p>
      <ul class="parts">
        <li v-for="part in parts" :key="part.key">
          <span>{{ part.key }}</span><i
            :style="{ width: `${(part.seconds / Math.max(1, reason.parts.total)) * 90}px` }"
          /><b>{{ Math.round(part.seconds) }} s</b><span class="small soft">{{ part.words }}</span>
        </li>
      </ul>
      <p v-if="reason.movedFirst.length" class="small">
        Moved first, {{ formatTimes(reason.perWeek) }}: {{ reason.movedFirst.map(binName).join(', ') }}.
      </p>
      <p v-if="reason.covers.length" class="small">
        Kept behind it or beneath it: {{ reason.covers.map(binName).join(', ') }}.
      </p>
      <p v-if="tight" class="caution warn small">{{ said(tight) }}</p>
      <p v-if="reason.kept.length" class="small">Kept: {{ reason.kept.join('; ') }}.</p>
      <template v-if="reason.excluded.length"
        ><h3>Easier places that are not for it</h3>
        <ul class="small">
          <li v-for="one in reason.excluded" :key="one.compartment">
            {{ placeName(one.compartment) }}: {{ obstacle(one) }}
          </li>
        </ul></template
      >
    </template>
    <p v-else class="soft">It stands nowhere yet.</p>
    <h3>{{ ranked.length ? 'Where else?' : 'No other place takes it' }}</h3>
    <ul v-if="ranked.length" class="where">
      <li v-for="one in ranked.slice(0, MOST)" :key="one.compartment">
        <button class="press small" type="button" @click="put(bin.id, one.spot)">
          <span>{{ placeName(one.compartment) }}</span><b>{{ priceOf(one.change) }}</b>
        </button>
      </li>
    </ul>
    <template v-if="besides.length">
      <h3>On another or behind it</h3>
      <ul class="where">
        <li v-for="one in besides.slice(0, MOST_BESIDE)" :key="`${one.where} ${one.binId}`">
          <button class="press small" type="button" @click="put(bin.id, one.spot)">
            <span>{{ one.where }} {{ binName(one.binId) }}</span
            ><b>{{ priceOf(one.change) }}</b>
          </button>
        </li>
      </ul>
    </template>
    <ul v-if="hindered.length" class="small">
      <li v-for="[words, count] in hindered" :key="words">
        {{ count === 1 ? 'One place' : `${count} places` }}: {{ words }}
      </li>
    </ul>
    <section v-if="!position && !ranked.length" class="stack tight" aria-label="What would help">
      <h3>What would help</h3>
      <template v-if="helps">
        <button class="press main" type="button" @click="accept">{{ helps.press }}</button>
        <p class="small soft">{{ helps.why }}</p>
      </template>
      <template v-else>
        <p class="small">No other bin or container makes room for it: something about the furniture has to change.</p>
        <button class="press" type="button" @click="emit('ask')">Which change would help?</button>
      </template>
    </section>
    <div class="row">
      <button v-if="bin.compartmentId" class="press small quiet" type="button" @click="put(bin.id, null)">
        To the bench
      </button>
      <button v-if="here && bin.pinned" class="press small quiet" type="button" @click="pin(bin.id, false)">
        <PinOff :size="15" />Let Stube move it
      </button>
      <button v-else-if="here" class="press small quiet" type="button" @click="pin(bin.id, true)">
        <Pin :size="15" />Keep it here
      </button>
    </div>
    <p v-if="here" class="small soft">
      {{ bin.pinned ? 'It stays when a new plan is made.' : 'A new plan may move it.' }}
    </p>
  </section>
</template>

<style scoped>
.nowrap {
  flex-wrap: nowrap;
  align-items: flex-start;
}
.parts li {
  display: grid;
  grid-template-columns: 58px 92px auto;
  gap: 2px 8px;
  align-items: center;
}
.parts i {
  height: 9px;
  background: var(--oak);
  min-width: 1px;
}
.parts .soft {
  grid-column: 1 / -1;
}
.where {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.where .press {
  width: 100%;
  justify-content: space-between;
  text-align: left;
  font-weight: 400;
}
</style>
