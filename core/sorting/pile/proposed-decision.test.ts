import { expect, test } from 'vitest';
import { proposedDecision } from './proposed-decision.ts';

test.each([
  ['felt tips', 'dried out', 'bin'],
  ['torch', 'broken', 'bin'],
  ['outgrown jumpers', null, 'pass on'],
  ['trousers, too small', 'good', 'pass on'],
  ['torch', 'worn', undefined],
  ['torch', null, undefined],
] as const)('%s, %s: %s', (name, condition, decision) =>
  expect(proposedDecision({ name, condition })?.decision).toBe(decision),
);
