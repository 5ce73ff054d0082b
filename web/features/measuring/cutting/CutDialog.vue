<script setup lang="ts">
/** Rods, rails, boards and dividers of the room: cut to the inside that was measured, from the lengths that are sold. */
import { computed, ref } from 'vue';
import { FileDown, Plus, Trash2 } from '@lucide/vue';
import {
  bearsWeight,
  FIXING_CAUTION,
  fixingsOf,
  isFromSheets,
  type ListedPiece,
  wallFixingsOf,
} from '@stube/core/cutting';
import { counted, formatLength, formatMoney } from '@stube/core/notation';
import { CUT_PARTS, type CutPart, type CutStock as Stock } from '@stube/core/model';
import { useRoom } from '../../../data/room.ts';
import LengthField from '../../../parts/LengthField.vue';
import ModalDialog from '../../../parts/ModalDialog.vue';
import NumberField from '../../../parts/NumberField.vue';
import { useForm } from '../../../parts/form.ts';
import { said } from '../../../parts/numbers.ts';
import CutBars from './CutBars.vue';
import CutSheets from './CutSheets.vue';
import CutStock from './CutStock.vue';
import { PART_WORDS, useCutting } from './cutting.ts';
import { newId } from '../../../data/new-id.ts';

const props = defineProps<{ unitId?: string }>();
const emit = defineEmits<{ close: [] }>();
const { store, id, room, units, compartments, spacesOf } = useRoom();
const system = computed(() => store.site?.system ?? 'metric');
const say = (mm: number) => formatLength(mm, system.value, 'down', 16);
const { listed, stock, list, answer, searching, sheets } = useCutting();
const onWalls = computed(() => wallFixingsOf(units.value, compartments.value, room.value!));
const fixings = computed(() => [
  ...fixingsOf(listed.value),
  ...onWalls.value.flatMap(({ unit, fixings }) =>
    fixings.map((fixing) => ({ ...fixing, what: `${fixing.what} for ${unit.name}` })),
  ),
]);
const sizeOf = ({ piece, length, width }: ListedPiece) =>
  piece.part === 'panel' || (width !== null && isFromSheets({ piece, width } as ListedPiece, stock.value))
    ? `${say(length)} × ${say(width!)}`
    : say(length);
const reckoned = computed(() => listed.value.filter(({ compartment }) => !compartment.measured));

/** What is wanted next: one part for every chosen compartment of a unit. */
const draft = ref<{ unitId: string; spaceId: string; part: CutPart; count: number | null }>({
  unitId: props.unitId ?? units.value[0]?.id ?? '',
  spaceId: '',
  part: 'rod',
  count: 1,
});
const { problems, submit, once } = useForm();
/** What several pieces are refused for is the same of each. */
const wrong = computed(() => Object.values(problems)[0]);
const addPieces = () =>
  once(() => {
    const { unitId, spaceId, part, count } = draft.value;
    const spaces = spacesOf(unitId).filter((space) => !spaceId || space.id === spaceId);
    return store.writeTogether({
      what: `${PART_WORDS[part].many} to cut for ${store.maps.unit.get(unitId)?.name ?? ''}`,
      create: spaces.map((space) => ({
        table: 'cutPiece' as const,
        id: newId(),
        values: { compartmentId: space.id, part, count: count ?? 1 },
      })),
    });
  });
const partsWithoutStock = computed(() => [
  ...new Set(
    listed.value.map(({ piece }) => piece.part).filter((part) => !stock.value.some((bar) => bar.part === part)),
  ),
]);
const setSite = (values: { kerf?: number; clearance?: number }) =>
  submit(() => store.patch('site', store.site!, values));
const nameOf = ({ unit, compartment }: ListedPiece) => `${unit.name}, ${compartment.name}`;
const sayStock = (bar: Stock) =>
  `${bar.width === null ? PART_WORDS[bar.part].one : `sheet for ${PART_WORDS[bar.part].many}`}, ${say(bar.length)}${bar.width === null ? '' : ` × ${say(bar.width)}`}${bar.count === null ? '' : `, ${bar.count} there`}`;
const href = (kind: 'pdf' | 'csv') => `/api/sites/${store.id}/rooms/${id.value}/cut-list.${kind}`;
</script>

<template>
  <ModalDialog title="Cut list" :width="980" @close="emit('close')">
    <div class="two">
      <section class="stack tight">
        <h3>What is wanted</h3>
        <form class="adding" @submit.prevent="addPieces">
          <label class="field"
            ><span>Part</span
            ><select v-model="draft.part" class="write">
              <option v-for="part in CUT_PARTS" :key="part" :value="part">{{ PART_WORDS[part].one }}</option>
            </select></label
          ><label class="field"
            ><span>For</span
            ><select v-model="draft.unitId" class="write" @change="draft.spaceId = ''">
              <option v-for="unit in units" :key="unit.id" :value="unit.id">{{ unit.name }}</option>
            </select></label
          ><label class="field"
            ><span>Where</span
            ><select v-model="draft.spaceId" class="write">
              <option value="">each of its places</option>
              <option v-for="space in spacesOf(draft.unitId)" :key="space.id" :value="space.id">
                {{ space.name }}
              </option>
            </select></label
          ><NumberField v-model="draft.count" label="In each" whole /><button class="press main" type="submit">
            <Plus :size="16" />Add
          </button>
        </form>
        <p v-if="!listed.length" class="soft">
          Nothing yet. Choose what is cut to the inside of a place: a rod or a board is as long as the place is wide, a
          divider as it is high, a panel covers its front.
        </p>
        <ul v-else class="pieces" aria-label="Pieces to cut">
          <li v-for="one in listed" :key="one.piece.id" class="row between">
            <span
              ><b>{{ one.piece.count }} × {{ PART_WORDS[one.piece.part].one }} of {{ sizeOf(one) }}</b
              ><br /><span class="small soft"
                >{{ nameOf(one) }}: inside {{ say(one.inside) }}{{ one.compartment.measured ? '' : ', reckoned' }}</span
              ></span
            ><button
              class="icon-press"
              type="button"
              :aria-label="`Take away: ${PART_WORDS[one.piece.part].one} for ${nameOf(one)}`"
              @click="store.remove('cutPiece', one.piece, `${PART_WORDS[one.piece.part].one} for ${nameOf(one)}`)"
            >
              <Trash2 :size="16" />
            </button>
          </li>
        </ul>
        <div class="adding">
          <LengthField
            :model-value="store.site?.clearance ?? 0"
            label="Shorter than the inside by"
            @commit="setSite({ clearance: $event })"
          /><LengthField
            :model-value="store.site?.kerf ?? 0"
            label="The saw takes"
            @commit="setSite({ kerf: $event })"
          />
        </div>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
        <CutStock :stock="stock" :stock-words="sayStock" />
      </section>
      <section class="stack tight" aria-live="polite">
        <h3>The cuts</h3>
        <p v-if="partsWithoutStock.length" class="caution warn">
          Tell which lengths of {{ partsWithoutStock.map((part) => PART_WORDS[part].many).join(' and ') }} are sold.
        </p>
        <p v-else-if="!listed.length" class="soft">Here the bars are drawn with their cuts.</p>
        <p v-if="searching" class="soft">Looking for the cheapest way …</p>
        <template v-if="answer">
          <p v-if="!answer.bars" class="caution warn">There is not enough of that stock for all pieces.</p>
          <template v-else>
            <p>
              <b class="figure">{{ formatMoney(answer.price!, store.site!.currency) }}</b> for
              {{ counted(answer.bars.length, 'length')
              }}{{
                answer.optimal
                  ? '. No way is cheaper: this is proven.'
                  : `. No way costs less than ${formatMoney(answer.bound!, store.site!.currency)}.`
              }}
            </p>
            <CutBars :bars="answer.bars" :listed="listed" :stock="stock" :kerf="store.site!.kerf" :say="say" />
          </template>
        </template>
        <template v-if="sheets?.sheets.length">
          <p>
            <b class="figure">{{ formatMoney(sheets.price, store.site!.currency) }}</b> for
            {{ counted(sheets.sheets.length, 'sheet') }}.
          </p>
          <CutSheets :sheets="sheets.sheets" :say="say" :stock-words="sayStock" />
        </template>
        <p v-if="sheets?.without.size" class="caution warn">
          {{ [...sheets.without.values()].reduce((sum, count) => sum + count, 0) }} pieces find no sheet that is large
          enough.
        </p>
        <ul v-for="one in list.tooLong" :key="one.piece.id" class="caution warn">
          <li v-if="!partsWithoutStock.includes(one.piece.part)">
            {{ PART_WORDS[one.piece.part].one }} of {{ say(one.length) }} for {{ nameOf(one) }}: no stock is that long.
          </li>
        </ul>
        <template v-if="fixings.length">
          <h3>What carries them</h3>
          <ul>
            <li v-for="fixing in fixings" :key="fixing.what">
              <b>{{ fixing.count }}</b> {{ fixing.what }} <span class="small soft">{{ said(fixing.why) }}</span>
            </li>
          </ul>
        </template>
        <template v-for="{ unit, caution } in onWalls" :key="unit.id"
          ><p v-if="caution" class="caution warn">{{ caution }}</p></template
        >
        <p v-if="reckoned.length" class="caution warn">
          {{ reckoned.length === 1 ? 'One inside is' : `${reckoned.length} insides are` }} reckoned, not measured:
          measure before the first cut.
        </p>
        <p v-if="onWalls.length || listed.some(({ piece }) => bearsWeight(piece.part))" class="small soft">
          {{ FIXING_CAUTION }}
        </p>
        <div v-if="answer?.bars || sheets || onWalls.length" class="row">
          <a class="press" :href="href('pdf')" target="_blank" rel="noopener"><FileDown :size="16" />As PDF</a>
          <a class="press" :href="href('csv')" download><FileDown :size="16" />As a table</a>
        </div>
      </section>
    </div>
  </ModalDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 26px;
  align-items: start;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
<style scoped src="./cut-lists.css"></style>
