<script setup lang="ts">
/** Says on every page that anyone on the network can change everything, as long as there is no sign-in. */
import { onMounted, ref } from 'vue';
import { api } from '../data/transport.ts';

const open = ref(false);
onMounted(async () => {
  // Where nothing answers, every screen says so itself.
  open.value = await api<{ open?: boolean }>('GET', '/health').then(
    (health) => health.open === true,
    () => false,
  );
});
</script>

<template>
  <aside v-if="open" class="open-to-all small" aria-label="No sign-in">
    <b>Anyone on this network can see and change everything in this Stube.</b> There is no sign-in yet. To keep it to
    this computer, start Stube without HOST.
  </aside>
</template>

<style scoped>
.open-to-all {
  padding: 0.4rem 1rem;
  background: var(--paper);
  border-bottom: 2px solid var(--brick);
  color: var(--ink);
}
@media print {
  .open-to-all {
    display: none;
  }
}
</style>
