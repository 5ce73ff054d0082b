/** All open cautions of a site, room by room, as `stube check` prints them. */
import type { SiteData } from '../../ground/model/entities.ts';
import { roomDataOf } from '../placement/room-data.ts';
import { byAcknowledgement } from './acknowledged.ts';
import type { Caution } from './caution.ts';
import { cautionsOf } from './cautions.ts';

export interface SiteCaution extends Omit<Caution, 'key'> {
  room: string;
}

/**
 * @param today ISO date: ages are those of that day
 * @param asMeant bins are as heavy as what was meant for them: in files of versions in which only that was kept
 * @example checkSite(data, '2026-11-26').cautions.map((caution) => caution.hazard)
 */
export function checkSite(
  data: SiteData,
  today: string,
  asMeant = false,
): { format: 'stube-check-answer/1'; cautions: SiteCaution[] } {
  const cautions = data.room.flatMap((room) => {
    const view = roomDataOf(data, room.id, today);
    return view
      ? byAcknowledgement(cautionsOf({ ...view, asMeant }), data.acknowledgement).open.map(
          ({ key: _key, ...caution }) => ({ ...caution, room: room.name }),
        )
      : [];
  });
  return { format: 'stube-check-answer/1', cautions };
}
