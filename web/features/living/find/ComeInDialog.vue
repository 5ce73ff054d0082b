<script setup lang="ts">
/** Before something is bought or accepted: is there one, has it a home, what could leave for it? */
import { computed, ref } from 'vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import { canItComeIn, type ComeIn } from '@stube/core/find';
import type { Line } from '@stube/core/model';
import LineDangers from '../../../parts/cautions/LineDangers.vue';
import { today } from '../../../parts/day.ts';
import { formatAmount, litres } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';
import { useVocabulary } from '../../../data/words.ts';

const emit = defineEmits<{ close: [] }>();
const store = useSite();
const words = useVocabulary();
const text = ref('');
const answer = computed(() => {
  void words.value;
  return store.site && text.value.trim() ? canItComeIn(text.value, store.data, today()) : null;
});
const HEAD: Record<ComeIn['verdict'], string> = {
  'there is one': 'There is one already',
  'it has a home': 'It can come in',
  'a place takes it': 'There is a place for it',
  'it is furniture': 'It is a piece of furniture',
  'something must go': 'Only if something goes',
  'it has no home': 'It has no home yet',
  'how large is it': 'How large is it?',
};
/** What could go is named where that would make room, or where there is one already. */
const LEAVING: readonly ComeIn['verdict'][] = ['something must go', 'there is one', 'it has no home'];
/** Room for it says nothing of whether it should be there. */
const head = ({ verdict, dangers }: ComeIn): string =>
  verdict === 'it has a home' && dangers.length ? 'There is room for it, but it is dangerous here' : HEAD[verdict];
const letGo = (line: Line) => store.tryWrite(() => store.patch('line', line, { decision: 'give away' }));
</script>

<template>
  <ModalDialog title="Can it come in?" :width="520" @close="emit('close')">
    <div class="stack">
      <label class="field"
        ><span>What would come in</span
        ><input v-model="text" class="write" autofocus maxlength="200" placeholder="2 jigsaw puzzles 30x20x5 cm"
      /></label>
      <template v-if="answer">
        <div class="verdict" :data-verdict="answer.dangers.length ? 'careful' : answer.verdict">
          <h2>{{ head(answer) }}</h2>
          <p>
            {{ answer.reason
            }}<template v-if="answer.litres !== null"> It takes about {{ litres(answer.litres) }}.</template>
          </p>
        </div>
        <LineDangers :dangers="answer.dangers" />
        <section v-if="answer.owned.length" class="stack tight">
          <h3>Owned already</h3>
          <p v-for="{ line, room } in answer.owned.slice(0, 4)" :key="line.id" class="row between">
            <span>{{ line.name }}, {{ formatAmount(line.amount, line.measure) }}</span
            ><span class="soft">{{ room }}</span>
          </p>
        </section>
        <section v-if="answer.homes.length" class="stack tight">
          <h3>Its bins</h3>
          <p v-for="{ bin, free } in answer.homes.slice(0, 4)" :key="bin.id" class="row between">
            <span>{{ bin.code }} {{ bin.name }}</span
            ><span class="soft">{{ litres(free) }} free</span>
          </p>
        </section>
        <section v-if="LEAVING.includes(answer.verdict) && answer.leave.length" class="stack tight">
          <h3>What could leave for it: {{ litres(answer.leave.reduce((sum, one) => sum + one.litres, 0)) }}</h3>
          <p v-for="{ line, litres: own } in answer.leave" :key="line.id" class="row between">
            <span
              >{{ line.name }}, {{ litres(own) }}<template v-if="line.condition">, {{ line.condition }}</template></span
            ><button class="press small" type="button" @click="letGo(line)">give away</button>
          </p>
        </section>
      </template>
      <p v-else class="soft small">Name it as on the pile, with an amount and a size where you know them.</p>
    </div>
  </ModalDialog>
</template>

<style scoped>
.verdict {
  border-left: 5px solid var(--straw);
  background: var(--straw-pale);
  padding: 10px 14px;
}
.verdict[data-verdict='it has a home'],
.verdict[data-verdict='a place takes it'] {
  border-color: var(--spruce);
  background: var(--spruce-pale);
}
</style>
