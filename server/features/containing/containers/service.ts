/** Bins for a room's categories: as proposed, or as chosen on the screen. */
import { type Bin, byId, inOrder } from '@stube/core/model';
import {
  binChanges,
  binsFor,
  chooseContainers,
  chosenOf,
  contextFor,
  NEW_BIN,
  withSchool,
} from '@stube/core/containers';
import { demandOf, demandsOf } from '@stube/core/contents';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { ContainRequest } from '@stube/contract/containers/requests';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import { Refused } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';
import type { AnyRow, Recorder } from '../../../db/recorder.ts';
import { removeWithAll } from '../../../db/references.ts';
import type { Scope } from '../../../db/scope.ts';

export const makeBins = (scope: Scope, roomId: string, wanted: ContainRequest): Promise<ChangeAnswer> =>
  makeChange(scope, 'containers', (recorder) => contain(recorder, roomId, wanted));

/** Inside a change that may do more. */
export async function contain(recorder: Recorder, roomId: string, wanted: ContainRequest): Promise<void> {
  let made = 0;
  let gone = 0;
  const room = await recorder.find('room', roomId);
  const data = await readSite(recorder.db, recorder.siteId);
  const categories = byId(data.category);
  const types = byId(data.containerType);
  const demands = demandsOf(
    data.line.filter((line) => line.roomId === roomId),
    categories,
    data.site[0]!,
  );
  const units = new Set(data.unit.filter((unit) => unit.roomId === roomId).map((unit) => unit.id));
  const shelves = data.compartment.filter((compartment) => units.has(compartment.unitId));
  const ofSite = { site: data.site[0]!, types: data.containerType, compartments: shelves, bins: data.bin };
  const context = contextFor(ofSite, roomId, demands);
  const choices: NonNullable<ContainRequest['choices']> =
    wanted.choices ?? chosenOf(chooseContainers(demands, withSchool(context, room, demands)));

  const codes = new Set(data.bin.map((bin) => bin.code));
  let number = 0;
  const nextCode = () => {
    do number++;
    while (codes.has(`${room.code}${number}`));
    codes.add(`${room.code}${number}`);
    return `${room.code}${number}`;
  };
  for (const choice of choices) {
    const category = categories.get(choice.categoryId);
    if (!category) throw new Refused([{ field: 'choices.categoryId', message: 'is no category of this site' }]);
    if (choice.containerTypeId !== null && !types.has(choice.containerTypeId))
      throw new Refused([{ field: 'choices.containerTypeId', message: 'is no container of this site' }]);
    const demand = demands.find((known) => known.category.id === category.id) ?? demandOf(category, [], data.site[0]!);
    const asked = new Set(demand.lines.map(({ line }) => line.id));
    const bare = choice.containerTypeId === null ? choice.bare : undefined;
    if (bare?.some(({ lineIds }) => !asked.has(lineIds[0]!)))
      throw new Refused([{ field: 'choices.bare', message: 'has a line that is none of the category (any more)' }]);
    const bins = binsFor(demand, choice.containerTypeId, choice.count, shelves, bare);
    const old = inOrder(data.bin.filter((bin) => bin.roomId === roomId && bin.categoryId === category.id));
    // Bins that are there keep their codes and, in the same container, their places and labels.
    for (const [i, own] of old.slice(0, bins.length).entries()) {
      const patch = binChanges(own, bins[i]!, category);
      if (Object.keys(patch).length) await recorder.update('bin', own.id, null, patch);
    }
    // Their move steps go with them, their printed labels stay as old ones to be taken off.
    const left = old.slice(bins.length);
    await removeWithAll(recorder, 'bin', left as unknown as AnyRow[]);
    gone += left.length;
    const fresh = bins.slice(old.length).map((wanted, i): Omit<Bin, 'version' | 'siteId'> => ({
      ...wanted,
      id: newId(),
      roomId,
      categoryId: category.id,
      code: nextCode(),
      ...NEW_BIN,
      sort: old.length + i,
    }));
    if (fresh.length) await recorder.insert('bin', fresh);
    made += fresh.length;
  }
  const counted = [made && `${made} new`, gone && `${gone} taken away`].filter(Boolean).join(', ');
  recorder.what = `containers: ${counted || 'as they were'}`;
}
