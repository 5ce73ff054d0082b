<script setup lang="ts">
/** What stands in the room: every unit to scale, its inside sizes, and where it and the zones are on the floor. */
import { computed, ref } from 'vue';
import { History, PanelsTopLeft, Plus, Ruler, Shapes } from '@lucide/vue';
import { type Overlooked, TEMPLATES } from '@stube/core/measuring';
import type { Fixture, TemplateKind, Unit, Zone } from '@stube/core/model';
import NextStep from '../../../frame/NextStep.vue';
import RoomElevation from '../../../drawing/RoomElevation.vue';
import { useDrawnBins } from '../../../drawing/drawn.ts';
import { useRoom } from '../../../data/room.ts';
import CutDialog from '../cutting/CutDialog.vue';
import CautionList from '../../../parts/cautions/CautionList.vue';
import { useRoomCautions } from '../../../parts/cautions/room-cautions.ts';
import AsItIsDialog from '../../house/makeover/AsItIsDialog.vue';
import FixtureDialog from '../floor/FixtureDialog.vue';
import FloorPlan from '../floor/FloorPlan.vue';
import WallElevations from '../floor/WallElevations.vue';
import ZoneDialog from '../floor/ZoneDialog.vue';
import OverlookedPlaces from './OverlookedPlaces.vue';
import InsideSizes from './InsideSizes.vue';
import PlaceKinds from './PlaceKinds.vue';
import UnitDialog from './UnitDialog.vue';

const { room, units, zones, fixtures, compartments, spacesOf, placeData } = useRoom();
const cautions = useRoomCautions(placeData);
/** Those about the furniture itself and where it stands. */
const ofFurniture = computed(() => {
  const about = ({ hazard }: { hazard: string }) => ['H1', 'H7', 'H8', 'H10', 'H12', 'H13'].includes(hazard);
  return {
    open: cautions.value.open.filter(about),
    acknowledged: cautions.value.acknowledged.filter(({ caution }) => about(caution)),
  };
});
const { binsIn } = useDrawnBins();
/** Those of most rooms; the others are one press further. */
const COMMON: readonly TemplateKind[] = ['cubes', 'bookcase', 'cabinet', 'chest', 'trunk'];
const choosing = ref(false);
const cutting = ref(false);
const walls = ref(false);
const asItIs = ref(false);
/** Where an overlooked place was found: it is measured from there on. */
const place = ref<Overlooked['place']>();
function measurePlace(found: NonNullable<Overlooked['place']>): void {
  place.value = found;
  editing.value = found.template;
}
function closeUnit(): void {
  editing.value = null;
  place.value = undefined;
}
const editing = ref<Unit | TemplateKind | null>(null);
const zone = ref<Zone | 'new' | null>(null);
const fixture = ref<Fixture | 'new' | null>(null);
const chosen = ref<string | null>(null);
const chosenUnit = computed(() => units.value.find((unit) => unit.id === chosen.value) ?? units.value[0] ?? null);
const pickSpace = (id: string) => (chosen.value = compartments.value.find((space) => space.id === id)?.unitId ?? null);
</script>

<template>
  <div v-if="room" class="stack">
    <div class="row between">
      <h2 class="title">What stands in {{ room.name }}</h2>
      <div class="row" role="group" aria-label="Add a unit">
        <button
          v-for="kind in COMMON"
          :key="kind"
          class="press small"
          type="button"
          :title="TEMPLATES[kind].hint"
          @click="editing = kind"
        >
          <Plus :size="15" />{{ TEMPLATES[kind].label }}
        </button>
        <button class="press small" type="button" @click="choosing = true"><Shapes :size="15" />Other places</button>
        <button v-if="units.length" class="press small quiet" type="button" @click="cutting = true">
          <Ruler :size="15" />Cut list
        </button>
        <button v-if="units.length" class="press small quiet" type="button" @click="walls = true">
          <PanelsTopLeft :size="15" />The walls
        </button>
        <button v-if="units.length" class="press small quiet" type="button" @click="asItIs = true">
          <History :size="15" />As it is
        </button>
        <NextStep v-if="units.length" here="measure" />
      </div>
    </div>
    <div v-if="!units.length" class="empty">
      <h2>Measure before you buy</h2>
      <p>
        Choose the kind of furniture above and type its outside measures. Every compartment’s inside follows, and is
        drawn to scale as you type.
      </p>
    </div>
    <template v-else>
      <RoomElevation :units="units" :spaces-of="spacesOf" :bins-in="binsIn" :tallest="300" @space="pickSpace" />
      <div class="two">
        <InsideSizes
          v-if="chosenUnit"
          :key="chosenUnit.id"
          :unit="chosenUnit"
          :units="units"
          :spaces="spacesOf(chosenUnit.id)"
          @choose="chosen = $event"
          @edit="editing = $event"
        />
        <FloorPlan
          :room="room"
          :units="units"
          :zones="zones"
          :fixtures="fixtures"
          :compartments="compartments"
          @unit="chosen = $event"
          @edit-unit="editing = $event"
          @zone="zone = $event"
          @fixture="fixture = $event"
        />
      </div>
      <OverlookedPlaces @measure="measurePlace" />
      <CautionList :room-id="room.id" :cautions="ofFurniture" />
    </template>
    <AsItIsDialog v-if="asItIs" @close="asItIs = false" />
    <WallElevations
      v-if="walls"
      :room="room"
      :units="units"
      :fixtures="fixtures"
      :spaces-of="spacesOf"
      :bins-in="binsIn"
      @close="walls = false"
    />
    <CutDialog v-if="cutting" :unit-id="chosenUnit?.id" @close="cutting = false" />
    <PlaceKinds v-if="choosing" @close="choosing = false" @choose="((choosing = false), (editing = $event))" />
    <UnitDialog
      v-if="editing"
      :unit="typeof editing === 'string' ? undefined : editing"
      :template="typeof editing === 'string' ? editing : editing.template"
      :room-id="room.id"
      :start="place"
      @close="closeUnit"
      @made="chosen = $event"
    />
    <FixtureDialog
      v-if="fixture"
      :fixture="fixture === 'new' ? undefined : fixture"
      :room="room"
      @close="fixture = null"
    />
    <ZoneDialog v-if="zone" :zone="zone === 'new' ? undefined : zone" :room="room" @close="zone = null" />
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
@media (max-width: 960px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
