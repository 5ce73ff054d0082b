<script setup lang="ts">
/** What to be careful of: each is settled by a fact, or somebody answers for it with a reason. */
import { counted } from '@stube/core/notation';
import { computed, nextTick, ref } from 'vue';
import { Check } from '@lucide/vue';
import { type Caution, DEFER } from '@stube/core/cautions';
import { HAZARD_WORDS } from '@stube/core/hazards';
import type { Acknowledgement } from '@stube/core/model';
import { formatDay, today } from '../day.ts';
import { useForm } from '../form.ts';
import { useSite } from '../../data/site.ts';
import { said } from '../numbers.ts';

const props = defineProps<{
  roomId: string;
  cautions: { open: readonly Caution[]; acknowledged: readonly { caution: Caution; by: Acknowledgement }[] };
  heading?: string;
}>();
const store = useSite();
const asked = ref<string | null>(null);
const reason = ref('');
const by = ref('');
const all = ref(false);
const SHOWN = 8;
const shown = computed(() => (all.value ? props.cautions.open : props.cautions.open.slice(0, SHOWN)));
const { problems, once } = useForm();

function ask(caution: Caution): void {
  asked.value = asked.value === caution.key ? null : caution.key;
  reason.value = '';
  void nextTick(() => document.getElementById(`reason-${caution.key}`)?.focus());
}
const answer = (caution: Caution) =>
  once(async () => {
    await store.create('acknowledgement', {
      roomId: props.roomId,
      key: caution.key,
      fact: caution.fact,
      about: caution.about,
      hazard: caution.hazard.startsWith('H') ? caution.hazard : 'H1',
      reason: reason.value,
      by: by.value,
      on: today(),
    });
    asked.value = null;
  });
const wordsOf = (hazard: string): string => (HAZARD_WORDS as Record<string, string>)[hazard] ?? '';
</script>

<template>
  <section
    v-if="cautions.open.length || cautions.acknowledged.length"
    class="stack tight"
    :aria-label="heading ? `Cautions: ${heading}` : 'Cautions'"
  >
    <h2>{{ heading ?? 'Be careful' }}</h2>
    <div v-for="caution in shown" :key="caution.key" class="caution" :class="{ warn: caution.severity === 'warn' }">
      <div class="row between top">
        <b :title="wordsOf(caution.hazard)">{{ caution.about }}</b><button
          class="press quiet small no-print"
          type="button"
          :aria-expanded="asked === caution.key"
          @click="ask(caution)"
        >
          <Check :size="15" />it is all right
        </button>
      </div>
      <p class="small">{{ said(caution.fact) }} {{ said(caution.helps) }}</p>
      <form v-if="asked === caution.key" class="stack tight" @submit.prevent="answer(caution)">
        <label class="field"
          ><span>Why it is all right as it is</span
          ><input
            :id="`reason-${caution.key}`"
            v-model="reason"
            class="write"
            maxlength="400"
            placeholder="such as: only with the two helpers present"
          /><span v-if="problems.reason" class="wrong">{{ problems.reason }}</span></label
        >
        <label class="field"
          ><span>Who says so</span><input v-model="by" class="write" maxlength="60" placeholder="name or role"
        /></label>
        <button class="press small" type="submit">Keep this answer</button>
      </form>
    </div>
    <button v-if="cautions.open.length > SHOWN" class="press small no-print" type="button" @click="all = !all">
      {{ all ? 'fewer' : `${cautions.open.length - SHOWN} more` }}
    </button>
    <details v-if="cautions.acknowledged.length" :open="!cautions.open.length">
      <summary>{{ counted(cautions.acknowledged.length, 'is', 'are') }} answered for</summary>
      <ul class="answered">
        <li v-for="{ caution, by: kept } in cautions.acknowledged" :key="kept.id" class="small">
          <b>{{ caution.about }}</b>: {{ said(caution.fact) }} <i>{{ kept.reason }}</i> ({{
            [kept.by, formatDay(kept.on)].filter(Boolean).join(', ')
          }})
          <button
            class="press quiet small no-print"
            type="button"
            :aria-label="`No longer answered for: ${caution.about}`"
            @click="store.remove('acknowledgement', kept, 'The answer is')"
          >
            no longer
          </button>
        </li>
      </ul>
    </details>
    <p class="small soft">{{ DEFER }}</p>
  </section>
</template>

<style scoped>
.top {
  align-items: start;
}
.top b {
  flex: 1 1 9em;
  min-width: 0;
}
.answered {
  margin: 6px 0 0;
  padding-left: 18px;
}
</style>
