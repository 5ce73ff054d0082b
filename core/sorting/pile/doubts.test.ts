import { expect, test } from 'vitest';
import fc from 'fast-check';
import { DECISIONS } from '../../ground/model/entities.ts';
import { advise, DOUBTS } from './doubts.ts';

test.each([
  [{ used: true }, null, 'keep'],
  [{ works: false }, null, 'bin'],
  [{ used: true }, 'dried out', 'bin'],
  [{ works: false, plan: true }, null, 'decide later'],
  [{ used: false }, 'sealed', 'return'],
  [{ outgrown: true, wanted: true }, null, 'pass on'],
  [{ outgrown: true }, null, 'pass on'],
  [{ outgrown: true, wanted: false }, null, 'give away'],
  [{ used: true, double: true }, null, 'give away'],
  [{ used: false, plan: true }, null, 'decide later'],
  [{ used: false, plan: false, wanted: true }, null, 'pass on'],
  [{ used: true, room: false }, null, 'other room'],
] as const)('%j and %s speak for %s', (answers, condition, decision) =>
  expect(advise(answers, { name: 'thing', condition })?.decision).toBe(decision),
);
test('without answers nothing is proposed', () => {
  expect(advise({})).toBeNull();
  expect(advise({ used: false })).toBeNull();
});
test('whatever is answered, the proposal is a decision with a reason, or none', () => {
  const answers = fc.record(
    Object.fromEntries(DOUBTS.map(({ key }) => [key, fc.boolean()])) as Record<string, fc.Arbitrary<boolean>>,
    { requiredKeys: [] },
  );
  let advised = 0;
  fc.assert(
    fc.property(answers, (given) => {
      const advice = advise(given as Record<string, boolean>);
      if (!advice) return;
      advised++;
      expect(DECISIONS).toContain(advice.decision);
      expect(advice.reason).toMatch(/\.$/);
    }),
  );
  expect(advised).toBeGreaterThan(20);
});
