<script setup lang="ts">
/** The square on a label opens its bin. */
import { useRouter } from 'vue-router';
import type { Bin } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import ScannerField from './ScannerField.vue';

const store = useSite();
const router = useRouter();
const open = (bin: Bin) => router.push({ name: 'bin', params: { site: store.id!, code: bin.code } });
</script>

<template>
  <div class="stack page">
    <h1>Scan a label</h1>
    <p class="soft">
      Hold the camera before the square of a label: its bin opens, with what was seen or done one tap away.
    </p>
    <section class="sheet"><ScannerField @bin="open" /></section>
    <p class="small soft">
      No camera at hand? The <a href="/scanner" target="_blank" rel="noopener">simulated scanner</a> sends a code from
      another window of this browser.
    </p>
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
  max-width: 640px;
}
</style>
