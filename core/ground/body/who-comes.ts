/** Who comes into a room. */
import type { Person, Room } from '../model/entities.ts';

/** Those named for the room; where nobody is, all of the site. */
export const comesInto = (room: Pick<Room, 'people'>, people: readonly Person[]): Person[] => {
  const own = people.filter((person) => room.people.includes(person.id));
  return own.length ? own : [...people];
};
