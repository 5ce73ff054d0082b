/** All that waits to be done in a site or a room, as chores with their minutes and their worth. */
import type { Caution } from '../cautions/caution.ts';
import { missingBins } from '../observations/learned.ts';
import { overFullBins } from '../observations/over-full.ts';
import type { Room, SiteData } from '../model/entities.ts';
import type { AgendaItem } from './agenda-item.ts';
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
} as const;
/** What is overdue is worth more by so much. */
const OVERDUE = 1.5;

export interface ChoreFacts {
  agenda: readonly AgendaItem[];
  dangers: readonly { room: Pick<Room, 'id' | 'name'>; caution: Pick<Caution, 'key' | 'fact'> }[];
  /** Labels out of date by room. */
  labels: readonly { room: Pick<Room, 'id' | 'name'>; stale: number }[];
  data: Pick<SiteData, 'bin' | 'observation'>;
}

export function choresOf({ agenda, dangers, labels, data }: ChoreFacts): Chore[] {
  const bins = new Map(data.bin.map((bin) => [bin.id, bin]));
  const many = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;
  const due = agenda.filter(({ when }) => when !== 'coming');
  const decisions = due.filter(({ kind }) => kind === 'decide');
  const strays = agenda.filter(({ kind }) => kind === 'stray');
  const worthOf = (item: AgendaItem): number => OF[item.kind].worth * (item.when === 'overdue' ? OVERDUE : 1);
  const chores: Chore[] = dangers.map(({ room, caution }) => ({
    key: `danger ${caution.key}`,
    what: `${room.name}: ${caution.fact}`,
    ...OF.danger,
    because: 'somebody could be hurt',
  }));
  for (const item of due)
    if (item.kind !== 'decide' && item.kind !== 'stray')
      chores.push({
        key: item.key,
        what: item.room ? `${item.what}, ${item.room.name}` : item.what,
        minutes: item.minutes,
        worth: worthOf(item),
        because: item.when === 'overdue' ? 'overdue' : 'due today',
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
      });
    }
  for (const { room, stale } of labels)
    if (stale)
      chores.push({
        key: `labels ${room.id}`,
        what: `${room.name}: ${many(stale, 'label', 'labels')} to print anew`,
        minutes: OF.labels.minutes + Math.ceil(stale / 4),
        worth: OF.labels.worth + Math.min(stale, 10),
        because: 'they say something else than what is in the bin',
      });
  const named = (id: string): string => `${bins.get(id)!.code} ${bins.get(id)!.name}`;
  for (const id of missingBins(data.observation).keys())
    if (bins.has(id))
      chores.push({
        key: `missing ${id}`,
        what: `look for ${named(id)}`,
        ...OF.missing,
        because: 'it was not in its place',
      });
  for (const [id, seen] of overFullBins(data.observation))
    if (bins.has(id))
      chores.push({
        key: `over-full ${id}`,
        what: `go through ${named(id)}`,
        ...OF.overFull,
        because: `over-full, seen ${many(seen, 'time', 'times')}`,
      });
  const waiting = data.bin.filter(({ compartmentId }) => !compartmentId);
  if (waiting.length)
    chores.push({
      key: 'bench',
      what: `give ${many(waiting.length, 'bin', 'bins')} a place`,
      minutes: OF.place.minutes * Math.min(waiting.length, IN_ONE_GO),
      worth: OF.place.worth * Math.min(waiting.length, IN_ONE_GO),
      because: 'on the bench, where nobody looks for it',
    });
  return chores;
}
const IN_ONE_GO = 5;
