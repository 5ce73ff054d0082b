/** The bins of a room that are tidied, with how long each takes: estimated from its pieces, or as it was seen. */
import { byId } from '../../ground/model/by-id.ts';
import { gripHundredths } from '../../ground/body/effort.ts';
import { roughPieces } from '../../sorting/grouping/granularity.ts';
import { contentsOf } from '../../ground/contents/contents.ts';
import { shapeOf } from '../../ground/contents/shape.ts';
import { ageInMonths } from '../../ground/hazards/ages.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { placeProblemOf } from '../../placing/placement/place-problem-of.ts';
import { comesInto } from '../../ground/body/who-comes.ts';
import type { RoomData } from '../../placing/placement/room-data.ts';
import type { Observation } from '../../ground/model/entities.ts';
import type { TidyBin, TidyPerson } from './share-out.ts';

/** To bring the bin to the floor and back. */
const CARRY_SECONDS = 15;
/** To pick up one piece. */
const PIECE_SECONDS = 2;
/** No more pieces than that lie about at a time. */
const MOST_PIECES = 30;
/** The estimate is worth so many times that were seen. */
export const PRIOR_TIMES = 3;

export interface TidyEntry extends TidyBin {
  categoryId: string;
  /** Times it was seen; 0: estimated. */
  seen: number;
  perWeek: number;
}

/** @returns placed bins, the most used first */
export function tidyBins(data: RoomData): TidyEntry[] {
  const problem = placeProblemOf(data);
  const contents = contentsOf(data);
  const spaces = byId(data.compartments);
  const seen = groupedBy(
    (data.observations ?? []).filter(({ kind, seconds }) => kind === 'tidied' && seconds !== null),
    ({ binId }) => data.bins.find(({ id }) => id === binId)?.categoryId ?? '',
  );
  return problem.bins
    .flatMap((placed): TidyEntry[] => {
      const bin = data.bins.find(({ id }) => id === placed.id)!;
      const space = spaces.get(bin.compartmentId ?? '');
      const shape = shapeOf(bin, data.types);
      if (!space || !shape) return [];
      const inside = contents.get(bin.id);
      const pieces = (inside?.lines ?? []).reduce((sum, line) => sum + roughPieces(line, inside!.litres), 0);
      const estimate = CARRY_SECONDS + PIECE_SECONDS * Math.min(MOST_PIECES, Math.max(1, pieces));
      const own: readonly Observation[] = seen.get(bin.categoryId) ?? [];
      const seconds =
        (estimate * PRIOR_TIMES + own.reduce((sum, one) => sum + one.seconds!, 0)) / (PRIOR_TIMES + own.length);
      return [
        {
          id: bin.id,
          categoryId: bin.categoryId,
          grip: gripHundredths(placed.height, space) / 100 + (bin.z ?? 0),
          mass: placed.mass,
          seconds,
          adultsOnly: placed.hazard,
          seen: own.length,
          perWeek: placed.uses.reduce((sum, use) => sum + use.perWeek, 0),
        },
      ];
    })
    .sort((a, b) => b.perWeek - a.perWeek || a.id.localeCompare(b.id));
}

/** Who may tidy in a room. */
export const tidyPeople = (data: Pick<RoomData, 'room' | 'people' | 'today'>): TidyPerson[] =>
  comesInto(data.room, data.people).map((person) => ({
    id: person.id,
    stature: person.stature,
    isChild: person.kind === 'child',
    months: person.born ? ageInMonths(person, data.today) : null,
  }));

/** The most used bins that the given persons can do in so many seconds each. */
export function binsFor(entries: readonly TidyEntry[], people: number, seconds: number): TidyEntry[] {
  let left = people * seconds;
  return entries.filter((entry) => {
    if (entry.adultsOnly || entry.seconds > left) return false;
    left -= entry.seconds;
    return true;
  });
}
