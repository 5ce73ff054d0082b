<script setup lang="ts">
/** The same things sorted by every school, side by side, with what each costs; one tap sorts the room by it. */
import { counted } from '@stube/core/notation';
import { computed, nextTick, onMounted, ref, shallowRef } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import {
  handMade,
  isAnswerable,
  regroup,
  type Regrouping,
  type SchemeResult,
  SCHEMES,
  type Suggestion,
  troublesOf,
} from '@stube/core/grouping';
import { today } from '../../../parts/day.ts';
import { minutes, percent } from '../../../parts/numbers.ts';
import { useNotices } from '../../../data/notices.ts';
import { useRoom } from '../../../data/room.ts';
import SchemePlan from './SchemePlan.vue';
import { schemesWorker } from './worker.ts';
import { newId } from '../../../data/new-id.ts';

const emit = defineEmits<{ close: [] }>();
const { store, room, lines, bins, containContext } = useRoom();
const notices = useNotices();
const results = shallowRef<SchemeResult[] | null>(null);
const suggestion = shallowRef<Suggestion | null>(null);
const shown = ref<SchemeResult['scheme'] | null>(null);
const busy = ref(false);

onMounted(async () => {
  const { types, compartments, taken, standing } = containContext.value!;
  const data = {
    site: { measures: { ...store.site!.measures }, growth: store.site!.growth, fillLimit: store.site!.fillLimit },
    room: { people: [...(room.value?.people ?? [])] },
    lines: lines.value,
    categories: store.data.category,
    people: store.data.person,
    types,
    compartments,
    taken,
    standing,
    today: today(),
  };
  const found = await schemesWorker().compare(data);
  results.value = found.results;
  suggestion.value = found.suggestion;
});

const own = computed(() => {
  const mine = new Set(store.data.category.filter(handMade).map((category) => category.id));
  return lines.value.filter((line) => line.decision === 'keep' && mine.has(line.categoryId ?? '')).length;
});
const columns = computed(() =>
  (results.value ?? []).map((one) => ({
    ...one,
    about: SCHEMES.find((school) => school.key === one.scheme)!,
    suggested: suggestion.value?.scheme === one.scheme,
    mute: !isAnswerable(one),
  })),
);
const least = computed(() => Math.min(...columns.value.map((column) => column.finding + column.tidying)));
const open = computed(() => columns.value.find((column) => column.scheme === shown.value));
const troubles = computed(() =>
  open.value && room.value ? troublesOf(open.value, store.data.line, store.rooms, room.value.id) : [],
);
/** What would be told of the lines that a school knows nothing of. */
const untold = computed(() =>
  (open.value?.untold ?? []).flatMap((id) => store.maps.line.get(id)?.name ?? []).slice(0, UNTOLD_SHOWN),
);
const UNTOLD_SHOWN = 8;
const TROUBLE = { orphan: 'orphan', giant: 'giant', double: 'double' } as const;
/** What a school would change, shown before it is done. */
const plan = shallowRef<{ scheme: SchemeResult['scheme']; change: Regrouping } | null>(null);
const nameOf = (key: SchemeResult['scheme']) => SCHEMES.find((scheme) => scheme.key === key)!.name.toLowerCase();
/** Where bins are touched, it is shown first what happens to each of them. */
function choose(result: SchemeResult): Promise<void> | void {
  const change = regroup(
    result,
    {
      lines: lines.value,
      categories: store.data.category,
      families: store.data.family,
      bins: bins.value,
      printed: new Set(store.data.printedLabel.flatMap(({ role, binId }) => (role === 'bin' && binId ? [binId] : []))),
      types: store.maps.containerType,
      site: store.site!,
    },
    newId,
  );
  plan.value = { scheme: result.scheme, change };
  if (!change.bins.some((bin) => bin.fate !== 'kept')) return apply();
  // The table gives way to what would happen: the answer is at hand.
  void nextTick(() => document.getElementById('sort-so')?.focus());
}
async function apply(): Promise<void> {
  if (!plan.value) return;
  const { scheme, change: whole } = plan.value;
  const { bins: _bins, ...change } = whole;
  const name = nameOf(scheme);
  if (!change.update.length) {
    notices.say(`Everything is sorted by ${name} already.`);
    return emit('close');
  }
  busy.value = true;
  const parts = Object.fromEntries(Object.entries(change).filter(([, rows]) => rows.length > 0));
  const done = await store.tryWrite(() => store.writeTogether(parts as typeof change));
  busy.value = false;
  if (!done) return;
  const moved = change.update.filter(({ table }) => table === 'line').length;
  store.sayDone(`Sorted by ${name}: ${counted(moved, 'line')} moved.`);
  emit('close');
}
</script>

<template>
  <ModalDialog :title="`Ways to sort ${room?.name}`" :width="980" @close="emit('close')">
    <p v-if="!results" class="soft">Sorting by every school …</p>
    <div v-else-if="!columns[0]?.groups.length" class="empty">
      <h2>Nothing to sort yet</h2>
      <p>Tell first what lies on the pile.</p>
    </div>
    <div v-else class="stack">
      <p v-if="suggestion" class="advice">
        <b>{{ SCHEMES.find((one) => one.key === suggestion!.scheme)!.name }}</b> is suggested for those who come into
        this room: {{ suggestion.reason }}
      </p>
      <div v-if="!plan" class="scroll" tabindex="0" role="region" aria-label="Schools side by side">
        <table class="ledger schools">
          <thead>
            <tr>
              <th scope="col">school</th>
              <th scope="col"><span class="hidden-text">choose</span></th>
              <th class="number" scope="col">classes</th>
              <th class="number" scope="col">bins</th>
              <th class="number" scope="col">full</th>
              <th class="number" scope="col">orphans</th>
              <th class="number" scope="col">giants</th>
              <th class="number" scope="col">kinds split up</th>
              <th class="number" scope="col">can sort</th>
              <th scope="col">finding and tidying a week</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="column in columns"
              :key="column.scheme"
              :class="{ suggested: column.suggested, mute: column.mute }"
            >
              <th scope="row">
                <button
                  class="name"
                  type="button"
                  :aria-expanded="shown === column.scheme"
                  @click="shown = shown === column.scheme ? null : column.scheme"
                >
                  {{ column.about.name }}
                </button>
                <span class="small soft">{{
                  column.mute
                    ? `cannot be answered yet: tell ${column.about.tell} of ${column.untold.length} more lines`
                    : column.about.idea
                }}</span>
              </th>
              <td>
                <button
                  class="press small"
                  :class="{ main: column.suggested }"
                  type="button"
                  :disabled="busy || column.mute"
                  @click="choose(column)"
                >
                  Sort like this<span class="hidden-text">: {{ column.about.name }}</span>
                </button>
              </td>
              <td class="number" :class="{ wrong: column.ceiling !== null && column.classes > column.ceiling }">
                {{ column.classes }}<span v-if="column.ceiling !== null" class="small"> of {{ column.ceiling }}</span>
              </td>
              <td class="number">{{ column.bins }}</td>
              <td class="number">{{ percent(column.full) }}</td>
              <td class="number">{{ column.orphans }}</td>
              <td class="number">{{ column.giants }}</td>
              <td class="number">{{ column.torn }}</td>
              <td class="number">{{ percent(column.told) }}</td>
              <td>
                <span class="week"
                  ><i
                    :style="{ width: `${Math.min(100, (least / (column.finding + column.tidying)) * 100)}%` }" /></span
                >{{ minutes(column.finding) }} + {{ minutes(column.tidying) }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <SchemePlan
        v-if="plan"
        :school="nameOf(plan.scheme)"
        :bins="plan.change.bins"
        :busy="busy"
        @take="apply"
        @leave="plan = null"
      />
      <section v-if="open && !plan" class="groups" :aria-label="`Classes by ${open.about.name}`">
        <span v-for="group in open.groups" :key="group.name" class="tag"
          ><b>{{ group.name }}</b> {{ counted(group.lineIds.length, 'line') }}, {{ counted(group.bins, 'bin') }}</span
        >
      </section>
      <section
        v-if="open && !plan && (troubles.length || untold.length)"
        class="stack tight"
        aria-label="Troubles and ways out"
      >
        <p v-if="untold.length" class="small">
          Not known of: {{ untold.join(', ') }}{{ open.untold.length > untold.length ? ' …' : '' }}. Say
          {{ open.about.tell }} at the line, under “Colour, material and more”.
        </p>
        <ul v-if="troubles.length" class="troubles">
          <li v-for="(trouble, i) in troubles.slice(0, 14)" :key="i">
            <span class="tag">{{ TROUBLE[trouble.kind] }}</span> <b>{{ trouble.name }}</b>: {{ trouble.wayOut }}
          </li>
        </ul>
      </section>
      <p class="small soft">
        Red classes are more than the youngest who tidy here keep apart. What a school does not know stays with its
        kind<template v-if="own">; {{ counted(own, 'line') }} in categories of your own stay where they are</template>.
        A longer bar is quicker. One undo takes it back.
      </p>
    </div>
  </ModalDialog>
</template>

<style scoped>
.advice {
  background: var(--spruce-pale);
  border-left: 5px solid var(--spruce);
  padding: 8px 14px;
}
.schools th[scope='row'] {
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
  color: var(--ink);
  white-space: normal;
  min-width: 170px;
}
.name {
  display: block;
  background: none;
  border: 0;
  padding: 4px 0 0;
  font-family: var(--heading);
  font-weight: 650;
  font-size: 1.02rem;
  cursor: pointer;
  text-decoration: underline dotted;
}
.mute td {
  color: var(--ink-soft);
}
.suggested th,
.suggested td {
  background: var(--spruce-pale);
}
.week {
  display: block;
  width: 120px;
  height: 9px;
  border: 1px solid var(--ink);
  background: var(--paper-low);
}
.week i {
  display: block;
  height: 100%;
  background: var(--spruce);
}
.groups {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.troubles {
  margin: 0;
  padding-left: 0;
  list-style: none;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.ledger td {
  vertical-align: middle;
}
</style>
