/** What only one person uses and stands where others come in, though that person has a room of their own (practice P9). */
import type { Bin, Category, Person, Room } from '../../ground/model/entities.ts';

export interface OwnThing {
  bin: Bin;
  person: Person;
  /** Where nobody else comes in. */
  ownRoom: Room;
}

interface House {
  bin: readonly Bin[];
  room: readonly Room[];
  person: readonly Person[];
}

/** @param roomId the room that others come into @returns its bins that would be at home elsewhere; none where the room is somebody's own */
export function ownThings(
  { bin: bins, room: rooms, person: people }: House,
  categories: ReadonlyMap<string, Pick<Category, 'users'>>,
  roomId: string,
): OwnThing[] {
  if (rooms.find(({ id }) => id === roomId)?.people.length === 1) return [];
  const ownRooms = new Map(rooms.filter((room) => room.people.length === 1).map((room) => [room.people[0]!, room]));
  return bins.flatMap((bin): OwnThing[] => {
    const users = bin.roomId === roomId ? (categories.get(bin.categoryId)?.users ?? []) : [];
    const person = users.length === 1 ? people.find(({ id }) => id === users[0]) : undefined;
    const ownRoom = person && ownRooms.get(person.id);
    return person && ownRoom ? [{ bin, person, ownRoom }] : [];
  });
}
