/** The dangers that nobody has answered for, room by room: what the eye has to meet first. */
import type { SiteData } from '../../ground/model/entities.ts';
import { roomDataOf } from '../placement/room-data.ts';
import { byAcknowledgement } from './acknowledged.ts';
import type { Caution } from './caution.ts';
import { cautionsOf } from './cautions.ts';

/** @param today ISO date */
export function openDangers(site: SiteData, roomId: string, today: string): Caution[] {
  const data = roomDataOf(site, roomId, today);
  const { open } = byAcknowledgement(data ? cautionsOf(data) : [], site.acknowledgement);
  return open.filter((caution) => caution.severity === 'danger');
}
