<script setup lang="ts" generic="T extends TableName">
/** What a row as it stands in a form would warn of: said before it is saved. */
import { refDebounced } from '@vueuse/core';
import { computed, toRef } from 'vue';
import { cautionsWith } from '@stube/core/cautions/preview';
import type { SiteData, TableName } from '@stube/core/model/entities';
import { today } from '../../parts/day.ts';
import { useSite } from '../../data/site.ts';

const props = defineProps<{ table: T; row: SiteData[T][number] }>();
const store = useSite();
const settled = refDebounced(toRef(props, 'row'), 250);
const SHOWN = 3;
const found = computed(() => cautionsWith(store.data, props.table, settled.value, today()));
</script>

<template>
  <div role="status">
    <div v-if="found.length" class="caution">
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
  </div>
</template>
