/** Bins and compartments to which no rule applies but room: for tests that need to know where each belongs. */
import type { RoomBin, RoomCompartment, RoomProblem } from '../../../ground/problems/place-problem.ts';

export const plainBin = (id: string, more: Partial<RoomBin> = {}): RoomBin => ({
  id,
  width: 300,
  depth: 200,
  height: 100,
  mass: 500,
  lid: false,
  zone: 'z0',
  uses: [{ person: 'p0', perWeek: 10 }],
  group: null,
  hazard: false,
  childReach: false,
  lightSensitive: false,
  view: null,
  ...more,
});

/** An open shelf at the height of the hands, in a unit of its own, one metre from two zones. */
export const plainShelf = (id: string, more: Partial<RoomCompartment> = {}): RoomCompartment => ({
  id,
  unit: id,
  floor: 900,
  width: 400,
  depth: 300,
  height: 300,
  access: 'front',
  door: false,
  drawer: false,
  locked: false,
  sunlit: false,
  onView: false,
  maxLoad: 20000,
  walk: { z0: 1, z1: 1 },
  ...more,
});

export const plainProblem = (bins: RoomBin[], compartments: RoomCompartment[]): RoomProblem => ({
  people: [{ id: 'p0', kind: 'adult', stature: 1700 }],
  zones: ['z0', 'z1', 'p', 'q', 'r'].map((id) => ({ id })),
  compartments,
  bins,
  growth: 0,
  timeMs: 100,
});
