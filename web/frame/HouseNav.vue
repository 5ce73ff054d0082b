<script setup lang="ts">
/** The slim cut-away of the site: its rooms as the chambers of a house, the navigation. */
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { Archive, CalendarCheck, HandHelping, Hash, PackagePlus, Plus, Repeat, Shapes, Undo2 } from '@lucide/vue';
import { nextStep, roomProgress, STEPS } from '@stube/core/makeover';
import { useDue } from '../data/due.ts';
import { useSite } from '../data/site.ts';
import { today } from '../parts/day.ts';
import { STEP_NAMES } from './steps.ts';
import RoomDialog from '../features/house/rooms/RoomDialog.vue';

const store = useSite();
const route = useRoute();
const router = useRouter();
const adding = ref(false);

/** From the roof down: the last room made lies on top. */
const chambers = computed(() =>
  [...store.rooms].reverse().map((room) => {
    const progress = roomProgress(store.data, room.id, today());
    const total = STEPS.reduce((sum, step) => sum + progress[step].done + progress[step].open, 0);
    const done = STEPS.reduce((sum, step) => sum + progress[step].done, 0);
    return { room, next: nextStep(progress), share: total ? done / total : 0 };
  }),
);
/** What has come due by today. */
const all = useDue();
const due = computed(() => all.within(0).length);
const here = computed(() => String(route.params.room ?? ''));
const stepNow = computed(() => ((STEPS as readonly string[]).includes(String(route.name)) ? String(route.name) : null));

function made(id: string): void {
  adding.value = false;
  void router.push({ name: 'pile', params: { site: store.id!, room: id } });
}
</script>

<template>
  <nav class="house-nav" aria-label="House">
    <svg class="roof" viewBox="0 0 196 78" preserveAspectRatio="none" aria-hidden="true">
      <path d="M10 78 98 16l88 62" />
      <path class="tiles" d="M24 68h148M38 58h120M52 48h92M66 38h64M80 28h36" />
      <path d="M148 46V20h14v36" />
    </svg>
    <RouterLink class="site-name" :to="{ name: 'site', params: { site: store.id } }"
      ><span class="figure">{{ store.site?.name ?? 'Stube' }}</span></RouterLink
    >
    <RouterLink class="today" :to="{ name: 'today', params: { site: store.id } }"
      ><CalendarCheck :size="17" /> Today<b v-if="due" class="figure">{{ due }}</b
      ><span v-if="due" class="hidden-text">due</span></RouterLink
    >
    <ul class="walls">
      <li v-for="{ room, next, share } in chambers" :key="room.id">
        <RouterLink
          class="chamber"
          :class="{ here: room.id === here }"
          :aria-current="room.id === here ? 'page' : undefined"
          :to="{ name: stepNow ?? next, params: { site: store.id, room: room.id } }"
        >
          <span class="name">{{ room.name }}</span>
          <span class="small soft">{{
            share >= 1 ? 'done' : share > 0 ? `next: ${STEP_NAMES[next]}` : 'not begun'
          }}</span>
          <span class="floor"><i :style="{ width: `${Math.round(share * 100)}%` }" /></span>
        </RouterLink>
      </li>
      <li>
        <button class="chamber add" type="button" @click="adding = true"><Plus :size="16" /> a room</button>
      </li>
    </ul>
    <div class="cellar">
      <RouterLink :to="{ name: 'put-back', params: { site: store.id } }"
        ><HandHelping :size="16" /> Put back</RouterLink
      >
      <RouterLink :to="{ name: 'strays', params: { site: store.id } }"><Shapes :size="16" /> Strays tray</RouterLink>
      <RouterLink :to="{ name: 'routines', params: { site: store.id } }"><Repeat :size="16" /> Routines</RouterLink>
      <RouterLink :to="{ name: 'restock', params: { site: store.id } }"><PackagePlus :size="16" /> Restock</RouterLink>
      <RouterLink :to="{ name: 'stock', params: { site: store.id } }"><Archive :size="16" /> Containers</RouterLink>
      <RouterLink :to="{ name: 'numbers', params: { site: store.id } }"><Hash :size="16" /> Numbered sets</RouterLink>
      <RouterLink :to="{ name: 'sites' }"><Undo2 :size="16" /> All sites</RouterLink>
    </div>
    <RoomDialog v-if="adding" @close="adding = false" @made="made" />
  </nav>
</template>

<style scoped>
.house-nav {
  background: var(--paper-low);
  padding: 12px 0 16px;
  display: flex;
  flex-direction: column;
}
.roof {
  display: block;
  width: 100%;
  height: 62px;
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
  overflow: visible;
}
.roof .tiles {
  stroke-width: 0.8;
  opacity: 0.45;
}
.site-name {
  position: relative;
  margin: 0 10px;
  padding: 8px 10px;
  background: var(--paper-high);
  border: 2.5px solid var(--ink);
  border-bottom-width: 2px;
  color: var(--ink);
  text-decoration: none;
  text-align: center;
  line-height: 1.2;
}
/* The lintel under the roof. */
.today {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 40px;
  margin: 0 10px;
  padding: 4px 10px;
  border: 2.5px solid var(--ink);
  border-top: 0;
  background: var(--oak-pale);
  color: var(--ink);
  font-weight: 650;
  text-decoration: none;
}
.today.router-link-exact-active {
  background: var(--spruce);
  color: var(--white);
}
.today b {
  margin-left: auto;
}
.walls {
  margin: 0 10px;
  border: 2.5px solid var(--ink);
  border-top: 0;
  background: var(--paper-high);
}
.chamber {
  display: flex;
  flex-direction: column;
  gap: 1px;
  position: relative;
  padding: 10px 10px 14px;
  min-height: 64px;
  color: var(--ink);
  text-decoration: none;
  width: 100%;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
li + li .chamber {
  border-top: 2.5px solid var(--ink);
}
.chamber:hover {
  background: var(--oak-pale);
}
.chamber.here {
  background: var(--spruce);
  color: var(--white);
}
.chamber.here .soft {
  color: var(--spruce-faint);
}
.chamber .name {
  font-weight: 650;
  line-height: 1.2;
}
.chamber .floor {
  position: absolute;
  inset: auto 0 0;
  height: 5px;
  background: color-mix(in srgb, var(--oak-dark) 18%, transparent);
}
.chamber .floor i {
  display: block;
  height: 100%;
  background: var(--oak);
}
.chamber.add {
  flex-direction: row;
  align-items: center;
  gap: 6px;
  min-height: 44px;
  padding-block: 8px;
  color: var(--spruce-deep);
  font-weight: 600;
}
.cellar {
  margin: 0 10px;
  padding: 10px 4px;
  border-top: 6px solid var(--oak-dark);
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.cellar a {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 34px;
  padding-inline: 6px;
  color: var(--ink);
  text-decoration: none;
  border-radius: var(--corner);
}
.cellar a:hover,
.cellar .router-link-exact-active {
  background: var(--oak-pale);
}
</style>
