<script setup lang="ts">
/** What takes room away inside a place: a skirting at the back, a pipe at a side, hinges. The inside that can be used follows. */
import { computed, ref } from 'vue';
import { Plus, Trash2 } from '@lucide/vue';
import { blockedProblems, lessBlocked, withBlocked } from '@stube/core/measuring';
import { BLOCKED_SIDES, type BlockedPart, type Compartment } from '@stube/core/model';
import LengthField from '../../../parts/LengthField.vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import TextField from '../../../parts/TextField.vue';
import { useForm } from '../../../parts/form.ts';
import { sidesOf, said } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ space: Compartment }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const WORDS: Record<BlockedPart['side'], string> = {
  left: 'at the left',
  right: 'at the right',
  back: 'at the back',
  top: 'at the top',
};
const USUAL: Record<BlockedPart['side'], { by: number; what: string }> = {
  back: { by: 15, what: 'skirting' },
  left: { by: 40, what: 'pipe' },
  right: { by: 40, what: 'pipe' },
  top: { by: 30, what: 'rail' },
};
const draft = ref<BlockedPart>({ side: 'back', ...USUAL.back });
const problem = ref('');
const whole = computed(() => withBlocked(props.space, props.space.blocked));
const { once } = useForm();
/** One after the other, as the next is reckoned from what is left. */
const write = (parts: BlockedPart[]) =>
  once(async () => {
    problem.value = blockedProblems(whole.value, parts) ?? '';
    if (problem.value) return;
    const { x, width, depth, height } = lessBlocked(whole.value, parts);
    await store.tryWrite(() => store.patch('compartment', props.space, { blocked: parts, x, width, depth, height }));
  });
const add = () => write([...props.space.blocked, { ...draft.value, what: draft.value.what.trim() }]);
const drop = (index: number) => write(props.space.blocked.filter((_, i) => i !== index));
</script>

<template>
  <ModalDialog :title="`In the way inside ${space.name}`" :width="460" @close="emit('close')">
    <div class="stack">
      <p class="soft">
        Inside from wall to wall {{ sidesOf(whole.width, whole.height, whole.depth) }} (wide, high, deep).
        <template v-if="space.blocked.length"
          >Left to use: <b>{{ sidesOf(space.width, space.height, space.depth) }}</b>.</template
        >
      </p>
      <ul v-if="space.blocked.length" class="stack tight" aria-label="What is in the way">
        <li v-for="(part, i) in space.blocked" :key="i" class="row between">
          <span>{{ part.what || 'something' }} {{ WORDS[part.side] }}, {{ said(`${part.by} mm`) }}</span>
          <button class="icon-press" type="button" :aria-label="`Take away: ${part.what}`" @click="drop(i)">
            <Trash2 :size="16" />
          </button>
        </li>
      </ul>
      <form class="adding" @submit.prevent="add">
        <label class="field"
          ><span>Where</span
          ><select v-model="draft.side" class="write" @change="draft = { side: draft.side, ...USUAL[draft.side] }">
            <option v-for="side in BLOCKED_SIDES" :key="side" :value="side">{{ WORDS[side] }}</option>
          </select></label
        ><TextField v-model="draft.what" label="What it is" /><LengthField v-model="draft.by" label="Takes" /><button
          class="press main"
          type="submit"
        >
          <Plus :size="16" />Add
        </button>
      </form>
      <p v-if="problem" class="wrong" role="alert">It {{ problem }}.</p>
    </div>
  </ModalDialog>
</template>

<style scoped>
.adding {
  display: grid;
  grid-template-columns: 1fr 1fr 90px auto;
  gap: 10px;
  align-items: end;
}
@media (max-width: 480px) {
  .adding {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
