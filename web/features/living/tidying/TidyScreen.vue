<script setup lang="ts">
/** Tidying with children, without a word to read: a picture to do, a sand-glass, a tap when it is done (practice F3). */
import { computed, onMounted, onUnmounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { Check, Moon, Music, Play, X } from '@lucide/vue';
import { HUES } from '@stube/core/labels';
import { roomDataOf } from '@stube/core/placement';
import CategoryPicture from '../../../drawing/CategoryPicture.vue';
import PlaceLit from '../../../drawing/PlaceLit.vue';
import { useSite } from '../../../data/site.ts';
import { today } from '../../../parts/day.ts';
import PersonFigure from './PersonFigure.vue';
import SandGlass from './SandGlass.vue';
import { SONGS, useTidyRound } from './round.ts';

const store = useSite();
const route = useRoute();
const roomId = computed(() => String(route.params.room));
const data = computed(() => roomDataOf(store.data, roomId.value, today()));
const { round, people, begin, nextOf, tick, end, isOver } = useTidyRound(() => data.value);
const chosen = ref<string[]>([]);
const song = ref<number>(SONGS[1]);
const children = computed(() => people.value.filter(({ isChild }) => isChild));
const nameOf = (id: string) => store.maps.person.get(id)?.name ?? '';
const hueOf = (id: string) => HUES[store.maps.person.get(id)?.colour ?? 'slate'];
const toggle = (id: string) =>
  (chosen.value = chosen.value.includes(id) ? chosen.value.filter((one) => one !== id) : [...chosen.value, id]);

const now = ref(Date.now());
let timer = 0;
onMounted(() => (timer = window.setInterval(() => (now.value = Date.now()), 500)));
onUnmounted(() => window.clearInterval(timer));
const share = computed(() => (round.value ? (now.value - round.value.startedAt) / 1000 / round.value.seconds : 0));
</script>

<template>
  <section class="tidy" aria-label="Tidy">
    <h1 class="hidden-text">Tidy: {{ store.maps.room.get(roomId)?.name }}</h1>
    <RouterLink
      class="icon-press out"
      :to="{ name: 'live', params: { site: store.id, room: roomId } }"
      aria-label="Back to the room"
      ><X :size="28"
    /></RouterLink>
    <template v-if="!round">
      <div class="who" role="group" aria-label="Who tidies?">
        <button
          v-for="person in children"
          :key="person.id"
          class="press big"
          type="button"
          :aria-pressed="chosen.includes(person.id)"
          :aria-label="nameOf(person.id)"
          @click="toggle(person.id)"
        >
          <PersonFigure :stature="person.stature" :colour="hueOf(person.id)" />
        </button>
      </div>
      <div class="songs" role="group" aria-label="How long?">
        <button
          v-for="(length, i) in SONGS"
          :key="length"
          class="press big"
          type="button"
          :aria-pressed="song === length"
          :aria-label="['a short song', 'a song', 'two songs'][i]"
          @click="song = length"
        >
          <Music v-for="n in i + 1" :key="n" :size="34" />
        </button>
      </div>
      <button
        class="press main begin"
        type="button"
        aria-label="Begin"
        :disabled="!chosen.length"
        @click="begin(chosen, song)"
      >
        <Play :size="56" />
      </button>
      <p v-if="!children.length" class="empty">
        No child comes into this room: tell who comes in under the room’s settings, and they stand here.
      </p>
    </template>
    <div v-else-if="isOver || share >= 1.5" class="quiet">
      <Moon :size="160" aria-hidden="true" />
      <button class="press big" type="button" aria-label="All done, good night" @click="end">
        <Check :size="56" />
      </button>
    </div>
    <template v-else>
      <SandGlass :share="share" :size="110" class="glass" />
      <ul class="shares" :class="`n${round.shares.length}`">
        <li
          v-for="one in round.shares"
          :key="one.person"
          class="share"
          :aria-label="nameOf(one.person)"
          :style="{ borderColor: hueOf(one.person) }"
        >
          <PersonFigure
            :stature="store.maps.person.get(one.person)?.stature ?? 1100"
            :colour="hueOf(one.person)"
            small
          />
          <template v-if="nextOf(one)">
            <CategoryPicture :category-id="store.maps.bin.get(nextOf(one)!)!.categoryId" :size="150" />
            <PlaceLit
              :bin="store.maps.bin.get(nextOf(one)!)!"
              :tallest="round.shares.length <= 3 ? 170 : 120"
              bare
              class="place"
            />
            <button
              class="press main done"
              type="button"
              :aria-label="`${nameOf(one.person)}: ${store.maps.bin.get(nextOf(one)!)!.name} is done`"
              @click="tick(one)"
            >
              <Check :size="48" />
            </button>
          </template>
          <Moon v-else :size="120" class="moon" aria-label="done" />
          <span class="dots" aria-hidden="true"
            ><i v-for="id in one.bins" :key="id" :class="{ on: round.done.includes(id) }"
          /></span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.tidy {
  position: fixed;
  inset: 0;
  z-index: 60;
  background: var(--paper);
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 26px;
  padding: 20px;
  overflow: auto;
}
.out {
  position: absolute;
  right: 10px;
  top: 10px;
}
.who,
.songs {
  display: flex;
  flex-wrap: wrap;
  gap: 18px;
  justify-content: center;
}
.big {
  min-width: 120px;
  min-height: 110px;
  padding: 12px 20px;
}
.big[aria-pressed='true'] {
  border-width: 4px;
}
.begin {
  width: 150px;
  height: 120px;
}
.glass {
  position: absolute;
  left: 16px;
  top: 12px;
}
.shares {
  width: 100%;
  max-width: 1200px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 16px;
  padding-top: 100px;
}
.share {
  position: relative;
  border: 8px solid;
  border-radius: 10px;
  background: var(--paper-high);
  padding: 14px;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 12px;
  min-height: 430px;
}
.place {
  width: 100%;
}
.place :deep(svg) {
  display: block;
  margin: 0 auto;
}
.done {
  width: 100%;
  min-height: 90px;
  margin-top: auto;
}
.moon {
  margin: auto;
  color: var(--ink-soft);
}
.dots {
  display: flex;
  gap: 8px;
}
.dots i {
  width: 14px;
  height: 14px;
  border: 2px solid var(--ink);
  border-radius: 50%;
}
.dots i.on {
  background: var(--spruce);
}
.quiet {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 30px;
  color: var(--ink-soft);
}
</style>
