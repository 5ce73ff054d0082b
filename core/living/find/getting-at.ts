/** How one gets at a bin that was found: the door, the step, what is moved first (practice F1). */
import { shapeOf } from '../../ground/contents/shape.ts';
import { depthProblemOf, homesOf } from '../../placing/placement/depth/depth-problem-of.ts';
import { Standing } from '../../placing/placement/depth/standing.ts';
import { BANDS, gripHundredths } from '../../ground/body/effort.ts';
import { DEFAULT_ADULT } from '../../placing/placement/place-problem-of.ts';
import type { RoomData } from '../../placing/placement/room-data.ts';

/**
 * @param data of the room in which it stands
 * @returns what one does, in order; empty where it stands open and within reach
 * @example gettingAt(data, bin.id) // ['the cabinet is locked', 'open the door', 'a step: 178 cm up', 'first move L3 Dominoes']
 */
export function gettingAt(data: RoomData, binId: string): string[] {
  const bin = data.bins.find(({ id }) => id === binId);
  const space = data.compartments.find(({ id }) => id === bin?.compartmentId);
  const unit = data.units.find(({ id }) => id === space?.unitId);
  const shape = bin && shapeOf(bin, data.types);
  if (!bin || !space || !unit || !shape) return [];
  const steps: string[] = [];
  if (unit.locked) steps.push(`${unit.name} is locked: fetch the key`);
  if (space.door) steps.push('open the door');
  if (space.drawer) steps.push('pull the drawer');
  else if (space.access === 'top') steps.push(unit.doubles === 'seat' ? 'lift the seat' : 'lift the lid');
  const grip = gripHundredths(shape.outHeight, space) / 100 + (bin.z ?? 0);
  const adults = data.people.filter(({ kind }) => kind === 'adult');
  const least = Math.min(...(adults.length ? adults.map(({ stature }) => stature) : [DEFAULT_ADULT.stature]));
  if (grip > (least * BANDS.overhead) / 100) steps.push(`take a step: it is ${Math.round(grip / 10)} cm up`);
  const here = { ...data, bins: data.bins.filter(({ compartmentId }) => compartmentId === space.id) };
  const standing = new Standing(depthProblemOf(here), homesOf(here.bins));
  const first = standing.blockers(binId).flatMap((id) => here.bins.find((other) => other.id === id) ?? []);
  if (first.length) steps.push(`first move ${first.map(({ code, name }) => `${code} ${name}`).join(', ')}`);
  if (shape.lid) steps.push('take off its lid');
  return steps;
}
