/** What is due of the rotation and of what is used up: swaps, seasonal boxes, orders, the first-aid kit (practices R4, R5, S1 to S3). */
import { addDays } from '../../ground/calendar/day.ts';
import { byId } from '../../ground/model/by-id.ts';
import type { Forecasted } from '../restock/forecast-of-site.ts';
import { useBy } from '../../ground/calendar/use-by.ts';
import { packsOf } from '../restock/words.ts';
import { seasonsDue } from '../rotation/seasons.ts';
import type { SiteData } from '../../ground/model/entities.ts';
import type { AgendaItem, AgendaKind } from './agenda-item.ts';

export type StockData = Pick<
  SiteData,
  | 'site'
  | 'room'
  | 'person'
  | 'line'
  | 'bin'
  | 'unit'
  | 'compartment'
  | 'slot'
  | 'spell'
  | 'season'
  | 'par'
  | 'stockCount'
  | 'stockOrder'
  | 'kitItem'
  | 'kitCheck'
  | 'holiday'
>;
type StockKind = Extract<AgendaKind, 'swap' | 'season' | 'order' | 'use up' | 'first aid'>;
/** Minutes it usually takes (our own judgement). */
const MINUTES: Record<StockKind, number> = { swap: 15, season: 10, order: 5, 'use up': 5, 'first aid': 10 };
/** A kit is looked through every month. */
const CHECK_DAYS = 30;

/** @param until the last day that is shown, ISO */
export function stockAgenda(
  data: StockData,
  today: string,
  until: string,
  forecasts: readonly Forecasted[],
): AgendaItem[] {
  const rooms = byId(data.room);
  const items: AgendaItem[] = [];
  const add = (kind: StockKind, id: string, roomId: string, day: string, what: string, more = ''): void => {
    const room = rooms.get(roomId);
    if (!room || day > until) return;
    const when = day < today ? 'overdue' : day === today ? 'today' : 'coming';
    items.push({ key: `${kind} ${id}`, kind, id, day, when, room, what, personId: null, minutes: MINUTES[kind], more });
  };
  const units = byId(data.unit);
  const spaces = byId(data.compartment);
  const slots = byId(data.slot);
  const roomOf = (slotId: string): string =>
    units.get(spaces.get(slots.get(slotId)?.compartmentId ?? '')?.unitId ?? '')?.roomId ?? '';
  const swaps = new Map<string, { roomId: string; day: string; down: number; up: number }>();
  for (const spell of data.spell) {
    if (spell.ended) continue;
    const day = spell.begun ? spell.to : spell.from;
    if (!day) continue;
    const roomId = roomOf(spell.slotId);
    const swap = swaps.get(`${roomId} ${day}`) ?? { roomId, day, down: 0, up: 0 };
    swap[spell.begun ? 'down' : 'up']++;
    swaps.set(`${roomId} ${day}`, swap);
  }
  for (const { roomId, day, down, up } of swaps.values())
    add('swap', `${roomId}-${day}`, roomId, day, `${down} in, ${up} out on the open shelves`);
  const bins = byId(data.bin);
  const ahead = Math.max(0, Math.round((Date.parse(until) - Date.parse(today)) / 86_400_000));
  for (const { season, act, day } of seasonsDue(data.season, today, ahead)) {
    const bin = bins.get(season.binId);
    if (bin) add('season', season.id, bin.roomId, day, `${season.name}: ${act} ${bin.code}`);
  }
  for (const { par, line, room, forecast } of forecasts) {
    const good = useBy(par);
    if (good && forecast.now !== 0)
      add(
        'use up',
        par.id,
        room.id,
        good.day,
        good.why === 'opened'
          ? `use up ${line.name}, or throw out what is open`
          : `use up ${line.name} before it spoils`,
      );
    if (forecast.orderBy && forecast.packs) {
      add('order', par.id, room.id, forecast.orderBy, `order ${line.name}: ${packsOf(forecast.packs, par)}`);
    }
  }
  for (const room of data.room) {
    const kit = data.kitItem.filter(({ roomId }) => roomId === room.id);
    if (!kit.length) continue;
    for (const item of kit)
      if (item.expires)
        add(
          'first aid',
          item.id,
          room.id,
          item.expires,
          `${item.expires < today ? 'expired' : 'expires'} in the first-aid kit: ${item.name}`,
        );
    const last = data.kitCheck.reduce(
      (latest, { roomId, on }) => (roomId === room.id && on > latest ? on : latest),
      '',
    );
    add('first aid', room.id, room.id, last ? addDays(last, CHECK_DAYS) : today, 'check the first-aid kit');
  }
  return items;
}
