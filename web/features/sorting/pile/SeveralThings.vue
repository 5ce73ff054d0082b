<script setup lang="ts">
/** What a line with several things becomes: a line for each, with what it is taken for. */
import { computed } from 'vue';
import { comesInto } from '@stube/core/body';
import { dangersOfLine } from '@stube/core/hazards';
import { knownCategories, proposeCategories } from '@stube/core/matching';
import { isParsedLine, lineOf, parseLine } from '@stube/core/pile';
import LineDangers from '../../../parts/cautions/LineDangers.vue';
import { moment, today } from '../../../parts/day.ts';
import { formatAmount } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ things: readonly string[]; roomId: string }>();
const emit = defineEmits<{ one: [] }>();
const store = useSite();
const known = computed(() => knownCategories(store.data.category));
const read = computed(() =>
  props.things.flatMap((thing) => {
    const parsed = parseLine(thing, store.site?.system, { today: today() });
    if (!isParsedLine(parsed)) return [];
    const [best] = proposeCategories(parsed.name, known.value, 1);
    return [{ parsed, best, traits: store.maps.category.get(best?.categoryId ?? '') ?? best?.starter ?? undefined }];
  }),
);
/** For the children who come into the room. */
const dangers = computed(() => {
  const room = store.maps.room.get(props.roomId);
  if (!room) return [];
  const people = comesInto(room, store.data.person);
  const found = read.value.flatMap(({ parsed, best, traits }) => {
    const place = { roomId: props.roomId, categoryId: best?.categoryId ?? null, sort: 0 };
    const line = { id: '', version: 0, siteId: '', ...lineOf(parsed, place, parsed.decision, moment()) };
    return dangersOfLine(line, traits, people, today());
  });
  return [...new Map(found.map((danger) => [JSON.stringify(danger), danger])).values()];
});
</script>

<template>
  <div class="several">
    <p class="small soft">{{ read.length }} things, a line for each:</p>
    <ul aria-label="Things in this line">
      <li v-for="({ parsed, best }, i) in read" :key="i">
        <b>{{ parsed.name }}</b>
        <span class="soft small">{{ formatAmount(parsed.amount, parsed.measure) }} · {{ best?.name }}</span>
      </li>
    </ul>
    <button class="press small" type="button" @click="emit('one')">keep it as one line</button>
  </div>
  <LineDangers :dangers="dangers" />
</template>

<style scoped>
.several {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  padding: 0;
  margin: 0;
  list-style: none;
}
li {
  display: inline-flex;
  gap: 6px;
  align-items: baseline;
}
</style>
