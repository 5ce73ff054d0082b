/** The bins of the open site as the drawings want them, by the compartment they stand in. */
import { computed } from 'vue';
import type { Bin } from '@stube/core/model';
import { useSite } from '../data/site.ts';
import { shapeOf } from '@stube/core/contents';
import { standInside } from '@stube/core/placement';
import type { DrawnBin } from './scale.ts';

const NONE: readonly DrawnBin[] = [];

export function useDrawnBins() {
  const store = useSite();
  const hueOf = (bin: Bin): string =>
    store.maps.family.get(store.maps.category.get(bin.categoryId)?.familyId ?? '')?.hue ?? 'ink';
  /** A bin as it is drawn wherever it stands; null where nobody knows its size. */
  function drawnOf(binId: string): DrawnBin | null {
    const bin = store.maps.bin.get(binId);
    const type = bin && shapeOf(bin, store.maps.containerType);
    if (!type) return null;
    const pictogram = store.maps.category.get(bin.categoryId)?.pictogram ?? 'package-open';
    return { bin, type, hue: hueOf(bin), pictogram, full: store.contents.get(binId)?.full ?? null };
  }
  const bySpace = computed(() => {
    const map = new Map<string, DrawnBin[]>();
    for (const bin of store.data.bin) {
      const drawn = bin.compartmentId && drawnOf(bin.id);
      if (!drawn) continue;
      map.set(bin.compartmentId!, [...(map.get(bin.compartmentId!) ?? []), drawn]);
    }
    return map;
  });
  /** Where they stand is reckoned when a compartment is drawn, and known until something in the site changes. */
  const known = computed(() => (bySpace.value, new Map<string, readonly DrawnBin[]>()));
  function binsIn(spaceId: string): readonly DrawnBin[] {
    const bins = bySpace.value.get(spaceId);
    const space = store.maps.compartment.get(spaceId);
    if (!bins || !space) return NONE;
    let drawn = known.value.get(spaceId);
    if (!drawn) {
      const at = standInside(
        space,
        bins.map(({ bin, type }) => ({ bin, shape: type })),
      );
      drawn = bins.map((one) => ({ ...one, at: at.get(one.bin.id) ?? null }));
      known.value.set(spaceId, drawn);
    }
    return drawn;
  }
  return { binsIn, drawnOf, hueOf };
}
