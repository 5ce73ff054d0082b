/** Bins for a room's categories: as proposed, or as chosen on the screen. */
import { chooseContainers } from '@stube/core/containers/choose';
import { demandsOf } from '@stube/core/containers/demand';
import { countTypes } from '@stube/core/containers/shopping';
import type { Bin } from '@stube/core/model/entities';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { ContainRequest } from '@stube/contract/containers/requests';
import { makeChange } from '../../db/change.ts';
import { newId } from '../../db/ids.ts';
import { Refused } from '../../db/problems.ts';
import { readSite } from '../../db/read.ts';
import type { Scope } from '../../db/scope.ts';

export async function makeBins(scope: Scope, roomId: string, wanted: ContainRequest): Promise<ChangeAnswer> {
  return makeChange(scope, 'containers', async (recorder) => {
    let made = 0;
    let gone = 0;
    const room = await recorder.find('room', roomId);
    const data = await readSite(recorder.db, scope.siteId);
    const categories = new Map(data.category.map((category) => [category.id, category]));
    const types = new Map(data.containerType.map((type) => [type.id, type]));
    const demands = demandsOf(
      data.line.filter((line) => line.roomId === roomId),
      categories,
      data.site[0]!,
    );
    const units = new Set(data.unit.filter((unit) => unit.roomId === roomId).map((unit) => unit.id));
    const choices =
      wanted.choices ??
      chooseContainers(demands, {
        site: data.site[0]!,
        types: data.containerType,
        compartments: data.compartment.filter((compartment) => units.has(compartment.unitId)),
        taken: countTypes(data.bin.filter((bin) => bin.roomId !== roomId)),
      }).flatMap(({ demand, chosen }) =>
        chosen ? [{ categoryId: demand.category.id, containerTypeId: chosen.type.id, count: chosen.count }] : [],
      );

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
      const type = types.get(choice.containerTypeId);
      if (!category) throw new Refused([{ field: 'choices.categoryId', message: 'is no category of this site' }]);
      if (!type) throw new Refused([{ field: 'choices.containerTypeId', message: 'is no container of this site' }]);
      const litres =
        (demands.find((demand) => demand.category.id === category.id)?.litres ?? 0) / Math.max(1, choice.count);
      const old = data.bin
        .filter((bin) => bin.roomId === roomId && bin.categoryId === category.id)
        .sort((a, b) => a.sort - b.sort);
      const name = (i: number) => (choice.count > 1 ? `${category.name} ${i + 1}` : category.name);
      // Bins that are there keep their codes and, in the same container, their places and labels.
      for (const [i, own] of old.slice(0, choice.count).entries()) {
        const patch: Partial<Bin> = {};
        if (own.containerTypeId !== type.id)
          Object.assign(patch, { containerTypeId: type.id, compartmentId: null, pinned: false });
        if (Math.abs(own.litres - litres) > 1e-6) patch.litres = litres;
        if (own.name !== name(i) && (own.name === category.name || /^.* \d+$/.test(own.name))) patch.name = name(i);
        if (Object.keys(patch).length) await recorder.update('bin', own.id, null, patch);
      }
      for (const bin of old.slice(choice.count)) {
        await recorder.remove('bin', bin.id);
        gone++;
      }
      const fresh = Array.from(
        { length: Math.max(0, choice.count - old.length) },
        (_, i): Omit<Bin, 'version' | 'siteId'> => ({
          id: newId(),
          roomId,
          categoryId: category.id,
          containerTypeId: type.id,
          code: nextCode(),
          name: name(old.length + i),
          litres,
          compartmentId: null,
          pinned: false,
          printed: null,
          seenFull: null,
          sort: old.length + i,
        }),
      );
      if (fresh.length) await recorder.insert('bin', fresh);
      made += fresh.length;
    }
    const counted = [made && `${made} new`, gone && `${gone} taken away`].filter(Boolean).join(', ');
    recorder.what = `containers: ${counted || 'as they were'}`;
  });
}
