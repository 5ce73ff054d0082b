<script setup lang="ts">
/** On a long screen: the ways to its parts, always in sight; shown where there are parts enough. */
export interface JumpPart {
  /** Id of the element to jump to. */
  id: string;
  name: string;
  count?: number;
}
defineProps<{ parts: readonly JumpPart[]; label: string }>();

function jump(id: string): void {
  const part = document.getElementById(id);
  if (!part) return;
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
  part.scrollIntoView({ behavior: still ? 'auto' : 'smooth', block: 'start' });
  // Reading and the Tab key go on from there.
  if (!part.hasAttribute('tabindex')) part.tabIndex = -1;
  part.focus({ preventScroll: true });
}
</script>

<template>
  <nav v-if="parts.length > 2" class="jump no-print" :aria-label="label">
    <button v-for="part in parts" :key="part.id" class="press small" type="button" @click="jump(part.id)">
      {{ part.name }}<span v-if="part.count !== undefined" class="soft">{{ part.count }}</span>
    </button>
  </nav>
</template>

<style scoped>
.jump {
  position: sticky;
  top: var(--stuck);
  z-index: 5;
  display: flex;
  gap: 6px;
  padding: 6px 0;
  overflow-x: auto;
  background: var(--paper);
  scrollbar-width: thin;
}
.jump .press {
  flex: none;
  font-weight: 500;
}
.soft {
  margin-left: 2px;
  font-size: 0.85em;
}
</style>
