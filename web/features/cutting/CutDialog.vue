<script setup lang="ts">
/** Rods, rails, boards and dividers of the room: cut to the inside that was measured, from the lengths that are sold. */
import { computed, ref, shallowRef, toRaw, watch } from 'vue';
import { proxy } from 'comlink';
import { FileDown, Plus, Trash2 } from '@lucide/vue';
import {
  bearsWeight,
  cutProblemOf,
  FIXING_CAUTION,
  fixingsOf,
  isFromSheets,
  listPieces,
  type ListedPiece,
} from '@stube/core/cutting/cut-list';
import type { CutAnswer } from '@stube/core/cutting/problem';
import { planSheets, type SheetPlan } from '@stube/core/cutting/sheets';
import { wallFixingsOf } from '@stube/core/cutting/wall-fixings';
import { formatLength } from '@stube/core/measuring/length';
import { CUT_PARTS, type CutPart, type CutStock } from '@stube/core/model/entities';
import { ApiError } from '../../data/transport.ts';
import { useRoom } from '../../data/room.ts';
import LengthField from '../../parts/LengthField.vue';
import ModalDialog from '../../parts/ModalDialog.vue';
import MoneyField from '../../parts/MoneyField.vue';
import NumberField from '../../parts/NumberField.vue';
import { money, said } from '../../parts/numbers.ts';
import { fitWorker } from '../packing/worker.ts';
import CutBars from './CutBars.vue';
import CutSheets from './CutSheets.vue';
import { cutWorker } from './worker.ts';
import { newId } from '../../data/new-id.ts';

const props = defineProps<{ unitId?: string }>();
const emit = defineEmits<{ close: [] }>();
const { store, id, room, units, compartments, spacesOf } = useRoom();
const system = computed(() => store.site?.system ?? 'metric');
const say = (mm: number) => formatLength(mm, system.value, 'down', 16);
const PART_WORDS: Record<CutPart, { one: string; many: string }> = {
  rod: { one: 'rod', many: 'rods' },
  rail: { one: 'rail', many: 'rails' },
  board: { one: 'board', many: 'boards' },
  divider: { one: 'divider', many: 'dividers' },
  panel: { one: 'panel', many: 'panels' },
};

const mine = computed(() => new Map(units.value.map((unit) => [unit.id, unit])));
const listed = computed(() =>
  listPieces(store.data.cutPiece, store.maps.compartment, mine.value, store.site?.clearance ?? 0),
);
const stock = computed(() =>
  [...store.data.cutStock].sort((a, b) => a.part.localeCompare(b.part) || b.length - a.length),
);
const list = computed(() => cutProblemOf(listed.value, stock.value, store.site!));
const answer = shallowRef<CutAnswer | null>(null);
const searching = ref(false);
watch(
  () => JSON.stringify(list.value.problem),
  async (asked) => {
    answer.value = null;
    searching.value = list.value.problem.pieces.length > 0;
    if (!searching.value) return;
    const found = await cutWorker().solve(structuredClone(toRaw(list.value.problem)));
    if (asked !== JSON.stringify(list.value.problem)) return;
    answer.value = found;
    searching.value = false;
  },
  { immediate: true },
);
const sheets = shallowRef<SheetPlan | null>(null);
/** What the sheets depend on. */
const sheetKey = computed(() =>
  JSON.stringify([
    listed.value.map(({ piece, length, width }) => [piece, length, width]),
    stock.value,
    store.site!.kerf,
  ]),
);
watch(
  sheetKey,
  async (asked) => {
    sheets.value = null;
    if (!listed.value.some((one) => isFromSheets(one, stock.value))) return;
    const found = await planSheets(listed.value, toRaw(stock.value), store.site!.kerf, (sheet) =>
      fitWorker().solve(
        sheet,
        proxy(() => {}),
      ),
    );
    if (asked === sheetKey.value) sheets.value = found;
  },
  { immediate: true },
);
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
const problem = ref('');
async function write(act: () => Promise<unknown>): Promise<void> {
  problem.value = '';
  try {
    await act();
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
    const first = error.problem.fields[0];
    problem.value = first ? `${first.field}: ${first.message}` : error.message;
  }
}
const addPieces = () =>
  write(() => {
    const { unitId, spaceId, part, count } = draft.value;
    const spaces = spacesOf(unitId).filter((space) => !spaceId || space.id === spaceId);
    return store.writeTogether({
      what: `${PART_WORDS[part].many} to cut for ${mine.value.get(unitId)?.name ?? ''}`,
      create: spaces.map((space) => ({
        table: 'cutPiece' as const,
        id: newId(),
        values: { compartmentId: space.id, part, count: count ?? 1 },
      })),
    });
  });
const newStock = ref<{ part: CutPart; length: number; width: number | null; price: number; count: number | null }>({
  part: 'rod',
  length: 2400,
  width: null,
  price: 0,
  count: null,
});
const addStock = () => write(() => store.create('cutStock', { ...newStock.value }));
const partsWithoutStock = computed(() => [
  ...new Set(
    listed.value.map(({ piece }) => piece.part).filter((part) => !stock.value.some((bar) => bar.part === part)),
  ),
]);
const setSite = (values: { kerf?: number; clearance?: number }) =>
  write(() => store.patch('site', store.site!, values));
const nameOf = ({ unit, compartment }: ListedPiece) => `${unit.name}, ${compartment.name}`;
const sayStock = (bar: CutStock) =>
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
        <h3>What it is cut from</h3>
        <ul v-if="stock.length" class="pieces" aria-label="Stock">
          <li v-for="bar in stock" :key="bar.id" class="row between">
            <span>{{ sayStock(bar) }}</span><span class="row tight"
              >{{ bar.price ? money(bar.price, store.site!.currency) : 'free' }}
              <button
                class="icon-press"
                type="button"
                :aria-label="`Take away: ${sayStock(bar)}`"
                @click="store.remove('cutStock', bar, sayStock(bar))"
              >
                <Trash2 :size="16" /></button
            ></span>
          </li>
        </ul>
        <form class="adding" @submit.prevent="addStock">
          <label class="field"
            ><span>Stock of</span
            ><select v-model="newStock.part" class="write">
              <option v-for="part in CUT_PARTS" :key="part" :value="part">{{ PART_WORDS[part].many }}</option>
            </select></label
          ><LengthField v-model="newStock.length" label="Length" /><LengthField
            v-if="newStock.width !== null"
            v-model="newStock.width"
            label="Width"
          /><MoneyField v-model="newStock.price" label="Price" /><NumberField
            v-model="newStock.count"
            label="How many there are"
            optional
            whole
          /><button class="press" type="submit"><Plus :size="16" />Add</button>
        </form>
        <label v-if="['board', 'panel', 'divider'].includes(newStock.part)" class="check"
          ><input
            type="checkbox"
            :checked="newStock.width !== null"
            @change="newStock.width = newStock.width === null ? 1250 : null"
          />it is a sheet, with a width</label
        >
        <p class="small soft">Left empty, as many as needed are bought. Offcuts that are there cost nothing.</p>
        <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
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
              <b class="figure">{{ money(answer.price!, store.site!.currency) }}</b> for {{ answer.bars.length }}
              {{ answer.bars.length === 1 ? 'length' : 'lengths'
              }}{{
                answer.optimal
                  ? '. No way is cheaper: this is proven.'
                  : `. No way costs less than ${money(answer.bound!, store.site!.currency)}.`
              }}
            </p>
            <CutBars :bars="answer.bars" :listed="listed" :stock="stock" :kerf="store.site!.kerf" :say="say" />
          </template>
        </template>
        <template v-if="sheets?.sheets.length">
          <p>
            <b class="figure">{{ money(sheets.price, store.site!.currency) }}</b> for {{ sheets.sheets.length }}
            {{ sheets.sheets.length === 1 ? 'sheet' : 'sheets' }}.
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
.adding {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(110px, 1fr));
  gap: 8px;
  align-items: end;
}
.pieces li {
  padding: 3px 0;
  border-bottom: 1px solid var(--rule);
  flex-wrap: nowrap;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
