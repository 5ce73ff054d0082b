/** The signs of the open room, what is misplaced in it, and what would stop that. */
import { computed } from 'vue';
import { addDays } from '@stube/core/calendar';
import {
  binFactsOf,
  exchangeFor,
  healthOf,
  lastWeeks,
  misplacedOf,
  proposalsFor,
  type RoomFacts,
  signsOf,
} from '@stube/core/feedback';
import { dueLabels } from '@stube/core/labels';
import { wordKey } from '@stube/core/matching';
import { optionsFor } from '@stube/core/placement';
import { daysDue } from '@stube/core/routines';
import { useRoom } from '../../../data/room.ts';
import { today } from '../../../parts/day.ts';
import { labelDataOfSite } from '../../labelling/labels/run.ts';
import { useWeek } from '../../placing/placement/week.ts';

/** Classes of the library that take whatever has no place. */
const CATCH_ALL = /^(?:odds-and-ends|strays)$/;
/** Proposals are reckoned for so many of the worst. */
const WORST = 12;

export function useRoomHealth() {
  const { store, id, bins, lines, placeData } = useRoom();
  const { standing } = useWeek();
  const observations = computed(() => store.data.observation.filter(({ roomId }) => roomId === id.value));
  const lineBins = computed(() => {
    const found = new Map<string, string>();
    for (const bin of bins.value)
      for (const line of store.contents.get(bin.id)?.lines ?? []) if (!found.has(line.id)) found.set(line.id, bin.id);
    return found;
  });
  const facts = computed(() => (placeData.value ? binFactsOf(placeData.value) : new Map()));
  const table = computed(() =>
    misplacedOf(
      bins.value,
      observations.value,
      store.data.stray.filter(({ roomId }) => roomId === id.value),
      lineBins.value,
    ),
  );
  const pinned = computed(() => new Set(bins.value.flatMap((bin) => (bin.pinned ? [bin.id] : []))));
  const proposals = computed(() =>
    table.value.slice(0, WORST).flatMap((misplaced) => {
      const options =
        standing.value && (misplaced.found.length || facts.value.get(misplaced.binId)?.awkward)
          ? optionsFor(standing.value, misplaced.binId)
          : [];
      return proposalsFor(
        misplaced,
        facts.value,
        table.value,
        options,
        (space) => store.maps.compartment.get(space)?.floor ?? Infinity,
        (space) => (standing.value ? exchangeFor(standing.value, misplaced.binId, space, pinned.value) : null),
      );
    }),
  );
  const roomFacts = computed((): RoomFacts => {
    const labels = labelDataOfSite(store, id.value);
    const due = labels ? dueLabels(labels, ['bin']) : [];
    const kept = lines.value.filter(({ decision }) => decision === 'keep');
    const keys = kept.map(({ name }) => wordKey(name)).filter(Boolean);
    const catchAll = bins.value.filter(({ categoryId }) =>
      CATCH_ALL.test(store.maps.category.get(categoryId)?.starter ?? ''),
    );
    const fullness = catchAll.flatMap((bin) => store.contents.get(bin.id)?.full ?? []);
    const days = { from: lastWeeks(today())[0]!, to: addDays(today(), -1) };
    return {
      bins: bins.value,
      lines: lines.value,
      observations: observations.value,
      strays: store.data.stray.filter(({ roomId }) => roomId === id.value),
      routineDays: store.data.routine
        .filter(({ roomId }) => roomId === id.value)
        .flatMap((routine) =>
          daysDue(routine, days, store.data.holiday).map((day) => ({
            day,
            row: store.data.routineDay.find((row) => row.routineId === routine.id && row.day === day) ?? null,
          })),
        ),
      outOfReach: [...facts.value.values()].filter(({ outOfReach }) => outOfReach).length,
      labelsDue: due.filter(({ printed, reason }) => printed && reason).length,
      labelsPrinted: due.filter(({ printed }) => printed).length,
      doubles: keys.length - new Set(keys).size,
      catchAll: {
        bins: catchAll.map((bin) => bin.id),
        full: fullness.length ? fullness.reduce((sum, full) => sum + full, 0) / fullness.length : 0,
      },
      today: today(),
      timeZone: store.site?.timeZone ?? null,
    };
  });
  const signs = computed(() => signsOf(roomFacts.value));
  const health = computed(() => healthOf(signs.value, observations.value.length));
  return { store, id, table, proposals, signs, health, observations };
}
