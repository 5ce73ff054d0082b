<script setup lang="ts">
/** Learn the room: where does this live, what lives here, what must never stand here (practice F3). */
import { computed, nextTick, onUnmounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { ArrowLeft, Check, GraduationCap, X } from '@lucide/vue';
import type { Person } from '@stube/core/model';
import { comesInto } from '@stube/core/body';
import { roomDataOf } from '@stube/core/placement';
import { tidyBins } from '@stube/core/tidying';
import CategoryPicture from '../../../drawing/CategoryPicture.vue';
import SpaceLit from '../../../drawing/SpaceLit.vue';
import WayPlan from '../../../drawing/WayPlan.vue';
import { usePlaceName } from '../../../data/place-name.ts';
import { useSite } from '../../../data/site.ts';
import { today } from '../../../parts/day.ts';
import { percent } from '../../../parts/numbers.ts';
import { useLearningRound } from './round.ts';

const store = useSite();
const route = useRoute();
const roomId = computed(() => String(route.params.room));
const room = computed(() => store.maps.room.get(roomId.value));
const data = computed(() => roomDataOf(store.data, roomId.value, today()));
const bins = computed(() =>
  data.value
    ? tidyBins(data.value).flatMap(({ id, categoryId, adultsOnly }) => {
        const spaceId = store.maps.bin.get(id)?.compartmentId;
        const unitId = store.maps.compartment.get(spaceId ?? '')?.unitId;
        return spaceId && unitId ? [{ id, categoryId, adultsOnly, spaceId, unitId }] : [];
      })
    : [],
);
/** What a child of a metre reaches, mm. */
const LOW = 1150;
const low = computed(
  () =>
    new Set(
      (data.value?.compartments ?? [])
        .filter(({ floor, unitId }) => floor < LOW && !store.maps.unit.get(unitId)?.locked)
        .map(({ id }) => id),
    ),
);
const { person, question, given, right, asked, again, queue, progress, start, next, answer, finish, isOver } =
  useLearningRound(
    () => bins.value,
    () => low.value,
  );
const people = computed(() => (room.value ? comesInto(room.value, store.data.person) : []));
const BY = { front: 'by the furniture', plan: 'by the floor plan', shelf: 'at the real shelf' } as const;
const by = ref<keyof typeof BY>('front');
/** Whoever does not read is asked by pictures alone. */
const pictures = computed(() => person.value?.reads === false);
const shown = ref(false);
const over = ref(false);
const asking = ref<HTMLElement | null>(null);
const said = ref<HTMLElement | null>(null);
const nameOf = (id: string) => store.maps.bin.get(id)?.name ?? '';
const placeOf = usePlaceName();
const words = computed(() =>
  !question.value
    ? ''
    : question.value.kind === 'where'
      ? 'Where does this live?'
      : question.value.kind === 'what'
        ? 'What lives here?'
        : 'What must never stand here?',
);
const why = computed(() => {
  if (!question.value || question.value.kind !== 'never') return '';
  return `${nameOf(question.value.answer)} must be locked away or out of the children’s reach.`;
});
function begin(who: Person): void {
  over.value = false;
  shown.value = false;
  start(who);
  if (!question.value) over.value = true;
}
async function go(): Promise<void> {
  shown.value = false;
  if (!isOver()) next();
  if (isOver() || !question.value) {
    over.value = true;
    await finish();
  }
  await nextTick();
  // Where the eye and the keyboard go on: the next question, from its beginning.
  asking.value?.focus({ preventScroll: true });
  window.scrollTo({ top: 0 });
}
watch(given, async (told) => {
  await nextTick();
  if (told) said.value?.scrollIntoView({ block: 'nearest' });
});
onUnmounted(finish);
</script>

<template>
  <div class="stack page">
    <RouterLink class="press small back" :to="{ name: 'live', params: { site: store.id, room: roomId } }"
      ><ArrowLeft :size="16" />{{ room?.name }}</RouterLink
    >
    <h1>Learn {{ room?.name }}</h1>
    <div v-if="bins.length < 2" class="empty">
      <h2>Nothing to learn yet</h2>
      <p>When at least two bins have their places, they are asked about here.</p>
    </div>
    <template v-else-if="!question">
      <section v-if="over && person" class="sheet stack tight" role="status">
        <h2>{{ right }} of {{ asked }} right</h2>
        <p>
          {{ again ? `${again} missed: they come back soonest. ` : '' }}{{ person.name }} knows
          {{ progress(person.id).known }} of {{ progress(person.id).all }} places.
        </p>
        <p v-if="progress(person.id).knowsRoom" class="knows">
          <GraduationCap :size="20" /> {{ person.name }} knows the room.
        </p>
      </section>
      <p class="soft">Three minutes a round. What is missed comes back sooner; what is known rests longer each time.</p>
      <fieldset class="row tight">
        <legend class="field-name">Asked</legend>
        <button
          v-for="(name, key) in BY"
          :key="key"
          class="press small"
          type="button"
          :aria-pressed="by === key"
          @click="by = key"
        >
          {{ name }}
        </button>
      </fieldset>
      <ul class="people">
        <li v-for="one in people" :key="one.id" class="sheet row between">
          <span
            ><b>{{ one.name }}</b
            ><span class="small soft block">
              {{ progress(one.id).known }} of {{ progress(one.id).all }} places known ({{
                percent(progress(one.id).known / Math.max(1, progress(one.id).all))
              }}){{ progress(one.id).due ? `, ${progress(one.id).due} to be asked again` : ''
              }}{{ progress(one.id).knowsRoom ? ' · knows the room' : '' }}</span
            ></span
          >
          <button class="press main small" type="button" :aria-label="`A round for ${one.name}`" @click="begin(one)">
            a round
          </button>
        </li>
      </ul>
    </template>
    <section v-else class="sheet stack ask" aria-live="polite">
      <div class="row between">
        <h2 ref="asking" tabindex="-1" :class="{ 'hidden-text': pictures }">{{ words }}</h2>
        <span class="small soft">{{ queue.length }} to go</span>
      </div>
      <div v-if="question.kind === 'where'" class="thing">
        <CategoryPicture :category-id="store.maps.bin.get(question.binId)!.categoryId" :size="pictures ? 140 : 72" />
        <b v-if="!pictures">{{ nameOf(question.binId) }}</b>
      </div>
      <div v-else class="thing" :class="{ never: question.kind === 'never' }">
        <SpaceLit :space-id="question.spaceId" empty :bare="pictures" :tallest="240" />
      </div>
      <template v-if="by === 'shelf' && question.kind === 'where'">
        <button v-if="!shown" class="press main" type="button" @click="shown = true">I stand before it: show me</button>
        <template v-else-if="!given">
          <SpaceLit :space-id="question.answer" :tallest="240" />
          <div class="row">
            <button class="press" type="button" @click="answer(question.answer)">I was right</button
            ><button
              class="press"
              type="button"
              @click="answer(question.choices.find((id) => id !== question!.answer)!)"
            >
              I was somewhere else
            </button>
          </div>
        </template>
      </template>
      <div v-else class="choices">
        <button
          v-for="id in question.choices"
          :key="id"
          class="press choice"
          type="button"
          :class="{ right: given && id === question.answer, wrongly: given === id && id !== question.answer }"
          :aria-pressed="given === id"
          :aria-label="question.kind === 'where' ? placeOf(id) : nameOf(id)"
          @click="answer(id)"
        >
          <template v-if="question.kind === 'where'">
            <WayPlan v-if="by === 'plan'" :unit-id="store.maps.compartment.get(id)!.unitId" still />
            <SpaceLit v-else :space-id="id" empty bare :tallest="130" />
            <span v-if="!pictures" class="small">{{ placeOf(id) }}</span>
          </template>
          <template v-else>
            <CategoryPicture :category-id="store.maps.bin.get(id)!.categoryId" :size="pictures ? 96 : 56" />
            <span v-if="!pictures">{{ nameOf(id) }}</span>
          </template>
        </button>
      </div>
      <div v-if="given" ref="said" class="row between" role="status">
        <span v-if="given === question.answer" class="good"><Check :size="20" /> Right. {{ why }}</span>
        <span v-else class="wrong"
          ><X :size="20" /> No: {{ question.kind === 'where' ? placeOf(question.answer) : nameOf(question.answer) }}.
          {{ why }}</span
        >
        <button class="press main" type="button" @click="go">{{ isOver() ? 'end of the round' : 'next' }}</button>
      </div>
    </section>
  </div>
</template>

<style scoped>
.page {
  padding-top: 22px;
  max-width: 960px;
}
.back {
  align-self: flex-start;
}
.people {
  display: grid;
  gap: 10px;
}
.block {
  display: block;
}
.thing {
  display: grid;
  justify-items: center;
}
.never {
  border: 3px solid var(--brick);
  border-radius: var(--corner);
  padding: 8px;
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 12px;
}
.choice {
  flex-direction: column;
  min-height: 120px;
  white-space: normal;
}
.choice :deep(figure) {
  width: 100%;
  display: grid;
  justify-items: center;
}
.choice.right {
  border: 4px solid var(--spruce);
  background: var(--spruce-pale);
}
.choice.wrongly {
  border: 4px solid var(--brick);
  background: var(--brick-pale);
}
.good,
.knows {
  color: var(--spruce-deep);
  font-weight: 650;
}
.good,
.wrong,
.knows {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
</style>
