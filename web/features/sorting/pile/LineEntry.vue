<script setup lang="ts">
/** One line as it is typed, with how it is understood; a wrong guess is put right with one tap. */
import { computed, onMounted, ref, watch } from 'vue';
import { refDebounced, useEventListener } from '@vueuse/core';
import { CornerDownLeft } from '@lucide/vue';
import type { Decision, Line } from '@stube/core/model';
import { comesInto } from '@stube/core/body';
import { litresOfLine } from '@stube/core/contents';
import { dangersOfLine } from '@stube/core/hazards';
import {
  decisionFor,
  isLargeGuess,
  isParsedLine,
  lineOf,
  parseLine,
  proposedDecision,
  severalThings,
  type TokenKind,
} from '@stube/core/pile';
import { isForeign, knownCategories, proposeCategories } from '@stube/core/matching';
import { starterFamilyOf } from '@stube/core/starter';
import type { NewLine } from '@stube/contract/pile/requests';
import { ApiError } from '../../../data/transport.ts';
import { HUES } from '@stube/core/labels';
import LineDangers from '../../../parts/cautions/LineDangers.vue';
import Pictogram from '../../../drawing/Pictogram.vue';
import { moment, today } from '../../../parts/day.ts';
import { formatAmount, litres } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';
import { useVocabulary } from '../../../data/words.ts';
import DecisionChoice from './DecisionChoice.vue';
import SeveralThings from './SeveralThings.vue';
import TokenTag from './TokenTag.vue';
import { usePileActions } from './actions.ts';

const props = defineProps<{ roomId: string }>();
const emit = defineEmits<{ typing: [line: Line | null] }>();
/** An empty pile begins here. */
onMounted(() => store.data.line.every((line) => line.roomId !== props.roomId) && field.value?.focus());
const store = useSite();
const words = useVocabulary();
const { addLine } = usePileActions();
const text = ref('');
const picked = ref(0);
const noCategory = ref(false);
/** By hand; undefined where nobody chose. */
const decision = ref<Decision | null>();
const problem = ref('');
const field = ref<HTMLInputElement | null>(null);

/** Guesses that were wrong: their words go back into the name. */
const ignore = ref(new Set<TokenKind>());
const read = computed(() => {
  void words.value;
  return parseLine(text.value, store.site?.system, { today: today(), ignore: ignore.value });
});
/** Several things that somebody wants as one line. */
const isOne = ref(false);
watch(text, (now) => {
  if (now.trim()) return;
  ignore.value = new Set();
  isOne.value = false;
});
const notSo = (kind: TokenKind) => (ignore.value = new Set([...ignore.value, kind]));
const several = computed(() => {
  void words.value;
  return isOne.value ? [] : severalThings(text.value, store.site?.system, { today: today(), ignore: ignore.value });
});
const known = computed(() => knownCategories(store.data.category));
const proposals = computed(() => (isParsedLine(read.value) ? proposeCategories(read.value.name, known.value, 4) : []));
const chosen = computed(() => (noCategory.value ? undefined : proposals.value[picked.value]));
watch(
  () => (isParsedLine(read.value) ? read.value.name : ''),
  () => {
    picked.value = 0;
    noCategory.value = false;
  },
);
/** What its condition speaks for, where nobody has said what becomes of it. */
const proposed = computed(() =>
  isParsedLine(read.value) && !read.value.decision && decision.value === undefined
    ? proposedDecision(read.value)
    : null,
);
const fate = computed<Decision | null>(() =>
  isParsedLine(read.value) && store.site ? decisionFor(read.value, store.site, decision.value) : null,
);
const picture = (i: number) => {
  const one = proposals.value[i]!;
  const own = store.maps.category.get(one.categoryId ?? '');
  const hue = own ? store.maps.family.get(own.familyId)?.hue : starterFamilyOf(one.starter!.family)?.hue;
  return { name: own?.pictogram ?? one.starter?.pictogram ?? 'package-open', hue: HUES[hue ?? 'ink'] };
};

/** The line as it would be written, for the sums that run along. */
const draft = computed<Line | null>(() => {
  const now = read.value;
  if (!isParsedLine(now)) return null;
  const place = { roomId: props.roomId, categoryId: chosen.value?.categoryId ?? null, sort: 0 };
  return { id: '', version: 0, siteId: '', ...lineOf(now, place, fate.value, moment()) };
});
watch(draft, (line) => emit('typing', line));
const traits = computed(() => {
  const own = store.maps.category.get(chosen.value?.categoryId ?? '');
  return (
    own ??
    (chosen.value?.starter
      ? { ...chosen.value.starter, starter: chosen.value.starter.key, bulkCorrection: 1 }
      : undefined)
  );
});
const taken = computed(() =>
  draft.value && store.site ? litresOfLine(draft.value, traits.value as never, store.site) : null,
);

/** A guess that would decide over the room is asked about. */
const large = computed(() => {
  const units = new Set(store.data.unit.filter(({ roomId }) => roomId === props.roomId).map(({ id }) => id));
  const places = store.data.compartment.filter(({ unitId }) => units.has(unitId));
  return draft.value !== null && isLargeGuess(draft.value, taken.value, places);
});
/** For the children who come into the room. */
const dangers = computed(() => {
  const room = store.maps.room.get(props.roomId);
  if (!draft.value || !room) return [];
  return dangersOfLine(draft.value, traits.value, comesInto(room, store.data.person), today());
});

/** Several are named and no number is said. */
const uncounted = computed(
  () =>
    isParsedLine(read.value) &&
    read.value.measure === 'pieces' &&
    read.value.setPieces === null &&
    !read.value.tokens.some((token) => token.kind === 'amount') &&
    /[^s]s$/i.test(read.value.name.split(',')[0]!.trim()),
);

/** Lines that are on their way, one after the other; the next one may be typed meanwhile. */
let sending: Promise<unknown> = Promise.resolve();
const waiting = ref<string[]>([]);
/** A page that is closed meanwhile asks first. */
useEventListener(window, 'beforeunload', (event: BeforeUnloadEvent) => waiting.value.length && event.preventDefault());
/** Where the way is slow they are named; where it is not, nobody sees it. */
const slow = refDebounced(
  computed(() => waiting.value.length > 0),
  400,
);
function add(): void {
  if (!isParsedLine(read.value)) {
    problem.value = read.value.message;
    return;
  }
  const one = chosen.value;
  const common = {
    roomId: props.roomId,
    decision: fate.value,
    today: today(),
    ...(ignore.value.size ? { ignore: [...ignore.value] } : {}),
  };
  const lines: NewLine[] = several.value.length
    ? several.value.map((thing) => ({ ...common, text: thing }))
    : [
        {
          ...common,
          text: text.value,
          ...(one
            ? one.categoryId
              ? { categoryId: one.categoryId }
              : { starter: one.starter!.key }
            : { categoryId: null }),
        },
      ];
  problem.value = '';
  text.value = '';
  decision.value = undefined;
  field.value?.focus();
  for (const line of lines) {
    waiting.value = [...waiting.value, line.text];
    sending = sending.then(() => send(line)).finally(() => (waiting.value = waiting.value.slice(1)));
  }
}
async function send(line: NewLine): Promise<void> {
  try {
    await addLine(line);
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
    // What was refused is not lost: back into the field, or named where something else is being typed.
    const message = error.problem.fields[0]?.message ?? error.message;
    if (text.value.trim()) problem.value = `“${line.text}” was not taken: ${message}`;
    else {
      text.value = line.text;
      problem.value = message;
    }
  }
}
</script>

<template>
  <form class="entry" novalidate @submit.prevent="add">
    <label class="field-name" for="line-text">What lies there?</label>
    <div class="row nowrap">
      <input
        id="line-text"
        ref="field"
        v-model="text"
        class="write say"
        type="text"
        autocomplete="off"
        autocapitalize="off"
        maxlength="200"
        placeholder="3 shoeboxes wooden blocks"
        :aria-invalid="!!problem"
        aria-describedby="line-read"
        @input="problem = ''"
      />
      <button class="press main" type="submit" aria-label="Add the line">
        <CornerDownLeft :size="20" />
      </button>
    </div>
    <div id="line-read" class="read" aria-live="polite">
      <p v-if="problem" class="wrong">{{ problem }}</p>
      <p v-else-if="!text.trim()" class="small soft">
        An amount, a measure and a name:
        <i>40 picture books {{ store.site?.system === 'imperial' ? '10 x 8 x 1/2 in' : '25x20x1 cm' }}</i> ·
        <i>half a mug of buttons</i> · <i>12 broken pens, bin</i> · <i>lamp, return by 3 Dec</i>
      </p>
      <template v-else-if="isParsedLine(read) && several.length">
        <SeveralThings :things="several" :room-id="roomId" @one="isOne = true" />
        <label class="small fate"
          >Decision <DecisionChoice :model-value="fate" @update:model-value="decision = $event"
        /></label>
      </template>
      <template v-else-if="isParsedLine(read)">
        <b>{{ read.name }}</b>
        <TokenTag
          v-for="token in read.tokens"
          :key="token.kind"
          :kind="token.kind"
          :line="read"
          @not-so="notSo(token.kind)"
        />
        <span v-if="!read.tokens.some((one) => one.kind === 'amount')" class="tag">{{
          formatAmount(read.amount, read.measure)
        }}</span>
        <span class="soft small">{{ taken === null ? 'how large? tell a size' : `about ${litres(taken)}` }}</span>
        <span v-if="large" class="small wrong"
          >more than a fifth of this room's places, by guess: tell a size, or count again</span
        >
        <span v-if="uncounted" class="soft small">one of it is reckoned: how many?</span>
        <span v-if="isForeign(read.name)" class="small"
          >Not in English, it seems, so nothing is guessed: sort it by hand, or give a category that name.</span
        >
        <span class="guesses" role="radiogroup" aria-label="Category">
          <button
            v-for="(proposal, i) in proposals"
            :key="proposal.name"
            class="guess"
            type="button"
            role="radio"
            :aria-checked="chosen === proposal"
            @click="((picked = i), (noCategory = false))"
          >
            <span :style="{ color: picture(i).hue }"><Pictogram :name="picture(i).name" :size="18" /></span
            ><span><i v-if="proposal.perhaps" class="soft">perhaps </i>{{ proposal.name }}</span>
          </button>
          <button class="guess" type="button" role="radio" :aria-checked="!chosen" @click="noCategory = true">
            {{ proposals.length ? 'none of these' : 'no category known: sort it later' }}
          </button>
        </span>
        <LineDangers :dangers="dangers" />
        <label class="small fate"
          >Decision <DecisionChoice :model-value="fate" @update:model-value="decision = $event"
        /></label>
        <button v-if="proposed" class="guess" type="button" @click="decision = proposed.decision">
          {{ proposed.decision }}, {{ proposed.why }}?
        </button>
      </template>
      <p v-else class="small soft">{{ read.message }}</p>
    </div>
    <p v-if="slow && waiting.length" class="small soft" role="status">
      On the way: {{ waiting.map((line) => `“${line}”`).join(', ') }} …
    </p>
  </form>
</template>

<style scoped>
.entry {
  background: var(--paper-high);
  border: var(--line) solid var(--rule);
  border-radius: var(--corner);
  padding: 12px 14px;
}
.nowrap {
  flex-wrap: nowrap;
}
.say {
  font-size: 1.15rem;
  min-height: 46px;
}
.read {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  min-height: 44px;
  padding-top: 8px;
}
.guesses {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.guess {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 34px;
  padding: 2px 10px;
  background: none;
  border: 1.25px dashed var(--rule-strong);
  border-radius: var(--corner);
  cursor: pointer;
}
.guess[aria-checked='true'] {
  background: var(--spruce-pale);
  border: 1.25px solid var(--spruce);
  font-weight: 600;
}
.fate {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
}
.fate .write {
  width: auto;
  min-height: 34px;
  padding-block: 2px;
}
</style>
