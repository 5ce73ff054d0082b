import type { PlanRequest } from '@stube/contract/plans/requests';
import type { WholePlan } from '@stube/core/plans';
import { useSite } from '../../../data/site.ts';

export function usePlansActions() {
  const store = useSite();
  /**
   * Takes a plan over in one change.
   * @param wanted whether a category is taken over; the others keep their bins and places
   */
  const takePlan = (roomId: string, plan: WholePlan, wanted: (categoryId: string) => boolean) =>
    store.send('POST', `/rooms/${roomId}/plan`, {
      bins: store.data.bin.filter((bin) => bin.roomId === roomId).map(({ id, version }) => ({ id, version })),
      choices: plan.choices.filter(({ categoryId }) => wanted(categoryId)),
      placed: plan.bins
        .filter(({ categoryId }) => wanted(categoryId))
        .map(({ categoryId, nth, compartmentId, x, y, z, turned }) => ({
          categoryId,
          nth,
          compartmentId,
          x,
          y,
          z,
          turned,
        })),
    } satisfies PlanRequest);
  return { takePlan };
}
