<script setup lang="ts">
/** The kinds of containers this site knows: what is owned, in use and free (practice C1). */
import { formatMoney } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { Minus, Pencil, Plus } from '@lucide/vue';
import { hasAll } from '@stube/core/matching';
import { countTypes } from '@stube/core/containers';
import { insideLitres } from '@stube/core/contents';
import type { ContainerType } from '@stube/core/model';
import { litres, sidesOf } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';
import FoundObject from './FoundObject.vue';
import TypeDialog from './TypeDialog.vue';

const store = useSite();
const editing = ref<ContainerType | 'new' | null>(null);
const used = computed(() => countTypes(store.data.bin));
/** Its own picture, the newest. */
const pictures = computed(
  () =>
    new Map(
      [...store.data.photo]
        .sort((a, b) => a.takenOn.localeCompare(b.takenOn))
        .flatMap((photo) =>
          photo.containerTypeId
            ? [[photo.containerTypeId, `/api/sites/${store.id}/photos/${photo.id}.jpg`] as const]
            : [],
        ),
    ),
);
const types = computed(() => [...store.data.containerType].sort((a, b) => insideLitres(a) - insideLitres(b)));
const query = ref('');
const shown = computed(() => {
  const isMeant = hasAll(query.value);
  return types.value.filter(({ name }) => isMeant(name));
});
const owned = computed(() => types.value.reduce((sum, type) => sum + type.owned, 0));
const change = (type: ContainerType, by: number) =>
  store.tryWrite(() => store.patch('containerType', type, ({ owned }) => ({ owned: Math.max(0, owned + by) })));
/** The box's front, drawn to one scale for all. */
const scale = (type: ContainerType) => ({ width: `${type.outWidth / 9}px`, height: `${type.outHeight / 9}px` });
</script>

<template>
  <div class="stack page">
    <div class="row between">
      <h1>Containers</h1>
      <button class="press small" type="button" @click="editing = 'new'"><Plus :size="16" />A kind of container</button>
    </div>
    <p class="soft">
      First use what is in the house. Say how many of each you own; what is in use is counted from the bins.
      {{ owned }} owned.
    </p>
    <FoundObject />
    <label
      ><span class="hidden-text">Search the containers</span
      ><input v-model="query" class="write" type="search" placeholder="search the containers"
    /></label>
    <p v-if="!shown.length" class="soft">No container is called so.</p>
    <div class="scroll">
      <table class="ledger">
        <thead>
          <tr>
            <th>container</th>
            <th class="number">outside w × d × h</th>
            <th class="number">holds</th>
            <th>good for</th>
            <th class="number">price</th>
            <th class="number">in use</th>
            <th class="number">owned</th>
            <th><span class="hidden-text">edit</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="type in shown" :key="type.id">
            <td>
              <span class="row nowrap"
                ><span class="front"
                  ><img v-if="pictures.get(type.id)" :src="pictures.get(type.id)" alt="" loading="lazy" /><i
                    v-else
                    :class="type.material"
                    :style="scale(type)" /></span
                ><b>{{ type.name }}</b></span
              >
            </td>
            <td class="number">{{ sidesOf(type.outWidth, type.outDepth, type.outHeight) }}</td>
            <td class="number">{{ litres(insideLitres(type)) }}</td>
            <td class="small">
              {{
                [
                  type.seeThrough && 'seen through',
                  type.lid ? 'lid' : 'open',
                  type.handle && 'handle',
                  type.stackable && 'stacks',
                ]
                  .filter(Boolean)
                  .join(', ')
              }}
            </td>
            <td class="number">
              {{ type.price ? formatMoney(type.price, store.site?.currency ?? 'EUR') : '–'
              }}<span v-if="type.pack > 1" class="small soft"> for {{ type.pack }}</span>
            </td>
            <td class="number">{{ used.get(type.id) ?? 0 }}</td>
            <td class="number">
              <span class="steps"
                ><button
                  class="icon-press"
                  type="button"
                  :aria-label="`One ${type.name} less`"
                  :disabled="!type.owned"
                  @click="change(type, -1)"
                >
                  <Minus :size="16" /></button
                ><b>{{ type.owned }}</b
                ><button
                  class="icon-press"
                  type="button"
                  :aria-label="`One ${type.name} more`"
                  @click="change(type, 1)"
                >
                  <Plus :size="16" /></button
              ></span>
            </td>
            <td>
              <button class="icon-press" type="button" :aria-label="`Edit ${type.name}`" @click="editing = type">
                <Pencil :size="16" />
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <TypeDialog v-if="editing" :type="editing === 'new' ? undefined : editing" @close="editing = null" />
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
}
.ledger td {
  vertical-align: middle;
}
.nowrap {
  flex-wrap: nowrap;
}
.front {
  display: grid;
  width: 64px;
  height: 48px;
  place-items: end center;
  flex: none;
  overflow: hidden;
}
.front img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}
.front i {
  border: 1.2px solid var(--ink);
  background: var(--material-plastic);
}
.front .clear,
.front .glass {
  background: var(--material-clear);
}
.front .wood,
.front .basket {
  background: var(--material-wood);
}
.front .card {
  background: var(--material-card);
}
.front .metal {
  background: var(--material-metal);
}
.steps {
  display: inline-flex;
  align-items: center;
  gap: 2px;
}
.steps b {
  min-width: 22px;
  text-align: center;
}
/* On the phone each kind is a card: nothing lies beyond the edge. */
@media (max-width: 760px) {
  thead {
    position: absolute;
    clip-path: inset(50%);
  }
  tr {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    column-gap: 10px;
    padding: 4px 0 8px;
    border-bottom: 1px solid var(--rule);
  }
  .ledger td {
    order: 4;
    padding: 0;
    border: 0;
    text-align: left;
    font-size: 0.88rem;
  }
  .ledger td:first-child {
    order: 1;
    flex: 1 1 calc(100% - 180px);
    font-size: 1rem;
  }
  .ledger td:nth-child(7) {
    order: 2;
  }
  .ledger td:nth-child(8) {
    order: 3;
  }
  .ledger td:nth-child(2) {
    margin-left: 72px;
  }
  .ledger td:nth-child(3)::before {
    content: 'inside ';
  }
  .ledger td:nth-child(6)::before {
    content: 'in use ';
  }
}
</style>
