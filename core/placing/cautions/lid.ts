/** Trunks and chests whose lids fall or shut somebody in (H7). */
import type { Unit } from '../../ground/model/entities.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution, Child } from './caution.ts';
import { binCaution, type Stored } from './stored.ts';

/** A trunk or chest whose lid could fall or shut somebody in; settled by the facts. */
export function lidCautions(data: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units.filter(({ template }) => template === 'trunk').flatMap(cautionsOfLid);
}

/** Containers so long, mm, that a child could get into them or have a lid fall on its neck. */
const CHEST = 500;
const HINGED = /\b(?:hinged|toy ?box|toy chest|chest|trunk|blanket box|ottoman|storage bench)\b/i;

/** A large box with a hinged lid is a chest, though it is kept as a container. */
export function chestCautions(stored: Stored, children: readonly Child[]): Caution[] {
  const { type } = stored;
  const long = Math.max(type.outWidth, type.outDepth) >= CHEST;
  if (!children.length || !type.lid || !long || !HINGED.test(`${type.name} ${stored.bin.name}`)) return [];
  return [
    binCaution(
      stored,
      'H7',
      '',
      'warn',
      `It is kept in ${type.name}, whose lid opens upwards, and children come into this room.`,
      'A slow-closing support, air holes, and no latch; or a box without a lid.',
    ),
  ];
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
