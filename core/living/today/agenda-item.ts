/** Something that is due, with its day, its room, and who does it. */
import type { Room } from '../../ground/model/entities.ts';

export type AgendaKind =
  | 'decide'
  | 'return'
  | 'keep until'
  | 'part put off'
  | 'routine'
  | 'stray'
  | 'swap'
  | 'season'
  | 'order'
  | 'use up'
  | 'first aid';
/** The screen on which it is seen to. */
export const SCREEN_OF = {
  decide: 'pile',
  return: 'pile',
  'keep until': 'pile',
  'part put off': 'pile',
  routine: 'routines',
  stray: 'strays',
  swap: 'swap',
  season: 'rotation',
  order: 'restock',
  'use up': 'restock',
  'first aid': 'restock',
} as const satisfies Record<AgendaKind, string>;

export interface AgendaItem {
  /** Stable for the same row. */
  key: string;
  kind: AgendaKind;
  /** The row it comes from: a line, a part put off, a routine, a stray. */
  id: string;
  /** ISO date. */
  day: string;
  when: 'overdue' | 'today' | 'coming';
  /** Null: it is about the whole site. */
  room: Pick<Room, 'id' | 'name'> | null;
  what: string;
  /** Who does it, where that is said. */
  personId: string | null;
  /** How long it takes, minutes. */
  minutes: number;
  /** More to say: steps that are ticked, times it was left. */
  more: string;
}
