/** A whole plan is taken over: the room's containers and the places of its bins, in one change with one undo. */
import { counted } from '@stube/core/notation';
import { groupedBy, inOrder } from '@stube/core/model';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { PlanRequest } from '@stube/contract/plans/requests';
import { makeChange } from '../../../db/change.ts';
import { Refused, Stale } from '../../../db/problems.ts';
import type { Scope } from '../../../db/scope.ts';
import { contain } from '../../containing/containers/service.ts';
import { compartmentsOf, homeOf, standsSo } from '../placement/service.ts';

export const takePlan = (scope: Scope, roomId: string, { bins, choices, placed }: PlanRequest): Promise<ChangeAnswer> =>
  makeChange(scope, 'plan', async (recorder) => {
    await recorder.find('room', roomId);
    const known = new Map(bins.map(({ id, version }) => [id, version]));
    const before = await recorder.rows('bin', { roomId });
    const changed = before.find(({ id, version }) => known.get(id) !== version);
    if (changed) throw new Stale('bin', changed);
    if (before.length !== known.size)
      throw new Refused([{ field: 'bins', message: 'are not those of the room any more: make the plan anew' }]);
    await contain(recorder, roomId, { choices });
    const spaces = await compartmentsOf(recorder, roomId, [
      ...new Set(placed.flatMap(({ compartmentId }) => compartmentId ?? [])),
    ]);
    const after = inOrder(await recorder.rows('bin', { roomId }));
    const ofCategory = groupedBy(after, (bin) => bin.categoryId);
    let count = 0;
    for (const [i, { categoryId, nth, ...at }] of placed.entries()) {
      const { compartmentId } = at;
      const bin = ofCategory.get(categoryId)?.[nth];
      if (!bin) throw new Refused([{ field: `placed.${i}.nth`, message: 'is no bin that the plan makes' }]);
      if (compartmentId !== null && !spaces.has(compartmentId))
        throw new Refused([
          { field: `placed.${i}.compartmentId`, message: 'is no compartment of this room (any more)' },
        ]);
      const home = homeOf(at, bin.pinned && compartmentId === bin.compartmentId);
      if (standsSo(bin, home)) continue;
      await recorder.update('bin', bin.id, null, home);
      count++;
    }
    recorder.what = `plan: ${counted(count, 'bin')} placed`;
  });
