/** The bins that a room would have by a plan's choices, as rows that are not written yet. */
import { inOrder } from '../../ground/model/sort.ts';
import { binChanges, NEW_BIN } from '../../containing/containers/bin-changes.ts';
import { binsFor } from '../../containing/containers/bins-for.ts';
import type { ContainChoice } from '../../containing/containers/choose.ts';
import type { Bin } from '../../ground/model/entities.ts';
import type { RoomData } from '../placement/room-data.ts';

/** A bin of a plan: which of its category it is, so that it is found again when the plan is taken over. */
export interface PlannedBin extends Bin {
  nth: number;
  /** It is there already. */
  kept: boolean;
}

/** Categories without a choice keep their bins. */
export function plannedBins(room: RoomData, choices: readonly ContainChoice[]): PlannedBin[] {
  const chosen = new Map(choices.flatMap((choice) => (choice.chosen ? [[choice.demand.category.id, choice]] : [])));
  const others = room.bins.filter((bin) => !chosen.has(bin.categoryId));
  const ofCategory = (categoryId: string): Bin[] => inOrder(room.bins.filter((bin) => bin.categoryId === categoryId));
  const kept = others.map((bin) => ({ ...bin, kept: true, nth: ofCategory(bin.categoryId).indexOf(bin) }));
  const planned = [...chosen].flatMap(([categoryId, { demand, chosen: option }]) => {
    const old = ofCategory(categoryId);
    return binsFor(demand, option!.type.id, option!.count, room.compartments).map((wanted, nth): PlannedBin => {
      const own = old[nth];
      if (own) return { ...own, ...binChanges(own, wanted, demand.category), nth, kept: true };
      const fresh = { id: `new ${categoryId} ${nth}`, version: 0, siteId: room.room.siteId, roomId: room.room.id };
      return { ...wanted, ...fresh, ...NEW_BIN, categoryId, code: '', sort: nth, nth, kept: false };
    });
  });
  return [...kept, ...planned];
}
