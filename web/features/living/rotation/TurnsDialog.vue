<script setup lang="ts">
/** All of how one thing takes its turns: when, after what, how long it takes to set out, and for which child (practice R1). */
import { computed } from 'vue';
import type { Person, Rotating } from '@stube/core/model';
import { comesInto } from '@stube/core/body';
import { MONTHS, monthsOfWeeks, weeksOfMonths } from '@stube/core/rotation';
import ModalDialog from '../../../parts/ModalDialog.vue';
import NumberField from '../../../parts/NumberField.vue';
import { useRoom } from '../../../data/room.ts';

const props = defineProps<{ thing: Rotating; others: readonly { id: string; name: string }[] }>();
const emit = defineEmits<{ close: [] }>();
const { store, room } = useRoom();
const name = computed(() => store.maps.line.get(props.thing.lineId)?.name ?? '');
const children = computed(() =>
  room.value ? comesInto(room.value, store.data.person).filter(({ kind }) => kind === 'child') : [],
);
const set = (values: (now: Rotating) => Partial<Rotating>) =>
  store.tryWrite(() => store.patch('rotating', props.thing, values));
const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((known) => known !== one) : [...list, one];

const months = computed(() => monthsOfWeeks(props.thing.weeksOfYear));
const SAID = { readyIds: 'ready', notYetIds: 'not yet', doneIds: 'done with it' } as const;
type Said = keyof typeof SAID;
const FIELDS = Object.keys(SAID) as Said[];
const saidOf = ({ id }: Person): Said | '' => FIELDS.find((field) => props.thing[field].includes(id)) ?? '';
const say = ({ id }: Person, said: string) =>
  set((now) =>
    Object.fromEntries(
      FIELDS.map((field) => [field, [...now[field].filter((known) => known !== id), ...(field === said ? [id] : [])]]),
    ),
  );
</script>

<template>
  <ModalDialog :title="`${name}: its turns`" :width="560" @close="emit('close')">
    <div class="stack">
      <NumberField
        class="minutes"
        :model-value="thing.minutes"
        label="Minutes to set it out"
        whole
        @commit="(minutes) => minutes !== null && set(() => ({ minutes: Math.min(240, Math.max(0, minutes)) }))"
      />
      <fieldset class="plain stack tight">
        <legend>Out only in these months <span class="small soft">none ticked means all year</span></legend>
        <div class="months">
          <label v-for="(month, i) in MONTHS" :key="month" class="check small"
            ><input
              type="checkbox"
              :checked="months.includes(i)"
              @change="
                set(({ weeksOfYear }) => ({ weeksOfYear: weeksOfMonths(toggled(monthsOfWeeks(weeksOfYear), i)) }))
              "
            />{{ month }}</label
          >
        </div>
      </fieldset>
      <fieldset v-if="children.length" class="plain stack tight">
        <legend>For whom it is right <span class="small soft">where it is not as the ages say</span></legend>
        <label v-for="child in children" :key="child.id" class="row between small"
          >{{ child.name
          }}<select
            class="write few"
            :value="saidOf(child)"
            @change="say(child, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">by age</option>
            <option v-for="field in FIELDS" :key="field" :value="field">{{ SAID[field] }}</option>
          </select></label
        >
      </fieldset>
      <fieldset v-if="others.length" class="plain stack tight">
        <legend>Comes after <span class="small soft">these must have been out before</span></legend>
        <div class="others">
          <label v-for="other in others" :key="other.id" class="check small"
            ><input
              type="checkbox"
              :checked="thing.afterIds.includes(other.id)"
              :disabled="!thing.afterIds.includes(other.id) && thing.afterIds.length >= 12"
              @change="set(({ afterIds }) => ({ afterIds: toggled(afterIds, other.id) }))"
            />{{ other.name }}</label
          >
        </div>
      </fieldset>
    </div>
  </ModalDialog>
</template>

<style scoped>
.minutes {
  max-width: 200px;
}
.months {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(116px, 1fr));
  gap: 2px 12px;
}
.others {
  columns: 2;
  max-height: 220px;
  overflow: auto;
}
.few {
  width: auto;
  min-height: 34px;
  padding: 2px 6px;
}
</style>
