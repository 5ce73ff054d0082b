<script setup lang="ts">
/** What somebody sees or does with the bin in hand, one tap each; how often it is fetched learns from it. */
import { counted } from '@stube/core/notation';
import { computed, ref } from 'vue';
import type { Bin, ObservationKind } from '@stube/core/model';
import { fetchedOf, missingBins } from '@stube/core/frequency';
import type { BinEvent } from '@stube/contract/answers';
import { useSite } from '../../../data/site.ts';
import { dayOf, formatDay } from '../../../parts/day.ts';
import { formatTimes } from '../../../parts/numbers.ts';
import { useBinsActions } from './actions.ts';

const props = defineProps<{ bin: Bin; events: readonly BinEvent[] }>();
const store = useSite();
const { observe } = useBinsActions();
const KINDS: readonly ObservationKind[] = ['used', 'put back', 'empty', 'over-full'];
const ofRoom = computed(() => store.data.observation.filter(({ roomId }) => roomId === props.bin.roomId));
const missing = computed(() => missingBins(ofRoom.value).get(props.bin.id));
const fetched = computed(() => fetchedOf(ofRoom.value, store.data.bin, store.maps.category).get(props.bin.categoryId));
const category = computed(() => store.maps.category.get(props.bin.categoryId));
/** What last gave it a place. */
const last = computed(() => props.events.find(({ compartmentId, undone }) => compartmentId && !undone));
const wrongPlace = ref(false);
const units = computed(() => store.data.unit.filter(({ roomId }) => roomId === props.bin.roomId));
const spacesOf = (unitId: string) =>
  store.data.compartment.filter(({ id, unitId: of }) => of === unitId && id !== props.bin.compartmentId);
async function elsewhere(foundId: string): Promise<void> {
  if (!foundId || !(await store.tryWrite(() => observe(props.bin, 'elsewhere', { foundId })))) return;
  wrongPlace.value = false;
  store.sayDone(`${props.bin.code}: found elsewhere. Noted; undo takes it back.`);
}
const tell = (kind: ObservationKind) =>
  store.tryWrite(async () => {
    await observe(props.bin, kind);
    store.sayDone(`${props.bin.code}: ${kind}. Noted; undo takes it back.`);
  });
</script>

<template>
  <section class="sheet stack tight" aria-label="Seen or done">
    <h2>Seen or done</h2>
    <div class="row">
      <button v-for="kind in KINDS" :key="kind" class="press small" type="button" @click="tell(kind)">
        {{ kind }}
      </button>
      <button v-if="!missing" class="press small" type="button" @click="tell('not here')">it is not here</button>
      <button v-else class="press small main" type="button" @click="tell('found')">found again</button>
      <button class="press small quiet" type="button" :aria-expanded="wrongPlace" @click="wrongPlace = !wrongPlace">
        found elsewhere
      </button>
    </div>
    <label v-if="wrongPlace" class="field"
      ><span>Where was it, or a thing of it?</span
      ><select class="write" @change="elsewhere(($event.target as HTMLSelectElement).value)">
        <option value="">choose the place</option>
        <optgroup v-for="unit in units" :key="unit.id" :label="unit.name">
          <option v-for="space in spacesOf(unit.id)" :key="space.id" :value="space.id">{{ space.name }}</option>
        </optgroup>
      </select></label
    >
    <p v-if="missing" class="caution warn small">
      It was not there: {{ formatDay(dayOf(missing.at)) }}.
      <template v-if="last"
        >It was put there by {{ last.mine ? 'this device' : 'another device' }}: {{ last.what }},
        {{ formatDay(dayOf(last.at)) }}.</template
      >
    </p>
    <p v-if="category" class="small soft">
      Fetched {{ formatTimes(fetched?.perWeek ?? category.perWeek)
      }}<template v-if="fetched"
        >: seen {{ counted(fetched.seen, 'time') }} in {{ counted(fetched.weeks, 'week') }}, with what was
        estimated</template
      ><template v-else>, as estimated</template>, for all of {{ category.name }}.
    </p>
  </section>
</template>
