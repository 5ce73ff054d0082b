/** Units and what follows from their shape: their compartments. */
import { lessBlocked, reshape, sameShape, shapeProblems } from '@stube/core/measuring';
import type { Unit } from '@stube/core/model';
import { freeSpot } from '@stube/core/floor';
import type { RowHooks } from '../../../db/hooks.ts';
import { newId } from '../../../db/ids.ts';
import { Refused } from '../../../db/problems.ts';
import type { AnyRow, Recorder } from '../../../db/recorder.ts';
import { removeWithAll } from '../../../db/references.ts';

export const unitHooks: RowHooks<'unit'> = {
  /** Until it is said where it stands: along the back wall, where it is free. */
  async computed(recorder, values) {
    const { roomId } = values as unknown as Unit;
    const room = await recorder.find('room', roomId);
    const others = await recorder.rows('unit', { roomId });
    return { ...freeSpot(values as unknown as Unit, others, room), sort: others.length };
  },
  created: (recorder, made) => reshapeUnit(recorder, made),
  async changed(recorder, before, after) {
    if (!sameShape(before, after)) await reshapeUnit(recorder, after);
  },
};

/** Compartments of the same name keep their bins, those that vanish give theirs back. */
async function reshapeUnit(recorder: Recorder, shaped: Unit): Promise<void> {
  const problems = shapeProblems(shaped);
  if (problems.length) throw new Refused(problems);
  const { spaces, gone } = reshape(shaped, await recorder.rows('compartment', { unitId: shaped.id }));
  for (const { space, same } of spaces)
    if (same) await recorder.update('compartment', same.id, null, lessBlocked(space, same.blocked));
    else await recorder.insert('compartment', [{ id: newId(), unitId: shaped.id, blocked: [], ...space }]);
  await removeWithAll(recorder, 'compartment', gone as unknown as AnyRow[]);
}
