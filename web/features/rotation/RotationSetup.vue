<script setup lang="ts">
/** What takes turns, with its areas, ages and how loved it is; and the places of the open shelves for it (practices R1, R2). */
import { computed, ref } from 'vue';
import { Ellipsis, Plus, X } from '@lucide/vue';
import { AREAS, type Rotating, type Slot } from '@stube/core/model/entities';
import { useRoom } from '../../data/room.ts';
import { useRotationActions } from './actions.ts';
import { newId } from '../../data/new-id.ts';
import { vHeld } from '../../parts/held.ts';
import TurnsDialog from './TurnsDialog.vue';

const { store, lines, units, spacesOf } = useRoom();
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

const slotsOf = (id: string) => {
  return store.data.slot.filter(({ compartmentId }) => compartmentId === id).sort((a, b) => a.part - b.part);
};
const open = computed(() =>
  units.value
    .map((unit) => ({
      unit,
      spaces: spacesOf(unit.id).filter(({ door, drawer, access }) => !door && !drawer && access === 'front'),
    }))
    .filter(({ spaces }) => spaces.length),
);
const MOST_PARTS = 4;
async function setSlots(compartmentId: string, own: readonly Slot[], name: string, parts: number): Promise<void> {
  await store.tryWrite(() =>
    store.writeTogether({
      what: name ? `a place for ${name}` : 'no place for turns',
      remove: own.slice(name ? parts : 0).map(({ id, version }) => ({ table: 'slot' as const, id, version })),
      update: own
        .slice(0, name ? parts : 0)
        .map(({ id, version }) => ({ table: 'slot' as const, id, version, values: { area: name, parts } })),
      create: name
        ? Array.from({ length: Math.max(0, parts - own.length) }, (_, i) => ({
            table: 'slot' as const,
            id: newId(),
            values: { compartmentId, area: name, part: own.length + i + 1, parts },
          }))
        : [],
    }),
  );
}
</script>

<template>
  <div class="two">
    <section class="sheet stack tight" aria-label="What takes turns">
      <h2>What takes turns</h2>
      <form class="row" novalidate @submit.prevent="add">
        <label class="field grow"
          ><span>A thing, or a whole class</span
          ><select v-model="what" class="write">
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
    <section class="sheet stack tight" aria-label="Places for it">
      <h2>Places for it</h2>
      <p v-if="!open.length" class="soft">No open shelf is measured in this room yet.</p>
      <details v-for="{ unit, spaces } in open" :key="unit.id">
        <summary>
          {{ unit.name }}
          <span class="small soft">{{
            spaces.reduce((sum, space) => sum + slotsOf(space.id).length, 0) || 'no place'
          }}</span>
        </summary>
        <div v-for="space in spaces" :key="space.id" class="row tight slot">
          <span class="name">{{ space.name }}</span>
          <select
            class="write few"
            :aria-label="`${unit.name} ${space.name}: area`"
            :value="slotsOf(space.id)[0]?.area ?? ''"
            @change="
              setSlots(
                space.id,
                slotsOf(space.id),
                ($event.target as HTMLSelectElement).value,
                Math.max(1, slotsOf(space.id).length),
              )
            "
          >
            <option value="">no turns</option>
            <option v-for="name in areas" :key="name" :value="name">{{ name }}</option>
          </select>
          <select
            v-if="slotsOf(space.id).length"
            class="write few"
            :aria-label="`${unit.name} ${space.name}: things side by side`"
            :value="slotsOf(space.id).length"
            @change="
              setSlots(
                space.id,
                slotsOf(space.id),
                slotsOf(space.id)[0]!.area,
                Number(($event.target as HTMLSelectElement).value),
              )
            "
          >
            <option v-for="n in MOST_PARTS" :key="n" :value="n">{{ n }} side by side</option>
          </select>
        </div>
      </details>
    </section>
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
.slot {
  padding: 4px 0;
}
.name {
  min-width: 90px;
}
@media (max-width: 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
