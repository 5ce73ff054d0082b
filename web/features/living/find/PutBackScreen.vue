<script setup lang="ts">
/** Where does this go? A thing in the hand, or a basket of them, in walking order (practice F2). */
import { computed, onMounted, ref, toRaw, watch } from 'vue';
import { Check, X } from '@lucide/vue';
import { pathsOf, walkingOrder, wayOf } from '@stube/core/find';
import { standBefore } from '@stube/core/floor';
import { type Bin, byId } from '@stube/core/model';
import Pictogram from '../../../drawing/Pictogram.vue';
import PlaceLit from '../../../drawing/PlaceLit.vue';
import { useSite } from '../../../data/site.ts';
import { useBinsActions } from '../bins/actions.ts';
import SpokenPress from '../../../parts/SpokenPress.vue';
import TeachWord from './TeachWord.vue';
import { findWorker, indexFor } from './worker.ts';
import ScannerField from '../scanning/ScannerField.vue';
import PictureSheet from './PictureSheet.vue';

const store = useSite();
const { observe } = useBinsActions();
/** What is in the hand or the basket: as it was called, and the bin it goes to. */
interface Carried {
  word: string;
  binId: string;
}
/** The basket is still there when the page comes back. */
const KEPT = `stube-basket-${store.id}`;
const basket = ref<Carried[]>(JSON.parse(sessionStorage.getItem(KEPT) ?? '[]') as Carried[]);
watch(basket, (now) => sessionStorage.setItem(KEPT, JSON.stringify(now)), { deep: true });
const word = ref('');
const hits = ref<Hit[]>([]);
const asked = ref('');
const SHOWN = 4;
const LEAST_WORD = 2;

/** Where it may go; not sure where it may be something else. */
interface Hit {
  bin: Bin;
  sure: boolean;
}

/** Until the house is read nothing can be found. */
let read: Promise<void> = Promise.resolve();
async function binsFor(query: string): Promise<Hit[]> {
  await read;
  const found = query.trim() ? await findWorker().search(query, SHOWN * 3) : [];
  return found
    .flatMap(({ id, sure }) => {
      const bin = store.maps.bin.get(id);
      return bin ? [{ bin, sure }] : [];
    })
    .slice(0, SHOWN);
}
async function search(): Promise<void> {
  const query = word.value;
  const found = await binsFor(query);
  if (query !== word.value) return;
  hits.value = found;
  asked.value = query;
}
function build(): Promise<void> {
  read = indexFor(store.id ?? '', toRaw(store.data));
  return search();
}
onMounted(build);
watch(word, search);
/** What Enter did not take, as nobody knows it for sure. */
const unsure = ref('');
const field = ref<HTMLInputElement>();
function take(bin: Bin, said = word.value.trim()): void {
  basket.value.push({ word: said || bin.name, binId: bin.id });
  if (word.value.trim() === said) word.value = '';
  field.value?.focus();
}
/** What is typed, also where its answer has not come yet: never what was found for another word. */
async function takeFirst(): Promise<void> {
  const said = word.value.trim();
  const [first] = await binsFor(said);
  if (first?.sure) take(first.bin, said);
  else unsure.value = said;
}

const paths = computed(() => pathsOf(store.data));
const placeOf = (bin: Bin): string => wayOf(paths.value.get(bin.id)!);
const round = computed(() => {
  const carried = basket.value.flatMap(({ word: called, binId }, i) => {
    const bin = store.maps.bin.get(binId);
    if (!bin) return [];
    const space = store.maps.compartment.get(bin.compartmentId ?? '');
    const unit = store.maps.unit.get(space?.unitId ?? '');
    const room = unit ? (store.maps.room.get(unit.roomId)?.sort ?? 0) : null;
    const at = unit ? standBefore(unit) : { x: 0, y: 0 };
    return [{ id: String(i), room, ...at, across: space?.x ?? 0, up: space?.z ?? 0, called, bin }];
  });
  const known = byId(carried);
  return walkingOrder(carried).map(({ id }) => known.get(id)!);
});
const next = computed(() => round.value[0]);
function drop(id: string): void {
  basket.value.splice(Number(id), 1);
}
async function done(id: string, bin: Bin): Promise<void> {
  if (await store.tryWrite(() => observe(bin, 'put back'))) drop(id);
}
</script>

<template>
  <div class="stack page">
    <h1>Where does this go?</h1>
    <p class="soft">Say what is in your hand; several things become a round, in walking order.</p>
    <form class="row" @submit.prevent="takeFirst">
      <input
        ref="field"
        v-model="word"
        class="write ask"
        type="search"
        autocomplete="off"
        placeholder="in your own word"
        aria-label="What is in your hand?"
      />
      <SpokenPress @heard="word = $event" />
    </form>
    <details class="other">
      <summary>by its picture, or by the label of its bin</summary>
      <div class="stack">
        <ScannerField @bin="take" />
        <PictureSheet @bin="take" />
      </div>
    </details>
    <p v-if="unsure && unsure === word.trim()" class="small" role="status">
      {{
        hits.length
          ? 'Perhaps one of these: press the right one, or say what it is called here.'
          : 'Nobody knows that word yet: say what it is called here.'
      }}
    </p>
    <ul v-if="hits.length && word.trim()" class="hits" aria-label="It goes to">
      <li v-for="{ bin, sure } in hits" :key="bin.id">
        <button class="press hit" type="button" @click="take(bin)">
          <Pictogram :name="store.maps.category.get(bin.categoryId)?.pictogram ?? 'package-open'" :size="28" />
          <span
            ><b><i v-if="!sure" class="soft">perhaps </i>{{ bin.code }} {{ bin.name }}</b
            ><span class="small soft">{{ bin.compartmentId ? placeOf(bin) : 'no place yet' }}</span></span
          >
        </button>
      </li>
    </ul>
    <TeachWord
      v-if="
        asked.trim().length >= LEAST_WORD && asked === word && hits.every(({ sure }) => !sure) && store.data.bin.length
      "
      :key="asked"
      :word="asked"
      @taught="build"
    />
    <section v-if="round.length" class="sheet stack tight" aria-label="The round">
      <h2>{{ round.length === 1 ? 'One thing to put back' : `${round.length} things, in walking order` }}</h2>
      <ol class="round">
        <li v-for="one in round" :key="one.id" class="row between">
          <span
            ><b>{{ one.called || one.bin.name }}</b
            ><span class="small soft"
              >{{ one.bin.compartmentId ? placeOf(one.bin) : 'the bench: no place yet' }} › {{ one.bin.code }}</span
            ></span
          >
          <span class="row tight">
            <button
              class="press small"
              type="button"
              :aria-label="`Put back: ${one.called}`"
              @click="done(one.id, one.bin)"
            >
              <Check :size="16" />put back
            </button>
            <button
              class="icon-press"
              type="button"
              :aria-label="`Take ${one.called} off the round`"
              @click="drop(one.id)"
            >
              <X :size="16" />
            </button>
          </span>
        </li>
      </ol>
    </section>
    <p class="small soft">
      Nobody knows what it belongs to?
      <RouterLink :to="{ name: 'strays', params: { site: store.id } }">Into the strays tray.</RouterLink>
    </p>
    <PlaceLit v-if="next?.bin.compartmentId" :key="next.bin.id" :bin="next.bin" :tallest="340" />
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
  max-width: 760px;
}
.ask {
  flex: 1 1 auto;
  font-size: 1.2rem;
  min-height: 50px;
}
.hits,
.round {
  display: grid;
  gap: 8px;
  padding: 0;
  list-style: none;
}
.hit {
  width: 100%;
  justify-content: flex-start;
  text-align: left;
  white-space: normal;
}
.hit span,
.round li > span:first-child {
  display: grid;
}
</style>
