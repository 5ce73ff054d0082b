import { expect, test } from 'vitest';
import fc from 'fast-check';
import type { Recall } from '../../ground/model/entities.ts';
import { answered, isKnown, progressOf, roundOf } from './recall.ts';
import { questionOf, type Asked } from './questions.ts';

const at = (day: string, time = '10:00') => new Date(`${day}T${time}:00Z`);
const recall = (binId: string, state: Recall['state']): Recall => ({
  id: binId,
  siteId: 's',
  version: 1,
  personId: 'p',
  binId,
  state,
});

test('what is missed comes back sooner than what was known', () => {
  const now = at('2026-12-01');
  const right = answered(null, true, now);
  const wrong = answered(null, false, now);
  expect(wrong.due < right.due).toBe(true);
  expect(isKnown(right, now)).toBe(false);
  const once = answered(right, true, at('2026-12-01', '10:15'));
  expect(isKnown(once, at('2026-12-01', '10:15'))).toBe(true);
  const lapsed = answered(once, false, at('2026-12-05'));
  expect(lapsed.lapses).toBe(1);
  expect(isKnown(lapsed, at('2026-12-05'))).toBe(false);
  // Known well, it rests longer each time.
  const twice = answered(once, true, new Date(once.due));
  expect(twice.scheduledDays).toBeGreaterThan(once.scheduledDays);
});

test('a round asks what is due first, then what is new; nine of ten known places are a room that is known', () => {
  const now = at('2026-12-10');
  const early = recall('a', { ...answered(null, false, at('2026-12-01')) });
  const later = recall('b', answered(null, true, at('2026-12-09')));
  expect(roundOf(['c', 'b', 'a', 'd'], [later, early], now, 3)).toEqual(['a', 'b', 'c']);
  const known = (id: string) =>
    recall(id, answered(answered(null, true, at('2026-12-09')), true, at('2026-12-09', '10:20')));
  const bins = Array.from({ length: 10 }, (_, i) => `k${i}`);
  expect(progressOf(bins, bins.slice(0, 8).map(known), now)).toMatchObject({ all: 10, known: 8, knowsRoom: false });
  expect(progressOf(bins, bins.slice(0, 9).map(known), now).knowsRoom).toBe(true);
  expect(progressOf([], [], now).knowsRoom).toBe(false);
});

test('every question has one right answer among its choices, and none that is right as well', () => {
  let posed = 0;
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 4 }), fc.boolean()), {
        minLength: 1,
        maxLength: 20,
      }),
      fc.constantFrom('where' as const, 'what' as const, 'never' as const),
      fc.integer({ min: 1, max: 1000 }),
      (told, kind, seed) => {
        const bins = told.map(([space, category, adultsOnly], i): Asked => ({
          id: `b${i}`,
          spaceId: `s${space}`,
          unitId: `u${space % 2}`,
          categoryId: `c${category}`,
          adultsOnly,
        }));
        const question = questionOf(kind, 'b0', bins, new Set(['s1']), seed);
        if (!question) return;
        posed++;
        expect(question.choices).toContain(question.answer);
        expect(new Set(question.choices).size).toBe(question.choices.length);
        expect(question.choices.length).toBeGreaterThan(1);
        const wrong = question.choices.filter((id) => id !== question.answer);
        const asked = bins[0]!;
        if (kind === 'where')
          for (const id of wrong)
            expect(bins.some((bin) => bin.spaceId === id && bin.categoryId === asked.categoryId)).toBe(false);
        else
          for (const id of wrong) {
            const bin = bins.find((one) => one.id === id)!;
            expect(kind === 'what' ? bin.spaceId === asked.spaceId : bin.adultsOnly).toBe(false);
          }
      },
    ),
  );
  expect(posed).toBeGreaterThan(20);
});
