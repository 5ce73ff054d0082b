import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** One sitting of a makeover: it runs, is paused and goes on, and ends. */
export interface Session extends RowOfSite {
  roomId: string;
  startedAt: string;
  /** Since when it has been running; null while it is paused or ended. */
  runningSince: string | null;
  endedAt: string | null;
  /** Seconds worked before `runningSince`. */
  seconds: number;
}

export const session = entity<Session>()({
  words: { one: 'session', many: 'sessions' },
  routes: { create: false, remove: true },
  fields: { roomId: pointsTo('room', 'remove'), startedAt: {}, runningSince: {}, endedAt: {}, seconds: {} },
  since: 2,
});
