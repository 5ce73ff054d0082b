/** What the compiler refuses: these lines are checked when the types are. */
import { expect, test } from 'vitest';
import { entity, pointsTo, type RowOfSite } from './entity.ts';

interface Hook extends RowOfSite {
  roomId: string;
  name: string;
}
const words = { one: 'hook', many: 'hooks' };
const routes = { create: true, remove: true };

test('every field is described, and none besides', () => {
  const whole = entity<Hook>()({ words, routes, fields: { roomId: pointsTo('room', 'remove'), name: {} } });
  expect(whole.fields.roomId).toEqual({ to: 'room', whenGone: 'remove' });
  // @ts-expect-error one is missing
  entity<Hook>()({ words, routes, fields: { roomId: pointsTo('room', 'remove') } });
  // @ts-expect-error one is too many
  entity<Hook>()({ words, routes, fields: { roomId: {}, name: {}, colour: {} } });
  // @ts-expect-error a default of another type
  entity<Hook>()({ words, routes, fields: { roomId: {}, name: { default: 3 } } });
});
