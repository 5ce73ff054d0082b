/** Sittings of a makeover: one at a time in a room, timed by the server's clock. */
import { secondsOf } from '@stube/core/makeover/pace';
import type { SessionRequest } from '@stube/contract/makeover/requests';
import type { ChangeAnswer } from '@stube/contract/answers';
import { makeChange } from '../../db/change.ts';
import type { Scope } from '../../db/scope.ts';
import { newId } from '../../db/ids.ts';
import { Refused } from '../../db/problems.ts';

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
