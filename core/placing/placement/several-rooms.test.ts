import { byId } from '../../ground/model/by-id.ts';
import { expect, test } from 'vitest';
import type { Category } from '../../ground/model/entities.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { inSeveralRooms } from './several-rooms.ts';

const glue = starterCategory('glue-sticks');
const more: Category = { ...glue, id: 'glue-2' };
const blocks = starterCategory('wooden-blocks');
const known = (...categories: Category[]) => byId(categories);
const bin = (roomId: string, categoryId: string) => ({ roomId, categoryId });

test('the same thing in two rooms is told in each, once, until somebody says why', () => {
  const bins = [bin('a', glue.id), bin('a', glue.id), bin('b', more.id), bin('a', blocks.id)];
  expect(inSeveralRooms(bins, known(glue, more, blocks), 'a')).toEqual([
    { category: glue, rooms: ['b'], here: 2, elsewhere: 1 },
  ]);
  expect(inSeveralRooms(bins, known(glue, more, blocks), 'b')).toMatchObject([{ category: more, rooms: ['a'] }]);
  expect(inSeveralRooms(bins, known(glue, { ...more, severalRooms: 'for the table there' }, blocks), 'a')).toEqual([]);
  expect(inSeveralRooms(bins, known(glue, more, blocks), 'c')).toEqual([]);
});
