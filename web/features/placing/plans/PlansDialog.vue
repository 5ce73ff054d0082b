<script setup lang="ts">
/** Whole plans for this room, each for one strategy, beside what stands; one is taken over whole or in part. */
import { minorDigits } from '@stube/core/notation';
import { computed, onMounted, onUnmounted, ref, shallowRef } from 'vue';
import { proxy } from 'comlink';
import ProgressBar from 'primevue/progressbar';
import { Check, Square } from '@lucide/vue';
import { planOfNow, type WholePlan } from '@stube/core/plans';
import { useRoom } from '../../../data/room.ts';
import { searchBudget } from '../../../data/worker/budget.ts';
import { plain } from '../../../data/worker/plain.ts';
import ModalDialog from '../../../parts/ModalDialog.vue';
import NumberField from '../../../parts/NumberField.vue';
import { usePlansActions } from './actions.ts';
import { STRATEGY_NAMES } from '@stube/core/containers';
import PlanCard from './PlanCard.vue';
import { isGoodAlready, planTitle } from './worth.ts';
import { usePlanRoom } from '../../../parts/planning/plan-room.ts';
import type { PlanNews } from '../../../parts/planning/plans.worker.ts';
import { plansWorker } from '../../../parts/planning/worker.ts';

const emit = defineEmits<{ close: []; taken: [] }>();
const { store, id, bins } = useRoom();
const planRoom = usePlanRoom();
const { takePlan } = usePlansActions();
/** All of them have so long, ms: they are there within ten seconds. */
const ALL = 9000;
const currency = computed(() => store.site?.currency ?? 'EUR');
const budget = ref<number | null>(null);
const found = shallowRef<WholePlan[]>([]);
const news = ref<PlanNews | null>(null);
const busy = ref(false);
const now = computed(() => (planRoom.value ? planOfNow(planRoom.value) : null));
const standsSomewhere = computed(() => bins.value.some(({ compartmentId }) => compartmentId !== null));
const hasFresh = (plan: WholePlan): boolean => {
  const known = new Set(bins.value.map(({ categoryId }) => categoryId));
  return plan.bins.some(({ categoryId }) => !known.has(categoryId));
};
/** Families that are left as they are. */
const left = ref<ReadonlySet<string>>(new Set());
const families = computed(() =>
  store.data.family.filter(({ id: familyId }) =>
    found.value.some((plan) =>
      plan.bins.some(({ categoryId }) => store.maps.category.get(categoryId)?.familyId === familyId),
    ),
  ),
);
async function make(): Promise<void> {
  if (!planRoom.value) return;
  busy.value = true;
  found.value = [];
  const most = budget.value === null ? null : Math.round(budget.value * 10 ** minorDigits(currency.value));
  try {
    await plansWorker().all(
      plain(planRoom.value),
      most,
      4 * searchBudget(ALL / 4),
      proxy((now: PlanNews) => {
        news.value = now;
      }),
      proxy((plan: WholePlan) => {
        found.value = [...found.value.filter(({ id }) => id !== plan.id), plan];
      }),
    );
  } finally {
    busy.value = false;
    news.value = null;
  }
}
function toggle(familyId: string): void {
  const next = new Set(left.value);
  if (!next.delete(familyId)) next.add(familyId);
  left.value = next;
}
async function take(plan: WholePlan): Promise<void> {
  const wanted = (categoryId: string) => !left.value.has(store.maps.category.get(categoryId)?.familyId ?? '');
  const done = await store.tryWrite(() => takePlan(id.value, plan, wanted));
  if (!done) return;
  store.sayDone(`${planTitle(plan, found.value)}: taken over${left.value.size ? ' in part' : ''}.`);
  emit('taken');
  emit('close');
}
onMounted(() => void make());
onUnmounted(() => void plansWorker().stop());
</script>

<template>
  <ModalDialog title="Whole plans for this room" :width="1180" @close="emit('close')">
    <div class="stack">
      <div class="row ask">
        <NumberField v-model="budget" class="budget" :label="`At most, ${currency}`" optional />
        <button v-if="busy" class="press" type="button" @click="plansWorker().stop()"><Square :size="16" />Stop</button>
        <button v-else class="press" type="button" @click="make">Make them anew</button>
      </div>
      <p class="small soft">
        Containers and places chosen together. What you chose and pinned by hand is kept; nothing is changed before you
        take one over.
      </p>
      <template v-if="busy">
        <p class="small" role="status">
          {{ news ? `${STRATEGY_NAMES[news.id]}: looking for better places …` : 'Choosing containers …' }}
        </p>
        <ProgressBar :value="Math.round(100 * (news?.done ?? 0))" :show-value="false" aria-label="Plans made" />
      </template>
      <details v-if="found.length && families.length > 1">
        <summary>Only a part of it</summary>
        <div class="row tight" role="group" aria-label="Families that are taken over">
          <label v-for="family in families" :key="family.id" class="check small"
            ><input type="checkbox" :checked="!left.has(family.id)" @change="toggle(family.id)" />{{
              family.name
            }}</label
          >
        </div>
        <p class="small soft">What is not ticked keeps its containers and its places.</p>
      </details>
      <div class="plans">
        <PlanCard v-if="now && standsSomewhere" title="As it stands" :figures="now" :bins="bins" />
        <PlanCard
          v-for="plan in found"
          :key="plan.id"
          :title="planTitle(plan, found)"
          :figures="plan"
          :plan="plan"
          :bins="plan.bins"
          :now="now ?? undefined"
        >
          <p v-if="plan.asItStands" class="small soft">So it stands already: nothing would change.</p>
          <p v-if="now && isGoodAlready(plan, now, hasFresh(plan))" class="small soft">
            Already good: what it would save is less than a twentieth of the week, or pays later than in a year.
          </p>
          <button
            v-if="!plan.asItStands"
            class="press"
            :class="{ 'small quiet': now && isGoodAlready(plan, now, hasFresh(plan)) }"
            type="button"
            :aria-label="`Take it over: ${planTitle(plan, found)}`"
            :disabled="busy"
            @click="take(plan)"
          >
            <Check :size="16" />Take it over
          </button>
        </PlanCard>
      </div>
    </div>
  </ModalDialog>
</template>

<style scoped>
.ask {
  align-items: end;
}
.budget {
  width: 150px;
}
.plans {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 14px;
  align-items: start;
}
</style>
