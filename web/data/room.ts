/** The room of the address: its rows, and what is reckoned from them. */
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { demandsOf } from '@stube/core/containers/demand';
import { roomProgress } from '@stube/core/makeover/progress';
import type { RoomData } from '@stube/core/placement/place-problem-of';
import { useSite } from './site.ts';

export function useRoom() {
  const store = useSite();
  const route = useRoute();
  const id = computed(() => String(route.params.room ?? ''));
  const room = computed(() => store.maps.room.get(id.value));
  const bySort = <T extends { sort: number }>(rows: T[]): T[] => rows.sort((a, b) => a.sort - b.sort);
  const lines = computed(() => bySort(store.data.line.filter((line) => line.roomId === id.value)));
  const zones = computed(() => store.data.zone.filter((zone) => zone.roomId === id.value));
  const units = computed(() => bySort(store.data.unit.filter((unit) => unit.roomId === id.value)));
  const compartments = computed(() => {
    const own = new Set(units.value.map((unit) => unit.id));
    return bySort(store.data.compartment.filter((compartment) => own.has(compartment.unitId)));
  });
  const spacesOf = (unitId: string) => compartments.value.filter((compartment) => compartment.unitId === unitId);
  const bins = computed(() =>
    store.data.bin
      .filter((bin) => bin.roomId === id.value)
      .sort((a, b) => a.code.localeCompare(b.code, undefined, { numeric: true })),
  );
  const demands = computed(() => (store.site ? demandsOf(lines.value, store.maps.category, store.site) : []));
  const progress = computed(() => (room.value ? roomProgress(store.data, room.value.id) : null));
  const placeData = computed<RoomData | null>(() =>
    store.site && room.value
      ? {
          site: store.site,
          room: room.value,
          people: store.data.person,
          zones: zones.value,
          units: units.value,
          compartments: compartments.value,
          bins: bins.value,
          categories: store.maps.category,
          types: store.maps.containerType,
        }
      : null,
  );
  return { store, id, room, lines, zones, units, compartments, spacesOf, bins, demands, progress, placeData };
}
