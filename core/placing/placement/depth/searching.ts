/** What every kind of try of the search works with. */
import type { Random } from '../../../ground/engine/random.ts';
import { groupedBy } from '../../../ground/model/grouped-by.ts';
import type { Arrangement } from './arrangement.ts';
import type { ChangeLog } from './change-log.ts';
import type { CompiledDepth } from './compiled.ts';
import type { Spots } from './spots.ts';

/** What costs exactly as much as is allowed is not lost to rounding, s. */
export const TIE = 1e-9;

/** By bin: all of its size, itself among them. */
export function alikeIn({ bins, width, depth, height }: CompiledDepth): Int32Array[] {
  const alike: Int32Array[] = [];
  const all = Array.from({ length: bins }, (_, bin) => bin);
  for (const own of groupedBy(all, (bin) => `${width[bin]} ${depth[bin]} ${height[bin]}`).values()) {
    const list = Int32Array.from(own);
    for (const bin of own) alike[bin] = list;
  }
  return alike;
}

export interface Searching {
  now: Arrangement;
  spots: Spots;
  log: ChangeLog;
  random: Random;
  /** By bin: it stays where it stands. */
  fixed: Uint8Array;
  /** By bin: all of its size. */
  alike: readonly Int32Array[];
  /** By bin: seconds a week in its cheapest place. */
  cheapest: Float64Array;
  /** One of a bin's cheapest spaces. */
  aim(bin: number): number | undefined;
}
