<script setup lang="ts">
/** The sitting at the pile: how long it runs, at which pace, and what that leaves; paused and taken up again by one tap. */
import { computed, ref } from 'vue';
import { useIntervalFn } from '@vueuse/core';
import { CalendarDays, Pause, Play, Square } from '@lucide/vue';
import { paceOf, secondsOf } from '@stube/core/makeover';
import { formatTime } from '../../../parts/day.ts';
import { useRoom } from '../../../data/room.ts';
import PlanDialog from './PlanDialog.vue';
import { useMakeoverActions } from './actions.ts';

const { store, id, lines } = useRoom();
const { runSession } = useMakeoverActions();
const now = ref(new Date());
useIntervalFn(() => (now.value = new Date()), 1000);
const sessions = computed(() => store.data.session.filter((session) => session.roomId === id.value));
const deferrals = computed(() => store.data.deferral.filter((deferral) => deferral.roomId === id.value));
const open = computed(() => sessions.value.find((session) => !session.endedAt));
const seconds = computed(() => (open.value ? secondsOf(open.value, now.value) : 0));
const clock = computed(() => {
  const whole = Math.floor(seconds.value);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
});
const pace = computed(() => paceOf(sessions.value, lines.value, deferrals.value, now.value));
const left = computed(() => {
  const parts = [
    pace.value.open && `${pace.value.open} open`,
    pace.value.parts && `${pace.value.parts} put off`,
    pace.value.left > 0 && `about ${formatTime(pace.value.left)} left`,
  ].filter(Boolean);
  return parts.length ? parts.join(', ') : 'nothing is open';
});
const planning = ref(false);
const run = (act: 'start' | 'pause' | 'resume' | 'end') => store.tryWrite(() => runSession(id.value, act));
</script>

<template>
  <section class="bar" aria-label="Session">
    <button v-if="!open" class="press small" type="button" @click="run('start')"><Play :size="16" />Begin</button>
    <template v-else>
      <span class="figure clock" role="timer" :class="{ still: !open.runningSince }">{{ clock }}</span>
      <button
        v-if="open.runningSince"
        class="icon-press"
        type="button"
        aria-label="Pause the session"
        @click="run('pause')"
      >
        <Pause :size="19" />
      </button>
      <button v-else class="icon-press" type="button" aria-label="Go on with the session" @click="run('resume')">
        <Play :size="19" />
      </button>
      <button class="icon-press" type="button" aria-label="End the session" @click="run('end')">
        <Square :size="17" />
      </button>
    </template>
    <span class="small words"
      ><span v-if="pace.worked >= 1"
        >{{ formatTime(pace.worked) }} so far<template v-if="pace.decided"
          >, {{ formatTime(pace.perLine) }} a line</template
        >
        · </span
      >{{ left }}</span
    >
    <button class="press quiet small" type="button" @click="planning = true"><CalendarDays :size="16" />Days</button>
    <PlanDialog v-if="planning" @close="planning = false" />
  </section>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 6px 10px;
  align-items: center;
  min-height: var(--tap);
  padding: 2px 4px 2px 10px;
  border-left: 4px solid var(--oak);
  background: var(--paper-low);
}
.clock {
  font-size: 1.25rem;
  min-width: 3.6em;
}
.still {
  color: var(--ink-soft);
}
.words {
  flex: 1;
  min-width: 0;
}
/* What is counted every second must not push what is below from under the thumb. */
@media (max-width: 760px) {
  .bar {
    height: 84px;
  }
  .words {
    max-height: 100%;
    overflow: hidden;
  }
}
</style>
