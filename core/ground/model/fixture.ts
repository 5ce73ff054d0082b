import { entity, pointsTo, type RowOfSite } from './entity.ts';

export const FIXTURE_KINDS = ['exit', 'door', 'window', 'heater', 'socket'] as const;
export type FixtureKind = (typeof FIXTURE_KINDS)[number];

/** How a door opens: into the room, hinged at its left or right as seen from inside, or out of it. */
export const SWINGS = ['left', 'right', 'out'] as const;

/** Something of the room itself that storage has to keep clear of: a door, a window, a heater, a socket. */
export interface Fixture extends RowOfSite {
  roomId: string;
  kind: FixtureKind;
  name: string;
  /** Its middle on the floor plan: mm from the room's left wall and from its front wall. */
  x: number;
  y: number;
  /** Along its wall and upright, and from the floor to its underside, mm. */
  width: number;
  height: number;
  sill: number;
  /** Of a door or a way out; null where it has no leaf. */
  swing: (typeof SWINGS)[number] | null;
}

export const fixture = entity<Fixture>()({
  words: { one: 'fixture', many: 'fixtures' },
  routes: { create: true, remove: true },
  fields: {
    roomId: pointsTo('room', 'remove'),
    kind: {},
    name: { default: '' },
    x: {},
    y: {},
    width: { default: 300, since: 7 },
    height: { default: 300, since: 7 },
    sill: { default: 0, since: 7 },
    swing: { default: null, since: 7 },
  },
  since: 4,
});
