/** The room of the address: its rows, and what is reckoned from them, once for all that is shown in it. */
import { byCode, groupedBy, inOrder } from '@stube/core/model';
import { computed, inject, provide, type InjectionKey } from 'vue';
import { useRoute } from 'vue-router';
import { type ContainContext, contextFor } from '@stube/core/containers';
import { demandsOf } from '@stube/core/contents';
import { roomProgress } from '@stube/core/makeover';
import { parkedIn, type RoomData } from '@stube/core/placement';
import { today } from '../parts/day.ts';
import { useSite } from './site.ts';

function roomOfAddress() {
  const store = useSite();
  const route = useRoute();
  const id = computed(() => String(route.params.room ?? ''));
  const room = computed(() => store.maps.room.get(id.value));
  const lines = computed(() => inOrder(store.data.line.filter((line) => line.roomId === id.value)));
  const zones = computed(() => store.data.zone.filter((zone) => zone.roomId === id.value));
  const fixtures = computed(() => store.data.fixture.filter((fixture) => fixture.roomId === id.value));
  const units = computed(() => inOrder(store.data.unit.filter((unit) => unit.roomId === id.value)));
  const compartments = computed(() => {
    const own = new Set(units.value.map((unit) => unit.id));
    return inOrder(store.data.compartment.filter((space) => own.has(space.unitId)));
  });
  const spaces = computed(() => groupedBy(compartments.value, (space) => space.unitId));
  const spacesOf = (unitId: string) => spaces.value.get(unitId) ?? [];
  const bins = computed(() => store.data.bin.filter((bin) => bin.roomId === id.value).sort(byCode));
  const demands = computed(() => (store.site ? demandsOf(lines.value, store.maps.category, store.site) : []));
  const containContext = computed<ContainContext | null>(() =>
    store.site
      ? contextFor(
          {
            site: store.site,
            types: store.data.containerType,
            compartments: compartments.value,
            bins: store.data.bin,
          },
          id.value,
          demands.value,
        )
      : null,
  );
  const progress = computed(() => (room.value ? roomProgress(store.data, room.value.id, today()) : null));
  const placeData = computed<RoomData | null>(() =>
    store.site && room.value
      ? {
          site: store.site,
          room: room.value,
          people: store.data.person,
          zones: zones.value,
          fixtures: fixtures.value,
          units: units.value,
          compartments: compartments.value,
          bins: bins.value,
          lines: lines.value,
          categories: store.maps.category,
          types: store.maps.containerType,
          observations: store.data.observation.filter((seen) => seen.roomId === id.value),
          parked: parkedIn(store.data, compartments.value),
          today: today(),
        }
      : null,
  );
  return {
    store,
    id,
    room,
    lines,
    zones,
    fixtures,
    units,
    compartments,
    spacesOf,
    bins,
    demands,
    containContext,
    progress,
    placeData,
  };
}

export type RoomView = ReturnType<typeof roomOfAddress>;
const ROOM: InjectionKey<RoomView> = Symbol('room');

/** For the room's frame: what is inside asks for it by useRoom. */
export function provideRoom(): RoomView {
  const view = roomOfAddress();
  provide(ROOM, view);
  return view;
}

/** The room that its frame provides. */
export function useRoom(): RoomView {
  const view = inject(ROOM);
  if (!view) throw new Error('useRoom is for what is shown inside the frame of a room.');
  return view;
}
