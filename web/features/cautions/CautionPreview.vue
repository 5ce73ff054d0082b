<script setup lang="ts">
/** What a person who comes in brings with it: said before it is saved. */
import { refDebounced } from '@vueuse/core';
import { computed, toRef } from 'vue';
import { cautionsWith } from '@stube/core/cautions/preview';
import type { Person } from '@stube/core/model/entities';
import { today } from '../../parts/day.ts';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ person: Person }>();
const store = useSite();
const settled = refDebounced(toRef(props, 'person'), 250);
const SHOWN = 3;
const found = computed(() => cautionsWith(store.data, settled.value, today()));
</script>

<template>
  <div v-if="found.length" class="caution" role="status">
    <p v-for="{ room, cautions } in found" :key="room" class="small">
      <b>{{ room }}: {{ cautions.length }} {{ cautions.length === 1 ? 'caution' : 'cautions' }} more.</b>
      {{
        cautions
          .slice(0, SHOWN)
          .map((caution) => `${caution.about}: ${caution.fact}`)
          .join(' ')
      }}{{ cautions.length > SHOWN ? ' …' : '' }}
    </p>
  </div>
</template>
