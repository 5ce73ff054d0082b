<script setup lang="ts">
/** A list kept elsewhere comes in: columns matched, every fault shown at its row, then all of it or nothing. */
import { counted } from '@stube/core/notation';
import { computed, reactive, ref, shallowRef, watch } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import ProgressBar from 'primevue/progressbar';
import { proxy } from 'comlink';
import { Plus } from '@lucide/vue';
import { type ColumnKey, COLUMNS, type ImportedList } from '@stube/core/import';
import { today } from '../../../parts/day.ts';
import { useRoom } from '../../../data/room.ts';
import { plain } from '../../../data/worker/plain.ts';
import { importWorker } from './worker.ts';
import type { Table } from './table.ts';
import { formatAmount } from '../../../parts/numbers.ts';
import { useImportActions } from './actions.ts';

const emit = defineEmits<{ close: [] }>();
const { store, id, room } = useRoom();
const { importLines } = useImportActions();
const name = ref('');
const table = shallowRef<Table | null>(null);
const mapping = ref<(ColumnKey | null)[]>([]);
const places = reactive<Record<string, string>>({});
const left = reactive(new Set<number>());
const found = shallowRef<ImportedList | null>(null);
const done = ref(0);
const state = ref<'empty' | 'reading' | 'read' | 'writing'>('empty');
const problem = ref('');
const SHOWN = 60;

async function take(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  name.value = file.name;
  problem.value = '';
  left.clear();
  table.value = await importWorker().split(await file.text());
  if (!table.value.rows.length) problem.value = 'There are no rows in this file.';
  // Read when the columns change.
  mapping.value = [...table.value.mapping];
}
async function read(): Promise<void> {
  if (!table.value || !store.site) return;
  state.value = 'reading';
  const rows = table.value.rows.map((row, i) => (left.has(i + 2) ? [] : row));
  const context = plain({
    site: { system: store.site.system, keepsNew: store.site.keepsNew },
    rooms: store.data.room.map(({ id, name }) => ({ id, name })),
    people: store.data.person.map(({ name }) => ({ name })),
    categories: store.data.category,
    room: id.value,
    places,
    today: today(),
  });
  found.value = await importWorker().read(
    rows,
    plain(mapping.value),
    context,
    proxy((share: number) => (done.value = share)),
  );
  state.value = 'read';
}
/** A list often names the cupboard: all of it lies in the room that is being emptied. */
function allHere(): void {
  for (const place of unknown.value) places[place] ||= id.value;
}
/** A place of the list that is a room which Stube does not know yet; its size is measured later. */
async function makeRoom(place: string): Promise<void> {
  const { width, depth, height } = room.value!;
  const name = place.slice(0, 60);
  const made = await store.tryWrite(async () => {
    places[place] = (await store.create('room', { name, width, depth, height }))!.id!;
  });
  if (made) store.sayDone(`${name} is a room now.`);
}
watch([mapping, places], () => void read(), { deep: true });
const stops = computed(() => found.value?.problems.filter((problem) => problem.stops) ?? []);
const notes = computed(() => found.value?.problems.filter((problem) => !problem.stops) ?? []);
const stoppedRows = computed(() => [...new Set(stops.value.map((stop) => stop.row))]);
const unknown = computed(() => [...new Set([...(found.value?.places ?? []), ...Object.keys(places)])]);
const titleOf = (key: ColumnKey | null) => COLUMNS.find((column) => column.key === key)?.title ?? '';
const cells = (row: number) => table.value?.rows[row - 2]?.filter((cell) => cell.trim()).join(' · ') ?? '';
function leaveOut(rows: number[]): void {
  for (const row of rows) left.add(row);
  void read();
}
async function write(): Promise<void> {
  if (!found.value) return;
  state.value = 'writing';
  const lines = found.value.lines.map(({ starter, perWeek, values }) => ({ starter, perWeek, values: { ...values } }));
  const ok = await store.tryWrite(() => importLines({ name: name.value, lines }));
  state.value = 'read';
  if (!ok) return;
  store.sayDone(`${lines.length} lines came in from ${name.value}.`);
  emit('close');
}
</script>

<template>
  <ModalDialog title="Take in a list" :width="860" @close="emit('close')">
    <div class="stack">
      <label class="field"
        ><span>A table with commas, semicolons or tabs (CSV); its first row names the columns</span
        ><input class="write" type="file" accept=".csv,.tsv,.txt,text/csv" @change="take"
      /></label>
      <p v-if="problem" class="wrong">{{ problem }}</p>
      <template v-if="table && table.rows.length">
        <fieldset>
          <legend class="field-name">What each column says</legend>
          <div class="columns">
            <label v-for="(heading, i) in table.headings" :key="i" class="field"
              ><span>{{ heading || `column ${i + 1}` }}</span
              ><select v-model="mapping[i]" class="write">
                <option :value="null">leave it out</option>
                <option
                  v-for="column in COLUMNS"
                  :key="column.key"
                  :value="column.key"
                  :disabled="mapping.includes(column.key) && mapping[i] !== column.key"
                >
                  {{ column.title }}
                </option>
              </select></label
            >
          </div>
        </fieldset>
        <fieldset v-if="unknown.length">
          <legend class="field-name">Places that are none of the rooms</legend>
          <button v-if="unknown.some((place) => !places[place])" class="press small" type="button" @click="allHere">
            All of it is in {{ room!.name }}
          </button>
          <label v-for="place in unknown" :key="place" class="row place"
            ><span>“{{ place }}” is</span
            ><select
              class="write"
              :value="places[place] ?? ''"
              @change="places[place] = ($event.target as HTMLSelectElement).value"
            >
              <option value="" disabled>choose a room</option>
              <option v-for="one in store.rooms" :key="one.id" :value="one.id">{{ one.name }}</option>
            </select>
            <button v-if="!places[place]" class="press small" type="button" @click="makeRoom(place)">
              <Plus :size="15" />Make it a room
            </button></label
          >
        </fieldset>
        <div v-if="state === 'reading'" class="stack tight">
          <p>Reading {{ table.rows.length }} rows …</p>
          <ProgressBar :value="Math.round(done * 100)" aria-label="Rows read" />
        </div>
        <template v-else-if="found">
          <p aria-live="polite">
            <b>{{ found.lines.length }} lines</b> of {{ table.rows.length }} rows can come in<template
              v-if="found.empty - left.size > 0"
              >, {{ counted(found.empty - left.size, 'row is', 'rows are') }} empty</template
            ><template v-if="left.size">, {{ left.size }} left out</template>.
          </p>
          <section v-if="stops.length" class="caution stack tight" aria-label="What has to be settled">
            <div class="row between">
              <h3>{{ counted(stoppedRows.length, 'row has', 'rows have') }} to be settled first</h3>
              <button class="press small" type="button" @click="leaveOut(stoppedRows)">Leave them all out</button>
            </div>
            <ul>
              <li v-for="stop in stops.slice(0, SHOWN)" :key="`${stop.row} ${stop.column}`" class="fault">
                <b>Row {{ stop.row }}</b
                ><span
                  >{{ titleOf(stop.column) }}: {{ stop.message }}
                  <span class="small soft">{{ cells(stop.row) }}</span></span
                ><button
                  class="press small"
                  type="button"
                  :aria-label="`Leave out row ${stop.row}`"
                  @click="leaveOut([stop.row])"
                >
                  leave out
                </button>
              </li>
            </ul>
          </section>
          <details v-if="notes.length">
            <summary>{{ counted(notes.length, 'remark') }} on how rows were read</summary>
            <ul>
              <li v-for="(note, i) in notes.slice(0, SHOWN)" :key="i" class="small">
                <b>Row {{ note.row }}</b> {{ titleOf(note.column) }}: {{ note.message }}
              </li>
            </ul>
          </details>
          <div class="scroll" tabindex="0" role="region" aria-label="The first lines">
            <table class="ledger">
              <thead>
                <tr>
                  <th>row</th>
                  <th>what</th>
                  <th>how much</th>
                  <th>category</th>
                  <th>decision</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="line in found.lines.slice(0, 8)" :key="`${line.row} ${line.values.decision}`">
                  <td>{{ line.row }}</td>
                  <td>{{ line.values.name }}</td>
                  <td>{{ formatAmount(line.values.amount, line.values.measure) }}</td>
                  <td>{{ line.category ?? 'not sorted yet' }}</td>
                  <td>{{ line.values.decision }}</td>
                </tr>
              </tbody>
            </table>
          </div>
          <div class="row">
            <button
              class="press main"
              type="button"
              :disabled="!!stops.length || !found.lines.length || state === 'writing'"
              @click="write"
            >
              {{ state === 'writing' ? 'Writing …' : `Take in ${found.lines.length} lines` }}</button><span
              class="small soft"
              >One change: undo takes all of it back.</span
            >
          </div>
          <ProgressBar v-if="state === 'writing'" mode="indeterminate" aria-label="Writing" />
        </template>
      </template>
    </div>
  </ModalDialog>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 10px;
}
.place .write {
  width: 220px;
}
.fault {
  display: grid;
  grid-template-columns: 64px 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  overflow-wrap: anywhere;
}
</style>
