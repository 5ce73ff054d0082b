<script setup lang="ts">
/** A day, or a month, typed as people say it (`3 Dec`, `next Friday`, `in 2 weeks`) or picked; read at once. */
import { computed, ref, useId, watch } from 'vue';
import { CalendarDays } from '@lucide/vue';
import { readMonth } from '@stube/core/calendar';
import { readDay } from '@stube/core/pile';
import { useSite } from '../data/site.ts';
import { formatDate, formatMonth, today } from './day.ts';

const props = defineProps<{ modelValue: string; label: string; problem?: string; month?: boolean; hint?: string }>();
/** ISO; what cannot be read goes on as it is, so that the form refuses it at this field. */
const emit = defineEmits<{ 'update:modelValue': [day: string]; commit: [] }>();
const store = useSite();
const id = useId();
const picker = ref<HTMLInputElement | null>(null);
const ISO = computed(() => (props.month ? /^\d{4}-\d{2}$/ : /^\d{4}-\d{2}-\d{2}$/));
const shown = (value: string) =>
  ISO.value.test(value) ? (props.month ? formatMonth(value) : formatDate(value)) : value;
const text = ref(shown(props.modelValue));
const said = computed(() => (ISO.value.test(props.modelValue) ? shown(props.modelValue) : ''));
const example = computed(() => (props.month ? 'March 2022' : '3 Dec, next Friday, in 2 weeks'));
const read = (words: string): string => {
  const own = words.trim();
  if (!own) return '';
  if (props.month) return readMonth(own, today()) ?? own;
  return (readDay(`by ${own}`, today(), store.site?.system) ?? readDay(own, today(), store.site?.system))?.value ?? own;
};
const below = computed(
  () =>
    props.problem ||
    (props.modelValue && !said.value ? `Such as ${example.value}` : said.value !== text.value ? said.value : ''),
);
/** The line below stays once it was there: what is pressed next does not slip away from under the finger. */
const kept = ref(false);
watch(below, (words) => (kept.value ||= !!words));
function typed(words: string): void {
  text.value = words;
  emit('update:modelValue', read(words));
}
function left(): void {
  text.value = shown(props.modelValue);
  emit('commit');
}
function picked(value: string): void {
  emit('update:modelValue', value);
  text.value = shown(value);
  emit('commit');
}
// Set from outside: another row, or one tap beside the field.
watch(
  () => props.modelValue,
  (now) => {
    if (now !== read(text.value)) text.value = shown(now);
  },
);
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <div class="day-row">
      <input
        :id="id"
        class="write"
        type="text"
        autocomplete="off"
        :value="text"
        :placeholder="hint ?? example"
        :aria-invalid="!!problem"
        :aria-describedby="`${id}-said`"
        @input="typed(($event.target as HTMLInputElement).value)"
        @change="left"
      />
      <button
        class="icon-press"
        type="button"
        aria-label="Pick in a calendar"
        title="Pick in a calendar"
        @click="picker?.showPicker()"
      >
        <CalendarDays :size="18" />
      </button>
      <input
        ref="picker"
        class="picker"
        :type="month ? 'month' : 'date'"
        tabindex="-1"
        aria-hidden="true"
        :value="said ? modelValue : ''"
        @change="picked(($event.target as HTMLInputElement).value)"
      />
    </div>
    <span :id="`${id}-said`" class="small" :class="[problem ? 'wrong' : 'soft', { kept }]" aria-live="polite">{{
      below
    }}</span>
  </div>
</template>

<style scoped>
.day-row {
  display: flex;
  align-items: center;
  position: relative;
}
.kept {
  min-height: 1.3rem;
}
.day-row .write {
  flex: 1;
  min-width: 0;
}
/* The browser's own calendar opens from here; its field is not shown. */
.picker {
  position: absolute;
  right: 0;
  bottom: 0;
  width: 34px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}
</style>
