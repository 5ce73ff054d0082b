<script setup lang="ts">
/** What lies around, told in one line: how it is understood is shown while one types, and enter takes it into the stock. */
import { computed, ref } from 'vue';
import { readFound } from '@stube/core/containers';
import { insideLitres } from '@stube/core/contents';
import { litres, sidesOf } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';

const store = useSite();
const text = ref('');
const asked = ref(false);
const reading = computed(() => readFound(text.value, store.site?.system ?? 'metric'));
/** The same kind and size is one kind. */
const known = computed(() => {
  const shape = reading.value.found?.shape;
  return shape
    ? store.data.containerType.find(
        (type) =>
          type.name.toLowerCase() === shape.name.toLowerCase() &&
          Math.abs(type.outWidth - shape.outWidth) <= 5 &&
          Math.abs(type.outDepth - shape.outDepth) <= 5 &&
          Math.abs(type.outHeight - shape.outHeight) <= 5,
      )
    : undefined;
});
const said = computed(() => {
  const { found } = reading.value;
  if (!found) return '';
  const { shape, count } = found;
  return [
    `${count} × ${shape.name}`,
    `${sidesOf(shape.outWidth, shape.outDepth, shape.outHeight)}${shape.form === 'round' ? ', round' : ''}`,
    `of ${shape.material}`,
    `holds ${litres(insideLitres(shape))}`,
    known.value ? `as you have it already: ${known.value.owned + count} then` : '',
  ]
    .filter(Boolean)
    .join(', ');
});
async function take(): Promise<void> {
  asked.value = true;
  const { found } = reading.value;
  if (!found) return;
  const done = await store.tryWrite(() =>
    store.putRow(
      'containerType',
      `${found.count} × ${found.shape.name}`,
      () => known.value,
      (there) => (there ? { owned: there.owned + found.count } : { ...found.shape, owned: found.count }),
    ),
  );
  if (!done) return;
  store.sayDone(`${found.count} × ${found.shape.name} taken into the stock.`);
  text.value = '';
  asked.value = false;
}
</script>

<template>
  <form class="found" @submit.prevent="take">
    <label class="field"
      ><span>What lies around, in one line</span
      ><input
        v-model="text"
        class="write"
        autocomplete="off"
        placeholder="such as 3 jam jars 75x110 round, or 2 wooden crates 50 x 33 x 28 cm"
        :aria-invalid="asked && !!reading.problem && !!text"
        aria-describedby="found-said" /></label
    ><button class="press" type="submit">Take it in</button>
    <p id="found-said" class="small" role="status" :class="{ wrong: asked && reading.problem && text }">
      {{
        said || (text ? reading.problem : 'Jars, boxes, tins, trays, an old drawer: the size decides, not what it was.')
      }}
    </p>
  </form>
</template>

<style scoped>
.found {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 10px;
  align-items: end;
}
.found p {
  grid-column: 1 / -1;
  min-height: 1.4em;
}
</style>
