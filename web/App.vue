<script setup lang="ts">
import Notices from './frame/Notices.vue';
</script>

<template>
  <RouterView />
  <Notices />
</template>
