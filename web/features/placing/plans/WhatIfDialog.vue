<script setup lang="ts">
/** What if …? Changes of the room tried in a copy, with what each would bring; Stube names the three that help most. */
import { computed, onMounted, onUnmounted, ref, shallowRef } from 'vue';
import { proxy } from 'comlink';
import ProgressBar from 'primevue/progressbar';
import { Square } from '@lucide/vue';
import { bestChanges, differenceOf, type WhatIf, type WhatIfEffect, whatIfsOf, whatIfWords } from '@stube/core/plans';
import { TEMPLATES } from '@stube/core/measuring';
import { useRoom } from '../../../data/room.ts';
import { plain } from '../../../data/worker/plain.ts';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { minutes, said, signedSeconds } from '../../../parts/numbers.ts';
import { useKeepChange } from './keep-change.ts';
import { usePlanRoom } from '../../../parts/planning/plan-room.ts';
import { plansWorker } from '../../../parts/planning/worker.ts';

const emit = defineEmits<{ close: [] }>();
const { store, room, units, zones } = useRoom();
const planRoom = usePlanRoom();
const { canKeep, keep } = useKeepChange();
/** Turns of search for each change: as many for all, so that they are compared alike. */
const TURNS = 60;
const AS_IT_IS: WhatIf = { kind: 'as it is' };
const tried = shallowRef<WhatIfEffect[]>([]);
const base = shallowRef<WhatIfEffect | null>(null);
const done = ref(0);
const busy = ref(false);
const chosen = ref<string>('');
/** What one could sit or work before. */
const furniture = computed(() => units.value.filter(({ template }) => TEMPLATES[template].stands === 'furniture'));
const changes = computed<WhatIf[]>(() =>
  planRoom.value
    ? [
        ...whatIfsOf(planRoom.value),
        ...zones.value.flatMap((zone) =>
          furniture.value.map((unit): WhatIf => ({ kind: 'zone nearer', zoneId: zone.id, unitId: unit.id })),
        ),
      ]
    : [],
);
const KINDS: Record<Exclude<WhatIf['kind'], 'as it is'>, string> = {
  'doors off': 'Doors off',
  'a lock': 'A lock',
  'places changed': 'Two pieces of furniture change places',
  'a board more': 'One board more',
  'a board less': 'One board less',
  'without a unit': 'Without a piece of furniture',
  'one more unit': 'One more piece like it',
  'zone nearer': 'A zone in front of a piece of furniture',
  heights: 'High or low',
  'lids off': 'Lids off',
  'a year older': 'The children a year older',
  'a group more': 'A child more',
};
const key = (change: WhatIf) => JSON.stringify(change);
const wordsOf = (change: WhatIf) => whatIfWords(change, { units: units.value, zones: zones.value });
const groups = computed(() =>
  Object.entries(KINDS).map(([kind, name]) => ({ name, changes: changes.value.filter((one) => one.kind === kind) })),
);
const best = computed(() => (base.value ? bestChanges(tried.value, base.value.after) : []));
const own = computed(() => tried.value.find(({ change }) => key(change) === chosen.value) ?? null);

async function run(list: WhatIf[]): Promise<void> {
  if (!planRoom.value || !list.length) return;
  busy.value = true;
  done.value = 0;
  try {
    await plansWorker().whatIf(
      plain(planRoom.value),
      list,
      TURNS,
      proxy((share: number) => {
        done.value = share;
      }),
      proxy((_index: number, effect: WhatIfEffect) => {
        if (effect.change.kind === 'as it is') base.value = effect;
        else tried.value = [...tried.value.filter(({ change }) => key(change) !== key(effect.change)), effect];
      }),
    );
  } finally {
    busy.value = false;
  }
}
/** The three that help most: every change of the furniture is tried. */
const search = () =>
  run([AS_IT_IS, ...changes.value.filter(({ kind }) => kind !== 'without a unit' && kind !== 'zone nearer')]);
async function tryChosen(): Promise<void> {
  const change = changes.value.find((one) => key(one) === chosen.value);
  if (!change) return;
  await run(base.value ? [change] : [AS_IT_IS, change]);
}
async function keepIt(effect: WhatIfEffect): Promise<void> {
  if (!(await keep(effect.change))) return;
  store.sayDone(`${effect.words}: kept. Propose places, or make whole plans anew.`);
  emit('close');
}
onMounted(() => void (changes.value.length && run([AS_IT_IS])));
onUnmounted(() => void plansWorker().stop());
const differs = (effect: WhatIfEffect) => differenceOf(effect.after, base.value!.after);
</script>

<template>
  <ModalDialog :title="`What if, in ${room?.name ?? ''}`" :width="760" @close="emit('close')">
    <div class="stack">
      <p class="small soft">
        Tried in a copy: after each change only what pays is moved, and that is compared with the room as it is, where
        what pays is moved too.
        <template v-if="base">As it is, that takes {{ minutes(base.after.effort) }} a week.</template>
      </p>
      <label class="field"
        ><span>What if …?</span
        ><select v-model="chosen" class="write" @change="tryChosen">
          <option value="" disabled>choose a change</option>
          <template v-for="group in groups" :key="group.name"
            ><optgroup v-if="group.changes.length" :label="group.name">
              <option v-for="change in group.changes" :key="key(change)" :value="key(change)">
                {{ wordsOf(change) }}
              </option>
            </optgroup></template
          >
        </select></label
      >
      <div class="row">
        <button v-if="busy" class="press" type="button" @click="plansWorker().stop()"><Square :size="16" />Stop</button>
        <button v-else class="press" type="button" @click="search">Which three would help most?</button>
      </div>
      <ProgressBar v-if="busy" :value="Math.round(done * 100)" :show-value="false" aria-label="Changes tried" />
      <p v-if="chosen && !own && !busy" class="caution warn small">There is no room for that.</p>
      <template
        v-for="part in [
          { title: 'Tried', list: own ? [own] : [] },
          { title: 'What would help most', list: best },
        ]"
        :key="part.title"
      >
        <section v-if="part.list.length && base" class="stack tight" :aria-label="part.title">
          <h3>{{ part.title }}</h3>
          <article v-for="effect in part.list" :key="key(effect.change)" class="effect">
            <div class="row between">
              <b>{{ effect.words }}</b>
              <b class="figure">{{
                differs(effect).unplaced
                  ? `${Math.abs(differs(effect).unplaced)} ${differs(effect).unplaced > 0 ? 'more without a place' : 'more with a place'}`
                  : differs(effect).seconds
                    ? `${signedSeconds(differs(effect).seconds)} a week`
                    : 'as much a week'
              }}</b>
            </div>
            <ul class="small">
              <li v-if="differs(effect).unplaced">
                {{ minutes(effect.after.effort) }} a week for what has a place then,
                {{ minutes(base.after.effort) }} for what has one now.
              </li>
              <li v-for="caution in differs(effect).come.slice(0, 4)" :key="caution.key">
                Then: {{ caution.about }}. {{ said(caution.fact) }}
              </li>
              <li v-for="caution in differs(effect).gone.slice(0, 4)" :key="caution.key">
                No longer: {{ caution.about }}. {{ said(caution.fact) }}
              </li>
              <li v-if="effect.change.kind === 'one more unit'">It costs what one more piece costs.</li>
              <li v-else-if="effect.change.kind === 'a board more'">It costs a board.</li>
              <li v-else-if="effect.change.kind === 'a lock'">It costs a lock, and its key is kept from children.</li>
              <li v-else-if="canKeep(effect.change)">It costs nothing but the work.</li>
            </ul>
            <button v-if="canKeep(effect.change)" class="press small" type="button" @click="keepIt(effect)">
              Keep this change
            </button>
          </article>
        </section>
      </template>
      <p v-if="base && !busy && tried.length > 1 && !best.length" class="small">
        None of the changes that were tried makes the week easier by more than chance.
      </p>
    </div>
  </ModalDialog>
</template>

<style scoped>
.effect {
  border-left: 4px solid var(--oak);
  padding: 6px 12px;
}
</style>
