import { entity, pointsTo, type RowOfSite } from './entity.ts';

export const FIXTURE_KINDS = ['exit', 'heater', 'socket'] as const;
export type FixtureKind = (typeof FIXTURE_KINDS)[number];

/** Something of the room itself that storage has to keep clear of: a way out, a heater, a socket. */
export interface Fixture extends RowOfSite {
  roomId: string;
  kind: FixtureKind;
  name: string;
  /** Its middle on the floor plan: mm from the room's left wall and from its front wall. */
  x: number;
  y: number;
}

export const fixture = entity<Fixture>()({
  words: { one: 'fixture', many: 'fixtures' },
  routes: { create: true, remove: true },
  fields: { roomId: pointsTo('room', 'remove'), kind: {}, name: { default: '' }, x: {}, y: {} },
  since: 4,
});
