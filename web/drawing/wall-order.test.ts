import { expect, test } from 'vitest';
import { inWallOrder } from './wall-order.ts';

const room = { width: 5000, depth: 4000 };
const unit = (name: string, x: number, y: number) => ({ name, x, y, width: 800, depth: 400 });

test('along the back wall from the left, then right, front and left', () => {
  const units = [
    unit('left', 400, 1800),
    unit('front', 2500, 0),
    unit('back right', 3800, 3600),
    unit('right', 4600, 1800),
    unit('back left', 900, 3600),
  ];
  expect(inWallOrder(units, room).map(({ name }) => name)).toEqual([
    'back left',
    'back right',
    'right',
    'front',
    'left',
  ]);
});
