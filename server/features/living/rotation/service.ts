/** A plan of what is out in a room, week by week: reckoned, not written. */
import { rotationOfRoom } from '@stube/core/rotation';
import { mondayOf } from '@stube/core/today';
import type { RotationAnswer } from '@stube/contract/rotation/requests';
import { NotFound, Refused } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import type { Work } from '../../../threads/pool.ts';

/** Long enough for a shelf to be proven. */
const TIME_MS = 3000;

export async function planRotation(
  { db, siteId }: Scope,
  work: Work,
  roomId: string,
  first: string,
): Promise<RotationAnswer> {
  const made = rotationOfRoom(await readSite(db, siteId), roomId, mondayOf(first), TIME_MS);
  if (!made) throw new NotFound('room', roomId);
  const refuse = (field: string, message: string): never => {
    throw new Refused([{ field, message }]);
  };
  if (!made.problem.slots.length) refuse('slots', 'Say first which places of the open shelves take turns.');
  if (!made.problem.things.length) refuse('things', 'Say first what takes turns.');
  return { ...made, answer: await work.run('rotate', made.problem) };
}
