<script setup lang="ts">
/** What leaves the house, by where it goes: ticked off one by one or all at once when it is handed over. */
import { formatMoney, minorDigits } from '@stube/core/notation';
import { computed, ref } from 'vue';
import { type Departure, departuresOf, handedOver } from '@stube/core/pile';
import type { Line } from '@stube/core/model';
import { formatDay, today } from '../../../parts/day.ts';
import { formatAmount, readNumber } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';
import { DECISION_PICTURES } from '../pile/decisions.ts';

const store = useSite();
const departures = computed(() => departuresOf(store.data.line));
const gone = computed(() => handedOver(store.data.line));
const SHOWN = 6;
/** Something comes back for what is sold or exchanged. */
const HAS_VALUE = ['sell', 'return'];
const values = ref<Record<string, string>>({});
const currency = computed(() => store.site?.currency ?? 'EUR');
const gained = computed(() => gone.value.reduce((sum, line) => sum + (line.gained ?? 0), 0));
const placeOf = ({ decision, destination }: Departure) => (destination ? `${decision} · ${destination}` : decision);

const written = (line: Line) => {
  const value = readNumber(values.value[line.id] ?? '');
  return { handedOver: today(), ...(value ? { gained: Math.round(value * 10 ** minorDigits(currency.value)) } : {}) };
};
async function tick(line: Line): Promise<void> {
  if (await store.tryWrite(() => store.patch('line', line, written(line)))) store.sayDone(`${line.name}: handed over.`);
}
async function tickAll(departure: Departure): Promise<void> {
  const { lines } = departure;
  const done = await store.tryWrite(() =>
    store.writeTogether({
      what: `hand over ${lines.length} to ${departure.destination || departure.decision}`,
      update: lines.map((line) => ({ table: 'line', id: line.id, version: line.version, values: written(line) })),
    }),
  );
  if (done) store.sayDone(`${lines.length} handed over.`);
}
const back = (line: Line) => store.tryWrite(() => store.patch('line', line, { handedOver: null, gained: null }));
</script>

<template>
  <section class="sheet stack tight" aria-label="What leaves">
    <div class="row between">
      <h2>What leaves</h2>
      <span class="row tight"
        ><a class="press small" :href="`/api/sites/${store.id}/list.pdf?of=leaving`" target="_blank" rel="noopener"
          >list to take along</a
        ></span
      >
    </div>
    <p v-if="!departures.length" class="soft">Nothing waits to be handed over.</p>
    <div v-for="departure in departures" :key="placeOf(departure)" class="way">
      <div class="row between">
        <h3 class="row tight">
          <component :is="DECISION_PICTURES[departure.decision]" :size="18" />{{ placeOf(departure) }}
        </h3>
        <button
          class="press small"
          type="button"
          :aria-label="`All handed over: ${placeOf(departure)}`"
          @click="tickAll(departure)"
        >
          all handed over
        </button>
      </div>
      <ul>
        <li v-for="line in departure.lines" :key="line.id" class="row">
          <label class="check grow"
            ><input type="checkbox" @change="tick(line)" /><span
              >{{ line.name }}, {{ formatAmount(line.amount, line.measure)
              }}<span v-if="line.due" class="small soft"> · by {{ formatDay(line.due) }}</span
              ><span class="small soft"> · {{ store.maps.room.get(line.roomId)?.name }}</span></span
            ></label
          >
          <input
            v-if="HAS_VALUE.includes(departure.decision)"
            v-model="values[line.id]"
            class="write value"
            inputmode="decimal"
            :aria-label="`What came for ${line.name}, ${currency}`"
            :placeholder="currency"
          />
        </li>
      </ul>
    </div>
    <details v-if="gone.length">
      <summary>
        {{ gone.length }} handed over<template v-if="gained"
          >, {{ formatMoney(gained, currency) }} came for it</template
        >
      </summary>
      <ul>
        <li v-for="line in gone.slice(0, SHOWN * 4)" :key="line.id" class="row between small">
          <span
            >{{ line.name }} · {{ line.decision
            }}<template v-if="line.destination"> · {{ line.destination }}</template> · {{ formatDay(line.handedOver!)
            }}<template v-if="line.gained"> · {{ formatMoney(line.gained, currency) }}</template></span
          ><button class="press quiet small" type="button" :aria-label="`Still here: ${line.name}`" @click="back(line)">
            still here
          </button>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.way {
  border-top: 1px solid var(--rule);
  padding-top: 6px;
}
.way h3 {
  margin: 0;
}
.grow {
  flex: 1;
}
.value {
  width: 92px;
}
</style>
