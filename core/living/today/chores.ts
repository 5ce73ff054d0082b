/** All that waits to be done in a site or a room, as chores with their minutes and their worth. */
import { counted } from '../../ground/notation/plural.ts';
import { byId } from '../../ground/model/by-id.ts';
import type { Caution } from '../../placing/cautions/caution.ts';
import { missingBins } from '../../ground/frequency/fetched.ts';
import { overFullBins } from '../feedback/over-full.ts';
import type { Room, SiteData } from '../../ground/model/entities.ts';
import { SCREEN_OF, type AgendaItem } from './agenda-item.ts';
import type { Chore } from './minutes.ts';

/** Minutes a chore takes, and what it is worth beside the others (our own judgement: safety first, then what misleads). */
const OF = {
  danger: { minutes: 10, worth: 60 },
  routine: { worth: 12 },
  decide: { worth: 3 },
  return: { worth: 25 },
  'keep until': { worth: 2 },
  'part put off': { worth: 8 },
  stray: { worth: 3 },
  swap: { worth: 15 },
  season: { worth: 8 },
  order: { worth: 20 },
  'use up': { worth: 10 },
  'first aid': { worth: 30 },
  missing: { minutes: 3, worth: 7 },
  overFull: { minutes: 5, worth: 9 },
  labels: { minutes: 4, worth: 6 },
  place: { minutes: 2, worth: 6 },
  move: { minutes: 1, worth: 8 },
} as const;
/** What is overdue is worth more by so much. */
const OVERDUE = 1.5;

export interface ChoreFacts {
  agenda: readonly AgendaItem[];
  dangers: readonly { room: Pick<Room, 'id' | 'name'>; caution: Pick<Caution, 'key' | 'fact'> }[];
  /** Labels out of date by room. */
  labels: readonly { room: Pick<Room, 'id' | 'name'>; stale: number }[];
  data: Pick<SiteData, 'bin' | 'move' | 'observation' | 'room'>;
}

/** @param minutes one has so many: what is many small steps is offered in so many as fit into them */
export function choresOf({ agenda, dangers, labels, data }: ChoreFacts, minutes: number): Chore[] {
  const bins = byId(data.bin);
  const due = agenda.filter(({ when }) => when !== 'coming');
  const decisions = due.filter(({ kind }) => kind === 'decide');
  const strays = agenda.filter(({ kind }) => kind === 'stray');
  const worthOf = (item: AgendaItem): number => OF[item.kind].worth * (item.when === 'overdue' ? OVERDUE : 1);
  const chores: Chore[] = dangers.map(({ room, caution }) => ({
    key: `danger ${caution.key}`,
    what: `${room.name}: ${caution.fact}`,
    ...OF.danger,
    because: 'somebody could be hurt',
    where: { screen: 'place', roomId: room.id },
  }));
  for (const item of due)
    if (item.kind !== 'decide' && item.kind !== 'stray' && item.kind !== 'order')
      chores.push({
        key: item.key,
        what: item.room ? `${item.what}, ${item.room.name}` : item.what,
        minutes: item.minutes,
        worth: worthOf(item),
        because: item.when === 'overdue' ? 'overdue' : 'due today',
        where: whereOf(item),
      });
  // What is alike is done in one go: no more of it than a few minutes take.
  for (const [items, name] of [
    [decisions, 'decisions that are due'],
    [strays, 'pieces from the strays tray'],
  ] as const)
    for (let i = 0; i < items.length; i += IN_ONE_GO) {
      const part = items.slice(i, i + IN_ONE_GO);
      chores.push({
        key: `${part[0]!.kind} ${part[0]!.id} and more`,
        what: part.length === 1 ? `${name}: ${part[0]!.what}` : `${part.length} ${name}`,
        minutes: part.reduce((sum, { minutes }) => sum + minutes, 0),
        worth: part.reduce((sum, item) => sum + worthOf(item), 0),
        because: part.map(({ what }) => what).join(', '),
        where: whereOf(part[0]!),
      });
    }
  // One list is sent for all that is ordered: each more takes but a line of it.
  const orders = due.filter(({ kind }) => kind === 'order');
  if (orders.length)
    chores.push({
      key: 'orders',
      what: orders.length === 1 ? orders[0]!.what : `order ${orders.length} things that run out`,
      minutes: orders[0]!.minutes + orders.length - 1,
      worth: orders.reduce((sum, item) => sum + worthOf(item), 0),
      because: orders.map(({ what }) => what.replace(/^order /, '')).join(', '),
      where: { screen: SCREEN_OF.order },
    });
  for (const { room, stale } of labels)
    if (stale)
      chores.push({
        key: `labels ${room.id}`,
        what: `${room.name}: ${counted(stale, 'label')} to print anew`,
        minutes: OF.labels.minutes + Math.ceil(stale / 4),
        worth: OF.labels.worth + Math.min(stale, 10),
        because: 'they say something else than what is in the bin',
        where: { screen: 'label', roomId: room.id },
      });
  const named = (id: string): string => `${bins.get(id)!.code} ${bins.get(id)!.name}`;
  for (const id of missingBins(data.observation).keys())
    if (bins.has(id))
      chores.push({
        key: `missing ${id}`,
        what: `look for ${named(id)}`,
        ...OF.missing,
        because: 'it was not in its place',
        where: { screen: 'bin', code: bins.get(id)!.code },
      });
  for (const [id, seen] of overFullBins(data.observation))
    if (bins.has(id))
      chores.push({
        key: `over-full ${id}`,
        what: `go through ${named(id)}`,
        ...OF.overFull,
        because: `over-full, seen ${counted(seen, 'time')}`,
        where: { screen: 'bin', code: bins.get(id)!.code },
      });
  /** So many small steps of one kind as there is time for. */
  const some = (all: number, kind: 'place' | 'move') => {
    const count = Math.max(1, Math.min(all, IN_ONE_GO, Math.floor(minutes / OF[kind].minutes)));
    return { count, minutes: OF[kind].minutes * count, worth: OF[kind].worth * count };
  };
  for (const room of data.room) {
    const steps = data.move.filter(({ roomId, done }) => roomId === room.id && !done).length;
    const waiting = data.bin.filter(({ roomId, compartmentId }) => roomId === room.id && !compartmentId).length;
    if (steps) {
      const { count, ...takes } = some(steps, 'move');
      chores.push({
        key: `moves ${room.id}`,
        what: `${room.name}: ${count} of ${counted(steps, 'step')} of the move`,
        ...takes,
        because: 'until it is done, some things are not where they are looked for',
        where: { screen: 'moves', roomId: room.id },
      });
    }
    if (waiting) {
      const { count, ...takes } = some(waiting, 'place');
      chores.push({
        key: `bench ${room.id}`,
        what: `${room.name}: give ${count === waiting ? counted(count, 'bin') : `${count} of ${waiting} bins`} a place`,
        ...takes,
        because: 'on the bench, where nobody looks for it',
        where: { screen: 'place', roomId: room.id },
      });
    }
  }
  return chores;
}
const whereOf = ({ kind, room }: AgendaItem): Chore['where'] => ({
  screen: SCREEN_OF[kind],
  ...(room ? { roomId: room.id } : {}),
});
const IN_ONE_GO = 5;
