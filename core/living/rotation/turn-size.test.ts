import { expect, test } from 'vitest';
import { lineValues } from '../../ground/model/testing/rows.ts';
import type { Line } from '../../ground/model/entities.ts';
import { starterCategory } from '../../ground/starter/testing/category.ts';
import { TRAY, turnSize } from './turn-size.ts';

const of = (amount: number, size: Partial<Line>) =>
  turnSize(
    { id: 'l', version: 1, siteId: 's', ...lineValues('thing', { amount, measure: 'pieces', ...size }) },
    starterCategory('wooden-blocks'),
    { measures: {} },
  )!;

test('one piece stands as it is; many together are no smaller than one, and no more than a tray takes', () => {
  const size = { length: 60, width: 40, height: 30 };
  expect(of(1, size)).toEqual([60, 40, 30]);
  const [length, width, height] = of(20, size);
  // Twenty of 0.072 l are one to three litres, as they lie: as much as a shoebox lid holds.
  expect((length * width * height) / 1e6).toBeGreaterThan(0.9);
  expect((length * width * height) / 1e6).toBeLessThan(3);
  const [l, w, h] = of(5000, size);
  expect([l <= TRAY.length, w <= TRAY.width, Math.round((l * w * h) / 1e6)]).toEqual([true, true, TRAY.litres]);
  expect(of(3, { length: 900, width: 300, height: 20 })[0]).toBe(900);
});
