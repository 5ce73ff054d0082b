/** Containers that fit this room's places: those of a plan, for what has no bins yet. */
import { computed, onUnmounted, ref, shallowRef, watch } from 'vue';
import { bareOption, type ContainChoice, type ContainerOption } from '@stube/core/containers';
import type { StrategyId } from '@stube/core/containers';
import type { PlanChoice } from '@stube/core/plans';
import { useRoom } from '../../data/room.ts';
import { searchBudget } from '../../data/worker/budget.ts';
import { plain } from '../../data/worker/plain.ts';
import { usePlanRoom } from './plan-room.ts';
import { plansWorker } from './worker.ts';

/** A plan for this screen takes so long at the most, ms. */
const PLAN_MS = 1500;
/** How a room buys, as its plan weighs. */
const WEIGHS: Record<string, StrategyId> = { own: 'stock', least: 'money', match: 'set' };
/** Where the lines ask for so much more or less, as a share, rows and stacks are made anew. */
const STALE = 0.02;
const FITTED = 'chosen to fit this room’s places';

export function useFitted() {
  const { room, bins, containContext: context } = useRoom();
  const planRoom = usePlanRoom();
  const planned = shallowRef<ReadonlyMap<string, PlanChoice>>(new Map());
  const fitting = ref(false);
  let settled: Promise<void> = Promise.resolve();
  let asked = 0;
  const hasBins = computed(() => new Set(bins.value.map(({ categoryId }) => categoryId)));
  /** What a plan depends on: without a change of it nothing is planned anew. */
  const open = computed(() =>
    planRoom.value?.room.compartments.length
      ? planRoom.value.demands.some(({ category, litres }) => litres > 0 && !hasBins.value.has(category.id))
      : false,
  );
  async function fit(): Promise<void> {
    const mine = ++asked;
    if (!open.value || !planRoom.value) {
      planned.value = new Map();
      return;
    }
    fitting.value = true;
    try {
      const plan = await plansWorker().one(
        plain(planRoom.value),
        WEIGHS[room.value?.buy ?? ''] ?? 'effort',
        searchBudget(PLAN_MS),
      );
      if (mine === asked) planned.value = new Map(plan.choices.map((choice) => [choice.categoryId, choice]));
    } finally {
      if (mine === asked) fitting.value = false;
    }
  }
  watch(
    planRoom,
    () => {
      settled = fit();
    },
    { immediate: true },
  );
  onUnmounted(() => {
    asked++;
    if (fitting.value) void plansWorker().stop();
  });

  /** The option of the plan; null where the choice stands as it is. */
  function optionOf(choice: ContainChoice): ContainerOption | null {
    const own = planned.value.get(choice.demand.category.id);
    if (!own || choice.byHand || hasBins.value.has(choice.demand.category.id) || !context.value) return null;
    const option = own.bare
      ? bareOption(choice.demand, own.bare, context.value)
      : choice.options.find(({ type, count }) => type.id === own.containerTypeId && count === own.count);
    return option ? { ...option, reasons: [FITTED, ...option.reasons] } : null;
  }
  /** What stands without a container stays as it stands, while it is what the lines ask for. */
  function asItStands(choice: ContainChoice): ContainChoice {
    const { demand, chosen } = choice;
    const own = bins.value.filter(({ categoryId }) => categoryId === demand.category.id);
    const litres = own.reduce((sum, bin) => sum + bin.litres, 0);
    if (chosen?.type.id !== null || !own.length || Math.abs(litres - demand.litres) > STALE * demand.litres)
      return choice;
    const bare = own.flatMap(({ containerTypeId, outWidth, outDepth, outHeight, lineIds, litres: each }) =>
      containerTypeId === null && outWidth && outDepth && outHeight && lineIds.length === 1
        ? [{ outWidth, outDepth, outHeight, lineIds, litres: each }]
        : [],
    );
    if (bare.length !== own.length) return choice;
    return { ...choice, bare, chosen: { ...chosen, count: own.length, fromStock: own.length } };
  }
  const fitted = (choice: ContainChoice): ContainChoice => {
    if (hasBins.value.has(choice.demand.category.id)) return asItStands(choice);
    const chosen = optionOf(choice);
    const bare = chosen?.type.id === null ? planned.value.get(choice.demand.category.id)!.bare! : [];
    return chosen ? { ...choice, chosen, bare } : choice;
  };
  return { fitted, fitting, settled: () => settled };
}
