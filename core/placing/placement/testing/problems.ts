/** Small placement problems of chance in which nothing turns or bears another, for property tests. */
import fc from 'fast-check';
import type { DepthProblem } from '../depth/problem.ts';

const flag = fc.boolean();
const compartment = fc.record({
  unit: fc.constantFrom('u0', 'u1', 'u2'),
  floor: fc.integer({ min: 0, max: 1900 }),
  width: fc.integer({ min: 150, max: 900 }),
  depth: fc.integer({ min: 200, max: 500 }),
  height: fc.integer({ min: 120, max: 400 }),
  access: fc.constantFrom('front' as const, 'top' as const),
  door: flag,
  drawer: flag,
  locked: flag,
  sunlit: flag,
  onView: flag,
  hangs: fc.constantFrom(false, false, true),
  maxLoad: fc.integer({ min: 2000, max: 25000 }),
  walk: fc.record({ z0: fc.integer({ min: 0, max: 9 }), z1: fc.integer({ min: 0, max: 9 }) }),
});
const bin = fc.record({
  width: fc.integer({ min: 80, max: 400 }),
  depth: fc.integer({ min: 100, max: 420 }),
  height: fc.integer({ min: 60, max: 330 }),
  mass: fc.integer({ min: 100, max: 12000 }),
  lid: flag,
  zone: fc.constantFrom('z0', 'z1'),
  uses: fc.array(fc.record({ person: fc.constantFrom('p0', 'p1', 'p2'), perWeek: fc.integer({ min: 0, max: 20 }) }), {
    maxLength: 2,
  }),
  group: fc.constantFrom(null, 'g0', 'g1'),
  hazard: flag,
  childReach: flag,
  lightSensitive: flag,
  view: fc.constantFrom('show' as const, 'hide' as const, null),
  canHang: flag,
});
export const problems = (mostBins: number, mostSpaces: number): fc.Arbitrary<DepthProblem> =>
  fc
    .record({
      compartments: fc.array(compartment, { maxLength: mostSpaces }),
      bins: fc.array(bin, { maxLength: mostBins }),
      growth: fc.constantFrom(0, 0.1, 0.15),
    })
    .map(({ compartments, bins, growth }) => ({
      format: 'stube-place/2',
      people: [
        { id: 'p0', kind: 'adult', stature: 1640 },
        { id: 'p1', kind: 'adult', stature: 1820 },
        { id: 'p2', kind: 'child', stature: 1100 },
      ],
      zones: [{ id: 'z0' }, { id: 'z1' }],
      compartments: compartments.map((compartment, i) => ({ ...compartment, id: `c${i}` })),
      bins: bins.map((bin, i) => ({ ...bin, id: `b${i}`, turnable: false, stackable: false })),
      growth,
      timeMs: 100,
    }));
