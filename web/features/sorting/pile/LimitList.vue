<script setup lang="ts">
/** The container is the limit: how full each is, what has to go, and papers whose time is over. */
import { computed } from 'vue';
import { limitsOf, pastKeeping } from '@stube/core/pile';
import { today } from '../../../parts/day.ts';
import { litres, percent } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';

const { store, lines: own } = useRoom();
/** Those that something of this room counts against. */
const limits = computed(() =>
  store.site
    ? limitsOf({
        site: store.site,
        lines: store.data.line,
        categories: store.maps.category,
        people: store.data.person,
        types: store.maps.containerType,
        rooms: store.maps.room,
      }).filter((limit) => limit.lines.some((line) => own.value.some((one) => one.id === line.id)))
    : [],
);
const past = computed(() => pastKeeping(own.value, today()));
</script>

<template>
  <section v-if="limits.length || past.length" class="stack tight" aria-label="Limits">
    <h3>Limits</h3>
    <div v-for="limit in limits" :key="limit.name" class="limit">
      <div class="row between">
        <b>{{ limit.name }}</b><span class="small soft">{{ limit.limit.count }} × {{ limit.type.name }}</span>
      </div>
      <div class="bar" role="img" :aria-label="`${limit.name}: ${percent(limit.litres / limit.room)} full`">
        <i
          :class="{ over: limit.over > 0 }"
          :style="{ width: `${Math.min(100, (limit.litres / limit.room) * 100)}%` }"
        />
      </div>
      <p class="small">
        <template v-if="limit.over > 0"
          ><b class="wrong">{{ litres(limit.over) }} too much.</b> Look at
          {{
            limit.first
              .map((line) => line.name)
              .slice(0, 3)
              .join(', ')
          }}
          first.</template
        ><span v-else class="soft">{{ litres(limit.room - limit.litres) }} free of {{ litres(limit.room) }}</span>
      </p>
    </div>
    <p v-for="line in past" :key="line.id" class="small">
      <b>{{ line.name }}</b> was to be kept until {{ line.keepUntil }}: it may go.
    </p>
  </section>
</template>

<style scoped>
.bar {
  height: 12px;
  border: 1.25px solid var(--ink);
  background: var(--paper-low);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--spruce);
}
.bar i.over {
  background: var(--brick);
}
.limit {
  padding-bottom: 4px;
}
</style>
