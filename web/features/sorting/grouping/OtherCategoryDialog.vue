<script setup lang="ts">
/** Where does this line belong? The site's own categories first, then the starter library. */
import { computed, ref } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { HUES } from '@stube/core/labels';
import type { Line } from '@stube/core/model';
import { type CategoryProposal, knownCategories, plain, proposeCategories } from '@stube/core/matching';
import { STARTER_CATEGORIES, starterFamilyOf } from '@stube/core/starter';
import Pictogram from '../../../drawing/Pictogram.vue';
import { useSite } from '../../../data/site.ts';
import { usePileActions } from '../pile/actions.ts';

const props = defineProps<{ line: Line }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const { sortInto } = usePileActions();
const query = ref('');
const MOST = 40;

const all = computed((): CategoryProposal[] => {
  const used = new Set(store.data.category.map((category) => category.starter));
  const own = [...store.data.category]
    .sort((a, b) => a.name.localeCompare(b.name))
    .map((one) => ({ categoryId: one.id, starter: null, name: one.name, likeness: 0 }));
  return [
    ...own,
    ...STARTER_CATEGORIES.filter((starterCategory) => !used.has(starterCategory.key)).map((starter) => ({
      categoryId: null,
      starter,
      name: starter.name,
      likeness: 0,
    })),
  ];
});
const offers = computed(() => {
  const asked = plain(query.value);
  if (!asked) {
    const likely = proposeCategories(props.line.name, knownCategories(store.data.category), 5);
    return [
      ...likely,
      ...all.value.filter((one) => one.categoryId && !likely.some((other) => other.name === one.name)),
    ];
  }
  const direct = all.value.filter((one) =>
    plain(
      `${one.name} ${one.starter?.synonyms.join(' ') ?? store.maps.category.get(one.categoryId!)?.synonyms.join(' ')}`,
    ).includes(asked),
  );
  return direct.length ? direct : proposeCategories(query.value, knownCategories(store.data.category), 8);
});
const look = (one: CategoryProposal) => {
  const own = store.maps.category.get(one.categoryId ?? '');
  const family = own ? store.maps.family.get(own.familyId) : starterFamilyOf(one.starter!.family);
  return {
    picture: own?.pictogram ?? one.starter!.pictogram,
    hue: HUES[family?.hue ?? 'ink'],
    family: family?.name ?? '',
  };
};
async function choose(one: CategoryProposal | null): Promise<void> {
  if (await sortInto(props.line, one)) emit('close');
}
</script>

<template>
  <ModalDialog dismissable :title="`Where does “${line.name}” belong?`" :width="520" @close="emit('close')">
    <input
      v-model="query"
      class="write"
      type="search"
      autofocus
      aria-label="Search categories"
      placeholder="a category, or another word for it"
      @keydown.enter.prevent="offers[0] && choose(offers[0])"
    />
    <ul class="offers">
      <li v-for="offer in offers.slice(0, MOST)" :key="offer.categoryId ?? offer.starter!.key">
        <button
          type="button"
          :aria-current="offer.categoryId === line.categoryId && !!offer.categoryId"
          @click="choose(offer)"
        >
          <span :style="{ color: look(offer).hue }"><Pictogram :name="look(offer).picture" /></span
          ><b>{{ offer.name }}</b
          ><span class="small soft">{{ look(offer).family }}{{ offer.starter ? ', from the library' : '' }}</span>
        </button>
      </li>
      <li v-if="!offers.length" class="soft none">
        No category by that word. Make one in its family on the screen behind.
      </li>
    </ul>
    <button v-if="line.categoryId" class="press small quiet" type="button" @click="choose(null)">
      Take it out of its category
    </button>
  </ModalDialog>
</template>

<style scoped>
.offers {
  max-height: 50vh;
  overflow-y: auto;
  margin: 8px 0;
}
.offers button {
  display: flex;
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: var(--tap);
  background: none;
  border: 0;
  border-bottom: 1px solid var(--rule);
  text-align: left;
  cursor: pointer;
}
.offers button:hover,
.offers button[aria-current='true'] {
  background: var(--spruce-pale);
}
.none {
  padding: 14px 4px;
}
</style>
