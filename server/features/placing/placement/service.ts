/** Bins into compartments: one moved by hand, or a whole plan. */
import { dayIn } from '@stube/core/calendar';
import { depthProblemOf, fixedIn, homesOf, mustBeLocked, roomDataOf, Standing } from '@stube/core/placement';
import { type Bin, byId, ON_THE_BENCH, type SiteData } from '@stube/core/model';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { PlacedAt, PlaceRequest } from '@stube/contract/placement/requests';
import { makeChange } from '../../../db/change.ts';
import { NotFound, Refused } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';
import type { Recorder } from '../../../db/recorder.ts';
import type { Scope } from '../../../db/scope.ts';
import type { Work } from '../../../threads/pool.ts';

type Placed = NonNullable<PlaceRequest['placed']>;

/** The engine's own proposal for a room, pinned bins staying where they are; reckoned in a worker. */
async function propose(data: SiteData, roomId: string, today: string, work: Work): Promise<Placed> {
  const room = roomDataOf(data, roomId, today);
  if (!room) throw new NotFound('room', roomId);
  const { bins } = room;
  const problem = depthProblemOf(room);
  const pinned = bins.filter((bin) => bin.pinned).map(({ id }) => id);
  const fixed = fixedIn(new Standing(problem, homesOf(bins)), pinned);
  const answer = await work.run('place', { problem, fixed, locked: mustBeLocked(room) });
  const placeOf = new Map(
    answer.placed.map(({ bin, compartment, ...at }) => [bin, { compartmentId: compartment, ...at }]),
  );
  return bins.map(({ id, version }) => ({ binId: id, version, ...(placeOf.get(id) ?? { compartmentId: null }) }));
}

/** The compartments of a room that are asked for, by id. */
export async function compartmentsOf(recorder: Recorder, roomId: string, ids: readonly string[]) {
  const units = new Set((await recorder.rows('unit', { roomId })).map((unit) => unit.id));
  const spaces = await recorder.rows('compartment', { id: ids });
  return byId(spaces.filter((space) => units.has(space.unitId)));
}

/** What is written into a bin that goes there; on the bench nothing is pinned. */
export const homeOf = ({ compartmentId, x, y, z, turned }: PlacedAt, pinned: boolean): Partial<Bin> =>
  compartmentId === null
    ? ON_THE_BENCH
    : { compartmentId, x: x ?? null, y: y ?? null, z: z ?? null, turned: turned ?? false, pinned };
export const standsSo = (bin: Bin, home: Partial<Bin>): boolean =>
  (Object.keys(home) as (keyof Bin)[]).every((field) => home[field] === bin[field]);

async function proposeNow({ db, siteId, now }: Scope, roomId: string, work: Work): Promise<Placed> {
  const data = await readSite(db, siteId);
  return propose(data, roomId, dayIn(data.site[0]!.timeZone, now), work);
}

export async function placeBins(scope: Scope, roomId: string, wanted: PlaceRequest, work: Work): Promise<ChangeAnswer> {
  const placed = wanted.placed ?? (await proposeNow(scope, roomId, work));
  return makeChange(scope, '', async (recorder) => {
    await recorder.find('room', roomId);
    const wantedSpaces = new Set(placed.flatMap(({ compartmentId }) => compartmentId ?? []));
    const spaces = await compartmentsOf(recorder, roomId, [...wantedSpaces]);
    const rows = await recorder.rows('bin', { roomId, id: placed.map(({ binId }) => binId) });
    const bins = byId(rows);
    let moved = 0;
    let last = '';
    for (const [i, { binId, version, ...at }] of placed.entries()) {
      const { compartmentId } = at;
      const moving = bins.get(binId);
      if (!moving) throw new Refused([{ field: `placed.${i}.binId`, message: 'is no bin of this room (any more)' }]);
      const space = compartmentId ? spaces.get(compartmentId) : null;
      if (space === undefined)
        throw new Refused([
          { field: `placed.${i}.compartmentId`, message: 'is no compartment of this room (any more)' },
        ]);
      const home = homeOf(at, at.pin ?? wanted.pin ?? moving.pinned);
      const same = standsSo(moving, home);
      if (same && moving.version === version) continue;
      await recorder.update('bin', binId, version, home);
      moved++;
      last = `${moving.name} to ${space ? space.name : 'the bench'}`;
    }
    recorder.what = moved === 1 ? last : `place ${moved} bins`;
  });
}
