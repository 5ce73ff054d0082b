<script setup lang="ts">
/** What takes turns, with its areas, ages and how loved it is; and the places of the open shelves for it (practices R1, R2). */
import { computed, ref } from 'vue';
import { Ellipsis, Plus, X } from '@lucide/vue';
import { AREAS, type Rotating } from '@stube/core/model';
import { suggestedTurn } from '@stube/core/rotation';
import { useRoom } from '../../../data/room.ts';
import { useRotationActions } from './actions.ts';
import { vHeld } from '../../../parts/held.ts';
import PlacesForTurns from './PlacesForTurns.vue';
import TurnsDialog from './TurnsDialog.vue';

const { store, lines } = useRoom();
const { addThings } = useRotationActions();
const areas = computed(() => [
  ...new Set([
    ...AREAS,
    ...store.data.rotating.flatMap((thing) => thing.areas),
    ...store.data.slot.map(({ area }) => area),
  ]),
]);
const rotating = computed(() =>
  store.data.rotating
    .flatMap((thing) => {
      const line = lines.value.find(({ id }) => id === thing.lineId);
      return line ? [{ thing, line }] : [];
    })
    .sort((a, b) => a.line.name.localeCompare(b.line.name)),
);
const free = computed(() =>
  lines.value.filter((line) => line.decision === 'keep' && !rotating.value.some(({ line: { id } }) => id === line.id)),
);
/** Whole classes at once: a shelf of forty is entered in a few presses. */
const classes = computed(() => {
  const found = new Map<string, typeof free.value>();
  for (const line of free.value)
    if (line.categoryId) found.set(line.categoryId, [...(found.get(line.categoryId) ?? []), line]);
  return [...found]
    .map(([id, own]) => ({ category: store.maps.category.get(id)!, own }))
    .filter(({ category }) => category)
    .sort((a, b) => a.category.name.localeCompare(b.category.name));
});
/** What usually takes turns, of all that stays here. */
const usual = computed(() =>
  free.value.filter((line) => suggestedTurn(line, store.maps.category.get(line.categoryId ?? ''))),
);
async function addUsual(): Promise<void> {
  const { length } = usual.value;
  if (await store.tryWrite(() => addThings(usual.value, null)))
    store.sayDone(`${length === 1 ? '1 thing takes' : `${length} things take`} turns, with the usual areas and ages.`);
}
/** A thing that is chosen brings its usual area along. */
function chosen(): void {
  const line = free.value.find(({ id }) => id === what.value);
  const own = line ?? classes.value.find(({ category }) => what.value === `class ${category.id}`)?.own[0];
  const turn = own && suggestedTurn(own, store.maps.category.get(own.categoryId ?? ''));
  if (turn) area.value = turn.areas[0]!;
}
const what = ref('');
const area = ref<string>(AREAS[0]);
async function add(): Promise<void> {
  const own = what.value.startsWith('class ')
    ? (classes.value.find(({ category }) => category.id === what.value.slice(6))?.own ?? [])
    : free.value.filter(({ id }) => id === what.value);
  if (own.length && (await store.tryWrite(() => addThings(own, [area.value])))) what.value = '';
}
/** The thing of which all is shown. */
const opened = ref<string | null>(null);
const openedThing = computed(() => store.data.rotating.find(({ id }) => id === opened.value) ?? null);
const set = (thing: Rotating, values: Partial<Rotating> | ((now: Rotating) => Partial<Rotating>)) =>
  store.tryWrite(() => store.patch('rotating', thing, values));
const toggle = (thing: Rotating, name: string) =>
  set(thing, (now) => {
    const areas = now.areas.includes(name) ? now.areas.filter((one) => one !== name) : [...now.areas, name];
    // It keeps one at least.
    return { areas: areas.length ? areas : now.areas };
  });
const number = (event: Event, least: number, most: number): number =>
  Math.min(most, Math.max(least, Math.round(Number((event.target as HTMLInputElement).value) || least)));

/** How loved it is in three words, by the nearest. */
const lovedWord = (loved: number): number => (loved < 0.35 ? 0.2 : loved < 0.7 ? 0.5 : 0.9);
</script>

<template>
  <div class="two">
    <section class="sheet stack tight" aria-label="What takes turns">
      <h2>What takes turns</h2>
      <form class="row" novalidate @submit.prevent="add">
        <label class="field grow"
          ><span>A thing, or a whole class</span
          ><select v-model="what" class="write" @change="chosen">
            <option value="">choose</option>
            <optgroup label="whole classes">
              <option v-for="{ category, own } in classes" :key="category.id" :value="`class ${category.id}`">
                {{ category.name }} ({{ own.length }})
              </option>
            </optgroup>
            <optgroup label="things">
              <option v-for="line in free" :key="line.id" :value="line.id">{{ line.name }}</option>
            </optgroup>
          </select></label
        >
        <label class="field"
          ><span>Area</span
          ><select v-model="area" class="write">
            <option v-for="name in areas" :key="name" :value="name">{{ name }}</option>
          </select></label
        >
        <button class="press small" type="submit" :disabled="!what"><Plus :size="16" />takes turns</button>
      </form>
      <p v-if="usual.length" class="row tight small">
        <button class="press small" type="button" @click="addUsual">
          <Plus :size="16" />All {{ usual.length }} that usually do</button
        ><span class="soft"
          >{{
            usual
              .slice(0, 4)
              .map(({ name }) => name)
              .join(', ')
          }}{{ usual.length > 4 ? ' …' : '' }}</span
        >
      </p>
      <p v-if="!rotating.length" class="soft">Nothing takes turns yet: all of it is out all the time.</p>
      <div v-else class="scroll">
        <table class="ledger">
          <thead>
            <tr>
              <th scope="col">thing</th>
              <th scope="col">areas</th>
              <th scope="col">months from, to</th>
              <th scope="col">loved</th>
              <th scope="col">minutes</th>
              <th scope="col"><span class="hidden-text">more, remove</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ thing, line } in rotating" :key="thing.id">
              <td>{{ line.name }}</td>
              <td>
                <details>
                  <summary class="small">{{ thing.areas.join(', ') }}</summary>
                  <label v-for="name in areas" :key="name" class="check small"
                    ><input type="checkbox" :checked="thing.areas.includes(name)" @change="toggle(thing, name)" />{{
                      name
                    }}</label
                  >
                </details>
              </td>
              <td class="pair">
                <input
                  v-held="thing.fromMonths"
                  class="write few"
                  type="number"
                  min="0"
                  :aria-label="`${line.name}: from months`"
                  @change="set(thing, { fromMonths: number($event, 0, 1200) })"
                /><input
                  v-held="thing.toMonths"
                  class="write few"
                  type="number"
                  min="0"
                  :aria-label="`${line.name}: to months`"
                  @change="set(thing, { toMonths: number($event, 0, 1200) })"
                />
              </td>
              <td>
                <select
                  class="write few"
                  :value="lovedWord(thing.loved)"
                  :aria-label="`${line.name}: how loved`"
                  @change="set(thing, { loved: Number(($event.target as HTMLSelectElement).value) })"
                >
                  <option :value="0.2">little</option>
                  <option :value="0.5">usual</option>
                  <option :value="0.9">much</option>
                </select>
              </td>
              <td class="number">{{ thing.minutes }}</td>
              <td class="pair">
                <button
                  class="icon-press"
                  type="button"
                  :aria-label="`${line.name}: months, children, what comes before it`"
                  @click="opened = thing.id"
                >
                  <Ellipsis :size="16" /></button
                ><button
                  class="icon-press"
                  type="button"
                  :aria-label="`${line.name} takes no turns`"
                  @click="store.remove('rotating', thing, `${line.name}: its turns`)"
                >
                  <X :size="16" />
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <TurnsDialog
      v-if="openedThing"
      :thing="openedThing"
      :others="rotating.filter(({ thing: { id } }) => id !== opened).map(({ line: { id, name } }) => ({ id, name }))"
      @close="opened = null"
    />
    <PlacesForTurns :areas="areas" />
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
.grow {
  flex: 1;
}
.few {
  width: auto;
  min-height: 34px;
  padding: 2px 6px;
  max-width: 130px;
}
.pair {
  white-space: nowrap;
}
.pair .few {
  width: 72px;
}
@media (max-width: 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
