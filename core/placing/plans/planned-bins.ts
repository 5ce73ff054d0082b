/** The bins that a room would have by a plan, as rows that are not written yet. */
import { binChanges, NEW_BIN } from '../../containing/containers/bin-changes.ts';
import type { BinWanted } from '../../containing/containers/bins-for.ts';
import type { Bin, Category } from '../../ground/model/entities.ts';
import type { RoomData } from '../placement/room-data.ts';

/** A bin of a plan: which of its category it is, so that it is found again when the plan is taken over. */
export interface PlannedBin extends Bin {
  nth: number;
  /** It is there already, in this container. */
  kept: boolean;
}

/** @param old the category's bins as they are, in their order: the first ones are used again */
export const plannedBins = (
  { room }: RoomData,
  category: Category,
  old: readonly Bin[],
  wanted: readonly BinWanted[],
): PlannedBin[] =>
  wanted.map((one, nth): PlannedBin => {
    const own = old[nth];
    if (own) {
      const changes = binChanges(own, one, category);
      return { ...own, ...changes, nth, kept: !('containerTypeId' in changes) };
    }
    const fresh = { id: `new ${category.id} ${nth}`, version: 0, siteId: room.siteId, roomId: room.id };
    return { ...one, ...fresh, ...NEW_BIN, categoryId: category.id, code: '', sort: nth, nth, kept: false };
  });
