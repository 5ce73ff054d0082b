import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import { readFate, readMeasure, readNumber } from './cells.ts';
import { guessColumns } from './columns.ts';
import { readList, roomOf } from './read-list.ts';
import { context } from './testing/context.ts';

const HEADINGS = 'Where;What;How many;Unit;Length;Breadth;Height;Who uses it;Per week;Keep?;Remarks'.split(';');

describe('cells', () => {
  test('numbers, measures and decisions as people write them', () => {
    expect([readNumber('0,5'), readNumber('1 200'), readNumber('minus two'), readNumber('-3')]).toEqual([
      0.5,
      1200,
      null,
      null,
    ]);
    expect(readMeasure('packs of 100')).toMatchObject({ measure: 'pieces', times: 100 });
    expect(readMeasure('laundry basket')).toMatchObject({ measure: 'basket' });
    expect(readMeasure('bottles')).toMatchObject({ measure: 'pieces', said: 'bottles' });
    expect(readFate('return by 12/12/2026', '2026-11-25')).toMatchObject({ decision: 'return', due: '2026-12-12' });
    expect(readFate('keep half', '2026-11-25')).toMatchObject({ decision: 'keep', half: true });
    expect(readFate('decide later', '2026-11-25')).toMatchObject({ decision: 'decide later' });
    for (const [said, decision] of [
      ['ok', 'keep'],
      ['stays here', 'keep'],
      ['?', null],
      ['tbd', null],
      ['charity shop', 'give away'],
      ['no longer needed', 'give away'],
      ['tip', 'bin'],
      ['mend', 'decide later'],
    ] as const)
      expect(readFate(said, '2026-11-25')?.decision).toBe(decision);
    expect(readFate('perhaps', '2026-11-25')).toBeNull();
  });
  test('a place names its room whole, at its beginning or with one word', () => {
    expect(roomOf('Net loft, left shelf', context.rooms)).toBe('loft');
    expect(roomOf('office', context.rooms)).toBe('office');
    expect(roomOf('Office', [{ id: 'o', name: 'Back office' }])).toBe('o');
    expect(roomOf('room', context.rooms)).toBeNull();
  });
});

test.each([
  ['2 doz', 'crayons', 24, 'pieces'],
  ['~12', 'felt tips', 12, 'pieces'],
  ['1,000', 'beads', 1000, 'pieces'],
  ['1,5', 'sacks of wool', 1.5, 'pieces'],
  ['10-12', 'brushes', 11, 'pieces'],
  ['a few', 'kites', 3, 'pieces'],
  ['2 shoeboxes', 'wooden blocks', 2, 'shoebox'],
])('the amount %j of %s is %d %s', (said, name, amount, measure) => {
  const mapping = guessColumns(['What', 'How many']);
  const read = runToEnd(readList([[name, said]], mapping, context));
  expect(read.lines.map(({ values }) => [values.amount, values.measure])).toEqual([[amount, measure]]);
});
test('sizes and conditions have columns of their own; what is not known of them is a note', () => {
  const headings = ['What', 'Size', 'Condition'];
  const rows = [
    ['picture books', '25x20x1 cm', 'worn'],
    ['kites', 'large', 'so-so'],
  ];
  const { lines } = runToEnd(readList(rows, guessColumns(headings), context));
  expect(
    lines.map(({ values }) => [values.length, values.width, values.height, values.condition, values.note]),
  ).toEqual([
    [250, 200, 10, 'worn', ''],
    [null, null, null, null, 'large; so-so'],
  ]);
});
test.each(['minus two', '-3', 'many', '=1+1'])('%j is no amount, and stops its row', (said) => {
  const read = runToEnd(readList([['kites', said]], guessColumns(['What', 'How many']), context));
  expect(read.lines).toEqual([]);
  expect(read.problems.some((problem) => problem.stops)).toBe(true);
});

test('whatever the cells hold, rows become lines or are answered', () => {
  // Most cells hold what belongs there, so that rows do become lines; any may hold anything.
  const cell = (...usual: string[]) =>
    fc.oneof({ weight: 9, arbitrary: fc.constantFrom(...usual) }, { weight: 1, arbitrary: fc.string() });
  const row = fc.tuple(
    cell('', 'Net loft'),
    cell('kites', 'glue sticks', 'beads'),
    cell('3', '0,5', '-1', ''),
    cell('', 'mugs', 'pieces'),
    ...['25 cm', '12', '3'].map((size) => cell('', size)),
    cell('', 'Otters'),
    cell('', '2'),
    cell('', 'keep', 'give away'),
    cell('', 'worn'),
  );
  let lines = 0;
  fc.assert(
    fc.property(fc.array(row), (rows) => {
      const read = runToEnd(readList(rows, guessColumns(HEADINGS), context));
      const answered = new Set([...read.lines, ...read.problems].map((one) => one.row));
      expect(answered.size + read.empty).toBe(rows.length);
      lines += read.lines.length;
      for (const { values } of read.lines) expect(values.amount).toBeGreaterThan(0);
    }),
  );
  expect(lines).toBeGreaterThan(20);
});
