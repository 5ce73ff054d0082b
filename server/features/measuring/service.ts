/** Units and what follows from their shape: their compartments. */
import { compartmentsOf, shapeProblems } from '@stube/core/measuring/template';
import type { Unit, UnitShape } from '@stube/core/model/entities';
import type { RowHooks } from '../../db/hooks.ts';
import { newId } from '../../db/ids.ts';
import { Refused } from '../../db/problems.ts';
import type { AnyRow, Recorder } from '../../db/recorder.ts';
import { removeWithAll } from '../../db/references.ts';

/** Between two units along the wall where nobody said where the second stands, mm. */
const BESIDE = 100;

const SHAPE_FIELDS: (keyof UnitShape)[] = [
  'template',
  'width',
  'height',
  'depth',
  'columns',
  'rows',
  'board',
  'raised',
];

export const unitHooks: RowHooks<'unit'> = {
  /** Until it is said where it stands: along the back wall, beside the last one. */
  async computed(recorder, values) {
    const { roomId, width, depth } = values as unknown as Unit;
    const room = await recorder.find('room', roomId);
    const others = await recorder.rows('unit', { roomId });
    const beside = others.reduce((right, other) => Math.max(right, other.x + other.width / 2), 0);
    return {
      x: Math.min(room.width, Math.round(beside + width / 2 + BESIDE)),
      y: Math.max(0, room.depth - depth),
      sort: others.length,
    };
  },
  created: (recorder, made) => reshape(recorder, made),
  async changed(recorder, before, after) {
    if (SHAPE_FIELDS.some((field) => before[field] !== after[field])) await reshape(recorder, after);
  },
};

/** Compartments of the same name keep their bins, those that vanish give theirs back. */
async function reshape(recorder: Recorder, shaped: Unit): Promise<void> {
  const problems = shapeProblems(shaped);
  if (problems.length) throw new Refused(problems);
  const old = await recorder.rows('compartment', { unitId: shaped.id });
  const byName = new Map(old.map((space) => [space.name, space]));
  for (const [sort, space] of compartmentsOf(shaped).entries()) {
    const same = byName.get(space.name);
    byName.delete(space.name);
    if (same) await recorder.update('compartment', same.id, null, { ...space, sort });
    else await recorder.insert('compartment', [{ id: newId(), unitId: shaped.id, ...space, sort }]);
  }
  await removeWithAll(recorder, 'compartment', [...byName.values()] as unknown as AnyRow[]);
}
