<script setup lang="ts">
/** Like with like: the lines that stay, in categories, in families. Drag them, or move them by keyboard. */
import { sameWords } from '@stube/core/matching';
import { computed, defineAsyncComponent, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { ChartSpline, Pencil, Plus, Shapes } from '@lucide/vue';
import { HUES } from '@stube/core/labels';
import type { Category, Family, Line } from '@stube/core/model';
import { litresOfLine } from '@stube/core/contents';
import NextStep from '../../../frame/NextStep.vue';
import Pictogram from '../../../drawing/Pictogram.vue';
import { litres } from '../../../parts/numbers.ts';
import { useRoom } from '../../../data/room.ts';
import JumpBar from '../../../parts/JumpBar.vue';
import CategoryDialog from './CategoryDialog.vue';
import FamilyDialog from './FamilyDialog.vue';
import LineChips from './LineChips.vue';
import MergeTray from './MergeTray.vue';
import MoveDialog from './OtherCategoryDialog.vue';
import UndecidedNote from '../pile/UndecidedNote.vue';
import { useMerging } from './merging.ts';

const SchemesDialog = defineAsyncComponent(() => import('./SchemesDialog.vue'));
const FineDialog = defineAsyncComponent(() => import('./FineDialog.vue'));

const { store, lines } = useRoom();
const kept = computed(() => lines.value.filter((line) => line.decision === 'keep'));
const byCategory = computed(() => {
  const map = new Map<string, Line[]>();
  for (const line of kept.value)
    if (line.categoryId) (map.get(line.categoryId) ?? map.set(line.categoryId, []).get(line.categoryId)!).push(line);
  return map;
});
const unsorted = computed(() => kept.value.filter((line) => !line.categoryId));
const moving = ref<Line | null>(null);
const categoryEdited = ref<Category | { familyId: string } | null>(null);
const familyEdited = ref<Family | 'new' | null>(null);
const everyCategory = ref(false);
const comparing = ref(false);
const fine = ref<Family | null>(null);
const { split } = useMerging();
function partedOff(event: { item: HTMLElement }, familyId: string): void {
  const line = store.maps.line.get(event.item.dataset.line ?? '');
  if (line) void split(store.maps.category.get(line.categoryId ?? ''), line.name.slice(0, 60), familyId, [line]);
}

const families = computed(() =>
  [...store.data.family]
    .sort((a, b) => a.sort - b.sort || a.name.localeCompare(b.name))
    .map((family) => {
      const categories = store.data.category
        .filter((category) => category.familyId === family.id)
        .sort((a, b) => a.name.localeCompare(b.name))
        .map((category) => ({ category, own: byCategory.value.get(category.id) ?? [] }))
        .filter(({ own }) => everyCategory.value || own.length);
      const sum = categories
        .flatMap(({ own, category }) => own.map((line) => litresOfLine(line, category, store.site!)))
        .reduce<number>((a, b) => a + (b ?? 0), 0);
      return { family, categories, sum };
    })
    .filter(
      ({ categories, family }) =>
        everyCategory.value ||
        categories.length ||
        !store.data.category.some((category) => category.familyId === family.id),
    ),
);

const parts = computed(() =>
  families.value.map(({ family, categories }) => ({
    id: `family-${family.id}`,
    name: family.name,
    count: categories.filter(({ own }) => own.length).length,
  })),
);

function dropped(lineId: string, categoryId: string | null): void {
  const line = store.maps.line.get(lineId);
  if (line && line.categoryId !== categoryId) void store.tryWrite(() => store.patch('line', line, { categoryId }));
}
function categoryDropped(event: { item: HTMLElement }, familyId: string): void {
  const category = store.maps.category.get(event.item.dataset.category ?? '');
  if (category && category.familyId !== familyId)
    void store.tryWrite(() => store.patch('category', category, { familyId }));
}
</script>

<template>
  <div class="work-two">
    <section class="stack">
      <div class="row between">
        <label class="check"
          ><input v-model="everyCategory" type="checkbox" />show categories without anything of this room</label
        ><span class="row tight"
          ><button v-if="kept.length" class="press small main" type="button" @click="comparing = true">
            <Shapes :size="16" />Ways to sort</button
          ><button class="press small" type="button" @click="familyEdited = 'new'"><Plus :size="16" />A family</button
          ><NextStep v-if="kept.length" here="group"
        /></span>
      </div>
      <UndecidedNote why="What stays comes here to be sorted." />
      <div v-if="!kept.length" class="empty">
        <h2>Nothing to sort yet</h2>
        <p>Tell first what lies on the pile, and decide what stays: that is sorted here, like with like.</p>
        <RouterLink class="press main" :to="{ name: 'pile' }">To the pile</RouterLink>
      </div>
      <JumpBar v-if="families.length > 5" :parts="parts" label="To a family" />
      <div class="families">
        <article
          v-for="{ family, categories, sum } in families"
          :id="`family-${family.id}`"
          :key="family.id"
          class="family"
          :style="{ '--hue': HUES[family.hue] ?? HUES.ink }"
          :aria-label="family.name"
        >
          <header>
            <span class="picture"><Pictogram :name="family.pictogram" :size="22" /></span>
            <h2>
              {{ family.name }}
              <span v-if="family.granularity" class="small soft"
                >{{ categories.filter(({ own }) => own.length).length }} of {{ family.granularity }}</span
              >
            </h2>
            <span class="small">{{ litres(sum) }}</span><button
              class="icon-press"
              type="button"
              :aria-label="`How fine to sort ${family.name}`"
              title="How fine?"
              @click="fine = family"
            >
              <ChartSpline :size="17" /></button
            ><button
              class="icon-press"
              type="button"
              :aria-label="`Edit the family ${family.name}`"
              @click="familyEdited = family"
            >
              <Pencil :size="16" />
            </button>
          </header>
          <VueDraggable
            :model-value="categories"
            tag="div"
            group="categories"
            handle=".grip"
            class="categories"
            :animation="120"
            @add="categoryDropped($event as never, family.id)"
          >
            <section
              v-for="{ category, own } in categories"
              :key="category.id"
              class="category"
              :class="{ once: own.length === 1 && sameWords(own[0]!.name, category.name) }"
              :data-category="category.id"
              :aria-label="category.name"
            >
              <div class="row between head">
                <h3 class="grip">{{ category.name }}</h3>
                <button
                  class="icon-press"
                  type="button"
                  :aria-label="`Edit the category ${category.name}`"
                  @click="categoryEdited = category"
                >
                  <Pencil :size="15" />
                </button>
              </div>
              <LineChips
                :lines="own"
                :under="category.name"
                @pick="moving = $event"
                @dropped="dropped($event, category.id)"
              />
            </section>
          </VueDraggable>
          <VueDraggable
            :model-value="[]"
            tag="div"
            group="lines"
            class="part"
            :data-part="family.name"
            @add="partedOff($event as never, family.id)"
          >
            <button class="press quiet small" type="button" @click="categoryEdited = { familyId: family.id }">
              <Plus :size="15" />a category
            </button>
          </VueDraggable>
        </article>
      </div>
    </section>
    <aside class="sheet stack bench" :class="{ waiting: unsorted.length }" aria-label="Not sorted yet">
      <h2>Not sorted yet</h2>
      <p class="small soft">
        {{
          unsorted.length
            ? 'Drag each into a category, or press it and choose.'
            : 'Everything that stays has its category. Drag one here to take it out again.'
        }}
      </p>
      <LineChips class="tray" :lines="unsorted" @pick="moving = $event" @dropped="dropped($event, null)" />
      <h2>Make one of several</h2>
      <p class="small soft">
        Drag categories here by their names, or merge one from its own sheet. A line dropped on “a category” is parted
        off as one of its own.
      </p>
      <MergeTray />
    </aside>
    <MoveDialog v-if="moving" :line="moving" @close="moving = null" />
    <CategoryDialog
      v-if="categoryEdited"
      :category="'id' in categoryEdited ? categoryEdited : undefined"
      :family-id="categoryEdited.familyId"
      @close="categoryEdited = null"
    />
    <SchemesDialog v-if="comparing" @close="comparing = false" />
    <FineDialog
      v-if="fine"
      :family="fine"
      :categories="families.find((one) => one.family.id === fine!.id)?.categories ?? []"
      @close="fine = null"
    />
    <FamilyDialog
      v-if="familyEdited"
      :family="familyEdited === 'new' ? undefined : familyEdited"
      @close="familyEdited = null"
    />
  </div>
</template>

<style scoped>
.families {
  columns: 300px;
  column-gap: 14px;
}
.family {
  break-inside: avoid;
  margin-bottom: 14px;
  background: var(--paper-high);
  border: var(--line) solid var(--rule);
  border-top: 5px solid var(--hue);
  border-radius: var(--corner);
  padding: 6px 10px 6px;
}
.family header {
  display: flex;
  gap: 8px;
  align-items: center;
}
.family h2 {
  flex: 1;
}
.picture {
  color: var(--hue);
  display: grid;
}
.category {
  padding: 0 0 3px;
  border-top: 1px solid var(--rule);
}
/* One line of the category's own name: in one row with it. */
.category.once {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 0;
}
.once .head {
  flex: 1;
  order: -1;
}
.head {
  flex-wrap: nowrap;
}
.grip {
  cursor: grab;
  flex: 1;
  padding: 3px 0;
}
.part {
  min-height: 36px;
}
.part > :not(button) {
  display: none;
}
.tray {
  min-height: 96px;
  align-content: flex-start;
  border: 1.5px dashed var(--rule-strong);
  padding: 8px;
  border-radius: var(--corner);
}
@media (max-width: 960px) {
  /* What is not sorted yet comes first. */
  .waiting {
    order: -1;
  }
}
</style>
