<script setup lang="ts">
/** What nobody has decided about yet: one by one, or all of it stays. */
import { counted } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Check, Layers } from '@lucide/vue';
import type { Line } from '@stube/core/model';
import { proposedDecision } from '@stube/core/pile';
import { useRoom } from '../../../data/room.ts';
import DecideDeck from './DecideDeck.vue';

defineProps<{ why: string }>();
const { store, lines: all } = useRoom();
const undecided = computed(() => all.value.filter((line) => line.decision === null));
const staying = computed(() => undecided.value.filter((line) => !proposedDecision(line)));
/** What speaks against keeping it is looked at one by one. */
const doubtful = computed(() => undecided.value.length - staying.value.length);
const deck = ref<Line[] | null>(null);
const keeping = ref(false);
async function keepAll(): Promise<void> {
  keeping.value = true;
  const lines = staying.value;
  const left = doubtful.value;
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `keep ${counted(lines.length, 'line')}`,
      update: lines.map((line) => ({
        table: 'line',
        id: line.id,
        version: line.version,
        values: { decision: 'keep' },
      })),
    }),
  );
  keeping.value = false;
  if (done)
    store.sayDone(
      `${lines.length === 1 ? '1 line stays' : `${lines.length} lines stay`}.${left ? ` ${left} broken, dried-out or outgrown left to decide.` : ''}`,
    );
}
</script>

<template>
  <div v-if="undecided.length || deck" class="caution warn row between" role="status">
    <span
      ><b>{{ undecided.length === 1 ? '1 line is' : `${undecided.length} lines are` }} not decided yet.</b>
      {{ why }}</span
    >
    <span class="row tight">
      <button v-if="undecided.length" class="press small main" type="button" @click="deck = undecided">
        <Layers :size="16" />Decide one by one
      </button>
      <button v-if="staying.length" class="press small" type="button" :disabled="keeping" @click="keepAll">
        <Check :size="16" />{{
          doubtful
            ? 'Keep all but the broken and outgrown'
            : undecided.length === 1
              ? 'Keep it'
              : `Keep all ${undecided.length}`
        }}
      </button>
    </span>
    <DecideDeck v-if="deck" :lines="deck" @close="deck = null" />
  </div>
</template>
