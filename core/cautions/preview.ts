/** What a change would warn of, before it is made: a toddler added, a shelf anchored no more. */
import type { SiteData } from '../model/entities.ts';
import { comesInto, roomDataOf } from '../placement/place-problem-of.ts';
import { byAcknowledgement } from './acknowledged.ts';
import type { Caution } from './caution.ts';
import { cautionsOf } from './cautions.ts';

/**
 * Cautions that come with a person who is new or changed, room by room.
 * @param person as it would be; one that is not there yet comes into the rooms into which everybody comes
 * @param today ISO date
 */
export function cautionsWith(
  data: SiteData,
  person: SiteData['person'][number],
  today: string,
): { room: string; cautions: Caution[] }[] {
  const people = [...data.person.filter((known) => known.id !== person.id), person];
  return data.room.flatMap((room) => {
    const now = roomDataOf(data, room.id);
    const then = roomDataOf({ ...data, person: people }, room.id);
    if (!now || !then || !comesInto(room, people).includes(person)) return [];
    const before = new Set(cautionsOf(now, today).map((caution) => caution.key));
    const { open } = byAcknowledgement(cautionsOf(then, today), data.acknowledgement);
    const cautions = open.filter((caution) => !before.has(caution.key));
    return cautions.length ? [{ room: room.name, cautions }] : [];
  });
}
