<script setup lang="ts">
/** The strays tray: what was found where it does not belong, and what it belongs to (practice F2). */
import { computed, ref } from 'vue';
import { X } from '@lucide/vue';
import type { Stray } from '@stube/core/model';
import { comesInto } from '@stube/core/body';
import { matchStray, strayDanger, TRAY_LIMIT } from '@stube/core/strays';
import TextField from '../../../parts/TextField.vue';
import { formatDay, today } from '../../../parts/day.ts';
import { useForm } from '../../../parts/form.ts';
import { useSite } from '../../../data/site.ts';
import { useStraysActions } from './actions.ts';

const store = useSite();
const { lay, settle, letGo } = useStraysActions();
const what = ref('');
const foundIn = ref('');
const roomId = ref(store.rooms[0]?.id ?? '');
const { problems, once } = useForm();
const dangerOf = (called: string, trayOf: string): string | null => {
  const room = store.maps.room.get(trayOf);
  return room ? strayDanger(called, comesInto(room, store.data.person), today()) : null;
};
const add = () =>
  once(async () => {
    await lay(roomId.value, what.value, foundIn.value, !!dangerOf(what.value, roomId.value));
    what.value = '';
  });
const open = computed(() =>
  store.data.stray
    .filter(({ settled }) => !settled)
    .sort((a, b) => a.due.localeCompare(b.due))
    .map((stray) => ({
      stray,
      matches: matchStray(stray.what, store.data),
      danger: dangerOf(stray.what, stray.roomId),
    })),
);
const trays = computed(() =>
  store.rooms.flatMap((room) => {
    const count = open.value.filter(({ stray }) => stray.roomId === room.id).length;
    return count > TRAY_LIMIT ? [{ room, count }] : [];
  }),
);
const settled = computed(() => store.data.stray.filter((stray) => stray.settled === today()));
const goneTo = (stray: Stray): string =>
  store.maps.line.get(stray.lineId ?? '')?.name ?? store.maps.person.get(stray.personId ?? '')?.name ?? 'gone';
</script>

<template>
  <div class="stack page">
    <h1>Strays tray</h1>
    <p class="soft">
      Pieces that were found where they do not belong: each has two weeks to find its set, its kind or its owner.
    </p>
    <div v-if="!store.rooms.length" class="empty">
      <h2>No room yet</h2>
      <p>A tray stands in a room: add the first room in the house at the left.</p>
    </div>
    <form v-else class="sheet add" novalidate @submit.prevent="add">
      <TextField v-model="what" label="What is it?" :problem="problems.what" placeholder="blue wheel" />
      <TextField
        v-model="foundIn"
        label="Where was it found?"
        :problem="problems.foundIn"
        placeholder="under the sofa"
      />
      <label class="field"
        ><span>Whose tray</span
        ><select v-model="roomId" class="write">
          <option v-for="room in store.rooms" :key="room.id" :value="room.id">{{ room.name }}</option>
        </select></label
      >
      <button class="press main" type="submit">Into the tray</button>
    </form>
    <p v-for="{ room, count } in trays" :key="room.id" class="caution warn">
      The tray of {{ room.name }} holds {{ count }} pieces, more than {{ TRAY_LIMIT }}: go through it before more goes
      in.
    </p>
    <ul class="strays">
      <li v-for="{ stray, matches, danger } in open" :key="stray.id" class="sheet stack tight">
        <div class="row between">
          <span
            ><b>{{ stray.what }}</b
            ><span class="small soft block"
              >{{ stray.foundIn ? `found ${stray.foundIn}, ` : '' }}{{ formatDay(stray.foundOn) }} ·
              {{ store.maps.room.get(stray.roomId)?.name }} ·
              <span :class="{ wrong: stray.due < today() }">to go by {{ formatDay(stray.due) }}</span></span
            ></span
          >
          <button class="icon-press" type="button" :aria-label="`${stray.what} leaves the tray`" @click="letGo(stray)">
            <X :size="18" />
          </button>
        </div>
        <p v-if="danger" class="caution small">
          <b>Not into an open tray: {{ danger }}.</b> At once to its place, locked or out of the children’s reach; what
          is broken goes out of the house.
        </p>
        <ul v-if="matches.length" class="matches" :aria-label="`${stray.what} may belong to`">
          <li v-for="match in matches" :key="match.kind + match.id">
            <button class="press match" type="button" @click="settle(stray, match)">
              <span
                ><b>{{ match.name }}</b
                ><span class="small soft block"
                  >{{ match.because }}{{ match.goes ? ` · ${match.goes}` : '' }}</span
                ></span
              >
            </button>
          </li>
        </ul>
        <p v-else class="small soft">Nothing here is called so. Call it otherwise, or let it go.</p>
      </li>
    </ul>
    <p v-if="store.rooms.length && !open.length" class="soft">The tray is empty.</p>
    <section v-if="settled.length" class="sheet stack tight" aria-label="Matched today">
      <h2>Matched today</h2>
      <ul>
        <li v-for="stray in settled" :key="stray.id">{{ stray.what }}: {{ goneTo(stray) }}</li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
  max-width: 900px;
}
.add {
  display: grid;
  grid-template-columns: 1.2fr 1.2fr 1fr auto;
  gap: 12px;
  align-items: end;
}
.strays {
  display: grid;
  gap: 12px;
}
.block {
  display: block;
}
.matches {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.match {
  text-align: left;
  white-space: normal;
  justify-content: flex-start;
}
@media (max-width: 760px) {
  .add {
    grid-template-columns: 1fr;
  }
}
</style>
