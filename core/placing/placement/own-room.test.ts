import { expect, test } from 'vitest';
import { ownThings } from './own-room.ts';

const person = (id: string) => ({ id, name: id }) as never;
const room = (id: string, people: string[]) => ({ id, people }) as never;
const bin = (id: string, roomId: string, categoryId: string) => ({ id, roomId, categoryId }) as never;

test('what one child alone uses is at home in the room of its own, and nowhere else', () => {
  const house = {
    room: [room('play', ['Ida', 'Jon', 'Mum']), room('Ida’s', ['Ida']), room('hall', [])],
    person: [person('Ida'), person('Jon')],
    bin: [bin('b1', 'play', 'hers'), bin('b2', 'play', 'both'), bin('b3', 'play', 'his'), bin('b4', 'Ida’s', 'hers')],
  };
  const categories = new Map([
    ['hers', { users: ['Ida'] }],
    ['both', { users: ['Ida', 'Jon'] }],
    ['his', { users: ['Jon'] }],
  ]);
  const found = ownThings(house, categories, 'play');
  expect(found.map(({ bin, person, ownRoom }) => [bin.id, person.id, ownRoom.id])).toEqual([['b1', 'Ida', 'Ida’s']]);
  expect(ownThings(house, categories, 'Ida’s')).toEqual([]);
});
