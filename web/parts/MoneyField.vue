<script setup lang="ts">
/** An amount of money in the site's currency; inside it is whole minor units. */
import { formatMoney, minorDigits } from '@stube/core/notation';
import { computed } from 'vue';
import { useSite } from '../data/site.ts';
import NumberField from './NumberField.vue';
import { limitSaid } from './limit-said.ts';

const props = defineProps<{ modelValue: number; label: string; problem?: string }>();
const emit = defineEmits<{ 'update:modelValue': [minor: number]; commit: [minor: number] }>();
const store = useSite();
const currency = computed(() => store.site?.currency ?? 'EUR');
const unit = computed(() => 10 ** minorDigits(currency.value));
const minorOf = (value: number): number => Math.round(value * unit.value);
</script>

<template>
  <NumberField
    :model-value="props.modelValue / unit"
    :label="`${label}, ${currency}`"
    :problem="limitSaid(problem, (minor) => formatMoney(minor, currency))"
    @update:model-value="(value) => value !== null && emit('update:modelValue', minorOf(value))"
    @commit="(value) => value !== null && emit('commit', minorOf(value))"
  />
</template>
