/** A room with many bins and shelves as a placement problem. */
import type { DepthProblem } from '@stube/core/placement';

export function placeBinsProblem(bins: number, compartments: number): { problem: DepthProblem } {
  return {
    problem: {
      format: 'stube-place/2',
      people: [{ id: 'p', kind: 'adult', stature: 1700 }],
      zones: [{ id: 'z' }],
      compartments: Array.from({ length: compartments }, (_, i) => ({
        id: `c${i}`,
        unit: `u${i >> 2}`,
        floor: 100 + (i % 5) * 320,
        width: 900,
        depth: 400,
        height: 320,
        access: 'front' as const,
        door: i % 7 === 0,
        drawer: false,
        locked: false,
        sunlit: false,
        onView: true,
        maxLoad: 30000,
        walk: { z: 1 + (i % 9) / 2 },
      })),
      bins: Array.from({ length: bins }, (_, i) => ({
        id: `b${i}`,
        width: 180 + (i % 6) * 20,
        depth: 300,
        height: 200,
        mass: 1500,
        lid: i % 3 === 0,
        zone: 'z',
        uses: [{ person: 'p', perWeek: 1 + (i % 10) }],
        group: i % 4 ? null : `g${i >> 4}`,
        hazard: false,
        childReach: false,
        lightSensitive: false,
        view: null,
        turnable: i % 2 === 0,
        stackable: i % 3 === 0,
      })),
      growth: 0.1,
      timeMs: 2000,
    },
  };
}
