/** The boards of one unit as they stand and as they would best stand, column by column. */
import { shapeOf } from '../../ground/contents/shape.ts';
import { boardHeights, heightLost } from './board-heights.ts';
import type { Bin, Compartment, ContainerType, Unit } from '../../ground/model/entities.ts';
import { usableWidth } from '../../ground/body/rules.ts';

export interface BoardPlan {
  /** Every compartment of the unit as it would be. */
  spaces: Compartment[];
  /** Compartment of each bin then. */
  home: Map<string, string>;
  /** mm, all columns together. */
  lostNow: number;
  lostThen: number;
  /** Height that is free in one piece at the top of a column, mm; the most of any. */
  free: number;
  optimal: boolean;
}

/** Shelves on which nothing stands need at least so much to be worth a board, mm. */
const LEAST_SHELF = 60;

/**
 * @param mayStand whether a bin may stand in a compartment as it would be: what is out of reach stays so
 * @returns null where nothing stands there, or where no way is better than what stands
 */
export function planBoards(
  unit: Unit,
  spaces: readonly Compartment[],
  bins: readonly Bin[],
  types: ReadonlyMap<string, ContainerType>,
  growth: number,
  mayStand: (binId: string, space: Compartment) => boolean,
): BoardPlan | null {
  const plan: BoardPlan = { spaces: [], home: new Map(), lostNow: 0, lostThen: 0, free: 0, optimal: true };
  for (const x of new Set(spaces.map((space) => space.x))) {
    const column = spaces.filter((space) => space.x === x).sort((a, b) => a.z - b.z);
    const ids = new Set(column.map(({ id }) => id));
    const standing = bins.flatMap((bin) => {
      const shape = ids.has(bin.compartmentId ?? '') && shapeOf(bin, types);
      return shape ? [{ id: bin.id, width: shape.outWidth, height: shape.outHeight, at: bin.compartmentId! }] : [];
    });
    const tallest = (id: string) => Math.max(0, ...standing.filter(({ at }) => at === id).map(({ height }) => height));
    const lost = heightLost(column.map((space) => ({ height: space.height, tallest: tallest(space.id) })));
    plan.lostNow += lost;
    const bottom = column[0]!;
    const top = column.at(-1)!;
    const found =
      standing.length &&
      boardHeights(
        {
          width: usableWidth(bottom.width, growth),
          height: top.z + top.height - bottom.z,
          board: unit.board,
          step: unit.step ?? 1,
          most: column.length,
        },
        standing,
      );
    // The order of the shelves is free: as they are by now, so that little is carried and what is high up stays there.
    const heightAt = new Map(standing.map(({ id, at }) => [id, column.find((space) => space.id === at)!.z]));
    const mean = ({ bins }: { bins: string[] }) => bins.reduce((sum, id) => sum + heightAt.get(id)!, 0) / bins.length;
    const shelves = found ? [...found.shelves].sort((a, b) => mean(a) - mean(b)) : [];
    const moved = found && moveBoards(column, shelves, unit.board, top.z + top.height);
    const safe = moved && shelves.every(({ bins }, i) => bins.every((id) => mayStand(id, moved[i]!)));
    if (!found || !moved || !safe) {
      plan.spaces.push(...column);
      plan.lostThen += lost;
      for (const { id, at } of standing) plan.home.set(id, at);
      continue;
    }
    plan.spaces.push(...moved);
    plan.free = Math.max(plan.free, found.free);
    plan.optimal &&= found.optimal;
    const heightOf = new Map(standing.map(({ id, height }) => [id, height]));
    shelves.forEach(({ bins }, i) => {
      for (const id of bins) plan.home.set(id, column[i]!.id);
      const tall = Math.max(...bins.map((id) => heightOf.get(id)!));
      plan.lostThen += heightLost([{ height: shelves[i]!.height, tallest: tall }]);
    });
  }
  return plan.lostThen < plan.lostNow ? plan : null;
}

/** From the bottom; boards that nothing needs share what is left above. Null where that is too low for them. */
function moveBoards(
  column: readonly Compartment[],
  shelves: readonly { height: number }[],
  board: number,
  top: number,
): Compartment[] | null {
  let z = column[0]!.z;
  const extra = column.length - shelves.length;
  const used = shelves.reduce((sum, { height }) => sum + height + board, 0);
  const each = extra ? Math.floor((top - z - used - (extra - 1) * board) / extra) : 0;
  if (extra && each < LEAST_SHELF) return null;
  return column.map((space, i) => {
    const last = i === column.length - 1;
    const height = last ? top - z : (shelves[i]?.height ?? each);
    const moved = { ...space, z, height, floor: space.floor + z - space.z };
    z += height + board;
    return moved;
  });
}
