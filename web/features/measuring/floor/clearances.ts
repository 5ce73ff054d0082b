/** What is in the way on the floor, while things are moved. */
import { computed, type Ref } from 'vue';
import { beforeOf, type Clearance, clearancesOf, opensBy, OVERHEAD, type Rect, TO_PASS } from '@stube/core/floor';
import type { Compartment, Fixture, Room, Unit, Zone } from '@stube/core/model';
import type { Held, Placed } from './moves.ts';

/** @param at where a row is while it is on its way @param held what is chosen @param dragged what is dragged */
export function useClearances(
  props: Readonly<{
    room: Room;
    units: readonly Unit[];
    zones: readonly Zone[];
    fixtures: readonly Fixture[];
    compartments: readonly Compartment[];
  }>,
  at: (row: Placed) => { x: number; y: number },
  held: Ref<Held | null>,
  dragged: () => Held | undefined,
) {
  const moved = <T extends Placed>(rows: readonly T[]): T[] => rows.map((row) => ({ ...row, ...at(row) }));
  const broken = computed<Clearance[]>(() =>
    clearancesOf({
      room: props.room,
      units: moved(props.units),
      zones: moved(props.zones),
      fixtures: moved(props.fixtures),
      compartments: props.compartments,
    }),
  );
  /** Shown on the plan: what is dragged or chosen breaks, else all of it. */
  const shown = computed(() => {
    const id = (dragged() ?? held.value)?.row.id;
    const own = broken.value.filter(({ about }) => id && about.includes(id));
    return own.length || dragged() ? own : broken.value;
  });
  /** The floor that is needed before the chosen unit: to stand, and for its drawers and doors. */
  const needs = computed<Rect[]>(() => {
    const row = held.value?.kind === 'unit' ? (held.value.row as Unit) : null;
    if (!row || row.raised >= OVERHEAD) return [];
    const unit = { ...row, ...at(row) };
    const opens = opensBy(unit, props.compartments);
    return [beforeOf(unit, TO_PASS), ...(opens ? [beforeOf(unit, opens.by)] : [])];
  });
  const bad = computed(() => new Set(broken.value.map(({ about }) => about[0])));
  return { broken, shown, needs, bad };
}
