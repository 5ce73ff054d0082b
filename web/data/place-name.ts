/** A compartment in words, with the furniture it is in. */
import { useSite } from './site.ts';

/** @returns `Bookcase › shelf 2`; what is said instead for what has no place */
export function usePlaceName(nowhere = 'the bench') {
  const store = useSite();
  return (compartmentId: string | null | undefined): string => {
    const space = store.maps.compartment.get(compartmentId ?? '');
    return space ? `${store.maps.unit.get(space.unitId)?.name ?? ''} › ${space.name}` : nowhere;
  };
}
