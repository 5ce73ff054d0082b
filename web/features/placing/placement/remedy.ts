/** What gives a place to the bin in hand where none is free: another bin that moves, or another container. */
import { computed } from 'vue';
import type { DepthPosition } from '@stube/core/placement';
import { remedyFor } from '@stube/core/plans';
import { formatMoney } from '@stube/core/notation';
import { ON_THE_BENCH } from '@stube/core/model';
import { usePlanRoom } from '../../../parts/planning/plan-room.ts';
import type { Placing } from './placing.ts';

export function useRemedy({ store, held, standing, binName, placeName }: Placing) {
  const planRoom = usePlanRoom();
  const remedy = computed(() =>
    held.value && standing.value && planRoom.value ? remedyFor(planRoom.value, standing.value, held.value) : null,
  );
  /** On the button, and beside it. */
  const words = computed(() => {
    const one = remedy.value;
    if (!one) return null;
    const at = placeName(one.places[0]!.compartment);
    if (one.kind === 'another moves')
      return { press: `Move ${binName(one.binId)} to ${at}`, why: 'Then this stands where that stood.' };
    const price = one.owned ? 'one that you own is free' : formatMoney(one.type.price, store.site!.currency);
    return { press: `Use ${one.type.name}`, why: `It takes the same and has a place: ${at} (${price}).` };
  });
  const writing = ({ bin, compartment: compartmentId, ...at }: DepthPosition, more: object = {}) => ({
    table: 'bin' as const,
    id: bin,
    version: store.maps.bin.get(bin)!.version,
    values: { ...more, ...ON_THE_BENCH, ...at, compartmentId },
  });
  function accept(): Promise<boolean> {
    const one = remedy.value;
    if (!one || !words.value) return Promise.resolve(false);
    const bare = { outWidth: null, outDepth: null, outHeight: null };
    const shape = one.kind === 'another container' ? { ...bare, containerTypeId: one.type.id } : {};
    const update = one.places.map((place) => writing(place, place.bin === held.value ? shape : {}));
    return store.tryWrite(() => store.writeTogether({ what: `a place for ${binName(held.value!)}`, update }));
  }
  return { words, accept };
}
