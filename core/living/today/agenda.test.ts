import { expect, test } from 'vitest';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { Deferral, Line, Room } from '../../ground/model/entities.ts';
import { noRows } from '../../ground/model/defaults.ts';
import { agendaOf } from './agenda.ts';

const row = { version: 1, siteId: 's' };
const line = (name: string, more: Partial<Line>): Line => ({ ...row, id: name, ...lineValues(name, more) });
const room = { ...row, id: 'r', name: 'Loft' } as Room;
const part = (what: string, until: string, done = false): Deferral => ({
  ...row,
  id: what,
  roomId: 'r',
  what,
  until,
  done,
});

test('all that is due stands in one list, the earliest first, and what is over or handed over is not in it', () => {
  const agenda = agendaOf(
    {
      ...noRows(),
      room: [room],
      line: [
        line('old lamp', { decision: 'decide later', due: '2026-11-20' }),
        line('toner', { decision: 'return', due: '2026-11-26' }),
        line('tax papers', { keepUntil: '2026-12-10' }),
        line('far', { decision: 'decide later', due: '2027-06-01' }),
        line('brought back', { decision: 'return', due: '2026-11-25', handedOver: '2026-11-24' }),
        line('stays', {}),
      ],
      deferral: [part('bottom drawer', '2026-12-01'), part('done', '2026-11-27', true)],
    },
    '2026-11-26',
  );
  expect(agenda.map(({ what, when, kind }) => [what, when, kind])).toEqual([
    ['old lamp', 'overdue', 'decide'],
    ['toner', 'today', 'return'],
    ['bottom drawer', 'coming', 'part put off'],
    ['tax papers', 'coming', 'keep until'],
  ]);
});
