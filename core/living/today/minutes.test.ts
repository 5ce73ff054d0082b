import { expect, test } from 'vitest';
import fc from 'fast-check';
import { noRows } from '../../ground/model/defaults.ts';
import type { Bin, KitItem, Move, Observation, Room, SiteData } from '../../ground/model/entities.ts';
import { agendaOf } from './agenda.ts';
import { choresOf } from './chores.ts';
import { doneThisWeek, mondayOf } from './done.ts';
import { bestIn, type Chore } from './minutes.ts';

const chore = (key: string, minutes: number, worth: number): Chore => ({
  key,
  what: key,
  minutes,
  worth,
  because: '',
  where: { screen: '' },
});

test('the best that fits: two small ones may beat a large one', () => {
  const chores = [chore('large', 15, 20), chore('a', 8, 12), chore('b', 7, 11), chore('long', 40, 99)];
  expect(bestIn(chores, 15).map(({ key }) => key)).toEqual(['b', 'a']);
  expect(bestIn(chores, 5)).toEqual([]);
});
test('no other choice that fits is worth more', () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 50 })), { maxLength: 9 }),
      fc.integer({ min: 1, max: 40 }),
      (told, minutes) => {
        const chores = told.map(([long, worth], i) => chore(`c${i}`, long, worth));
        const best = bestIn(chores, minutes);
        expect(best.reduce((sum, one) => sum + one.minutes, 0)).toBeLessThanOrEqual(minutes);
        let most = 0;
        for (let set = 0; set < 2 ** chores.length; set++) {
          const own = chores.filter((_, i) => (set >> i) & 1);
          if (own.reduce((sum, one) => sum + one.minutes, 0) <= minutes)
            most = Math.max(
              most,
              own.reduce((sum, one) => sum + one.worth, 0),
            );
        }
        expect(best.reduce((sum, one) => sum + one.worth, 0)).toBe(most);
      },
    ),
  ));

const row = { siteId: 's', version: 1 };
const seen = (kind: Observation['kind'], day: string): Observation => ({
  ...row,
  id: `${kind}${day}`,
  roomId: 'r',
  binId: 'b',
  kind,
  at: `${day}T09:00:00.000Z`,
  foundId: null,
  personId: null,
  seconds: null,
});
test('what waits becomes chores, what was done since Monday is counted', () => {
  const data: SiteData = {
    ...noRows(),
    room: [{ ...row, id: 'r', name: 'Den' } as Room],
    bin: [{ ...row, id: 'b', roomId: 'r', code: 'D1', name: 'Blocks', compartmentId: null } as Bin],
    observation: [seen('not here', '2026-11-26'), seen('over-full', '2026-11-25'), seen('put back', '2026-11-20')],
    kitItem: [
      {
        ...row,
        id: 'k',
        roomId: 'r',
        name: 'Dressings',
        position: '',
        wanted: 2,
        have: 2,
        expires: '2026-11-20',
        sort: 0,
      } as KitItem,
    ],
  };
  const agenda = agendaOf(data, '2026-11-27', 7);
  expect(agenda.map(({ kind, when, what }) => [kind, when, what])).toEqual([
    ['first aid', 'overdue', 'expired in the first-aid kit: Dressings'],
    ['first aid', 'today', 'check the first-aid kit'],
  ]);
  const chores = choresOf({ agenda, dangers: [], labels: [], data }, 15);
  expect(chores.map(({ what }) => what)).toEqual([
    'expired in the first-aid kit: Dressings, Den',
    'check the first-aid kit, Den',
    'look for D1 Blocks',
    'go through D1 Blocks',
    'Den: give 1 bin a place',
  ]);
  // A move under way, in so many steps as there is time for.
  const moves = Array.from({ length: 9 }, (_, i) => ({ id: `m${i}`, roomId: 'r', done: i < 2 }) as Move);
  const steps = (minutes: number) =>
    choresOf({ agenda, dangers: [], labels: [], data: { ...data, move: moves } }, minutes).find(
      ({ where }) => where.screen === 'moves',
    );
  expect(steps(30)).toMatchObject({ what: 'Den: 5 of 7 steps of the move', minutes: 5 });
  expect(steps(3)).toMatchObject({ what: 'Den: 3 of 7 steps of the move', minutes: 3 });
  expect(mondayOf('2026-11-29')).toBe('2026-11-23');
  expect(doneThisWeek(data, '2026-11-27')).toMatchObject({ putBack: 0, routines: 0 });
  expect(doneThisWeek({ ...data, observation: [seen('put back', '2026-11-24')] }, '2026-11-27').putBack).toBe(1);
});
