<script setup lang="ts">
/** The guide of a room for a helper or a substitute, on screen and on paper (practice N5). */
import { computed } from 'vue';
import { ArrowLeft, Printer } from '@lucide/vue';
import { wordsOfRule } from '@stube/core/routines';
import { comesInto } from '@stube/core/body';
import RoomElevation from '../../../drawing/RoomElevation.vue';
import RoomFromAbove from '../../../drawing/RoomFromAbove.vue';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import DrawnWhenNear from '../../../parts/DrawnWhenNear.vue';
import { usePlaceName } from '../../../data/place-name.ts';
import { useRoom } from '../../../data/room.ts';
import { formatDate } from '../../../parts/day.ts';
import { said } from '../../../parts/numbers.ts';
import { useRoomCautions } from '../../../parts/cautions/room-cautions.ts';
import { OFTEN } from '../routines/often.ts';
import ChildPage from './ChildPage.vue';

const { store, id, room, bins, units, spacesOf, placeData } = useRoom();
const placeName = usePlaceName();
const cautions = useRoomCautions(placeData);
const { binsIn } = useDrawnBins();
const people = computed(() => (room.value ? comesInto(room.value, store.data.person) : []));
const adults = computed(() => people.value.filter(({ kind }) => kind === 'adult'));
const children = computed(() => people.value.filter(({ kind }) => kind === 'child'));
const routines = computed(() => store.data.routine.filter(({ roomId }) => roomId === id.value || roomId === null));
/** What is where, by every word that people use for it. */
const index = computed(() =>
  bins.value
    .filter(({ compartmentId }) => compartmentId)
    .flatMap((bin) => {
      const where = placeName(bin.compartmentId);
      const taught = store.maps.category.get(bin.categoryId)?.synonyms.slice(0, 3) ?? [];
      return [bin.name, ...taught].map((word) => ({ word, bin, where, own: word === bin.name }));
    })
    .sort((a, b) => a.word.localeCompare(b.word)),
);
const photo = (kind: 'before' | 'after') =>
  store.data.photo.findLast((one) => one.roomId === id.value && one.kind === kind);
const before = computed(() => photo('before'));
const after = computed(() => photo('after'));
const print = () => window.print();
</script>

<template>
  <article class="guide stack" aria-label="Room guide">
    <div class="row between no-print">
      <RouterLink class="press small" :to="{ name: 'live' }"><ArrowLeft :size="16" />{{ room?.name }}</RouterLink>
      <button class="press main small" type="button" @click="print"><Printer :size="16" />Print the guide</button>
    </div>
    <h2 class="title">{{ room?.name }}: a guide for whoever helps here</h2>
    <section v-if="room" class="sheet stack tight page-part">
      <h3>The room from above</h3>
      <RoomFromAbove :room="room" named :label="`${room.name} from above`" class="plan" />
    </section>
    <section class="page-part">
      <RoomElevation :units="units" :spaces-of="spacesOf" :bins-in="binsIn" :chosen-bin="null" :tallest="260" />
    </section>
    <section class="sheet stack tight">
      <h3>Be careful</h3>
      <ul v-if="cautions.open.length || cautions.acknowledged.length" class="dots">
        <li v-for="caution in cautions.open" :key="caution.key">
          {{ said(caution.fact) }} <span class="soft">{{ said(caution.helps) }}</span>
        </li>
        <li v-for="caution in cautions.acknowledged" :key="caution.caution.key">
          {{ said(caution.caution.fact) }} <span class="soft">Answered for: {{ caution.by.reason }}</span>
        </li>
      </ul>
      <p v-else class="soft">No danger is open. Local codes and your licence decide; this is only the usual caution.</p>
    </section>
    <section class="sheet stack tight">
      <h3>Routines</h3>
      <ul v-if="routines.length" class="dots">
        <li v-for="routine in routines" :key="routine.id">
          <b>{{ routine.name }}</b>, {{ OFTEN[routine.rule] ?? wordsOfRule(routine.rule) }}, {{ routine.minutes }} min{{
            routine.personId ? `, ${store.maps.person.get(routine.personId)?.name}` : ''
          }}<template v-if="routine.steps.length">: {{ routine.steps.join('; ') }}</template>
        </li>
      </ul>
      <p v-else class="soft">No routine is set.</p>
      <h3>Who to ask</h3>
      <p>{{ adults.map(({ name }) => name).join(', ') || 'Nobody is named for this room yet.' }}</p>
    </section>
    <section class="sheet stack tight">
      <h3>What is where</h3>
      <p v-if="!index.length" class="soft">No bin has its place yet.</p>
      <ul class="index">
        <li v-for="(entry, i) in index" :key="i">
          <span :class="{ soft: !entry.own }">{{ entry.word }}</span>: <b>{{ entry.bin.code }}</b> {{ entry.where }}
        </li>
      </ul>
    </section>
    <section v-if="before || after" class="sheet stack tight page-part">
      <h3>Before and after</h3>
      <div class="pair">
        <figure v-for="one in [before, after].filter((one) => !!one)" :key="one!.id">
          <img :src="`/api/sites/${store.id}/photos/${one!.id}.jpg`" :alt="`The room ${one!.kind}`" />
          <figcaption class="small">{{ one!.kind }}, {{ formatDate(one!.takenOn) }}</figcaption>
        </figure>
      </div>
    </section>
    <DrawnWhenNear v-for="child in children" :key="child.id" :height="700">
      <ChildPage :person="child" />
    </DrawnWhenNear>
  </article>
</template>

<style scoped>
.plan {
  max-height: 420px;
}
.dots {
  list-style: disc;
  padding-left: 20px;
}
.index {
  columns: 260px;
}
.index li {
  break-inside: avoid;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.pair img {
  width: 100%;
}
.pair figure {
  margin: 0;
}
@media print {
  .page-part {
    break-inside: avoid;
  }
}
</style>
