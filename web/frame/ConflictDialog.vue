<script setup lang="ts">
/** A row was changed elsewhere while it was being edited here: both are shown, the person decides. */
import { computed } from 'vue';
import { ENTITIES, type Field, type TableName } from '@stube/core/model';
import { fieldWords, wordsOf } from './field-words.ts';
import ModalDialog from '../parts/ModalDialog.vue';
import { useSite } from '../data/site.ts';

const store = useSite();
const name = computed(() => String(store.conflict?.current.name ?? store.conflict?.current.code ?? 'this'));
const rows = computed(() => {
  const { conflict, maps } = store;
  if (!conflict) return [];
  const fields: Readonly<Record<string, Field>> = ENTITIES[conflict.table].fields;
  return Object.entries(conflict.mine).map(([field, mine]) => {
    const { to } = fields[field] ?? {};
    const names = to ? maps[to as TableName] : null;
    const say = (value: unknown) => wordsOf(value, (id) => names?.get(id));
    return { field: fieldWords(field), mine: say(mine), theirs: say(conflict.current[field]) };
  });
});

async function keepMine(): Promise<void> {
  const conflict = store.conflict;
  store.conflict = null;
  if (conflict) await store.tryWrite(conflict.write);
}
</script>

<template>
  <ModalDialog
    v-if="store.conflict"
    :title="`${name} was changed elsewhere`"
    :width="520"
    @close="store.conflict = null"
  >
    <p>Somebody wrote here since you opened it. Nothing of yours was written yet.</p>
    <table class="ledger">
      <thead>
        <tr>
          <th>what</th>
          <th>stands there now</th>
          <th>yours</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.field">
          <td>{{ row.field }}</td>
          <td>{{ row.theirs }}</td>
          <td>{{ row.mine }}</td>
        </tr>
      </tbody>
    </table>
    <div class="row actions">
      <button class="press main" type="button" @click="store.conflict = null">Leave what stands there</button
      ><button class="press" type="button" @click="keepMine">Write mine</button>
    </div>
  </ModalDialog>
</template>

<style scoped>
.ledger {
  margin: 12px 0;
}
</style>
