import fc from 'fast-check';
import { expect, test } from 'vitest';
import { boardHeights, heightLost, MOST_EXACT, type ShelfColumn, type StandingBin } from './board-heights.ts';

const column: ShelfColumn = { width: 800, height: 1800, board: 20, step: 1, most: 6 };
const bin = (id: string, width: number, height: number): StandingBin => ({ id, width, height });

test('each shelf is as high as its tallest bin and the hand, and the tall ones stand together', () => {
  const found = boardHeights(column, [bin('a', 400, 300), bin('b', 400, 120), bin('c', 400, 300), bin('d', 400, 120)])!;
  expect(found.shelves.map(({ bins, height }) => [bins.sort().join(), height])).toEqual([
    ['a,c', 320],
    ['b,d', 140],
  ]);
  // 320 + 20 + 140 of 1800.
  expect(found).toMatchObject({ free: 1320, optimal: true });
});

test('boards move in steps, and only as many shelves as there are boards for', () => {
  const stepped = boardHeights({ ...column, step: 32 }, [bin('a', 400, 300)])!;
  // 300 + 20 + the board's 20 are 340: eleven steps of 32 are 352.
  expect(stepped.shelves[0]!.height).toBe(332);
  const two = [bin('a', 700, 300), bin('b', 700, 300)];
  expect(boardHeights({ ...column, most: 1 }, two)).toBeNull();
  expect(boardHeights({ ...column, height: 650 }, two)).toBeNull();
  expect(boardHeights({ ...column, height: 660 }, two)).toMatchObject({ free: 0 });
  expect(boardHeights(column, [bin('wide', 900, 100)])).toBeNull();
  expect(boardHeights(column, [])).toMatchObject({ shelves: [], optimal: true });
});

/** All ways to put bins on shelves. */
function* partitions(bins: readonly StandingBin[]): Generator<StandingBin[][]> {
  const [first, ...rest] = bins;
  if (!first) return yield [];
  for (const groups of partitions(rest)) {
    yield [[first], ...groups];
    for (let i = 0; i < groups.length; i++) yield groups.map((group, at) => (at === i ? [first, ...group] : group));
  }
}

test('no other way takes less height', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 80, max: 500 }), fc.integer({ min: 50, max: 300 })), { maxLength: 6 }),
      fc.constantFrom(1, 25, 50),
      (sizes, step) => {
        const bins = sizes.map(([width, height], i) => bin(String(i), width, height));
        const high = { ...column, step, height: 5000 };
        const found = boardHeights(high, bins)!;
        const used = (groups: StandingBin[][]) =>
          groups.reduce(
            (sum, group) => sum + Math.ceil((Math.max(...group.map(({ height }) => height)) + 40) / step) * step,
            0,
          );
        const best = Math.min(
          ...[...partitions(bins)]
            .filter((groups) => groups.length <= high.most)
            .filter((groups) => groups.every((group) => group.reduce((sum, { width }) => sum + width, 0) <= 800))
            .map(used),
        );
        expect(5000 + 20 - found.free).toBe(best);
        expect(found.shelves.flatMap(({ bins }) => bins).sort()).toEqual(bins.map(({ id }) => id).sort());
      },
    ),
    { numRuns: 80 },
  );
});

test('many bins are put up too, without a proof', () => {
  const many = Array.from({ length: MOST_EXACT + 5 }, (_, i) => bin(String(i), 150, 100 + i));
  expect(boardHeights({ ...column, height: 2000 }, many)).toMatchObject({ optimal: false });
});

test('height is lost above what stands, not where nothing does', () =>
  expect(
    heightLost([
      { height: 330, tallest: 120 },
      { height: 330, tallest: 0 },
      { height: 100, tallest: 90 },
    ]),
  ).toBe(190));
