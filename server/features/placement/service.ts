/** Bins into compartments: one moved by hand, or a whole plan. */
import { mustBeLocked } from '@stube/core/placement/locked-first';
import { placeProblemOf, roomDataOf } from '@stube/core/placement/place-problem-of';
import type { SiteData } from '@stube/core/model/entities';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { PlaceRequest } from '@stube/contract/placement/requests';
import { makeChange } from '../../db/change.ts';
import { NotFound, Refused } from '../../db/problems.ts';
import { readSite } from '../../db/read.ts';
import type { Recorder } from '../../db/recorder.ts';
import type { Scope } from '../../db/scope.ts';
import type { Work } from '../../threads/pool.ts';

type Placed = NonNullable<PlaceRequest['placed']>;

/** The engine's own proposal for a room, pinned bins staying where they are; reckoned in a worker. */
async function propose(data: SiteData, roomId: string, work: Work): Promise<Placed> {
  const found = roomDataOf(data, roomId);
  if (!found) throw new NotFound('room', roomId);
  const room = { ...found, today: new Date().toISOString().slice(0, 10) };
  const { bins } = room;
  const problem = placeProblemOf(room);
  const pins = bins
    .filter((bin) => bin.pinned && bin.compartmentId)
    .map((bin): [string, string] => [bin.id, bin.compartmentId!]);
  const answer = await work.run('place', { problem, pins, locked: mustBeLocked(room) });
  const placeOf = new Map(answer.placed.map(({ bin, compartment }) => [bin, compartment]));
  return bins.map(({ id, version }) => ({ binId: id, version, compartmentId: placeOf.get(id) ?? null }));
}

/** The compartments of a room that are asked for, by id. */
async function compartmentsOf(recorder: Recorder, roomId: string, ids: readonly string[]) {
  const units = new Set((await recorder.rows('unit', { roomId })).map((unit) => unit.id));
  const spaces = await recorder.rows('compartment', { id: ids });
  return new Map(spaces.filter((space) => units.has(space.unitId)).map((space) => [space.id, space]));
}

export async function placeBins(scope: Scope, roomId: string, wanted: PlaceRequest, work: Work): Promise<ChangeAnswer> {
  const placed = wanted.placed ?? (await propose(await readSite(scope.db, scope.siteId), roomId, work));
  return makeChange(scope, '', async (recorder) => {
    await recorder.find('room', roomId);
    const wantedSpaces = new Set(placed.flatMap(({ compartmentId }) => compartmentId ?? []));
    const spaces = await compartmentsOf(recorder, roomId, [...wantedSpaces]);
    const rows = await recorder.rows('bin', { roomId, id: placed.map(({ binId }) => binId) });
    const bins = new Map(rows.map((row) => [row.id, row]));
    let moved = 0;
    let last = '';
    for (const [i, { binId, version, compartmentId }] of placed.entries()) {
      const moving = bins.get(binId);
      if (!moving) throw new Refused([{ field: `placed.${i}.binId`, message: 'is no bin of this room (any more)' }]);
      const space = compartmentId ? spaces.get(compartmentId) : null;
      if (space === undefined)
        throw new Refused([
          { field: `placed.${i}.compartmentId`, message: 'is no compartment of this room (any more)' },
        ]);
      const pinned = space !== null && (wanted.pin ?? moving.pinned);
      if (moving.compartmentId === compartmentId && moving.pinned === pinned && moving.version === version) continue;
      await recorder.update('bin', binId, version, { compartmentId, pinned });
      moved++;
      last = `${moving.name} to ${space ? space.name : 'the bench'}`;
    }
    recorder.what = moved === 1 ? last : `place ${moved} bins`;
  });
}
