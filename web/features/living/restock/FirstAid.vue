<script setup lang="ts">
/** The first-aid kit of a room: what must be where, what expires, the monthly check, a report (practice S3). */
import { inOrder, type KitItem, type Room } from '@stube/core/model';
import { computed, reactive, ref } from 'vue';
import { FileText, X } from '@lucide/vue';
import { addDays } from '@stube/core/calendar';
import TextField from '../../../parts/TextField.vue';
import NumberField from '../../../parts/NumberField.vue';
import { formatDate, formatDay, today } from '../../../parts/day.ts';
import { useForm } from '../../../parts/form.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ room: Room }>();
const store = useSite();
const items = computed(() => inOrder(store.data.kitItem.filter(({ roomId }) => roomId === props.room.id)));
const checks = computed(() =>
  store.data.kitCheck.filter(({ roomId }) => roomId === props.room.id).sort((a, b) => b.on.localeCompare(a.on)),
);
const SOON = 60;
const stateOf = (item: KitItem): string =>
  item.expires && item.expires < today()
    ? 'expired'
    : item.have < item.wanted
      ? `${item.wanted - item.have} missing`
      : item.expires && item.expires <= addDays(today(), SOON)
        ? `expires ${formatDay(item.expires)}`
        : '';
const set = (item: KitItem, values: Partial<KitItem>) => store.tryWrite(() => store.patch('kitItem', item, values));
const draft = reactive({ name: '', position: '', wanted: 1 as number | null, expires: '' });
const { problems, once } = useForm();
const add = () =>
  once(async () => {
    await store.create('kitItem', {
      roomId: props.room.id,
      name: draft.name,
      position: draft.position,
      wanted: draft.wanted ?? 0,
      have: draft.wanted ?? 0,
      expires: draft.expires || null,
      sort: items.value.length,
    });
    Object.assign(draft, { name: '', expires: '' });
  });
const by = ref('');
/** What is found is kept in words as it was on that day. */
async function check(): Promise<void> {
  const found = items.value.flatMap((item) => {
    const state = stateOf(item);
    return state && !state.startsWith('expires') ? [`${item.name}: ${state}`] : [];
  });
  const done = await store.tryWrite(() =>
    store.create('kitCheck', { roomId: props.room.id, on: today(), by: by.value.trim(), found }),
  );
  if (done) store.sayDone(found.length ? `Checked: ${found.join(', ')}.` : 'Checked: all in order.');
}
</script>

<template>
  <section class="sheet stack tight" :aria-label="`First-aid kit, ${room.name}`">
    <div class="row between">
      <h2>First-aid kit, {{ room.name }}</h2>
      <a
        class="press small"
        :href="`/api/sites/${store.id}/rooms/${room.id}/first-aid.pdf`"
        target="_blank"
        rel="noopener"
        ><FileText :size="16" />Report as PDF</a
      >
    </div>
    <p class="small soft">
      Your licence and local rules decide what must be in it; this only keeps what you tell, and when it was checked.
    </p>
    <ul>
      <li v-for="item in items" :key="item.id" class="row between item">
        <span class="row tight"
          ><b>{{ item.name }}</b
          ><span class="small soft">{{ item.position }}</span
          ><span v-if="stateOf(item)" class="tag" :class="{ bad: !stateOf(item).startsWith('expires') }">{{
            stateOf(item)
          }}</span></span
        >
        <span class="row tight">
          <button
            class="press small"
            type="button"
            :disabled="item.have === 0"
            :aria-label="`${item.name}: one used`"
            @click="set(item, { have: item.have - 1 })"
          >
            one used
          </button>
          <span class="figure">{{ item.have }} of {{ item.wanted }}</span>
          <button
            class="press small"
            type="button"
            :aria-label="`${item.name} is filled up`"
            @click="set(item, { have: item.wanted })"
          >
            filled up
          </button>
          <input
            class="write few"
            type="date"
            :value="item.expires ?? ''"
            :aria-label="`${item.name} expires`"
            @change="set(item, { expires: ($event.target as HTMLInputElement).value || null })"
          />
          <button
            class="icon-press"
            type="button"
            :aria-label="`Remove ${item.name}`"
            @click="store.remove('kitItem', item, item.name)"
          >
            <X :size="16" />
          </button>
        </span>
      </li>
    </ul>
    <form class="add" novalidate @submit.prevent="add">
      <TextField v-model="draft.name" label="What is in it" :problem="problems.name" />
      <TextField v-model="draft.position" label="Where in the kit" :problem="problems.position" />
      <NumberField v-model="draft.wanted" label="How many" whole :problem="problems.wanted" />
      <TextField v-model="draft.expires" label="Expires" type="date" :problem="problems.expires" />
      <button class="press small" type="submit">Into the kit</button>
    </form>
    <form v-if="items.length" class="row" novalidate @submit.prevent="check">
      <label class="field"
        ><span>Checked by</span><input v-model="by" class="write" type="text" maxlength="60" autocomplete="off"
      /></label>
      <button class="press main small" type="submit" :disabled="!by.trim()">The kit is checked today</button>
    </form>
    <ul v-if="checks.length" class="small" aria-label="Checks">
      <li v-for="one in checks.slice(0, 6)" :key="one.id">
        {{ formatDate(one.on) }}, {{ one.by }}: {{ one.found.join('; ') || 'all in order' }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.item {
  padding: 4px 0;
  border-top: 1px solid var(--rule);
}
.bad {
  background: var(--brick-pale);
  color: var(--brick);
}
.few {
  width: 150px;
  min-height: 34px;
  padding: 2px 8px;
}
.add {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 10px;
  align-items: end;
}
</style>
