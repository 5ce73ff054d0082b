<script setup lang="ts" generic="T extends TableName">
/** What a row as it stands in a form would warn of: said before it is saved. */
import { counted } from '@stube/core/notation';
import { refDebounced } from '@vueuse/core';
import { computed, toRef } from 'vue';
import { cautionsWith, standingCautions } from '@stube/core/cautions';
import type { SiteData, TableName } from '@stube/core/model';
import { today } from '../day.ts';
import { useSite } from '../../data/site.ts';
import { said } from '../numbers.ts';

const props = defineProps<{ table: T; row: SiteData[T][number] }>();
const store = useSite();
const settled = refDebounced(toRef(props, 'row'), 250);
const SHOWN = 3;
const roomId = computed(() => ('roomId' in props.row ? String(props.row.roomId) : null));
/** Reckoned once, however much is typed. */
const standing = computed(() =>
  standingCautions(store.data, roomId.value === null ? {} : { roomId: roomId.value }, today()),
);
const found = computed(() => cautionsWith(store.data, props.table, settled.value, today(), standing.value));
</script>

<template>
  <div role="status">
    <div v-if="found.length" class="caution">
      <p v-for="{ room, cautions } in found" :key="room" class="small">
        <b>{{ room }}: {{ counted(cautions.length, 'caution') }} more.</b>
        {{
          cautions
            .slice(0, SHOWN)
            .map((caution) => `${caution.about}: ${said(caution.fact)}`)
            .join(' ')
        }}{{ cautions.length > SHOWN ? ' …' : '' }}
      </p>
    </div>
  </div>
</template>
