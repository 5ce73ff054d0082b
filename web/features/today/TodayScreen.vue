<script setup lang="ts">
/** What is due in all rooms, what waits to be handed over, and what to be careful of. */
import { computed, ref } from 'vue';
import { roomDataOf } from '@stube/core/placement/place-problem-of';
import { openDangers } from '@stube/core/cautions/open-dangers';
import type { Line } from '@stube/core/model/entities';
import { departuresOf } from '@stube/core/pile/departures';
import { agendaOf, type AgendaItem } from '@stube/core/today/agenda';
import { addDays } from '@stube/core/deadlines/day';
import { formatDay, today } from '../../parts/day.ts';
import { useSite } from '../../data/site.ts';
import ComingCautions from '../cautions/ComingCautions.vue';
import CautionList from '../cautions/CautionList.vue';
import DepartureList from '../departures/DepartureList.vue';
import JumpBar from '../../parts/JumpBar.vue';
import NoLongerTrue from './NoLongerTrue.vue';
import LineDialog from '../pile/LineDialog.vue';

const store = useSite();
const editing = ref<Line | null>(null);
const PUT_OFF_DAYS = 14;
const agenda = computed(() => agendaOf(store.data, today()));
const PARTS = [
  { when: 'overdue', title: 'Overdue' },
  { when: 'today', title: 'Today' },
  { when: 'coming', title: 'In the next four weeks' },
] as const;
const parts = computed(() =>
  PARTS.map((part) => ({ ...part, items: agenda.value.filter((item) => item.when === part.when) })).filter(
    (part) => part.items.length,
  ),
);
const WORDS: Record<AgendaItem['kind'], string> = {
  decide: 'to be decided',
  return: 'goes back',
  'keep until': 'kept until then: then it may go',
  'part put off': 'a part that was put off',
};
const cautions = computed(() =>
  store.rooms.flatMap((room) => {
    const open = openDangers(store.data, room.id, today());
    return open.length ? [{ room, cautions: { open, acknowledged: [] } }] : [];
  }),
);
const rooms = computed(() => store.rooms.flatMap((room) => roomDataOf(store.data, room.id) ?? []));

const jumps = computed(() => [
  ...parts.value.map((part) => ({ id: `due-${part.when}`, name: part.title, count: part.items.length })),
  ...(departuresOf(store.data.line).length ? [{ id: 'leaving', name: 'What leaves' }] : []),
  ...cautions.value.map(({ room, cautions: { open } }) => ({
    id: `careful-${room.id}`,
    name: `Careful: ${room.name}`,
    count: open.length,
  })),
]);
async function put(item: AgendaItem, values: Partial<Line>, said: string): Promise<void> {
  const line = store.maps.line.get(item.lineId ?? '');
  if (line && (await store.tryWrite(() => store.patch('line', line, values)))) store.sayDone(`${line.name}: ${said}.`);
}
const later = (item: AgendaItem) =>
  put(item, { due: addDays(item.day > today() ? item.day : today(), PUT_OFF_DAYS) }, 'put off by two weeks');
async function partDone(item: AgendaItem): Promise<void> {
  const part = store.data.deferral.find((deferral) => deferral.id === item.deferralId);
  if (part && (await store.tryWrite(() => store.patch('deferral', part, { done: true }))))
    store.sayDone(`${part.what}: done.`);
}
const open = (item: AgendaItem) => (editing.value = store.maps.line.get(item.lineId ?? '') ?? null);
</script>

<template>
  <div class="stack page">
    <h1>Today</h1>
    <JumpBar :parts="jumps" label="Parts of this page" />
    <div class="two">
      <div class="stack">
        <section v-if="!parts.length" class="empty">
          <h2>Nothing is due</h2>
          <p>No decision, return or paper comes up in the next four weeks.</p>
        </section>
        <section v-for="part in parts" :id="`due-${part.when}`" :key="part.when" class="sheet stack tight">
          <h2>{{ part.title }}</h2>
          <ul class="due">
            <li v-for="item in part.items" :key="item.key" class="row between" :class="part.when">
              <span class="what"
                ><b>{{ item.what }}</b
                ><span class="small soft"
                  >{{ WORDS[item.kind] }} · {{ formatDay(item.day) }} · {{ item.room.name }}</span
                ></span
              >
              <span class="row tight acts">
                <template v-if="item.kind === 'decide'"
                  ><button class="press small" type="button" @click="put(item, { decision: 'keep' }, 'kept')">
                    keep</button
                  ><button class="press small" type="button" @click="open(item)">decide</button
                  ><button class="press quiet small" type="button" @click="later(item)">put off</button></template
                >
                <template v-else-if="item.kind === 'return'"
                  ><button class="press small" type="button" @click="put(item, { handedOver: today() }, 'taken back')">
                    taken back</button
                  ><button class="press quiet small" type="button" @click="open(item)">open</button></template
                >
                <template v-else-if="item.kind === 'keep until'"
                  ><button class="press small" type="button" @click="put(item, { decision: 'recycle' }, 'may go')">
                    may go</button
                  ><button class="press quiet small" type="button" @click="open(item)">keep longer</button></template
                >
                <button v-else class="press small" type="button" @click="partDone(item)">done</button>
              </span>
            </li>
          </ul>
        </section>
        <NoLongerTrue />
        <DepartureList id="leaving" />
      </div>
      <div class="stack">
        <section v-for="{ room, cautions: found } in cautions" :id="`careful-${room.id}`" :key="room.id" class="sheet">
          <CautionList :room-id="room.id" :cautions="found" :heading="room.name" />
        </section>
        <ComingCautions class="sheet" :rooms="rooms" />
        <section v-if="!cautions.length" class="sheet stack tight">
          <h2>Be careful</h2>
          <p class="soft">No danger is open in any room.</p>
        </section>
      </div>
    </div>
    <LineDialog v-if="editing" :line="editing" @close="editing = null" />
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
.due li {
  padding: 7px 0;
  border-top: 1px solid var(--rule);
  flex-wrap: wrap;
}
.due .overdue .what b {
  color: var(--brick);
}
.what {
  display: flex;
  flex-direction: column;
  min-width: 160px;
  flex: 1;
}
@media (max-width: 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
