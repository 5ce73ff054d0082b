<script setup lang="ts">
/** What of the house is usually used up and is not restocked yet: taken in one press, then corrected (practice S1). */
import { counted, plural } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Plus } from '@lucide/vue';
import { comesInto } from '@stube/core/body';
import { inUnitsOf, suggestedPar, type SuggestedPar, usedUp } from '@stube/core/restock';
import { newId } from '../../../data/new-id.ts';
import { useSite } from '../../../data/site.ts';
import { today } from '../../../parts/day.ts';
import { formatAmount } from '../../../parts/numbers.ts';

const store = useSite();
const usual = computed(() => {
  const known = new Set(store.data.par.map(({ lineId }) => lineId));
  const kept = store.data.line.filter(({ decision }) => decision === 'keep');
  return kept.flatMap((line) => {
    const room = store.maps.room.get(line.roomId);
    if (known.has(line.id) || !room) return [];
    const children = comesInto(room, store.data.person).filter(({ kind }) => kind === 'child');
    const category = store.maps.category.get(line.categoryId ?? '');
    const par = suggestedPar(line, category, kept, children, today());
    return par ? [{ line, room, par }] : [];
  });
});
/** Whose use it is reckoned from, so that a group that counts as one child is seen. */
const children = computed(() => {
  const rooms = new Map(usual.value.map(({ room }) => [room.id, room]));
  const coming = [...rooms.values()].flatMap((room) => comesInto(room, store.data.person));
  return [...new Set(coming)].filter(({ kind }) => kind === 'child');
});
const left = ref<string[]>([]);
const toggle = (id: string) =>
  (left.value = left.value.includes(id) ? left.value.filter((one) => one !== id) : [...left.value, id]);
const chosen = computed(() => usual.value.filter(({ line }) => !left.value.includes(line.id)));
const useOf = ({ use, perDay, unit, fromGrams, toGrams, wanted, least }: SuggestedPar): string => {
  const stock = `at least ${least}, wanted ${inUnitsOf(wanted, unit)}`;
  if (use !== 'child') return `${stock}, as it is counted`;
  const weight = toGrams ? ` ${fromGrams ? `from ${fromGrams / 1000} ` : 'up '}to ${toGrams / 1000} kg` : '';
  return `${stock}: ${usedUp(perDay)} for each child${weight}`;
};
async function restock(): Promise<void> {
  const taken = chosen.value.map((one) => ({ ...one, id: newId() }));
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `restock ${taken.length === 1 ? taken[0]!.line.name : `${taken.length} things`}`,
      create: [
        ...taken.map(({ id, par }) => ({ table: 'par' as const, id, values: par })),
        // What the pile says is there is the first count.
        ...taken.map(({ id, line }) => ({
          table: 'stockCount' as const,
          id: newId(),
          values: { parId: id, amount: line.amount, on: today() },
        })),
      ],
    }),
  );
  if (done) store.sayDone(`${counted(taken.length, 'thing is', 'things are')} restocked from now on.`);
}
</script>

<template>
  <details v-if="usual.length" class="sheet" :open="!store.data.par.length">
    <summary>
      <b>{{ usual.length }} that {{ plural(usual.length, 'is', 'are') }} usually used up</b>
    </summary>
    <div class="stack tight">
      <p class="small soft">
        Amounts are a first answer from the children who come and the days you are open; what you count soon says it
        better. Prices come with the first order.
      </p>
      <p v-if="children.length" class="small">
        Reckoned for {{ children.map(({ name, count }) => `${name}: ${count}`).join('; ') }}. How many they are is told
        <RouterLink :to="{ name: 'site', params: { site: store.id } }">in the house</RouterLink>.
      </p>
      <ul class="plain">
        <li v-for="{ line, room, par } in usual" :key="line.id">
          <label class="check"
            ><input type="checkbox" :checked="!left.includes(line.id)" @change="toggle(line.id)" /><span
              ><b>{{ line.name }}</b
              ><span class="small soft block"
                >{{ store.rooms.length > 1 ? `${room.name} · ` : '' }}there now:
                {{ formatAmount(line.amount, line.measure) }} · {{ useOf(par) }}</span
              ></span
            ></label
          >
        </li>
      </ul>
      <button class="press main" type="button" :disabled="!chosen.length" @click="restock">
        <Plus :size="16" />Restock {{ chosen.length === 1 ? 'this' : `these ${chosen.length}` }}
      </button>
    </div>
  </details>
</template>

<style scoped>
.block {
  display: block;
}
.plain {
  display: grid;
  gap: 8px;
}
.check {
  align-items: flex-start;
}
</style>
