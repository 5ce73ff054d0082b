<script setup lang="ts">
/** The inside of every compartment of one unit, to be corrected by the tape measure. */
import { computed, ref } from 'vue';
import { ArrowUpDown, BrickWall, Pencil, Ruler } from '@lucide/vue';
import { isLoadGuessed } from '@stube/core/measuring';
import type { Compartment, Unit } from '@stube/core/model';
import { ApiError } from '../../../data/transport.ts';
import BlockedParts from './BlockedParts.vue';
import BoardDialog from './BoardDialog.vue';
import GuidedMeasure from './GuidedMeasure.vue';
import LengthField from '../../../parts/LengthField.vue';
import { kilos, litres } from '../../../parts/numbers.ts';
import { useSite } from '../../../data/site.ts';

const props = defineProps<{ unit: Unit; units: readonly Unit[]; spaces: readonly Compartment[] }>();
const emit = defineEmits<{ choose: [id: string]; edit: [unit: Unit] }>();
const store = useSite();
const GUESSED_LOAD = 'What such places usually bear: it keeps nothing out. Outside measures take what the plate says.';
const guided = ref(false);
const boards = ref(false);
const blocked = ref<string | null>(null);
const blockedSpace = computed(() => props.spaces.find(({ id }) => id === blocked.value));
const problems = ref<Record<string, string>>({});
const SIDES = [
  ['width', 'wide'],
  ['height', 'high'],
  ['depth', 'deep'],
] as const;
const key = (space: Compartment, field: string) => `${space.id} ${field}`;
/** Only what closes has an opening of its own. */
const closes = computed(() => props.spaces.some((space) => space.door || space.drawer));
const total = computed(
  () => (spaces: readonly Compartment[]) =>
    spaces.reduce((sum, space) => sum + space.width * space.height * space.depth, 0) / 1e6,
);

async function measure(
  space: Compartment,
  field: 'width' | 'height' | 'depth' | 'opening',
  value: number | null,
): Promise<void> {
  if (value === space[field]) return;
  try {
    await store.patch('compartment', space, { [field]: value, measured: true });
    delete problems.value[key(space, field)];
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
    problems.value[key(space, field)] = error.field(field) ?? error.message;
  }
}
</script>

<template>
  <section class="sheet stack tight">
    <div class="row between">
      <label class="row"
        ><h2>Inside</h2>
        <select
          class="write pick"
          aria-label="Unit"
          :value="unit.id"
          @change="emit('choose', ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="other in units" :key="other.id" :value="other.id">{{ other.name }}</option>
        </select></label
      >
      <button class="press small main" type="button" @click="guided = true"><Ruler :size="15" />Step by step</button>
      <button v-if="unit.step !== null" class="press small" type="button" @click="boards = true">
        <ArrowUpDown :size="15" />Best heights
      </button>
      <button class="press small" type="button" @click="emit('edit', unit)">
        <Pencil :size="15" />Outside measures
      </button>
    </div>
    <p class="small soft">
      {{ spaces.length }} compartments, {{ litres(Math.round(total(spaces))) }} in all. Type what the tape says where it
      differs; of several readings, parted by a semicolon, the least counts.
    </p>
    <div class="scroll">
      <table class="ledger">
        <thead>
          <tr>
            <th>compartment</th>
            <th v-for="[side, word] in SIDES" :key="side">{{ word }}</th>
            <th v-if="closes" title="Where hinges, a frame or a front leave less than the inside">opening</th>
            <th>by</th>
            <th class="number">bears</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="space in spaces" :key="space.id">
            <td>{{ space.name }}</td>
            <td v-for="[side, word] in SIDES" :key="side" class="cell" :data-word="word">
              <LengthField
                :model-value="space[side]"
                :label="`${space.name} ${word}`"
                several
                :problem="problems[key(space, side)]"
                @commit="measure(space, side, $event)"
              />
            </td>
            <td v-if="closes" class="cell opening" data-word="opening">
              <LengthField
                v-if="space.door || space.drawer"
                :model-value="space.opening ?? space.width"
                :label="`${space.name} opening`"
                :problem="problems[key(space, 'opening')]"
                @commit="measure(space, 'opening', $event < space.width ? $event : null)"
              />
            </td>
            <td class="small by">
              <button
                class="word-press"
                type="button"
                :aria-pressed="space.measured"
                :title="
                  space.measured
                    ? 'The tape was there.'
                    : 'Reckoned from the outside: press when the tape says the same.'
                "
                @click="store.tryWrite(() => store.patch('compartment', space, { measured: !space.measured }))"
              >
                {{ space.measured ? 'measured' : 'reckoned' }}
              </button>
            </td>
            <td class="number">
              <span class="soft small bears">bears </span
              ><span v-if="isLoadGuessed(unit, space)" class="soft" :title="GUESSED_LOAD"
                >about {{ kilos(space.maxLoad) }}, a guess</span
              ><template v-else>{{
                kilos(unit.maxLoad === null ? space.maxLoad : Math.min(space.maxLoad, unit.maxLoad))
              }}</template
              ><button
                class="icon-press way"
                :class="{ lit: space.blocked.length }"
                type="button"
                :aria-label="`In the way inside ${space.name}${space.blocked.length ? `: ${space.blocked.map(({ what }) => what).join(', ')}` : ''}`"
                title="A skirting, a pipe, hinges: what is in the way inside"
                @click="blocked = space.id"
              >
                <BrickWall :size="15" />
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <BlockedParts v-if="blockedSpace" :space="blockedSpace" @close="blocked = null" />
    <BoardDialog v-if="boards" :unit="unit" :spaces="spaces" @close="boards = false" />
    <GuidedMeasure v-if="guided" :unit="unit" :spaces="spaces" @close="guided = false" />
  </section>
</template>

<style scoped>
.pick {
  width: auto;
  min-height: 34px;
}
.scroll {
  max-height: 380px;
  overflow: auto;
}
.bears {
  display: none;
}
td.number {
  white-space: nowrap;
}
.way {
  min-height: 28px;
  min-width: 28px;
  vertical-align: middle;
}
.lit {
  color: var(--brick);
}
.cell {
  width: 100px;
  min-width: 74px;
}
.cell :deep(.field > span:first-child) {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.cell :deep(.write) {
  min-height: 32px;
  padding: 2px 5px;
  font-size: 0.92rem;
}
.ledger td {
  vertical-align: middle;
  padding-block: 3px;
}
/* On the phone a compartment has two lines, so that every figure is whole. */
@media (max-width: 760px) {
  thead {
    position: absolute;
    clip-path: inset(50%);
  }
  tr {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    column-gap: 8px;
    padding: 4px 0 8px;
    border-bottom: 1px solid var(--rule);
  }
  .ledger td {
    border: 0;
    padding: 0;
    grid-row: 2;
  }
  .ledger td:first-child {
    grid-area: 1 / 1 / 2 / 2;
  }
  .ledger td.by {
    grid-area: 1 / 2 / 2 / 3;
  }
  .ledger td:last-child {
    grid-area: 1 / 3 / 2 / 4;
  }
  .ledger td.opening {
    grid-area: 3 / 1 / 4 / 2;
  }
  .bears {
    display: inline;
  }
  .cell {
    width: auto;
  }
  .cell::before {
    content: attr(data-word);
    font-size: 0.8rem;
    color: var(--ink-soft);
  }
}
</style>
