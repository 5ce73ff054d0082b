/** Where the bin in hand could stand: what each place would cost, what forbids it, and why it stands where it does. */
import { computed, ref } from 'vue';
import { explain, optionsFor, type PlaceOption, type Spot } from '@stube/core/placement';
import { formatRule } from '@stube/core/body';
import type { SpaceMark } from '../../../drawing/UnitElevation.vue';
import { said, signedSeconds } from '../../../parts/numbers.ts';
import type { Week } from './week.ts';

/** A bin that the one in hand could stand on or behind. */
export interface Beside {
  binId: string;
  where: 'on' | 'behind';
  spot: Spot;
  compartment: string;
  /** Seconds a week more than now. */
  change: number;
}

export function useChoices({ problem, standing, nameOf }: Week) {
  const held = ref<string | null>(null);
  const without = computed(() => (held.value ? (standing.value?.without(held.value) ?? null) : null));
  const options = computed<PlaceOption[]>(() =>
    held.value && standing.value && without.value ? optionsFor(standing.value, held.value, without.value) : [],
  );
  const position = computed(() => (held.value ? (standing.value?.position(held.value) ?? null) : null));
  const here = computed(() => options.value.find((option) => option.compartment === position.value?.compartment));
  const open = (option: PlaceOption) => option.spot !== null;
  const obstacle = (option: PlaceOption) =>
    option.broken.length
      ? said(option.broken.map((brokenRule) => formatRule(brokenRule, nameOf)).join(', '))
      : 'no room left for it, beside, behind or on what stands there';
  /** Seconds a week in all, where it stands nowhere yet; else what changes. */
  const priceOf = (change: number) => (position.value ? signedSeconds(change) : `${Math.round(change)} s`);
  const markOf = (option: PlaceOption): SpaceMark => {
    if (option === here.value) return { tone: 'lit' };
    if (!open(option)) return { tone: 'no' };
    return { tone: 'good', text: priceOf(option.change) };
  };
  /** With nothing in hand: what is left free, on purpose. */
  const free = computed<ReadonlyMap<string, SpaceMark>>(() => {
    const used = new Set(standing.value?.positions.map(({ compartment }) => compartment));
    const spaces = used.size ? (problem.value?.compartments ?? []) : [];
    return new Map(spaces.filter(({ id }) => !used.has(id)).map(({ id }) => [id, { tone: 'plain', text: 'free' }]));
  });
  const marks = computed<ReadonlyMap<string, SpaceMark>>(() =>
    held.value ? new Map(options.value.map((option) => [option.compartment, markOf(option)])) : free.value,
  );
  const ranked = computed(() =>
    options.value.filter((option) => option !== here.value && open(option)).sort((a, b) => a.change - b.change),
  );
  const before = computed(() => (standing.value?.effort ?? 0) - (without.value?.effort ?? 0));
  function beside(binId: string, where: Beside['where']): Beside | null {
    const spot = held.value && binId !== held.value ? without.value?.spotAt(held.value, binId, where) : null;
    return spot
      ? {
          binId,
          where,
          spot,
          compartment: problem.value!.compartments[spot.space]!.id,
          change: spot.cost - before.value,
        }
      : null;
  }
  /** On or behind what else it could stand, the least effort first. */
  const besides = computed<Beside[]>(() =>
    (without.value?.positions ?? [])
      .flatMap(({ bin }) => (['on', 'behind'] as const).flatMap((where) => beside(bin, where) ?? []))
      .sort((a, b) => a.change - b.change),
  );
  const reason = computed(() =>
    standing.value && held.value ? explain(standing.value, held.value, options.value, nameOf) : null,
  );
  return { held, options, position, here, open, obstacle, priceOf, marks, ranked, beside, besides, reason };
}
