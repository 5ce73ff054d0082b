/** What a change would warn of, before it is made: a toddler added, a shelf raised or anchored no more, a cot put up. */
import { reshape, sameShape } from '../../measuring/measuring/reshape.ts';
import { shapeProblems } from '../../measuring/measuring/template.ts';
import type { Compartment, SiteData, TableName, Unit } from '../../ground/model/entities.ts';
import { roomDataOf } from '../placement/room-data.ts';
import { byAcknowledgement } from './acknowledged.ts';
import type { Caution } from './caution.ts';
import { cautionsOf } from './cautions.ts';

export interface RoomPreview {
  room: string;
  cautions: Caution[];
}

/** Rooms in which a row can change anything: its own, where it is of one. */
const roomsOf = (data: SiteData, row: object): SiteData['room'] =>
  'roomId' in row ? data.room.filter((room) => room.id === row.roomId) : data.room;

/** The keys of the cautions that stand in the rooms of a row: to be reckoned once while the row is being typed. */
export const standingCautions = (data: SiteData, row: object, today: string): ReadonlySet<string> =>
  new Set(roomsOf(data, row).flatMap((room) => openCautions(data, room.id, today).map((caution) => caution.key)));

/**
 * Cautions that come with a row that is new or changed, room by room; those that are there already are not among them.
 * @param row as it would be; where it will stand, and what is in it, is as now
 * @param today ISO date
 * @param standing from {@link standingCautions}
 * @example cautionsWith(data, 'unit', { ...shelf, anchored: false }, '2026-11-26')
 */
export function cautionsWith<T extends TableName>(
  data: SiteData,
  table: T,
  row: SiteData[T][number],
  today: string,
  standing = standingCautions(data, row, today),
): RoomPreview[] {
  const then = {
    ...data,
    ...(table === 'unit' ? { compartment: compartmentsWith(data, row as Unit) } : {}),
    [table]: [...data[table].filter((known) => known.id !== row.id), row],
  } as SiteData;
  return roomsOf(data, row).flatMap((room) => {
    const cautions = openCautions(then, room.id, today).filter((caution) => !standing.has(caution.key));
    return cautions.length ? [{ room: room.name, cautions }] : [];
  });
}

/** Shelves rise with their unit; what would vanish, or cannot be built, is as it was. */
function compartmentsWith(data: SiteData, unit: Unit): Compartment[] {
  const now = data.unit.find((known) => known.id === unit.id);
  if (!now || sameShape(now, unit) || shapeProblems(unit).length) return data.compartment;
  const own = data.compartment.filter((space) => space.unitId === unit.id);
  const then = new Map(reshape(unit, own).spaces.map(({ space, same }) => [same?.id, space]));
  return data.compartment.map((space) => ({ ...space, ...then.get(space.id) }));
}

function openCautions(data: SiteData, roomId: string, today: string): Caution[] {
  const room = roomDataOf(data, roomId, today);
  return room ? byAcknowledgement(cautionsOf(room), data.acknowledgement).open : [];
}
