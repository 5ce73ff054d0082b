/** What belongs to another room (practice E2). */
import type { Room } from '../../ground/model/entities.ts';
import { plain } from '../../ground/matching/words.ts';

/** The room that is meant by where a thing is said to belong, null where it is none of the site. */
export const roomNamed = <R extends Pick<Room, 'name'>>(said: string, rooms: readonly R[]): R | null => {
  const text = plain(said.replace(/^(?:the|our|my)\s+/i, ''));
  if (!text) return null;
  return (
    rooms.find((room) => plain(room.name) === text) ??
    rooms.find((room) => plain(room.name).startsWith(`${text} `) || text.startsWith(`${plain(room.name)} `)) ??
    null
  );
};
