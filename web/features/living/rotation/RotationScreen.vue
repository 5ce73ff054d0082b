<script setup lang="ts">
/** What is out, week by week: set up, planned, pinned by hand, taken over, swapped (practices R1 to R5). */
import { computed, ref } from 'vue';
import { Pin, PinOff, RefreshCw } from '@lucide/vue';
import { addDays } from '@stube/core/calendar';
import type { RotationRules } from '@stube/core/model';
import { isOut, plannedSpells, USUAL_RULES, whyThis } from '@stube/core/rotation';
import { mondayFrom, mondayOf } from '@stube/core/today';
import type { RotationAnswer } from '@stube/contract/rotation/requests';
import { ApiError } from '../../../data/transport.ts';
import { usePlaceName } from '../../../data/place-name.ts';
import { useRoom } from '../../../data/room.ts';
import { formatDate, today } from '../../../parts/day.ts';
import { notPast, useRotationActions } from './actions.ts';
import HowItRotates from './HowItRotates.vue';
import OutNow from './OutNow.vue';
import PlanGaps from './PlanGaps.vue';
import RotationBalance from './RotationBalance.vue';
import RotationSetup from './RotationSetup.vue';
import SeasonalBoxes from './SeasonalBoxes.vue';
import ShelfAsItWill from './ShelfAsItWill.vue';

const { store, id, room, lines, compartments } = useRoom();
const placeName = usePlaceName();
const { plan, takeOver } = useRotationActions();
const made = ref<RotationAnswer | null>(null);
const busy = ref(false);
const problem = ref('');
const chosen = ref<{ week: number; slot: string } | null>(null);
const rules = computed<RotationRules>(() => room.value?.rotation ?? USUAL_RULES);
const nextMonday = computed(() => mondayFrom(today()));
/** Where shelves stand empty, what is out begins today; else what is out this week stays, unless somebody says otherwise. */
const chosenBegin = ref<'today' | 'monday' | null>(null);
const begins = computed({
  set: (chosen) => (chosenBegin.value = chosen),
  get: () =>
    chosenBegin.value ??
    (slots.value.some(({ slot }) => !spells.value.some((spell) => spell.slotId === slot.id && isOut(spell)))
      ? 'today'
      : 'monday'),
});
const first = computed(() => (begins.value === 'today' ? today() : nextMonday.value));
const nameOf = (lineId: string) => store.maps.line.get(lineId)?.name ?? '';
const slots = computed(() =>
  store.data.slot
    .flatMap((slot) => {
      const space = compartments.value.find(({ id: space }) => space === slot.compartmentId);
      return space ? [{ slot, name: `${placeName(space.id)}${slot.parts > 1 ? ` ${slot.part}` : ''}` }] : [];
    })
    .sort((a, b) => a.slot.area.localeCompare(b.slot.area) || a.name.localeCompare(b.name)),
);
const slotName = (slotId: string) => slots.value.find(({ slot }) => slot.id === slotId)?.name ?? '';
const spells = computed(() =>
  store.data.spell.filter(({ slotId }) => slots.value.some(({ slot }) => slot.id === slotId)),
);
/** What is planned and kept, as a table of slots by week. */
const mondays = computed(
  () =>
    made.value?.mondays ?? Array.from({ length: rules.value.weeks }, (_, week) => addDays(mondayOf(today()), 7 * week)),
);
const cell = (slotId: string, week: number): { lineId: string; pinned: boolean; fresh: boolean } | null => {
  const monday = mondays.value[week]!;
  if (made.value) {
    const lineId = made.value.answer.plan[week]?.[slotId];
    if (!lineId) return null;
    const before = week ? made.value.answer.plan[week - 1]?.[slotId] : made.value.problem.out[slotId];
    const pinned = !!made.value.problem.pinned?.some(
      (pin) => pin.slot === slotId && pin.thing === lineId && pin.from <= week && week < pin.to,
    );
    return { lineId, pinned, fresh: before !== lineId };
  }
  const sunday = addDays(monday, 6);
  const spell = spells.value.findLast(
    (one) => one.slotId === slotId && !one.ended && one.from <= sunday && (one.to === null || one.to > monday),
  );
  return spell ? { lineId: spell.lineId, pinned: spell.pinned, fresh: spell.from >= monday } : null;
};
async function make(): Promise<void> {
  busy.value = true;
  problem.value = '';
  // What was chosen in the plan before is gone with it: nothing is pinned in a plan that is being replaced.
  chosen.value = null;
  try {
    made.value = await plan(id.value, first.value);
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
    problem.value = error.problem.fields[0]?.message ?? error.message;
  } finally {
    busy.value = false;
  }
}
async function take(): Promise<void> {
  if (!made.value) return;
  const ids = lines.value.map((line) => line.id);
  if (await store.tryWrite(() => takeOver(made.value!, store.data.spell, ids))) {
    store.sayDone(`What is out from ${formatDate(notPast(made.value.mondays[0]!))} is planned.`);
    made.value = null;
  }
}
const gap = computed(() => {
  const { bound, value } = made.value!.answer;
  const share = (bound - value) / Math.max(1, Math.abs(value));
  return share < 0.001 ? 'less than 0.1 %' : `at most ${(share * 100).toFixed(1)} %`;
});
const why = computed(() =>
  made.value && chosen.value
    ? whyThis(made.value.problem, made.value.answer.plan, chosen.value.week, chosen.value.slot, nameOf)
    : null,
);
/** Sets what the plan has there by hand: the next plan goes around it. */
async function pin(): Promise<void> {
  const at = chosen.value;
  if (!made.value || !at) return;
  const planned = plannedSpells(made.value.answer.plan, made.value.mondays).find(
    ({ slotId, from, to }) =>
      slotId === at.slot &&
      from <= made.value!.mondays[at.week]! &&
      (to === null || to > made.value!.mondays[at.week]!),
  );
  if (!planned) return;
  const begin = notPast(planned.from);
  const there = () =>
    spells.value.find(
      ({ begun, ended, pinned, from, slotId, lineId }) =>
        slotId === planned.slotId && lineId === planned.lineId && !ended && (begun || (pinned && from === begin)),
    );
  const to = planned.to ?? addDays(made.value.mondays.at(-1)!, 7);
  const what = `pin ${nameOf(planned.lineId)}`;
  const done = await store.tryWrite(() =>
    store.putRow('spell', what, there, (now) => ({ ...(now ? {} : { ...planned, from: begin }), to, pinned: true })),
  );
  if (done) {
    store.sayDone(`${nameOf(planned.lineId)} is pinned there.`);
    await make();
  }
}
/** What is drawn: the week that was pressed, else the first. */
const drawnWeek = computed(() => Math.min(chosen.value?.week ?? 0, mondays.value.length - 1));
const outIn = computed(
  () =>
    new Map(
      slots.value.flatMap(({ slot }) => {
        const there = cell(slot.id, drawnWeek.value);
        return there ? [[slot.id, there.lineId] as const] : [];
      }),
    ),
);
const pinnedSpells = computed(() => spells.value.filter((spell) => spell.pinned && !spell.ended));
async function unpin(spellId: string): Promise<void> {
  const spell = spells.value.find((one) => one.id === spellId);
  if (!spell) return;
  const done = await store.tryWrite(() =>
    spell.begun
      ? store.patch('spell', spell, { pinned: false })
      : store.send('DELETE', `/rows/spell/${spell.id}`, () => ({ version: store.versionOf('spell', spell) })),
  );
  if (done && made.value) await make();
}
</script>

<template>
  <div class="stack">
    <div class="row between">
      <h2 class="title">What is out in {{ room?.name }}</h2>
      <span class="row tight">
        <RouterLink class="press small" :to="{ name: 'swap' }">The swap of the week</RouterLink>
        <select v-if="nextMonday !== today()" v-model="begins" class="write begins" aria-label="The plan begins">
          <option value="today">from today</option>
          <option value="monday">from {{ formatDate(nextMonday) }}</option>
        </select>
        <button class="press main small" type="button" :disabled="busy" @click="make">
          <RefreshCw :size="16" />{{ busy ? 'Planning …' : 'Plan the weeks' }}
        </button>
      </span>
    </div>
    <p v-if="problem" class="caution warn" role="alert">{{ problem }}</p>
    <OutNow :spells="spells" />
    <section v-if="slots.length" class="sheet stack tight" aria-label="Slots by week">
      <div class="row between">
        <h2>{{ made ? 'The plan' : 'As it is planned' }}</h2>
        <span v-if="made" class="row tight">
          <span class="small soft" role="status">{{
            busy
              ? 'Planning anew …'
              : made.answer.optimal
                ? 'no plan is better by its own measure'
                : `${gap} could still be gained`
          }}</span>
          <button class="press small quiet" type="button" :disabled="busy" @click="made = null">leave it</button>
          <button class="press main small" type="button" :disabled="busy" @click="take">Take it over</button>
        </span>
      </div>
      <p v-if="made?.kept.length" class="small caution warn">
        Not planned, as they are kept from the children who come: {{ made.kept.join(', ') }}.
      </p>
      <p v-if="made?.unknownSizes.length" class="small caution warn">
        Nobody knows how large these are, so they are taken to fit: {{ made.unknownSizes.join(', ') }}.
      </p>
      <div class="scroll" tabindex="0" role="group" aria-label="Weeks">
        <table class="ledger weeks">
          <thead>
            <tr>
              <th scope="col">place</th>
              <th v-for="monday in mondays" :key="monday" scope="col">{{ formatDate(monday).slice(0, -5) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ slot, name } in slots" :key="slot.id">
              <th scope="row">
                {{ slot.area }}<span class="small soft block">{{ name }}</span>
              </th>
              <td v-for="(monday, week) in mondays" :key="monday" :class="{ fresh: cell(slot.id, week)?.fresh }">
                <button
                  v-if="made"
                  class="word-press small"
                  type="button"
                  :disabled="busy"
                  :aria-pressed="chosen?.week === week && chosen.slot === slot.id"
                  @click="chosen = { week, slot: slot.id }"
                >
                  <Pin v-if="cell(slot.id, week)?.pinned" :size="12" aria-label="pinned" />{{
                    cell(slot.id, week) ? nameOf(cell(slot.id, week)!.lineId) : 'empty'
                  }}
                </button>
                <span v-else class="small"
                  ><Pin v-if="cell(slot.id, week)?.pinned" :size="12" aria-label="pinned" />{{
                    cell(slot.id, week) ? nameOf(cell(slot.id, week)!.lineId) : ''
                  }}</span
                >
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <div v-if="why && chosen" class="stack tight why" role="region" aria-label="Why this">
        <p v-if="cell(chosen.slot, chosen.week)">
          <b>{{ nameOf(cell(chosen.slot, chosen.week)!.lineId) }}</b> is right for {{ why.fits }} of the children then;
          it has then been out for {{ why.weeksOut === 1 ? '1 week' : `${why.weeksOut} weeks` }}, and counts
          {{ why.interest.toFixed(1) }} points for being loved.
          <button class="press small" type="button" @click="pin"><Pin :size="14" />Pin it there</button>
        </p>
        <details v-if="why.others.length">
          <summary class="small">why not another</summary>
          <ul class="small">
            <li v-for="other in why.others" :key="other.thing">{{ nameOf(other.thing) }}: {{ other.because }}</li>
          </ul>
        </details>
      </div>
      <p v-if="pinnedSpells.length" class="small">
        Pinned by hand:
        <span v-for="spell in pinnedSpells" :key="spell.id" class="tag"
          >{{ nameOf(spell.lineId) }}
          <button
            class="word-press"
            type="button"
            :aria-label="`${nameOf(spell.lineId)} is no longer pinned`"
            @click="unpin(spell.id)"
          >
            <PinOff :size="14" /></button
        ></span>
      </p>
    </section>
    <ShelfAsItWill
      v-if="slots.length && outIn.size"
      :out="outIn"
      :title="`The shelves from ${formatDate(mondays[drawnWeek]!)}`"
    />
    <RotationBalance v-if="made" :plan="made" />
    <PlanGaps v-if="made" :plan="made" :slot-name="slotName" />
    <RotationSetup />
    <HowItRotates />
    <SeasonalBoxes />
  </div>
</template>

<style scoped>
.begins {
  width: auto;
  min-height: 34px;
}
.block {
  display: block;
}
.weeks th[scope='row'] {
  text-align: left;
  white-space: nowrap;
}
.weeks td {
  min-width: 92px;
  vertical-align: top;
}
.fresh {
  background: var(--straw-pale);
}
.weeks .word-press {
  text-align: left;
}
.word-press[aria-pressed='true'] {
  text-decoration: underline;
  font-weight: 650;
}
.why {
  border-left: 4px solid var(--spruce);
  padding-left: 12px;
}
</style>
