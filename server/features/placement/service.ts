/** Bins into compartments: one moved by hand, or a whole plan. */
import { placeProblemOf } from '@stube/core/placement/place-problem-of';
import { solvePlace } from '@stube/core/placement/solve';
import type { SiteData } from '@stube/core/model/entities';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { PlaceRequest } from '@stube/contract/requests';
import type { Db } from '../../db/open.ts';
import { makeChange } from '../../db/journal.ts';
import { Refused } from '../../db/problems.ts';
import { readSite } from '../sites/service.ts';

/** The engine's own proposal for a room, pinned bins staying where they are. */
function propose(data: SiteData, roomId: string): NonNullable<PlaceRequest['placed']> {
  const room = data.room.find((room) => room.id === roomId)!;
  const units = data.unit.filter((unit) => unit.roomId === roomId);
  const own = new Set(units.map((unit) => unit.id));
  // In the order of their codes, so that the same room gets the same plan.
  const bins = data.bin
    .filter((bin) => bin.roomId === roomId)
    .sort((a, b) => a.code.localeCompare(b.code, undefined, { numeric: true }));
  const problem = placeProblemOf({
    site: data.site[0]!,
    room,
    people: data.person,
    zones: data.zone.filter((zone) => zone.roomId === roomId),
    units,
    bins,
    compartments: data.compartment.filter((compartment) => own.has(compartment.unitId)),
    categories: new Map(data.category.map((category) => [category.id, category])),
    types: new Map(data.containerType.map((type) => [type.id, type])),
  });
  const pins = new Map(
    bins.filter((bin) => bin.pinned && bin.compartmentId).map((bin) => [bin.id, bin.compartmentId!]),
  );
  const answer = solvePlace(problem, { pins });
  return [
    ...answer.placed.map(({ bin, compartment }) => ({ binId: bin, compartmentId: compartment })),
    ...answer.unplaced.map((binId) => ({ binId, compartmentId: null })),
  ];
}

export async function placeBins(db: Db, siteId: string, roomId: string, wanted: PlaceRequest): Promise<ChangeAnswer> {
  return makeChange(db, siteId, '', async (recorder) => {
    await recorder.find('room', roomId);
    const data = await readSite(recorder.db, siteId);
    const placed = wanted.placed ?? propose(data, roomId);
    const bins = new Map(data.bin.map((bin) => [bin.id, bin]));
    const spaces = new Map(data.compartment.map((compartment) => [compartment.id, compartment]));
    let moved = 0;
    let last = '';
    for (const { binId, compartmentId } of placed) {
      const bin = bins.get(binId);
      if (!bin) throw new Refused([{ field: 'placed.binId', message: 'is no bin of this site (any more)' }]);
      if (compartmentId && !spaces.has(compartmentId))
        throw new Refused([{ field: 'placed.compartmentId', message: 'is no compartment of this site (any more)' }]);
      const pinned =
        wanted.pin === undefined ? bin.pinned && compartmentId !== null : wanted.pin && compartmentId !== null;
      if (bin.compartmentId === compartmentId && bin.pinned === pinned) continue;
      await recorder.update('bin', binId, null, { compartmentId, pinned });
      moved++;
      last = compartmentId ? `${bin.name} to ${spaces.get(compartmentId)!.name}` : `${bin.name} to the bench`;
    }
    recorder.what = moved === 1 ? last : `place ${moved} bins`;
  });
}
