<script setup lang="ts">
/** A change that would stop a misplacement, with all that follows from it: bins, labels, moves; taken as one, undone as one. */
import { counted } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { dueLabels } from '@stube/core/labels';
import type { Proposal } from '@stube/core/feedback';
import ModalDialog from '../../../parts/ModalDialog.vue';
import TextField from '../../../parts/TextField.vue';
import { signedSeconds } from '../../../parts/numbers.ts';
import { usePlaceName } from '../../../data/place-name.ts';
import { useSite } from '../../../data/site.ts';
import { useMerging } from '../../sorting/grouping/merging.ts';
import { labelDataOfSite } from '../../labelling/labels/run.ts';
import { usePlacementActions } from '../../placing/placement/actions.ts';
import { proposalWords } from './words.ts';

const props = defineProps<{ proposal: Proposal }>();
const emit = defineEmits<{ close: [] }>();
const store = useSite();
const { merge } = useMerging();
const { place } = usePlacementActions();
const bin = computed(() => store.maps.bin.get(props.proposal.binId)!);
const category = computed(() => store.maps.category.get(bin.value.categoryId)!);
const other = computed(() => store.maps.bin.get(props.proposal.toId ?? ''));
const otherCategory = computed(() => store.maps.category.get(other.value?.categoryId ?? ''));
const room = computed(() => store.maps.room.get(bin.value.roomId)!);
const placeOf = usePlaceName();
const name = ref(
  props.proposal.kind === 'rename' ? (category.value.synonyms.at(-1) ?? bin.value.name) : bin.value.name,
);

/** Where bins go with it. */
const placed = computed(() => {
  const { kind, toId } = props.proposal;
  const somewhere = { x: null, y: null, z: null, turned: false };
  if (kind === 'exchange' && other.value)
    return [
      { binId: bin.value.id, compartmentId: other.value.compartmentId, ...somewhere },
      { binId: other.value.id, compartmentId: bin.value.compartmentId, ...somewhere },
    ];
  return kind === 'move' || kind === 'lower' ? [{ binId: bin.value.id, compartmentId: toId, ...somewhere }] : [];
});
/** Labels that are due, now and with the change. */
const labels = computed(() => {
  const data = labelDataOfSite(store, room.value.id);
  if (!data) return 0;
  const dueIn = (changed: typeof data) =>
    dueLabels(changed, ['bin', 'place']).filter(({ printed, reason }) => printed && reason).length;
  const withBin = (values: object) => ({
    ...data,
    bins: data.bins.map((one) => (one.id === bin.value.id ? { ...one, ...values } : one)),
  });
  const after = placed.value.length
    ? {
        ...data,
        bins: data.bins.map((one) => {
          const to = placed.value.find(({ binId }) => binId === one.id);
          return to ? { ...one, compartmentId: to.compartmentId } : one;
        }),
      }
    : props.proposal.kind === 'picture'
      ? { ...data, room: { ...data.room, labelsFor: 'beginners' as const } }
      : withBin({ name: props.proposal.kind === 'merge' ? (other.value?.name ?? '') : name.value });
  return Math.max(0, dueIn(after) - dueIn(data));
});
const follows = computed(() => {
  const list: string[] = [];
  const { kind, saves } = props.proposal;
  for (const { binId, compartmentId } of placed.value) {
    const moved = store.maps.bin.get(binId)!;
    list.push(`${moved.code} goes from ${placeOf(moved.compartmentId)} to ${placeOf(compartmentId)}: carry it there.`);
  }
  if (kind === 'merge' && otherCategory.value) {
    const lines = store.data.line.filter(({ categoryId }) => categoryId === category.value.id).length;
    list.push(
      `${counted(lines, 'line goes', 'lines go')} from ${category.value.name} to ${otherCategory.value.name}; both words still find them.`,
      `${bin.value.code} and ${other.value!.code} hold one class from then on.`,
    );
  }
  if (kind === 'picture') list.push(`Labels of ${room.value.name} get a picture beside the word.`);
  if (labels.value) list.push(`${counted(labels.value, 'label is', 'labels are')} on the next print run.`);
  if (saves !== null) list.push(`The week’s effort: ${signedSeconds(-saves)}.`);
  list.push('One undo takes all of it back.');
  return list;
});
async function take(): Promise<void> {
  const { kind } = props.proposal;
  const done =
    kind === 'merge'
      ? otherCategory.value && (await merge(otherCategory.value, [category.value]))
      : await store.tryWrite(() =>
          kind === 'picture'
            ? store.patch('room', room.value, { labelsFor: 'beginners' })
            : kind === 'rename'
              ? store.patch('bin', bin.value, { name: name.value.trim() })
              : place(room.value.id, placed.value),
        );
  if (!done) return;
  if (kind !== 'merge') store.sayDone(`${proposalWords(props.proposal)}: done.`);
  emit('close');
}
</script>

<template>
  <ModalDialog :title="`${bin.code} ${bin.name}: ${proposalWords(proposal)}`" @close="emit('close')">
    <form class="stack" novalidate @submit.prevent="take">
      <p>Because {{ proposal.because }}.</p>
      <TextField v-if="proposal.kind === 'rename'" v-model="name" label="What its label says" />
      <section aria-label="What follows" class="stack tight">
        <h3>What follows</h3>
        <ul class="follows">
          <li v-for="words in follows" :key="words">{{ words }}</li>
        </ul>
      </section>
      <div class="row">
        <button class="press main" type="submit">Do it</button
        ><button class="press quiet" type="button" @click="emit('close')">Leave it</button>
      </div>
    </form>
  </ModalDialog>
</template>

<style scoped>
.follows {
  list-style: disc;
  padding-left: 20px;
}
</style>
