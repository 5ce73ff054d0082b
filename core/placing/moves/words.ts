/** Where a bin is taken from and put to, in the words of the room. */
import type { Bin, Compartment, Move, Unit } from '../../ground/model/entities.ts';
import type { Standing } from '../placement/depth/standing.ts';

export interface MoveNames {
  bin: ReadonlyMap<string, Bin>;
  compartment: ReadonlyMap<string, Compartment>;
  unit: ReadonlyMap<string, Unit>;
}
export interface MoveWords {
  bin: string;
  from: string;
  to: string;
}

/** @param wanted the room as it is wanted: what a bin comes to stand on follows from it */
export function moveWords(
  move: Pick<Move, 'binId' | 'fromId' | 'to'>,
  names: MoveNames,
  wanted: Standing | null,
): MoveWords {
  const spaceName = (id: string): string => {
    const space = names.compartment.get(id);
    return space ? `${names.unit.get(space.unitId)?.name ?? ''} › ${space.name}` : 'a place that is gone';
  };
  const binName = (id: string): string => {
    const bin = names.bin.get(id);
    return bin ? `${bin.code} ${bin.name}` : 'a bin that is gone';
  };
  const home = names.bin.get(move.binId)?.compartmentId ?? null;
  const under = wanted?.supports(move.binId)[0];
  const atBack = (wanted?.position(move.binId)?.y ?? 0) > 0;
  const where = under ? `, on ${binName(under)}` : atBack ? ', at the back' : '';
  return {
    bin: binName(move.binId),
    from: move.fromId === null ? 'the floor or the bench' : spaceName(move.fromId),
    to:
      move.to === 'parking'
        ? 'the floor or a table, for now'
        : home === null
          ? 'the bench'
          : `${spaceName(home)}${where}`,
  };
}
