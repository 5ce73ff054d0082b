/** What stands somewhere put into an arrangement, and what was only shifted put back. */
import type { Arrangement } from './arrangement.ts';
import { gripAt, reaches } from './compiled.ts';
import type { DepthPosition } from './problem.ts';
import { TIE } from './searching.ts';

/** By id: the number of a bin or a compartment. */
export type Numbers = ReadonlyMap<string, number>;

/** What bears a place in a compartment: a bin, -1 for the bottom; undefined where nothing does. */
function bearerAt(now: Arrangement, space: number, { x, y, z }: DepthPosition): number | undefined {
  if (z === 0) return -1;
  return now.inside[space]!.find(
    (under) =>
      now.z1[under] === z && now.x0[under]! <= x && x < now.x1[under]! && now.y0[under]! <= y && y < now.y1[under]!,
  );
}

/** Whether a child would have to move something first. */
const blocksChild = (now: Arrangement, space: number): boolean =>
  now.inside[space]!.some((bin) => now.blocked[bin]! > 0 && now.place.ofChild[bin] === 1);

/** Puts bins where they stand, what is on another after it. @param stays ids of those that stay whatever rule they break */
export function putStanding(
  now: Arrangement,
  standing: readonly DepthPosition[],
  stays: ReadonlySet<string>,
  binAt: Numbers,
  spaceAt: Numbers,
): void {
  for (const position of [...standing].sort((a, b) => a.z - b.z)) {
    const { x, y, z, turned } = position;
    const [bin, space] = [binAt.get(position.bin)!, spaceAt.get(position.compartment)!];
    const on = bearerAt(now, space, position);
    const stay = stays.has(position.bin);
    if (!stay && (on === undefined || !mayStand(now, bin, space, position, on))) continue;
    now.put(bin, space, x, y, z, Number(turned), on ?? -1);
    if (!stay && blocksChild(now, space)) now.take(bin);
  }
}

/** Rounds of putting back: each may make room for another. */
const ROUNDS = 3;

/** What stays in its compartment and was only shifted goes back to where it stands, where that costs nothing: it need not be touched. */
export function shiftBack(
  now: Arrangement,
  standing: readonly DepthPosition[],
  binAt: Numbers,
  spaceAt: Numbers,
): void {
  let moved = true;
  for (let round = 0; moved && round < ROUNDS; round++) {
    moved = false;
    for (const position of standing) {
      const [bin, space] = [binAt.get(position.bin)!, spaceAt.get(position.compartment)!];
      const [x, y, z, turned] = [now.x0[bin]!, now.y0[bin]!, now.z0[bin]!, now.turned[bin]!];
      if (now.space[bin] !== space || now.carries[bin]! > 0) continue;
      if (x === position.x && y === position.y && z === position.z && turned === Number(position.turned)) continue;
      const [before, on] = [now.effort, now.on[bin]!];
      now.take(bin);
      const bearer = bearerAt(now, space, position);
      if (bearer !== undefined && isFree(now, bin, space, position) && mayStand(now, bin, space, position, bearer)) {
        now.put(bin, space, position.x, position.y, position.z, Number(position.turned), bearer);
        if (now.effort <= before + TIE && !blocksChild(now, space)) {
          moved = true;
          continue;
        }
        now.take(bin);
      }
      now.put(bin, space, x, y, z, turned, on);
    }
  }
}

/** How wide and how deep it stands there. */
const sidesOf = ({ place }: Arrangement, bin: number, turned: boolean): [number, number] =>
  turned ? [place.depth[bin]!, place.width[bin]!] : [place.width[bin]!, place.depth[bin]!];

/** Whether nothing else is there. */
function isFree(now: Arrangement, bin: number, space: number, { x, y, z, turned }: DepthPosition): boolean {
  const [wide, deep] = sidesOf(now, bin, turned);
  const top = z + now.place.height[bin]!;
  return now.inside[space]!.every(
    (other) =>
      x >= now.x1[other]! ||
      now.x0[other]! >= x + wide ||
      y >= now.y1[other]! ||
      now.y0[other]! >= y + deep ||
      z >= now.z1[other]! ||
      now.z0[other]! >= top,
  );
}

/** Whether the rules let it stand there; what it stands on is there already. @param on what bears it, -1 for the bottom */
function mayStand(
  now: Arrangement,
  bin: number,
  space: number,
  { x, y, z, turned }: DepthPosition,
  on: number,
): boolean {
  const { place, load } = now;
  const { height, mass } = place;
  const [wide, deep] = sidesOf(now, bin, turned);
  if (place.base[bin * place.spaces + space] === Infinity) return false;
  if (load[space]! + mass[bin]! > place.maxLoad[space]!) return false;
  if (x + wide > place.roomWidth[space]! || y + deep > place.roomDepth[space]!) return false;
  if (z + height[bin]! > place.roomHeight[space]!) return false;
  if (on >= 0 && (!place.stackable[on] || mass[on]! < mass[bin]!)) return false;
  if (on >= 0 && (x < now.x0[on]! || x + wide > now.x1[on]! || y < now.y0[on]! || y + deep > now.y1[on]!)) return false;
  if (place.hangs[space] && (z > 0 || y > 0)) return false;
  return now.apart.mayJoin(bin, space) && reaches(place, bin, space, gripAt(place, bin, space, z));
}
