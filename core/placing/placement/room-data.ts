/** What of a site belongs to one room: what places, cautions, plans and rounds of it are reckoned from. */
import { byId } from '../../ground/model/by-id.ts';
import { byCode } from '../../ground/model/bin.ts';
import type {
  Bin,
  Category,
  Compartment,
  ContainerType,
  Fixture,
  Line,
  Observation,
  Person,
  Room,
  Site,
  SiteData,
  Unit,
  Zone,
} from '../../ground/model/entities.ts';
import { inOrder } from '../../ground/model/sort.ts';
import { parkedIn, type Parked } from './parked.ts';

export interface RoomData {
  site: Pick<Site, 'growth' | 'measures'>;
  room: Room;
  /** All persons of the site; the room's own are picked out. */
  people: readonly Person[];
  zones: readonly Zone[];
  units: readonly Unit[];
  compartments: readonly Compartment[];
  bins: readonly Bin[];
  /** Lines of the room: what is in its bins follows from them. */
  lines: readonly Line[];
  categories: ReadonlyMap<string, Category>;
  types: ReadonlyMap<string, ContainerType>;
  /** ISO date: ages are those of that day. */
  today: string;
  fixtures?: readonly Fixture[];
  /** Of the room: how often its things are fetched is learned from them. */
  observations?: readonly Observation[];
  /** Bins are as heavy as what was meant for them (see contents). */
  asMeant?: boolean;
  /** Of other rooms: room is kept free for it. */
  parked?: readonly Parked[];
}

/**
 * What of a site belongs to one room, in its own order, so that the same room gives the same problem.
 * @param today ISO date
 * @returns null where the room is not there
 */
export function roomDataOf(data: SiteData, roomId: string, today: string): RoomData | null {
  const room = data.room.find((room) => room.id === roomId);
  const [site] = data.site;
  if (!room || !site) return null;
  const units = inOrder(data.unit.filter((unit) => unit.roomId === roomId));
  const unitIds = new Set(units.map((unit) => unit.id));
  const compartments = inOrder(data.compartment.filter((space) => unitIds.has(space.unitId)));
  return {
    site,
    room,
    people: data.person,
    zones: data.zone.filter((zone) => zone.roomId === roomId),
    fixtures: data.fixture.filter((fixture) => fixture.roomId === roomId),
    units,
    compartments,
    bins: data.bin.filter((bin) => bin.roomId === roomId).sort(byCode),
    lines: inOrder(data.line.filter((line) => line.roomId === roomId)),
    categories: byId(data.category),
    types: byId(data.containerType),
    observations: data.observation.filter((seen) => seen.roomId === roomId),
    parked: parkedIn(data, compartments),
    today,
  };
}
