/** Orphans, giants and doubles by their names, each with its way out (practice G4). */
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Line, Room } from '../../ground/model/entities.ts';
import { wordKey } from '../../ground/matching/phrase.ts';
import { GIANT_BINS, ORPHAN_PIECES, type SchemeResult } from './schemes.ts';

export interface Trouble {
  kind: 'orphan' | 'giant' | 'double';
  /** The class, or the thing. */
  name: string;
  wayOut: string;
}

/**
 * @param lines of all rooms
 * @param roomId the room that is sorted
 */
export function troublesOf(
  result: SchemeResult,
  lines: readonly Line[],
  rooms: readonly Room[],
  roomId: string,
): Trouble[] {
  const largest = result.groups.find((group) => group.told && group.pieces > ORPHAN_PIECES);
  const groups = result.groups.flatMap((group): Trouble[] => {
    if (group.pieces <= ORPHAN_PIECES && result.groups.length > 1)
      return [
        {
          kind: 'orphan',
          name: group.name,
          wayOut: largest
            ? `put it with ${largest.name}, or into the odds and ends of its zone`
            : 'put it into the odds and ends of its zone',
        },
      ];
    if (group.bins >= GIANT_BINS)
      return [
        {
          kind: 'giant',
          name: group.name,
          wayOut:
            group.lineIds.length > 1
              ? `${group.bins} bins: part its ${group.lineIds.length} lines into classes of their own, or let some go`
              : `${group.bins} bins of one thing: let some go, or store what is not in use elsewhere`,
        },
      ];
    return [];
  });
  return [...groups, ...doublesOf(lines, rooms, roomId)];
}

function doublesOf(lines: readonly Line[], rooms: readonly Room[], roomId: string): Trouble[] {
  const names = new Map(rooms.map((room) => [room.id, room.name]));
  const byThing = groupedBy(lines, (line) => (line.decision === 'keep' ? wordKey(line.name) : null));
  return [...byThing.values()].flatMap((same): Trouble[] => {
    const here = same.find((line) => line.roomId === roomId);
    if (same.length < 2 || !here) return [];
    const elsewhere = [
      ...new Set(same.filter((line) => line.roomId !== roomId).map((line) => names.get(line.roomId) ?? '')),
    ];
    const wayOut = elsewhere.length
      ? `also in ${elsewhere.join(' and ')}: one place for all of it, unless it is meant for both`
      : `${same.length} lines of it here: make them one, or let the doubles go`;
    return [{ kind: 'double', name: here.name, wayOut }];
  });
}
