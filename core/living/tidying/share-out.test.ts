import { expect, test } from 'vitest';
import fc from 'fast-check';
import { canTidy, carries, shareOut, type TidyBin, type TidyPerson } from './share-out.ts';

const child = (id: string, stature: number, months: number | null = null): TidyPerson => ({
  id,
  stature,
  isChild: true,
  months,
});
const bin = (id: string, seconds: number, more: Partial<TidyBin> = {}): TidyBin => ({
  id,
  seconds,
  grip: 400,
  mass: 900,
  adultsOnly: false,
  ...more,
});

test('a child carries some 15 % of its own mass, and reaches a little above its head', () => {
  expect(Math.round(carries(1000))).toBe(2310);
  expect(Math.round(carries(1180))).toBeGreaterThan(3000);
  expect(canTidy(child('o', 1000), bin('a', 30, { mass: 2400 }))).toBe(false);
  expect(canTidy(child('o', 1000), bin('a', 30, { grip: 1200 }))).toBe(false);
  expect(canTidy(child('o', 1000), bin('a', 30, { grip: 1140 }))).toBe(true);
  expect(canTidy(child('o', 1000), bin('a', 30, { adultsOnly: true }))).toBe(false);
  expect(canTidy({ ...child('h', 1000), isChild: false }, bin('a', 30, { adultsOnly: true, grip: 1900 }))).toBe(true);
});

test('all end together where the bins allow it, and the young are given less', () => {
  const four = ['a', 'b', 'c', 'd'].map((id) => child(id, 1200));
  const { shares } = shareOut(
    four,
    [60, 60, 40, 40, 20, 20, 20, 20].map((seconds, i) => bin(`b${i}`, seconds)),
  );
  expect(shares.map(({ seconds }) => seconds).sort((a, b) => a - b)).toEqual([60, 60, 80, 80]);
  const mixed = shareOut(
    [child('young', 1000, 40), child('old', 1200, 90)],
    Array.from({ length: 13 }, (_, i) => bin(`b${i}`, 20)),
  );
  expect(mixed.shares[0]!.bins.length).toBeLessThan(mixed.shares[1]!.bins.length);
});

test('every bin is given once, to somebody who can do it, near the least that any sharing takes', () =>
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 900, max: 1500 }), { minLength: 1, maxLength: 5 }),
      fc.array(fc.tuple(fc.integer({ min: 5, max: 120 }), fc.integer({ min: 100, max: 1600 })), { maxLength: 14 }),
      (statures, told) => {
        const people = statures.map((stature, i) => child(`p${i}`, stature));
        const bins = told.map(([seconds, grip], i) => bin(`b${i}`, seconds, { grip }));
        const { shares, left } = shareOut(people, bins);
        expect([...shares.flatMap((share) => share.bins), ...left].sort()).toEqual(bins.map(({ id }) => id).sort());
        for (const share of shares)
          for (const id of share.bins)
            expect(
              canTidy(
                people.find((one) => one.id === share.person)!,
                bins.find((one) => one.id === id)!,
              ),
            ).toBe(true);
        const done = bins.filter(({ id }) => !left.includes(id));
        const longest = Math.max(0, ...shares.map(({ seconds }) => seconds));
        const most = Math.max(0, ...done.map(({ seconds }) => seconds));
        const all = done.reduce((sum, { seconds }) => sum + seconds, 0);
        expect(longest).toBeGreaterThanOrEqual(Math.floor(all / people.length));
        // No worse than twice what must be where everybody can do everything.
        if (bins.every((one) => people.every((person) => canTidy(person, one))))
          expect(longest).toBeLessThanOrEqual(Math.ceil(all / people.length + most));
      },
    ),
  ));
