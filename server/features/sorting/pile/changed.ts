/** What a change of a line brings with it: it keeps its size in another category, and lies on the pile of the room it belongs to. */
import { takenAlong } from '@stube/core/contents';
import { decided, roomNamed } from '@stube/core/pile';
import type { Moment } from '@stube/core/calendar';
import { byId, type Line } from '@stube/core/model';
import { Refused } from '../../../db/problems.ts';
import type { Recorder } from '../../../db/recorder.ts';

/** What belongs to another room that is known goes onto that room's pile and is decided there. */
export async function toOtherRoom(recorder: Recorder, line: Line, now: Moment): Promise<void> {
  if (line.decision !== 'other room' || !line.destination) return;
  const room = roomNamed(line.destination, await recorder.rows('room'));
  if (!room || room.id === line.roomId) return;
  await recorder.update('line', line.id, null, {
    roomId: room.id,
    ...decided('decide later', null, now),
    destination: '',
    putOff: 0,
  });
}

/** @throws Refused where a thing would lie in itself, or in what lies in it */
async function refuseInItself(recorder: Recorder, line: Line): Promise<void> {
  const lines = byId(await recorder.rows('line'));
  for (let at = lines.get(line.insideId ?? ''), steps = 0; at; at = lines.get(at.insideId ?? ''), steps++)
    if (at.id === line.id || steps > lines.size)
      throw new Refused([{ field: 'insideId', message: `${line.name} cannot lie in itself` }]);
}

/** @param before as it was, @param after as it was written */
export async function lineChanged(recorder: Recorder, before: Line, after: Line, now: Moment): Promise<void> {
  if (before.categoryId && before.categoryId !== after.categoryId && after.kind === before.kind) {
    const [from] = await recorder.rows('category', { id: before.categoryId });
    const along = takenAlong(before, from);
    if (Object.keys(along).length) await recorder.update('line', after.id, null, along);
  }
  if (after.insideId !== before.insideId) await refuseInItself(recorder, after);
  if (after.decision !== before.decision || after.destination !== before.destination)
    await toOtherRoom(recorder, after, now);
}
