<script setup lang="ts">
/** The frame around every screen of a site: the house at the left, find and undo, and what must be told. */
import { computed, onMounted, onUnmounted, provide, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { House, Redo2, Search, Undo2 } from '@lucide/vue';
import { useSite } from '../data/site.ts';
import ConflictDialog from './ConflictDialog.vue';
import FindPanel from '../features/living/find/FindPanel.vue';
import HouseNav from './HouseNav.vue';
import { FIND } from './find.ts';
import { titleOf } from './title.ts';

const route = useRoute();
const store = useSite();
const finding = ref(false);
provide(FIND, () => (finding.value = true));
const houseOpen = ref(false);
const roomName = computed(
  () => store.maps.room.get(String(route.params.room ?? ''))?.name ?? store.site?.name ?? 'Stube',
);

watch(
  () => String(route.params.site),
  (site) => void store.open(site),
  { immediate: true },
);
watch(
  () => route.fullPath,
  () => (houseOpen.value = false),
);
const title = computed(() => titleOf(route, store.data, store.site?.name));
watch(title, (words) => (document.title = words), { immediate: true });

/** A text being written has its own undo and its own slash; an empty field, a choice or a tick has not. */
const typing = (target: EventTarget | null): boolean =>
  (target instanceof HTMLInputElement && !/^(checkbox|radio|file)$/.test(target.type) && target.value !== '') ||
  (target instanceof HTMLTextAreaElement && target.value !== '');

function onKey(event: KeyboardEvent): void {
  if ((event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === 'z' && !typing(event.target)) {
    event.preventDefault();
    void store.step(event.shiftKey ? 'redo' : 'undo');
  } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'y' && !typing(event.target)) {
    event.preventDefault();
    void store.step('redo');
  } else if (event.key === '/' && !event.ctrlKey && !event.metaKey && !event.altKey && !typing(event.target)) {
    event.preventDefault();
    finding.value = true;
  }
}
/** Another window may have written meanwhile. */
const onShown = () => {
  if (document.visibilityState === 'visible' && store.id) void store.open(store.id);
};
onMounted(() => {
  window.addEventListener('keydown', onKey);
  document.addEventListener('visibilitychange', onShown);
});
onUnmounted(() => {
  window.removeEventListener('keydown', onKey);
  document.removeEventListener('visibilitychange', onShown);
});
</script>

<template>
  <div class="frame">
    <a href="#work" class="skip">To the work</a>
    <header class="bar no-print">
      <button
        class="icon-press house-press"
        type="button"
        :aria-expanded="houseOpen"
        aria-controls="house"
        aria-label="Rooms of the house"
        @click="houseOpen = !houseOpen"
      >
        <House :size="22" />
      </button>
      <component :is="route.params.room ? 'h1' : 'span'" class="where figure">{{ roomName }}</component>
      <button class="find-press" type="button" aria-label="Where is …?" @click="finding = true">
        <Search :size="18" /><span>Where is …?</span><kbd>/</kbd>
      </button>
      <button
        class="icon-press"
        type="button"
        :disabled="!store.history.undo || store.busy > 0"
        :aria-label="store.history.undo ? `Undo: ${store.history.undo}` : 'Nothing to undo'"
        :title="store.history.undo ? `Undo: ${store.history.undo}` : ''"
        @click="store.step('undo')"
      >
        <Undo2 :size="20" />
      </button>
      <button
        class="icon-press"
        type="button"
        :disabled="!store.history.redo || store.busy > 0"
        :aria-label="store.history.redo ? `Redo: ${store.history.redo}` : 'Nothing to redo'"
        :title="store.history.redo ? `Redo: ${store.history.redo}` : ''"
        @click="store.step('redo')"
      >
        <Redo2 :size="20" />
      </button>
    </header>
    <HouseNav id="house" class="house no-print" :class="{ open: houseOpen }" />
    <main id="work" class="work" tabindex="-1">
      <div v-if="store.state === 'missing'" class="empty">
        <h1>This site is not here</h1>
        <p>It may have been removed, or the address is wrong.</p>
        <RouterLink class="press main" :to="{ name: 'sites' }">To all sites</RouterLink>
      </div>
      <p v-else-if="store.state === 'loading'" class="soft">Opening …</p>
      <RouterView v-else-if="store.state === 'ready'" />
    </main>
    <FindPanel v-if="finding" @close="finding = false" />
    <ConflictDialog />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template: 'house bar' 56px 'house work' 1fr / 196px minmax(0, 1fr);
  min-height: 100dvh;
}
.skip {
  position: absolute;
  left: -999px;
  top: 4px;
  background: var(--ink);
  color: var(--white);
  padding: 8px 12px;
  z-index: 70;
}
.skip:focus {
  left: 4px;
}
.bar {
  grid-area: bar;
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 0 20px;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
  position: sticky;
  top: 0;
  z-index: 20;
}
.where {
  flex: 1;
  font-size: 1.15rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.house-press {
  display: none;
}
.find-press {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 38px;
  width: 260px;
  padding: 4px 10px;
  border: var(--line) solid var(--rule-strong);
  border-radius: 20px;
  background: var(--paper-high);
  color: var(--ink-soft);
  cursor: pointer;
  text-align: left;
}
.find-press span {
  flex: 1;
}
.find-press:hover {
  border-color: var(--ink);
}
kbd {
  font: 600 0.85rem var(--reading);
  border: 1px solid var(--rule-strong);
  border-bottom-width: 2px;
  border-radius: 3px;
  padding: 0 6px;
}
.house {
  grid-area: house;
  position: sticky;
  top: 0;
  height: 100dvh;
  overflow-y: auto;
}
.work {
  grid-area: work;
  padding: 0 20px 40px;
  min-width: 0;
  outline: none;
}
@media (max-width: 760px) {
  .frame {
    grid-template: 'bar' 52px 'work' 1fr / minmax(0, 1fr);
  }
  .bar {
    padding: 0 6px;
  }
  .house-press {
    display: grid;
  }
  .find-press {
    width: 40px;
    height: 40px;
    padding: 0;
    justify-content: center;
    border: 0;
    background: none;
  }
  .find-press span,
  .find-press kbd {
    display: none;
  }
  .house {
    position: fixed;
    inset: 52px auto 0 0;
    height: auto;
    width: 250px;
    z-index: 30;
    display: none;
    box-shadow: 8px 0 30px color-mix(in srgb, var(--ink) 25%, transparent);
  }
  .house.open {
    display: block;
  }
  .work {
    padding: 0 12px 40px;
  }
}
@media print {
  .frame {
    display: block;
  }
  .work {
    padding: 0;
  }
}
</style>
