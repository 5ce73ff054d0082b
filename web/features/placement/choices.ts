/** Where the bin in hand could stand: what each place would cost, what forbids it, and why it stands where it does. */
import { computed, ref } from 'vue';
import { explain, optionsFor, type PlaceOption } from '@stube/core/placement/report/explain';
import { formatRule } from '@stube/core/placement/rules';
import type { SpaceMark } from '../../drawing/UnitElevation.vue';
import { said, signedSeconds } from '../../parts/numbers.ts';
import type { Week } from './week.ts';

export function useChoices({ problem, assignment, nameOf }: Week) {
  const held = ref<string | null>(null);
  const options = computed<PlaceOption[]>(() => {
    const bin = problem.value?.bins.find((bin) => bin.id === held.value);
    return bin ? optionsFor(problem.value!, bin, assignment.value) : [];
  });
  const here = computed(() =>
    options.value.find((option) => option.compartment === assignment.value.get(held.value ?? '')),
  );
  const open = (option: PlaceOption) => !option.broken.length && !option.lacksWidth;
  const obstacle = (option: PlaceOption) =>
    option.broken.length
      ? said(option.broken.map((brokenRule) => formatRule(brokenRule, nameOf)).join(', '))
      : said(`full, it lacks ${option.lacksWidth} mm of width`);
  /** Change in seconds a week against where it stands now; against nothing when it stands nowhere. */
  const change = (option: PlaceOption) => option.seconds - (here.value?.seconds ?? 0);
  const markOf = (option: PlaceOption): SpaceMark => {
    if (option === here.value) return { tone: 'lit' };
    if (!open(option)) return { tone: 'no' };
    return {
      tone: 'good',
      text: here.value ? signedSeconds(change(option)) : `${Math.round(option.seconds)} s`,
    };
  };
  const marks = computed<ReadonlyMap<string, SpaceMark>>(
    () => new Map(options.value.map((option) => [option.compartment, markOf(option)])),
  );
  const ranked = computed(() =>
    options.value.filter((option) => option !== here.value && open(option)).sort((a, b) => a.seconds - b.seconds),
  );
  const reason = computed(() =>
    problem.value && held.value && here.value ? explain(problem.value, held.value, assignment.value, nameOf) : null,
  );
  return { held, options, here, open, obstacle, change, marks, ranked, reason };
}
