/** Locked places go to what has to be locked before anything else may use them (practice P3; hazards H3, H5, H14). */
import { storedIn } from '../cautions/stored.ts';
import type { HazardId } from '../model/entities.ts';
import { comesInto, type RoomData } from './place-problem-of.ts';
import type { PlaceProblem } from './problem.ts';
import { solvePlace } from './solve.ts';

/** Where children come in, out of reach is not enough for these. */
const LOCKED: readonly HazardId[] = ['H3', 'H5'];

/** Ids of bins that the usual rule says are locked: private papers anywhere, the others where children come in. */
export function mustBeLocked(data: RoomData): string[] {
  const children = comesInto(data.room, data.people).some((person) => person.kind === 'child');
  const asks = (hazard: HazardId) => hazard === 'H14' || (children && LOCKED.includes(hazard));
  return storedIn(data)
    .filter(({ hazards }) => [...hazards].some(asks))
    .map(({ bin }) => bin.id);
}

/**
 * Pins with which the whole room is then placed: those that are given, and a locked compartment for each bin that has
 * to have one, as far as there are any.
 * @param ids of the bins, from {@link mustBeLocked}
 * @param pins bin id to compartment id
 */
export function lockedFirst(
  problem: PlaceProblem,
  ids: readonly string[],
  pins: ReadonlyMap<string, string>,
): Map<string, string> {
  const locked = problem.compartments.filter((space) => space.locked);
  const there = new Set(locked.map((space) => space.id));
  const wanted = new Set(ids.filter((id) => !pins.has(id)));
  const pinned = new Map([...pins].filter(([, space]) => there.has(space)));
  const bins = problem.bins.filter((bin) => wanted.has(bin.id) || pinned.has(bin.id));
  if (!locked.length || !wanted.size) return new Map(pins);
  const { placed } = solvePlace({ ...problem, compartments: locked, bins }, { pins: pinned });
  return new Map([...placed.map(({ bin, compartment }): [string, string] => [bin, compartment]), ...pins]);
}
