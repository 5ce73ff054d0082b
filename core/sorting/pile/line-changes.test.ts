import { expect, test } from 'vitest';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { Line } from '../../ground/model/entities.ts';
import { goingHalf, halvesOf, onceMore } from './line-changes.ts';
import { decided, decisionFor, lineOf, putOffProblem, withDecision } from './new-line.ts';
import { isParsedLine, parseLine } from './parse-line.ts';

const NOW = { at: '2026-11-26T10:00:00.000Z', today: '2026-11-26' };
const line = (more: Partial<Line> = {}): Line => ({ id: 'l', version: 1, siteId: 's', ...lineValues('blocks', more) });

test.each([
  [7, 'pieces', [4, 3]],
  [1, 'pieces', [0.5, 0.5]],
  [2.5, 'pieces', [1.25, 1.25]],
  [3, 'shoebox', [1.5, 1.5]],
])('%d %s are halved into %j, however it is asked for', (amount, measure, halves) => {
  expect(halvesOf(amount, measure)).toEqual(halves);
  expect(goingHalf(line({ amount, measure }), 9, NOW)).toMatchObject({
    amount: halves[1],
    decision: 'give away',
    decidedAt: NOW.at,
    sort: 9,
  });
});

test('once more is the same without what was found out about the first', () =>
  expect(onceMore(line({ tested: 3, dead: 1, note: 'red', setPieces: 24 }), 5)).toMatchObject({
    tested: null,
    dead: null,
    note: '',
    setPieces: 24,
    sort: 5,
  }));

test.each([
  ['keep', null, { due: null, keepUntil: null, decidedAt: NOW.at }],
  ['keep', '2027-01-01', { due: null, keepUntil: '2027-01-01', decidedAt: NOW.at }],
  ['return', '2027-01-01', { due: '2027-01-01', keepUntil: null, decidedAt: NOW.at }],
  ['give away', null, { due: null, keepUntil: null, decidedAt: NOW.at }],
  ['decide later', null, { due: '2026-12-26', keepUntil: null, decidedAt: null }],
] as const)('%s by %s', (decision, day, dates) => expect(decided(decision, day, NOW)).toEqual({ decision, ...dates }));

test('a typed line becomes what its words and a decision by hand say', () => {
  const read = parseLine('lamp, return by 5 Jan', 'metric', { today: '2026-11-26' });
  if (!isParsedLine(read)) throw new Error('not read');
  const place = { roomId: 'r', categoryId: null, sort: 3 };
  expect(lineOf(read, place, decisionFor(read, { keepsNew: false }), NOW)).toMatchObject({
    name: 'lamp',
    decision: 'return',
    due: '2027-01-05',
    ...place,
  });
  expect(lineOf(read, place, 'keep', NOW)).toMatchObject({ decision: 'keep', keepUntil: '2027-01-05', due: null });
});

test('another decision brings its dates; the same one changes none', () => {
  const later = line({ decision: 'decide later', due: '2026-12-01', decidedAt: null });
  expect(withDecision(later, { decision: 'keep' }, NOW)).toEqual({ decision: 'keep', due: null, decidedAt: NOW.at });
  expect(withDecision(later, { decision: 'return', due: '2027-02-01' }, NOW)).toMatchObject({ due: '2027-02-01' });
  expect(withDecision(later, { decision: 'decide later', note: 'x' }, NOW)).toEqual({
    decision: 'decide later',
    note: 'x',
  });
  // What is open keeps a day; put off later than that, it is counted, and twice is enough.
  expect(withDecision(later, { due: null }, NOW)).toEqual({ due: '2026-12-01' });
  expect(withDecision(later, { due: '2026-12-15' }, NOW)).toEqual({ due: '2026-12-15', putOff: 1 });
  expect(putOffProblem({ ...later, putOff: 2 }, { due: '2026-12-15' })).toMatch(/has to be decided/);
  expect(putOffProblem({ ...later, putOff: 2 }, { due: '2026-11-28' })).toBeNull();
  expect(withDecision(line(), { decision: 'decide later' }, NOW)).toMatchObject({ due: '2026-12-26', decidedAt: null });
});

test.each([
  ['blocks', false, undefined, null],
  ['blocks', true, undefined, 'keep'],
  ['blocks, bin', true, undefined, 'bin'],
  ['blocks, bin', false, 'keep', 'keep'],
  ['blocks', true, null, null],
] as const)('%j where new lines are kept (%s) and %s was chosen: %s', (text, keepsNew, byHand, decision) => {
  const read = parseLine(text, 'metric', { today: '2026-11-26' });
  if (!isParsedLine(read)) throw new Error('not read');
  expect(decisionFor(read, { keepsNew }, byHand)).toBe(decision);
});

test.each([
  ['lamp, return by 29 Feb 2027', '29 Feb 2027'],
  ['lamp, return by 29 February', '29 February'],
  ['kites until 2027-02-30', '2027-02-30'],
  ['kites decide later by 31.04.2027', '31.04.2027'],
  ['kites by April 31', 'April 31'],
])('%s names a day that there is none', (text, day) => {
  expect(parseLine(text, 'metric', { today: '2026-11-26' })).toEqual({
    field: 'text',
    message: `There is no ${day}. Enter a day that exists.`,
  });
  // Put back into the name by hand it is part of it.
  expect(parseLine(text, 'metric', { today: '2026-11-26', ignore: new Set(['day']) })).not.toHaveProperty('message');
});
test.each(['lamp, return by 29 Feb 2028', 'puzzle by 12 ducks', '3 shoeboxes wooden blocks', 'kites until May'])(
  '%s names none that is missing',
  (text) => expect(parseLine(text, 'metric', { today: '2026-11-26' })).not.toHaveProperty('message'),
);
