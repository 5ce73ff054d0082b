/** What is left of a room's makeover, in portions that a day can take. */
import { counted } from '../../ground/notation/plural.ts';
import type { SiteData } from '../../ground/model/entities.ts';
import { LINES_IN_A_PART, paceOf, type Portion } from './pace.ts';

type Data = Pick<SiteData, 'session' | 'line' | 'deferral' | 'unit' | 'compartment' | 'bin' | 'containerType'>;

/** Bins of a room whose containers the house owns, those that stand in their place first. */
function ownedBins(data: Data, roomId: string): Data['bin'] {
  const left = new Map(data.containerType.map((type) => [type.id, type.owned]));
  const placedFirst = [...data.bin].sort((a, b) => Number(b.compartmentId !== null) - Number(a.compartmentId !== null));
  const owned = placedFirst.filter(({ containerTypeId }) => {
    if (containerTypeId === null) return true;
    const count = left.get(containerTypeId) ?? 0;
    left.set(containerTypeId, count - 1);
    return count > 0;
  });
  return owned.filter((bin) => bin.roomId === roomId);
}

/** Seconds to clean an emptied piece of furniture, before anything goes back (practice E7), by compartment. */
export const CLEAN_SECONDS = 90;
/** Seconds to fill, label and shelve a bin. */
export const BIN_SECONDS = 150;

/** Open lines, parts left for later, furniture to clean and bins to fill, in the order of the work. */
export function portionsOf(data: Data, roomId: string, now: Date): Portion[] {
  const here = <T extends { roomId: string }>(rows: readonly T[]) => rows.filter((row) => row.roomId === roomId);
  const lines = here(data.line);
  const pace = paceOf(here(data.session), lines, here(data.deferral), now);
  const portions: Portion[] = [];
  if (pace.open)
    portions.push({
      what: `decide about ${counted(pace.open, 'line')}`,
      seconds: pace.open * pace.perLine,
    });
  for (const part of here(data.deferral))
    if (!part.done) portions.push({ what: part.what, seconds: LINES_IN_A_PART * pace.perLine, on: part.until });
  for (const unit of here(data.unit)) {
    const own = new Set(data.compartment.filter((space) => space.unitId === unit.id).map((space) => space.id));
    const filled = data.bin.some((bin) => bin.compartmentId !== null && own.has(bin.compartmentId));
    if (!filled && own.size) portions.push({ what: `clean ${unit.name}`, seconds: own.size * CLEAN_SECONDS });
  }
  // Bins are filled once they are there: owned, or without a container.
  const waiting = ownedBins(data, roomId).filter((bin) => bin.compartmentId === null).length;
  if (waiting) portions.push({ what: `fill and shelve ${waiting} bins`, seconds: waiting * BIN_SECONDS });
  return portions;
}
