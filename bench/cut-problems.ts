/** Problems of stube-cut/1 made from a seed: closets, shops with offcuts, sheets cut whole, and pieces of a third and a quarter. */
import { Random } from '@stube/core/engine';
import type { CutProblem, Piece, Stock } from '@stube/core/cutting';

export const CUT_KINDS = ['closet', 'shop', 'planted', 'hard'] as const;
export type StockKind = (typeof CUT_KINDS)[number];

export function stockProblem(kind: StockKind, seed: number, timeMs: number): CutProblem {
  const random = new Random(seed);
  const between = (from: number, to: number) => from + random.below(to - from + 1);
  const kerf = between(0, 5);
  const stock: Stock[] = [];
  const pieces: Piece[] = [];
  const buy = (length: number, price: number) =>
    stock.push({ id: `s${length}`, material: 'bar', length, price, count: null });
  const cut = (length: number, count = 1) => pieces.push({ id: `p${pieces.length}`, material: 'bar', length, count });
  if (kind === 'closet') {
    buy([1800, 2000, 2400, 2500][random.below(4)]!, between(400, 2400));
    for (let n = between(2, 4); n > 0; n--) cut(between(450, 1500), between(2, 12));
  } else if (kind === 'shop') {
    for (const length of [1800, 2400, 2500, 3000, 5000].filter(() => random.next() < 0.6))
      buy(length, Math.round(length * (0.25 + random.next() * 0.75)));
    if (!stock.length) buy(2400, 1200);
    for (let n = between(1, 3); n > 0; n--) {
      const length = between(300, 1400);
      stock.push({ id: `o${n}`, material: 'bar', length, price: 0, count: between(1, 3) });
    }
    for (let n = between(6, 18), left = 60; n > 0 && left > 0; n--) {
      const count = Math.min(left, between(1, 6));
      cut(between(150, 1700), count);
      left -= count;
    }
  } else if (kind === 'planted') {
    buy(3000, between(800, 2500));
    for (let bar = between(10, 15); bar > 0; bar--) {
      const parts = between(3, 4);
      let rest = 3000 - (parts - 1) * kerf;
      for (let n = parts; n > 1; n--) {
        const length = between(Math.floor(rest / n / 2), Math.floor((rest / n) * 1.3));
        cut(length);
        rest -= length;
      }
      cut(rest);
    }
  } else {
    buy(4000, between(800, 2500));
    for (let n = 0; n < 60; n++) cut(n % 3 ? between(940, 1055) : between(1250, 1400));
  }
  return { format: 'stube-cut/1', kerf, timeMs, stock, pieces };
}
