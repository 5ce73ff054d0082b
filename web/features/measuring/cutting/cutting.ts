/** What a room cuts and from what, with the cuts as they are found. */
import { computed, ref, shallowRef, toRaw, watch } from 'vue';
import { proxy } from 'comlink';
import {
  type CutAnswer,
  cutProblemOf,
  isFromSheets,
  listPieces,
  planSheets,
  type SheetPlan,
} from '@stube/core/cutting';
import { byId, type CutPart } from '@stube/core/model';
import { useRoom } from '../../../data/room.ts';
import { fitWorker } from '../../containing/packing/worker.ts';
import { cutWorker } from './worker.ts';

export const PART_WORDS: Record<CutPart, { one: string; many: string }> = {
  rod: { one: 'rod', many: 'rods' },
  rail: { one: 'rail', many: 'rails' },
  board: { one: 'board', many: 'boards' },
  divider: { one: 'divider', many: 'dividers' },
  panel: { one: 'panel', many: 'panels' },
};

export function useCutting() {
  const { store, units } = useRoom();
  const listed = computed(() =>
    listPieces(store.data.cutPiece, store.maps.compartment, byId(units.value), store.site?.clearance ?? 0),
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
  return { listed, stock, list, answer, searching, sheets };
}
