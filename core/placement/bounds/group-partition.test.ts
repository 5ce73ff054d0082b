import { expect, test } from 'vitest';
import fc from 'fast-check';
import { compilePlace } from '../compiled/compile.ts';
import { GroupPartition, type PricedGroup } from './group-partition.ts';
import { GROUP_SPLIT, UNPLACED } from '../problem.ts';
import { GroupFits } from './group-fits.ts';
import { plainBin, plainProblem, plainShelf } from '../testing/plain.ts';
import { problems } from '../testing/problems.ts';

interface Case {
  group: PricedGroup;
  price: Float64Array;
  /** A room of its own, to ask what the division is not to know yet. */
  fits: GroupFits;
}

/** One group of up to five in up to three units, at prices of chance; prices beyond what is left out do not occur. */
const cases: fc.Arbitrary<Case> = fc
  .record({
    problem: problems(5, 7).map((problem) => ({
      ...problem,
      bins: problem.bins.map((bin) => ({ ...bin, group: 'g0', hazard: false, view: null, lightSensitive: false })),
    })),
    prices: fc.array(fc.oneof(fc.integer({ min: 0, max: 300 }), fc.constant(UNPLACED)), {
      minLength: 20,
      maxLength: 20,
    }),
  })
  .filter(({ problem }) => problem.bins.length > 0)
  .map(({ problem, prices }) => {
    const place = compilePlace(problem);
    const units = Array.from({ length: place.units }, (_, u) => u);
    const members = place.inGroup[0]!;
    const columns = units.length + 1;
    const bothFits = [0, 1].map(() => {
      const fits = new GroupFits(place, members);
      fits.setUnits(units);
      return fits;
    });
    return {
      group: { members: members.length, columns, units, at: 0, fits: bothFits[0]! },
      price: Float64Array.from({ length: members.length * columns }, (_, i) =>
        Math.min(UNPLACED, prices[i % 20]! + i / 1024),
      ),
      fits: bothFits[1]!,
    };
  });

/** The least over all ways to give each member a column or none, `fixed` in its column, all parts having room if that is asked. */
function byTrying(
  { group, price, fits }: Case,
  { fixed, withRoom }: { fixed?: { member: number; column: number }; withRoom: boolean },
): number {
  const { members, columns } = group;
  const at = new Int32Array(members).fill(-1);
  let best = Infinity;
  const go = (m: number, sum: number): void => {
    if (m === members) {
      const used = new Set(at.filter((u) => u >= 0));
      for (const u of used) {
        const mask = at.reduce((all, own, k) => (own === u ? all | (1 << k) : all), 0);
        if (withRoom && !fits.holds(u, mask)) return;
      }
      best = Math.min(best, sum + GROUP_SPLIT * Math.max(0, used.size - 1));
      return;
    }
    const only = fixed?.member === m ? fixed.column : null;
    for (let u = -1; u < columns; u++) {
      if (only !== null && u !== only) continue;
      at[m] = u;
      go(m + 1, sum + (u < 0 ? UNPLACED : price[m * columns + u]!));
    }
    at[m] = -1;
  };
  go(0, 0);
  return best;
}

test('where there is room for all, a group pays for the cheapest of all its divisions', () => {
  fc.assert(
    fc.property(cases, (one) => {
      // Units that are not laid out are taken to have room.
      one.group.fits.setUnits([]);
      const wanted = new Float64Array(one.price.length);
      const pays = new GroupPartition(one.price).pays(one.group, wanted);
      expect(pays).toBeCloseTo(byTrying(one, { withRoom: false }), 6);
      // What it says it wants is what it pays for.
      const { members, columns } = one.group;
      let sum = 0;
      const units = new Set<number>();
      for (let m = 0; m < members; m++) {
        const own = Array.from(wanted.subarray(m * columns, (m + 1) * columns));
        const u = own.indexOf(1);
        expect(own.filter((n) => n !== 0).length).toBe(u < 0 ? 0 : 1);
        if (u >= 0) units.add(u);
        sum += u < 0 ? UNPLACED : one.price[m * columns + u]!;
      }
      expect(sum + GROUP_SPLIT * Math.max(0, units.size - 1)).toBeCloseTo(pays, 6);
    }),
    { numRuns: 300 },
  );
});

test('where room is scarce, it pays no more than the cheapest that has room, and no less than without walls', () => {
  fc.assert(
    fc.property(cases, (one) => {
      const pays = new GroupPartition(one.price).pays(one.group, new Float64Array(one.price.length));
      expect(pays).toBeLessThanOrEqual(byTrying(one, { withRoom: true }) + 1e-6);
      expect(pays).toBeGreaterThanOrEqual(byTrying(one, { withRoom: false }) - 1e-6);
    }),
    { numRuns: 300 },
  );
});

test('all of a group that only fits apart is not asked for together', () => {
  const bins = ['b0', 'b1'].map((id) => plainBin(id, { group: 'g0' }));
  const place = compilePlace(
    plainProblem(
      bins,
      ['u0', 'u1'].map((id) => plainShelf(id)),
    ),
  );
  const fits = new GroupFits(place, [0, 1]);
  fits.setUnits([0, 1]);
  const price = Float64Array.of(10, 12, 500, 200, 12, 500);
  const wanted = new Float64Array(6);
  const group = { members: 2, columns: 3, units: [0, 1], at: 0, fits };
  // Together in the second unit would cost 24, but there is room for one of them only.
  expect(new GroupPartition(price).pays(group, wanted)).toBe(10 + 12 + GROUP_SPLIT);
  expect(fits.refuses(1, 3)).toBe(true);
  expect(Array.from(wanted)).toEqual([1, 0, 0, 0, 1, 0]);
});

test('forced to pay one price, it pays no more than is said', () => {
  fc.assert(
    fc.property(cases, (one) => {
      const { members, columns } = one.group;
      const division = new GroupPartition(one.price);
      const pays = division.pays(one.group, new Float64Array(one.price.length));
      const extra = new Float64Array(one.price.length);
      division.forced(one.group, pays, extra);
      for (let member = 0; member < members; member++)
        for (let column = 0; column < columns; column++) {
          const least = byTrying(one, { fixed: { member, column }, withRoom: true });
          // Below what it has to pay: a choice must not be forgotten that a plan could make.
          expect(pays + extra[member * columns + column]!).toBeLessThanOrEqual(least + 1e-6);
        }
    }),
    { numRuns: 120 },
  );
});

test('more than eight stay together or pay one split, each where it pays least', () => {
  const place = compilePlace(fc.sample(problems(4, 4), { numRuns: 1, seed: 1 })[0]!);
  const members = 9;
  const price = Float64Array.from({ length: members * 2 }, (_, i) => (i % 2 ? 35 : 20));
  const group = {
    members,
    columns: 2,
    units: [0],
    at: 0,
    fits: new GroupFits(
      place,
      Array.from({ length: members }, (_, b) => b),
    ),
  };
  const wanted = new Float64Array(price.length);
  expect(new GroupPartition(price).pays(group, wanted)).toBe(20 * members);
  expect(Array.from(wanted)).toEqual(Array.from(price, (pays) => (pays === 20 ? 1 : 0)));
  for (let m = 0; m < members; m++) if (m % 2) price[2 * m] = 100;
  expect(new GroupPartition(price).pays(group, new Float64Array(price.length))).toBe(5 * 20 + 4 * 35 + GROUP_SPLIT);
});
