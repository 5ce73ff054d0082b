/** Trunks and chests whose lids fall or shut somebody in (H7). */
import type { Unit } from '../../ground/model/entities.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution, Child } from './caution.ts';

/** A trunk or chest whose lid could fall or shut somebody in; settled by the facts. */
export function lidCautions(data: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units.filter(({ template }) => template === 'trunk').flatMap(cautionsOfLid);
}

function cautionsOfLid(unit: Unit): Caution[] {
  const missing = [!unit.lidSupport && 'a slow-closing support', !unit.airHoles && 'air holes'].filter(
    (fact): fact is string => !!fact,
  );
  if (!missing.length && !unit.latch) return [];
  const facts = [missing.length && `without ${missing.join(' and ')}`, unit.latch && 'with a latch'].filter(Boolean);
  return [
    {
      key: `H7:${unit.id}`,
      hazard: 'H7',
      severity: unit.latch ? 'danger' : 'warn',
      about: unit.name,
      fact: `Its lid opens upwards, ${facts.join(' and ')}, and children come into this room.`,
      helps: 'A slow-closing support, air holes, and no latch.',
    },
  ];
}
