import { expect, test } from 'vitest';
import { labelText } from '../labels/layout.ts';
import { pileTotals } from '../pile/totals.ts';
import { defaultsOf } from '../model/defaults.ts';
import type { Bin, Decision, Line } from '../model/entities.ts';
import { nextStep, roomProgress } from './progress.ts';

const line = (id: string, decision: Decision, categoryId: string | null, amount = 10): Line => ({
  ...defaultsOf('line'),
  id,
  version: 1,
  siteId: 's',
  roomId: 'r',
  categoryId,
  name: id,
  amount,
  measure: 'pieces',
  length: 100,
  width: 100,
  height: 10,
  decision,
  note: '',
  sort: 0,
});
const bin = (id: string, compartmentId: string | null, printed: string | null): Bin => ({
  ...(defaultsOf('bin') as Partial<Bin> as Bin),
  id,
  version: 1,
  siteId: 's',
  roomId: 'r',
  categoryId: 'c',
  containerTypeId: 't',
  code: id,
  name: id,
  litres: 1,
  compartmentId,
  pinned: false,
  printed,
  seenFull: null,
  cells: null,
  sort: 0,
});
const data = (lines: Line[], bins: Bin[] = []) => ({ line: lines, unit: [], compartment: [], bin: bins });

test('each step says what is done and what is open, and the first open one is next', () => {
  expect(nextStep(roomProgress(data([]), 'r'))).toBe('pile');
  const undecided = roomProgress(data([line('a', 'decide later', null), line('b', 'keep', null)]), 'r');
  expect(undecided.pile).toMatchObject({ done: 1, open: 1, words: '1 to decide' });
  expect(undecided.group).toMatchObject({ open: 1, words: '1 unsorted' });
  const one = bin('N1', null, null);
  const bench = roomProgress(
    data([line('b', 'keep', 'c')], [one, { ...bin('N2', 'x', null), printed: labelText(bin('N2', 'x', null)) }]),
    'r',
  );
  expect(bench.place).toMatchObject({ done: 1, open: 1, words: '1 on the bench' });
  expect(bench.label).toMatchObject({ done: 1, open: 1 });
  expect(bench.contain).toMatchObject({ open: 0 });
});
test('a renamed bin wants its label anew', () => {
  const old = bin('N1', 'x', 'N1 Other name');
  expect(roomProgress(data([], [old]), 'r').label.open).toBe(1);
});
test('a pile adds up by fate, and what is told by measure has litres but no count', () => {
  const totals = pileTotals(
    [
      line('a', 'keep', null),
      line('b', 'give away', null, 5),
      line('c', 'decide later', null),
      { ...line('d', 'keep', null, 2), measure: 'shoebox' },
    ],
    new Map(),
    { measures: {} },
  );
  expect(totals.kept).toMatchObject({ lines: 2, pieces: 10 });
  expect(totals.kept.litres).toBeCloseTo(10 * 0.1 * 0.7 + 10);
  expect(totals.leaving).toMatchObject({ lines: 1, pieces: 5 });
  expect(totals.open.lines).toBe(1);
  expect(totals.by['give away']!.litres).toBeCloseTo(5 * 0.1 * 0.7);
});
