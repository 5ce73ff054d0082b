/** Sittings of a makeover, one at a time in a room, timed by the server's clock; and the room as it was before. */
import { dayIn } from '@stube/core/calendar';
import { asItIsOf, secondsOf } from '@stube/core/makeover';
import { roomDataOf } from '@stube/core/placement';
import type { SessionRequest } from '@stube/contract/makeover/requests';
import type { ChangeAnswer } from '@stube/contract/answers';
import { makeChange } from '../../../db/change.ts';
import type { Scope } from '../../../db/scope.ts';
import { newId } from '../../../db/ids.ts';
import { NotFound, Refused } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';

const WORDS = {
  start: 'begin a session',
  pause: 'pause the session',
  resume: 'go on with the session',
  end: 'end the session',
};

export async function runSession(scope: Scope, roomId: string, act: SessionRequest['act']): Promise<ChangeAnswer> {
  const { now } = scope;
  return makeChange(scope, WORDS[act], async (recorder) => {
    await recorder.find('room', roomId);
    const [open] = await recorder.rows('session', { roomId, endedAt: null });
    const at = now.toISOString();
    if (act === 'start') {
      if (open) throw new Refused([{ field: 'act', message: 'a session is open in this room already' }]);
      const id = newId();
      await recorder.insert('session', [{ id, roomId, startedAt: at, runningSince: at, endedAt: null, seconds: 0 }]);
      return id;
    }
    if (!open) throw new Refused([{ field: 'act', message: 'no session is open in this room' }]);
    const seconds = secondsOf(open, now);
    const patch =
      act === 'resume'
        ? { runningSince: open.runningSince ?? at }
        : { seconds, runningSince: null, ...(act === 'end' ? { endedAt: at } : {}) };
    await recorder.update('session', open.id, null, patch);
    return open.id;
  });
}

/** Keeps the room as it stands today, beside every later plan (practice M6). */
export async function keepAsItIs(scope: Scope, roomId: string): Promise<ChangeAnswer> {
  const data = await readSite(scope.db, scope.siteId);
  const room = roomDataOf(data, roomId, dayIn(data.site[0]!.timeZone, scope.now));
  if (!room) throw new NotFound('room', roomId);
  const hues = new Map(data.family.map(({ id, hue }) => [id, hue]));
  const families = new Map(data.category.map(({ id, familyId }) => [id, familyId]));
  const asItIs = asItIsOf(room, ({ categoryId }) => hues.get(families.get(categoryId) ?? '') ?? 'ink');
  return makeChange(scope, 'keep the room as it is', async (recorder) => {
    await recorder.update('room', roomId, null, { asItIs });
    return roomId;
  });
}
