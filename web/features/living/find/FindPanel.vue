<script setup lang="ts">
/** Where is it? Answers while one types, with the way to the bin and the place lit up in the elevation. */
import { computed, onMounted, ref, toRaw, watch } from 'vue';
import { useRouter } from 'vue-router';
import { ScanQrCode } from '@lucide/vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { type Found, looseLine, pathsOf, wayOf, withinBin } from '@stube/core/find';
import { isWaiting, shapeOf } from '@stube/core/contents';
import type { Bin, Category } from '@stube/core/model';
import { HUES } from '@stube/core/labels';
import SpokenPress from '../../../parts/SpokenPress.vue';
import Pictogram from '../../../drawing/Pictogram.vue';
import { useSite } from '../../../data/site.ts';
import FoundPlace from './FoundPlace.vue';
import TeachWord from './TeachWord.vue';
import { findWorker, indexFor } from './worker.ts';

const emit = defineEmits<{ close: [] }>();
const store = useSite();
const router = useRouter();
const query = ref('');
const found = ref<Found[]>([]);
const at = ref(0);
const ready = ref(false);
/** The question that is answered on the page. */
const answered = ref('');
const paths = computed(() => pathsOf(store.data));
interface Hit {
  id: string;
  code: string | null;
  name: string;
  bin: Bin | null;
  category: Category | undefined;
  hue: string | undefined;
  way: string;
  /** Where in the bin, where that can be told. */
  within: string;
  /** Where it has no place yet. */
  loose: string;
  roomId: string;
  /** False for what may be something else. */
  sure: boolean;
}
const hits = computed((): Hit[] =>
  found.value.flatMap(({ id, sure }): Hit[] => {
    const line = store.maps.line.get(looseLine(id) ?? '');
    if (line) {
      const category = store.maps.category.get(line.categoryId ?? '');
      return [
        {
          id,
          code: null,
          name: line.name,
          bin: null,
          category,
          hue: HUES[store.maps.family.get(category?.familyId ?? '')?.hue ?? 'ink'],
          way: store.maps.room.get(line.roomId)?.name ?? '',
          within: '',
          loose: isWaiting(line) ? `to ${line.decision}` : line.decision === 'keep' ? 'no bin yet' : 'not decided yet',
          roomId: line.roomId,
          sure,
        },
      ];
    }
    const bin = store.maps.bin.get(id);
    if (!bin) return [];
    const category = store.maps.category.get(bin.categoryId);
    const family = store.maps.family.get(category?.familyId ?? '');
    const path = paths.value.get(id)!;
    const within = withinBin(
      bin,
      shapeOf(bin, store.maps.containerType),
      store.contents.get(id)?.lines ?? [],
      store.data.setNumber,
      answered.value,
    );
    return [
      {
        id,
        code: bin.code,
        name: bin.name,
        roomId: bin.roomId,
        bin,
        category,
        hue: HUES[family?.hue ?? 'ink'],
        way: `${wayOf(path)}${path.parked ? `, or parked at ${path.parked}` : ''}`,
        within,
        loose: path.compartment ? '' : 'on the bench, no place yet',
        sure,
      },
    ];
  }),
);
/** A guess lights no shelf. */
const chosen = computed(() => (hits.value[at.value]?.sure ? hits.value[at.value]!.bin : null));
const isNone = computed(() => hits.value.every(({ sure }) => !sure));

async function build(): Promise<void> {
  await indexFor(store.id ?? '', toRaw(store.data));
  ready.value = true;
  await search();
}
async function search(): Promise<void> {
  if (!ready.value) return;
  const asked = query.value;
  const answer = asked.trim().length < 1 ? [] : await findWorker().search(asked, 12);
  if (asked !== query.value) return;
  found.value = answer;
  at.value = 0;
  answered.value = asked;
}
/** The word that was asked for and finds nothing. */
const unknown = computed(() => answered.value.trim().length >= LEAST_WORD && answered.value === query.value);
const LEAST_WORD = 2;
watch(query, search);
onMounted(build);

function onKey(event: KeyboardEvent): void {
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault();
    at.value = Math.min(hits.value.length - 1, Math.max(0, at.value + (event.key === 'ArrowDown' ? 1 : -1)));
  } else if (event.key === 'Enter') void goToChosen();
}
/** Never to what was found for what stood there before. */
async function goToChosen(): Promise<void> {
  if (answered.value !== query.value) await search();
  const hit = hits.value[at.value];
  if (hit && answered.value === query.value) go(hit);
}
function go(hit: Hit): void {
  emit('close');
  void router.push(
    hit.code
      ? { name: 'bin', params: { site: store.id!, code: hit.code } }
      : { name: 'pile', params: { site: store.id!, room: hit.roomId } },
  );
}
</script>

<template>
  <ModalDialog dismissable title="Where is …?" top :width="860" @close="emit('close')">
    <div class="asked">
      <input
        v-model="query"
        class="write ask"
        type="search"
        placeholder="three letters of it, in your own word"
        aria-label="What are you looking for?"
        role="combobox"
        aria-controls="found"
        :aria-expanded="hits.length > 0"
        :aria-activedescendant="hits[at] ? `hit-${hits[at]!.id}` : undefined"
        autocomplete="off"
        @keydown="onKey"
      /><SpokenPress @heard="query = $event" /><RouterLink
        class="press"
        aria-label="Scan a label"
        :to="{ name: 'scan', params: { site: store.id } }"
        @click="emit('close')"
        ><ScanQrCode :size="20"
      /></RouterLink>
    </div>
    <div class="answer" :data-asked="answered">
      <div v-if="hits.length" class="stack tight">
        <p v-if="isNone" class="small" role="status"><b>Not in the house, it seems.</b> Perhaps one of these?</p>
        <ul id="found" role="listbox" aria-label="Found" class="hits">
          <li
            v-for="(hit, i) in hits"
            :id="`hit-${hit.id}`"
            :key="hit.id"
            role="option"
            :aria-selected="i === at"
            class="hit"
            :class="{ on: i === at }"
            @mouseenter="at = i"
            @click="go(hit)"
          >
            <span class="picture" :style="{ color: hit.hue }"
              ><Pictogram :name="hit.category?.pictogram ?? 'package-open'" :size="24"
            /></span>
            <span class="said"
              ><b
                ><i v-if="!hit.sure" class="soft">perhaps </i>{{ hit.name }}
                <span v-if="hit.code" class="tag">{{ hit.code }}</span></b
              ><span class="small" :class="hit.loose ? 'wrong' : 'soft'">{{
                hit.loose ? `${hit.way} › ${hit.loose}` : [hit.way, hit.code, hit.within].filter(Boolean).join(' › ')
              }}</span></span
            >
          </li>
        </ul>
        <TeachWord v-if="isNone && ready && unknown" :key="answered" :word="answered" @taught="build" />
      </div>
      <div v-else class="stack">
        <p class="soft none">
          {{
            query.trim()
              ? ready && answered === query
                ? 'Nothing by that word. Try another word for it, or a part of it.'
                : 'Reading the house …'
              : store.data.bin.length
                ? 'Type a name, another word for it, or the code on the label.'
                : 'No bins yet: they come with the step Contain of a room.'
          }}
        </p>
        <TeachWord v-if="ready && unknown && store.data.bin.length" :key="answered" :word="answered" @taught="build" />
      </div>
      <FoundPlace v-if="chosen" :key="chosen.id" :bin="chosen" class="lit" />
    </div>
  </ModalDialog>
</template>

<style scoped>
/* Room for the ring around what has the focus. */
.asked {
  padding: 5px;
  margin: -5px;
  display: flex;
  gap: 8px;
}
.ask {
  font-size: 1.2rem;
  min-height: 50px;
}
.answer {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 360px);
  gap: 16px;
  margin-top: 12px;
  min-height: 300px;
  align-items: start;
}
.hits {
  max-height: 62vh;
  overflow-y: auto;
}
.hit {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px;
  border-bottom: 1px solid var(--rule);
  cursor: pointer;
}
.hit.on {
  background: var(--spruce-pale);
}
.picture {
  flex: none;
  display: grid;
}
.said {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
.none {
  padding: 20px 4px;
}
@media (max-width: 760px) {
  .answer {
    grid-template-columns: 1fr;
  }
  .hits {
    max-height: 34vh;
  }
  .lit {
    order: -1;
  }
}
</style>
