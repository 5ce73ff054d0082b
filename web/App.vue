<script setup lang="ts">
import { onMounted, onUnmounted } from 'vue';
import Notices from './frame/Notices.vue';
import { keepFocus } from './parts/focus.ts';

let end = () => {};
onMounted(() => (end = keepFocus()));
onUnmounted(() => end());
</script>

<template>
  <RouterView />
  <Notices />
</template>
