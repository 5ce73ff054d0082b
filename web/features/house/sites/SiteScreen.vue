<script setup lang="ts">
/** The house as a whole: its rooms with what is next in each, its people, its rules of thumb, its files. */
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { ArrowRight, Download, Pencil, Plus } from '@lucide/vue';
import { isWhole, nextStep, roomProgress, STEPS } from '@stube/core/makeover';
import { formatLength } from '@stube/core/notation';
import { HUES } from '@stube/core/labels';
import type { Person, Room } from '@stube/core/model';
import { api } from '../../../data/transport.ts';
import { today } from '../../../parts/day.ts';
import { floorSize } from '../../../parts/numbers.ts';
import { useNotices } from '../../../data/notices.ts';
import { useSite } from '../../../data/site.ts';
import OpenDangers from '../../../parts/cautions/OpenDangers.vue';
import WhoComes from '../people/WhoComes.vue';
import PersonDialog from '../people/PersonDialog.vue';
import RoomDialog from '../rooms/RoomDialog.vue';
import SiteHistory from '../history/SiteHistory.vue';
import SiteRules from './SiteRules.vue';

const store = useSite();
const router = useRouter();
const notices = useNotices();
const editing = ref<Room | 'new' | null>(null);
const person = ref<Person | 'new' | null>(null);
const NEXT: Record<(typeof STEPS)[number], string> = {
  pile: 'tell what lies in the pile',
  group: 'sort the lines',
  measure: 'measure the furniture',
  contain: 'choose containers',
  place: 'give every bin its place',
  label: 'print labels',
  live: 'ready: keep it so',
};
const rooms = computed(() =>
  store.rooms.map((room) => {
    const progress = roomProgress(store.data, room.id, today());
    const next = nextStep(progress);
    return {
      room,
      progress,
      next,
      what: next === 'pile' && progress.pile.open ? 'decide what stays' : NEXT[next],
      bins: store.data.bin.filter((bin) => bin.roomId === room.id).length,
    };
  }),
);
const people = computed(() => [...store.data.person].sort((a, b) => b.stature - a.stature));

async function removeSite(): Promise<void> {
  const { id, site } = store;
  try {
    await api('DELETE', `/sites/${id}`);
    notices.say(`${site?.name} removed. It can be brought back from the list.`);
    await router.push({ name: 'sites' });
  } catch (error) {
    notices.warn((error as Error).message);
  }
}
const made = (id: string) => {
  editing.value = null;
  void router.push({ name: 'pile', params: { site: store.id!, room: id } });
};
</script>

<template>
  <div class="stack page">
    <h1>{{ store.site?.name }}</h1>
    <WhoComes v-if="!rooms.length" />
    <OpenDangers v-else />
    <section class="stack">
      <div class="row between">
        <h2>Rooms</h2>
        <button class="press small" type="button" @click="editing = 'new'"><Plus :size="16" />A room</button>
      </div>
      <div v-if="!rooms.length" class="empty">
        <h2>Take one room at a time</h2>
        <p>Name the room whose things you want to sort first. Everything of it goes on one pile.</p>
        <button class="press main" type="button" @click="editing = 'new'">Add the first room</button>
      </div>
      <ul v-else class="rooms">
        <li v-for="{ room, progress, next, what, bins } in rooms" :key="room.id" class="sheet room">
          <div class="row between">
            <h3>{{ room.name }}</h3>
            <button class="icon-press" type="button" :aria-label="`Edit ${room.name}`" @click="editing = room">
              <Pencil :size="17" />
            </button>
          </div>
          <p class="small soft">
            {{ floorSize(room.width, room.depth, store.site?.system) }} · {{ progress.measure.done }} compartments ·
            {{ bins }} bins
          </p>
          <ol class="way" aria-label="Line of work">
            <li
              v-for="step in STEPS"
              :key="step"
              :class="{
                whole: isWhole(progress[step]),
                part: progress[step].done > 0 && progress[step].open > 0,
              }"
            >
              <span class="hidden-text">{{ step }}: {{ progress[step].words }}</span>
            </li>
          </ol>
          <RouterLink
            class="press small"
            :class="{ main: next !== 'live' }"
            :to="{ name: next, params: { site: store.id, room: room.id } }"
            >{{ what }}<ArrowRight :size="16"
          /></RouterLink>
        </li>
      </ul>
    </section>
    <div class="two">
      <section class="sheet stack tight">
        <div class="row between">
          <h2>People</h2>
          <button class="press small" type="button" @click="person = 'new'"><Plus :size="16" />A person</button>
        </div>
        <ul>
          <li v-for="one in people" :key="one.id" class="row person">
            <i :style="{ background: HUES[one.colour] ?? HUES.ink }" /><span class="grow">{{ one.name }}</span
            ><span class="soft"
              >{{ one.kind }}{{ one.count > 1 ? `, ${one.count} of them` : '' }},
              {{ formatLength(one.stature, store.site?.system) }}</span
            ><button class="icon-press" type="button" :aria-label="`Edit ${one.name}`" @click="person = one">
              <Pencil :size="16" />
            </button>
          </li>
        </ul>
      </section>
      <SiteRules />
    </div>
    <SiteHistory />
    <section class="sheet row files">
      <h2>Files</h2>
      <a class="press small" :href="`/api/sites/${store.id}/export`" download
        ><Download :size="16" />Save the site to a file</a
      >
      <a class="press small" :href="`/api/sites/${store.id}/inventory.csv`" download
        ><Download :size="16" />Inventory as CSV</a
      >
      <button class="press small quiet brick" type="button" @click="removeSite">Remove this site</button>
    </section>
    <RoomDialog v-if="editing" :room="editing === 'new' ? undefined : editing" @close="editing = null" @made="made" />
    <PersonDialog v-if="person" :person="person === 'new' ? undefined : person" @close="person = null" />
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
  gap: 22px;
}
.rooms {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 14px;
}
.room {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding-top: 8px;
}
.room .press {
  margin-top: auto;
}
.way {
  display: flex;
  gap: 3px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.way li {
  flex: 1;
  height: 8px;
  border: 1.25px solid var(--oak-dark);
}
.way .part {
  background: linear-gradient(90deg, var(--oak) 50%, transparent 50%);
}
.way .whole {
  background: var(--oak);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-items: start;
}
.person {
  border-top: 1px solid var(--rule);
  min-height: 42px;
}
.person i {
  width: 14px;
  height: 14px;
  border-radius: 50%;
}
.grow {
  flex: 1;
}
.files h2 {
  margin: 0 8px 0 0;
}
.files .brick {
  margin-left: auto;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
