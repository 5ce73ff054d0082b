/** One unit as a filling problem: the bins meant for it, and which of its places each may stand in. */
import { byId } from '../../ground/model/by-id.ts';
import type { Bin, Category, Compartment, ContainerType } from '../../ground/model/entities.ts';
import { widthOf } from '../containers/spaces.ts';
import { brokenRules } from '../../ground/body/rules.ts';
import { clearHeight, type RoomProblem } from '../../ground/problems/place-problem.ts';
import { fitContainerOf } from './fit-problem-of.ts';
import type { FillBin, FillProblem } from './unit-filling.ts';

/**
 * @param room its placement problem: who uses what, and what must be out of reach
 * @param bins those that stand in the unit and those that are on the bench
 */
export function fillProblemOf(
  spaces: readonly Compartment[],
  bins: readonly Bin[],
  room: RoomProblem,
  categories: ReadonlyMap<string, Category>,
  types: ReadonlyMap<string, ContainerType>,
): FillProblem {
  const people = byId(room.people);
  const places = byId(room.compartments);
  const known = byId(room.bins);
  // What hangs hangs one to a hook: that is dealt with in Place.
  const packed = spaces.filter((space) => !space.hangs && places.has(space.id));
  return {
    spaces: packed.map((space) => ({
      id: space.id,
      width: widthOf(space),
      depth: space.depth,
      height: clearHeight(space),
      access: space.access,
      maxLoad: space.maxLoad,
    })),
    bins: bins.flatMap((bin): FillBin[] => {
      const container = fitContainerOf(bin, bins, categories, types);
      const placed = known.get(bin.id);
      if (!container || !placed) return [];
      // Sizes are the engine's business: here it may be turned.
      const allowed = packed.filter((space) =>
        brokenRules(placed, places.get(space.id)!, people, 0).every(({ rule }) => rule === 'depth' || rule === 'width'),
      );
      return [
        {
          ...container,
          mass: placed.mass,
          allowed: allowed.map(({ id }) => id),
          home: bin.compartmentId,
          group: bin.categoryId,
        },
      ];
    }),
  };
}
