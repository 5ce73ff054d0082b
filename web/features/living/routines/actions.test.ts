/** One time a routine is due, against the real server: told quickly, it stands in one row. */
import { afterAll, beforeAll, expect, test } from 'vitest';
import { siteWithRoom } from '../../../../server/testing/site.ts';
import { useNotices } from '../../../data/notices.ts';
import { realServer, type RealServer } from '../../../testing/real-server.ts';
import { useRoutinesActions } from './actions.ts';

let server: RealServer;
beforeAll(async () => {
  server = await realServer();
});
afterAll(() => server.close());

test('steps ticked faster than the server answers are all ticked, and with the last one it is done', async () => {
  const { site, room } = await siteWithRoom(server);
  const store = await server.page(site);
  const kept = { roomId: room, personId: null, minutes: 15, rule: 'FREQ=DAILY', from: '2027-03-01', onHolidays: false };
  await store.create('routine', { ...kept, name: 'Reset', steps: ['floor', 'table', 'books'], kind: 'own' });
  const routine = store.data.routine[0]!;
  const due = { routine, day: '2027-03-02', when: 'today', row: null, missed: 0 } as const;
  const { tick, skip } = useRoutinesActions();
  await Promise.all([tick(due, 0), tick(due, 1), tick(due, 0)]);
  expect(store.data.routineDay).toMatchObject([{ day: '2027-03-02', ticked: [1], doneAt: null }]);
  await Promise.all([tick(due, 0), tick(due, 2)]);
  expect(store.data.routineDay).toMatchObject([{ ticked: [1, 0, 2], doneAt: expect.any(String) }]);
  expect(useNotices().notice?.text).toBe('Reset: all ticked, done.');
  const other = { ...due, day: '2027-03-03' };
  await Promise.all([skip(other), skip(other)]);
  expect(store.data.routineDay).toHaveLength(2);
  expect(useNotices().notice?.text).toBe('Reset: left out this time.');
});
