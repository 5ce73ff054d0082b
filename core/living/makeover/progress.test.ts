import { expect, test } from 'vitest';
import { pileTotals } from '../../sorting/pile/totals.ts';
import { defaultsOf, noRows } from '../../ground/model/defaults.ts';
import type { Bin, Decision, Line, SiteData } from '../../ground/model/entities.ts';
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
const bin = (id: string, compartmentId: string | null): Bin => ({
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
  seenFull: null,
  cells: null,
  sort: 0,
});
const row = { version: 1, siteId: 's' };
const data = (lines: Line[], bins: Bin[] = [], says: Record<string, string> = {}): SiteData => ({
  ...noRows(),
  site: [{ ...defaultsOf('site'), id: 's', version: 1, name: 'House' }],
  room: [
    {
      ...defaultsOf('room'),
      ...row,
      id: 'r',
      name: 'Loft',
      code: 'N',
      width: 4000,
      depth: 3000,
      height: 2500,
      sort: 0,
    },
  ],
  family: [{ ...defaultsOf('family'), ...row, id: 'f', name: 'Toys', hue: 'oak', pictogram: 'blocks', sort: 0 }],
  category: [{ ...defaultsOf('category'), ...row, id: 'c', familyId: 'f', name: 'Blocks' }],
  containerType: [
    {
      ...defaultsOf('containerType'),
      ...row,
      id: 't',
      name: 'Box',
      outWidth: 200,
      outDepth: 300,
      outHeight: 150,
      inWidth: 190,
      inDepth: 290,
      inHeight: 140,
    },
  ],
  line: lines,
  bin: bins,
  printedLabel: Object.entries(says).map(([binId, word]) => ({
    ...defaultsOf('printedLabel'),
    ...row,
    id: `p${binId}`,
    roomId: 'r',
    role: 'bin' as const,
    binId,
    says: { code: binId, word },
    printedOn: null,
  })),
});
const TODAY = '2026-11-27';

test('each step says what is done and what is open, and the first open one is next', () => {
  expect(nextStep(roomProgress(data([]), 'r', TODAY))).toBe('pile');
  const undecided = roomProgress(data([line('a', 'decide later', null), line('b', 'keep', null)]), 'r', TODAY);
  expect(undecided.pile).toMatchObject({ done: 1, open: 1, words: '1 to decide' });
  expect(undecided.group).toMatchObject({ open: 1, words: '1 unsorted' });
  const bench = roomProgress(
    data([line('b', 'keep', 'c')], [bin('N1', null), bin('N2', 'x')], { N2: 'N2' }),
    'r',
    TODAY,
  );
  expect(bench.place).toMatchObject({ done: 1, open: 1, words: '1 on the bench' });
  expect(bench.label).toMatchObject({ done: 1, open: 1 });
  expect(bench.contain).toMatchObject({ open: 0 });
});
test('a renamed bin wants its label anew', () => {
  expect(roomProgress(data([], [bin('N1', 'x')], { N1: 'Other name' }), 'r', TODAY).label.open).toBe(1);
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
  expect(totals.kept.litres).toBeCloseTo(0.1 * (1 + 9 * 1.1) + 10);
  expect(totals.leaving).toMatchObject({ lines: 1, pieces: 5 });
  expect(totals.open.lines).toBe(1);
  expect(totals.by['give away']!.litres).toBeCloseTo(0.1 * (1 + 4 * 1.1));
});
