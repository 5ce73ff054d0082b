<script setup lang="ts">
import { X } from '@lucide/vue';
import { useNotices } from '../data/notices.ts';

const notices = useNotices();
</script>

<template>
  <div class="notices no-print" role="status" aria-live="polite">
    <div v-if="notices.notice" class="notice" :class="notices.notice.tone">
      <span>{{ notices.notice.text }}</span>
      <button
        v-if="notices.notice.action"
        class="act"
        type="button"
        @click="(notices.notice.action.run(), notices.close())"
      >
        {{ notices.notice.action.label }}
      </button>
      <button class="act close" type="button" aria-label="Close the message" @click="notices.close()">
        <X :size="18" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.notices {
  position: fixed;
  inset: auto 0 16px;
  display: grid;
  place-items: center;
  pointer-events: none;
  z-index: 60;
  padding-inline: 12px;
}
.notice {
  pointer-events: auto;
  display: flex;
  align-items: center;
  gap: 12px;
  background: var(--ink);
  color: var(--paper-high);
  padding: 8px 8px 8px 16px;
  border-radius: var(--corner);
  box-shadow: 0 6px 24px color-mix(in srgb, var(--ink) 35%, transparent);
  max-width: 640px;
}
.notice.caution {
  background: var(--brick-deep);
}
.act {
  background: none;
  border: 0;
  color: var(--straw);
  font-weight: 700;
  cursor: pointer;
  white-space: nowrap;
  min-height: 36px;
  min-width: 36px;
}
.close {
  color: inherit;
  display: grid;
  place-items: center;
}
.act:focus-visible {
  outline-color: var(--straw);
}
</style>
