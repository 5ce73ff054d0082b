<script setup lang="ts">
import { onMounted, onUnmounted } from 'vue';
import Notices from './frame/Notices.vue';
import OpenToAll from './frame/OpenToAll.vue';
import { keepFocus } from './parts/focus.ts';

let end = () => {};
onMounted(() => (end = keepFocus()));
onUnmounted(() => end());
const loadAnew = () => window.location.reload();
</script>

<template>
  <OpenToAll />
  <RouterView v-slot="{ Component }">
    <component :is="Component" v-if="Component" />
    <main v-else class="opening">
      <h1>Stube</h1>
      <p>This page could not be opened.</p>
      <button class="press" type="button" @click="loadAnew">Load it anew</button>
    </main>
  </RouterView>
  <Notices />
</template>
