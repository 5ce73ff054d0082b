<script setup lang="ts">
/** A word of a line that was taken to mean something, with what; one tap puts it back into the name. */
import { computed } from 'vue';
import { X } from '@lucide/vue';
import { formatLength } from '@stube/core/notation';
import type { ParsedLine, TokenKind } from '@stube/core/pile';
import { useSite } from '../../../data/site.ts';
import { formatDay } from '../../../parts/day.ts';
import { formatAmount, sidesOf } from '../../../parts/numbers.ts';

const props = defineProps<{ kind: TokenKind; line: ParsedLine }>();
const emit = defineEmits<{ notSo: [] }>();
const store = useSite();
function meaningOf(kind: TokenKind, now: ParsedLine): string {
  switch (kind) {
    case 'amount':
      return formatAmount(now.amount, now.measure);
    case 'size':
      return now.thick && !now.size
        ? `${formatLength(now.thick, store.site?.system)} thick`
        : sidesOf(...(now.size ?? []));
    case 'decision':
      return now.destination ? `${now.decision} to ${now.destination}` : now.decision!;
    case 'condition':
      return now.condition!;
    case 'day':
      return `${now.decision === 'keep' ? 'until' : 'by'} ${formatDay(now.day!)}`;
    case 'set':
      return [now.setPieces && `set of ${now.setPieces}`, now.setMissing && `${now.setMissing} missing`]
        .filter(Boolean)
        .join(', ');
    case 'note':
      return now.note;
  }
}
const meaning = computed(() => meaningOf(props.kind, props.line));
</script>

<template>
  <button
    class="tag token"
    type="button"
    :aria-label="`${kind} ${meaning}: not so, it belongs to the name`"
    title="Not so: put it back into the name"
    @click="emit('notSo')"
  >
    {{ meaning }}<X :size="13" />
  </button>
</template>

<style scoped>
.token {
  border: 0;
  min-height: 28px;
  cursor: pointer;
  font: inherit;
  font-size: 0.86rem;
}
.token:hover {
  background: var(--straw-pale);
}
</style>
