import { expect, test } from 'vitest';
import fc from 'fast-check';
import { Random } from '../../../ground/engine/random.ts';
import type { Block } from './block.ts';
import { Blocks, unfolded } from './blocks.ts';
import { Pinwheels } from './pinwheel.ts';
import { itemTypesOf, type Floor, type ItemType } from '../item-types.ts';

const piece = (width: number, depth: number, turnable = true): ItemType => ({
  width,
  depth,
  turnable,
  value: width * depth,
  count: 1,
});

/** Pieces of a board that was cut `cuts` times straight through a piece, that share of which may be turned, and half of them are. */
function board({ width, depth }: Floor, cuts: number, random: Random, turnable: number): ItemType[] {
  const pieces = [{ width, depth }];
  for (let n = 0; n < cuts; n++) {
    pieces.sort((a, b) => b.width * b.depth - a.width * a.depth);
    const [whole] = pieces.splice(0, 1);
    const along = whole!.width >= whole!.depth ? 'width' : 'depth';
    const at = 1 + random.below(whole![along] - 1);
    pieces.push({ ...whole!, [along]: at }, { ...whole!, [along]: whole![along] - at });
  }
  return pieces.map((one) => {
    if (random.next() >= turnable) return piece(one.width, one.depth, false);
    return random.next() < 0.5 ? piece(one.depth, one.width) : piece(one.width, one.depth);
  });
}

/** Every piece once, none on another, all within the block's own sides; areas then leave no gap. */
function check(block: Block, pieces: readonly ItemType[], turned: boolean): void {
  const laid = unfolded(block, 0, 0, turned).map(({ type, x, y, turned: lies }) => {
    const { width, depth, turnable } = pieces[type]!;
    if (!turnable) expect(lies).toBe(false);
    return { type, x, y, right: x + (lies ? depth : width), back: y + (lies ? width : depth) };
  });
  const [width, depth] = turned ? [block.depth, block.width] : [block.width, block.depth];
  expect(new Set(laid.map((one) => one.type)).size).toBe(laid.length);
  laid.forEach((one, i) => {
    expect(Math.min(one.x, one.y)).toBeGreaterThanOrEqual(0);
    expect(one.right).toBeLessThanOrEqual(width);
    expect(one.back).toBeLessThanOrEqual(depth);
    for (const other of laid.slice(0, i))
      expect(one.x >= other.right || other.x >= one.right || one.y >= other.back || other.y >= one.back).toBe(true);
  });
  expect(laid.reduce((sum, one) => sum + (one.right - one.x) * (one.back - one.y), 0)).toBe(width * depth);
}

const fewest = (blocks: Blocks, changes: number): readonly Block[] => {
  let best = blocks.change();
  for (let n = 1; n < changes && best.length > 1; n++) {
    const next = blocks.change();
    if (next.length < best.length) best = next;
  }
  return best;
};

test('blocks are gapless, whatever was put together, and what may not be turned is not', () => {
  fc.assert(
    fc.property(fc.integer(), fc.constantFrom(0, 0.5, 1), fc.integer({ min: 1, max: 12 }), (seed, turnable, cuts) => {
      const random = new Random(seed);
      const floor = { width: 100 + random.below(300), depth: 100 + random.below(300) };
      const pieces = board(floor, cuts, random, turnable);
      const blocks = new Blocks(floor, itemTypesOf(pieces), random);
      for (let n = 0; n < 12; n++) {
        const left = blocks.change();
        for (const block of left) {
          check(block, pieces, false);
          if (block.free) check(block, pieces, true);
        }
        const all = left.flatMap((block) => unfolded(block, 0, 0, false).map((placement) => placement.type));
        expect(all.sort((a, b) => a - b)).toEqual(pieces.map((_, i) => i));
      }
    }),
    { numRuns: 80 },
  );
});

test('a board cut to thirty pieces finds itself', () => {
  const floor = { width: 731, depth: 517 };
  const pieces = board(floor, 29, new Random(8), 1);
  expect(fewest(new Blocks(floor, itemTypesOf(pieces), new Random(1)), 400)).toHaveLength(1);
});

test.each([true, false])('four around a fifth become one, free to turn: %s', (turnable) => {
  const floor = { width: 210, depth: 170 };
  const wheel = [
    [130, 60],
    [80, 110],
    [123, 60],
    [87, 110],
    [43, 50],
  ].map(([width, depth]) => piece(width!, depth!, turnable));
  const [block, ...others] = fewest(new Blocks(floor, itemTypesOf(wheel), new Random(3)), 20);
  expect(others).toEqual([]);
  expect([block!.width, block!.depth].sort()).toEqual([170, 210]);
  check(block!, wheel, false);
});

test('of pieces too many, those of the board find themselves among the others', () => {
  const floor = { width: 640, depth: 430 };
  const pieces = [...board(floor, 15, new Random(4), 1), ...board(floor, 15, new Random(5), 1).slice(0, 5)];
  const blocks = new Blocks(floor, itemTypesOf(pieces), new Random(2));
  const whole = (block: Block) => block.width * block.depth === 640 * 430;
  let found: Block | undefined;
  for (let n = 0; n < 3000 && !found; n++) found = blocks.change().find(whole);
  expect(found).toBeDefined();
  check(found!, pieces, false);
});

test('what has no side in common goes nowhere', () => {
  const blocks = new Blocks({ width: 300, depth: 300 }, itemTypesOf([piece(50, 60), piece(70, 80)]), new Random(1));
  expect(blocks.any).toBe(false);
  expect(blocks.change()).toHaveLength(2);
});

test('of many trays alike, not all the ways to put five together are looked for', () => {
  const wheels = new Pinwheels({ width: 900, depth: 600 });
  const trays = Array.from({ length: 84 }, (_, i): Block => {
    const [width, depth] = [
      [75, 75],
      [150, 75],
      [150, 150],
    ][i % 3]!;
    return { width: width!, depth: depth!, free: true, type: i, parts: [], mark: 2 ** i, pair: 0, usedIn: 0 };
  });
  for (const tray of trays) wheels.add(tray);
  const found = trays.slice(0, 3).map((tray) => wheels.with(tray).length);
  expect(Math.max(...found)).toBeLessThan(2000);
});
