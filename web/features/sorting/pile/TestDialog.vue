<script setup lang="ts">
/** A batch tried out one by one: works or dead, by tap. The dead leave the stock, the share is kept. */
import { computed, ref } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { Check, Undo2, X } from '@lucide/vue';
import type { Line } from '@stube/core/model';
import { formatDay, today } from '../../../parts/day.ts';
import { percent } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ line: Line }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const tried = ref<boolean[]>([]);
const dead = computed(() => tried.value.filter((works) => !works).length);
const works = computed(() => tried.value.length - dead.value);
/** Pieces are counted down; of a measure as many are tried as one likes. */
const counts = computed(() => props.line.measure === 'pieces');
const MANY = 999;
const left = computed(() =>
  counts.value ? Math.max(0, props.line.amount - tried.value.length) : MANY - tried.value.length,
);
const before = computed(() =>
  props.line.tested
    ? `${props.line.testedOn ? `On ${formatDay(props.line.testedOn)}` : 'Last time'} ${percent((props.line.dead ?? 0) / props.line.tested)} were dead.`
    : '',
);

async function done(): Promise<void> {
  const { line } = props;
  // Of what is told in handfuls and mugs the dead share goes.
  const share = tried.value.length ? dead.value / tried.value.length : 0;
  const kept = counts.value ? line.amount - dead.value : Number((line.amount * (1 - share)).toFixed(3));
  const counted = {
    tested: (line.tested ?? 0) + tried.value.length,
    dead: (line.dead ?? 0) + dead.value,
    testedOn: today(),
  };
  const written = await store.tryWrite(() =>
    kept > 0
      ? store.patch('line', line, { ...counted, amount: kept })
      : store.patch('line', line, { ...counted, decision: 'recycle', condition: 'dried out' }),
  );
  if (!written) return;
  store.sayDone(`${line.name}: ${works.value} work, ${dead.value} dead.`);
  emit('close');
}
</script>

<template>
  <ModalDialog :title="`Try out ${line.name}`" :width="420" @close="emit('close')">
    <div class="stack">
      <p class="row between">
        <span>{{ counts ? (left ? `${left} to try` : 'All tried') : `${tried.length} tried` }}</span><span
          class="figure"
          >{{ works }} work · {{ dead }} dead{{ tried.length ? `, ${percent(dead / tried.length)}` : '' }}</span
        >
      </p>
      <div class="strip" role="img" :aria-label="`${works} work, ${dead} dead, ${left} to try`">
        <i class="works" :style="{ flexGrow: works }" /><i class="dead" :style="{ flexGrow: dead }" /><i
          :style="{ flexGrow: counts ? left : 0 }"
        />
      </div>
      <p class="small soft">About half of an old stock can be dead. Try each on a piece of paper. {{ before }}</p>
      <div class="two">
        <button class="press main big" type="button" :disabled="!left" @click="tried.push(true)">
          <Check :size="26" />works
        </button>
        <button class="press big" type="button" :disabled="!left" @click="tried.push(false)">
          <X :size="26" />dead
        </button>
      </div>
      <div class="row between">
        <button class="press quiet small" type="button" :disabled="!tried.length" @click="tried.pop()">
          <Undo2 :size="16" />one back
        </button>
        <button class="press" type="button" :disabled="!tried.length" @click="done">
          {{ counts && left ? `Keep this, ${left} untried` : 'Done' }}
        </button>
      </div>
    </div>
  </ModalDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.big {
  min-height: 84px;
  font-size: 1.15rem;
}
.strip {
  display: flex;
  height: 16px;
  border: 1.25px solid var(--ink);
  background: var(--paper-low);
}
.works {
  background: var(--spruce);
}
.dead {
  background: var(--oak);
}
</style>
