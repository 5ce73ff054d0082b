<script setup lang="ts">
/** What is kept here and in other rooms: one place for all of it, or a said reason. */
import { computed, reactive } from 'vue';
import { inSeveralRooms, type InSeveralRooms } from '@stube/core/placement';
import { useRoom } from '../../../data/room.ts';

const { store, id } = useRoom();
const found = computed(() => inSeveralRooms(store.data.bin, store.maps.category, id.value));
const reasons = reactive<Record<string, string>>({});
const roomsOf = ({ rooms }: InSeveralRooms) => rooms.map((room) => store.maps.room.get(room)?.name ?? '').join(' and ');
const say = ({ category }: InSeveralRooms) =>
  store.tryWrite(() => store.patch('category', category, { severalRooms: reasons[category.id]!.trim() }));
</script>

<template>
  <details v-if="found.length" class="sheet stack tight">
    <summary>{{ found.length === 1 ? '1 thing is' : `${found.length} things are` }} kept in several rooms</summary>
    <p class="small soft">
      One place for all of it is found and restocked more easily. Where it is on purpose, say why.
    </p>
    <form v-for="one in found" :key="one.category.id" class="row between" @submit.prevent="say(one)">
      <span
        ><b>{{ one.category.name }}</b> <span class="small soft">also in {{ roomsOf(one) }}</span></span
      >
      <span class="row">
        <input
          v-model="reasons[one.category.id]"
          class="write"
          type="text"
          maxlength="120"
          :aria-label="`Why ${one.category.name} is kept in several rooms`"
          placeholder="why"
        />
        <button class="press small" type="submit" :disabled="!reasons[one.category.id]?.trim()">
          It is on purpose
        </button>
      </span>
    </form>
  </details>
</template>
