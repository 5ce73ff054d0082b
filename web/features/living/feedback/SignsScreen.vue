<script setup lang="ts">
/** Signs that the room's system fails, what goes wrong where, and what would stop it (practices F4, U2, U3). */
import { computed, ref } from 'vue';
import { direction, lastWeeks, type Proposal } from '@stube/core/feedback';
import { formatTime, today } from '../../../parts/day.ts';
import { signedSeconds } from '../../../parts/numbers.ts';
import { usePlaceName } from '../../../data/place-name.ts';
import ProposalDialog from './ProposalDialog.vue';
import WeekTrend from './WeekTrend.vue';
import { useRoomHealth } from './room-health.ts';
import { HEALTH, PROPOSAL_STEP, proposalWords, SIGNS, signWords } from './words.ts';

const { store, id, table, proposals, signs, health } = useRoomHealth();
const weeks = lastWeeks(today());
const taking = ref<Proposal | null>(null);
const TREND = { rising: 'rising', falling: 'falling', steady: 'steady' } as const;
const placeOf = usePlaceName();
const proposed = computed(() => {
  const found = new Map<string, Proposal[]>();
  for (const proposal of proposals.value) found.set(proposal.binId, [...(found.get(proposal.binId) ?? []), proposal]);
  return found;
});
const SHOWN = 30;
const toOf = (to: string) =>
  to === 'strays' || to === 'routines'
    ? { name: to, params: { site: store.id } }
    : { name: to, params: { site: store.id, room: id.value } };
</script>

<template>
  <div class="stack">
    <section class="sheet stack tight" :class="health.state.replace(' ', '-')" aria-label="How the room is">
      <h2 class="title">{{ HEALTH[health.state] }}</h2>
      <ul v-if="health.facts.length" class="facts">
        <li v-for="sign in health.facts" :key="sign.kind">{{ signWords(sign) }}</li>
      </ul>
    </section>
    <section v-if="signs.length" class="sheet stack tight" aria-label="Signs">
      <h2>Signs</h2>
      <ul class="signs">
        <li v-for="sign in signs" :key="sign.kind" class="row between">
          <span
            ><b>{{ signWords(sign) }}</b
            ><span class="small soft block"
              >{{ direction(sign.trend) ? `${TREND[direction(sign.trend)!]} · ` : ''
              }}{{ SIGNS[sign.kind].wayOut }}</span
            ></span
          >
          <span class="row tight">
            <WeekTrend
              v-if="sign.trend"
              :weeks="weeks"
              :counts="sign.trend"
              :label="`${SIGNS[sign.kind].name}, week by week: ${sign.trend.join(', ')}`"
            />
            <RouterLink v-if="SIGNS[sign.kind].to" class="press small" :to="toOf(SIGNS[sign.kind].to)"
              >see to it<span class="hidden-text">: {{ SIGNS[sign.kind].name }}</span></RouterLink
            >
          </span>
        </li>
      </ul>
    </section>
    <section class="sheet stack tight" aria-label="What goes wrong where">
      <h2>What goes wrong where</h2>
      <p v-if="!table.length" class="soft">
        Nothing yet. What is found in the wrong place, missed, over-full or looked for long is told with one tap on the
        page of its bin, and stands here.
      </p>
      <div v-else class="scroll">
        <table class="ledger">
          <thead>
            <tr>
              <th scope="col">bin</th>
              <th scope="col">its home</th>
              <th scope="col">found in</th>
              <th scope="col" class="number">not here</th>
              <th scope="col" class="number">over-full</th>
              <th scope="col" class="number">strays</th>
              <th scope="col" class="number">tidied in</th>
              <th scope="col" class="number">looked for</th>
              <th scope="col">what would help</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in table.slice(0, SHOWN)" :key="row.binId">
              <td>
                <RouterLink :to="{ name: 'bin', params: { site: store.id, code: store.maps.bin.get(row.binId)!.code } }"
                  >{{ store.maps.bin.get(row.binId)!.code }} {{ store.maps.bin.get(row.binId)!.name }}</RouterLink
                >
              </td>
              <td>{{ placeOf(store.maps.bin.get(row.binId)!.compartmentId) }}</td>
              <td>
                <span v-for="found in row.found" :key="found.spaceId" class="block"
                  >{{ found.times }}× {{ placeOf(found.spaceId) }}</span
                >
              </td>
              <td class="number">{{ row.notHere || '' }}</td>
              <td class="number">{{ row.overFull || '' }}</td>
              <td class="number">{{ row.strays || '' }}</td>
              <td class="number">{{ row.tidySeconds === null ? '' : formatTime(row.tidySeconds) }}</td>
              <td class="number">{{ row.searchSeconds === null ? '' : formatTime(row.searchSeconds) }}</td>
              <td>
                <template v-for="proposal in proposed.get(row.binId) ?? []" :key="proposal.kind">
                  <RouterLink
                    v-if="PROPOSAL_STEP[proposal.kind]"
                    class="press small help"
                    :to="{ name: PROPOSAL_STEP[proposal.kind] }"
                    :title="`Because ${proposal.because}`"
                    >{{ proposalWords(proposal) }}</RouterLink
                  >
                  <button
                    v-else
                    class="press small help"
                    type="button"
                    :title="`Because ${proposal.because}`"
                    @click="taking = proposal"
                  >
                    {{ proposalWords(proposal) }}
                  </button>
                  <span class="small soft block"
                    >{{ proposal.because
                    }}{{ proposal.saves === null ? '' : `; ${signedSeconds(-proposal.saves)} a week` }}</span
                  >
                </template>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <ProposalDialog v-if="taking" :proposal="taking" @close="taking = null" />
  </div>
</template>

<style scoped>
.well {
  border-left: 8px solid var(--spruce);
}
.fair,
.not-known {
  border-left: 8px solid var(--straw);
}
.failing {
  border-left: 8px solid var(--brick);
}
.facts {
  list-style: disc;
  padding-left: 20px;
}
.signs li {
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
.block {
  display: block;
}
.help {
  white-space: normal;
  text-align: left;
}
.ledger td {
  vertical-align: top;
}
</style>
