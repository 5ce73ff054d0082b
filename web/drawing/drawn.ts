/** The bins of the open site as the drawings want them, by the compartment they stand in. */
import { computed } from 'vue';
import type { Bin } from '@stube/core/model/entities';
import { useSite } from '../data/site.ts';
import { shapeOf } from '@stube/core/containers/shape';
import type { DrawnBin } from './scale.ts';

const NONE: readonly DrawnBin[] = [];

export function useDrawnBins() {
  const store = useSite();
  const hueOf = (bin: Bin): string =>
    store.maps.family.get(store.maps.category.get(bin.categoryId)?.familyId ?? '')?.hue ?? 'ink';
  const bySpace = computed(() => {
    const map = new Map<string, DrawnBin[]>();
    for (const bin of store.data.bin) {
      const type = shapeOf(bin, store.maps.containerType);
      if (!bin.compartmentId || !type) continue;
      const pictogram = store.maps.category.get(bin.categoryId)?.pictogram ?? 'package-open';
      const drawn = { bin, type, hue: hueOf(bin), pictogram, full: store.contents.get(bin.id)?.full ?? null };
      map.set(bin.compartmentId, [...(map.get(bin.compartmentId) ?? []), drawn]);
    }
    return map;
  });
  const binsIn = (spaceId: string): readonly DrawnBin[] => bySpace.value.get(spaceId) ?? NONE;
  return { binsIn, hueOf };
}
