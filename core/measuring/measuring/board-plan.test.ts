import { expect, test } from 'vitest';
import { compartmentsOf } from './template.ts';
import { startOf } from './templates.ts';
import type { Bin, Compartment, Unit } from '../../ground/model/entities.ts';
import { planBoards } from './board-plan.ts';

const unit = { ...startOf('bookcase'), id: 'u', step: 10, rows: 4, height: 1600 } as Unit;
const spaces = compartmentsOf(unit).map((space, i) => ({ ...space, id: `s${i}`, unitId: 'u' }) as Compartment);
const bare = (id: string, at: string, outHeight: number) =>
  ({ id, compartmentId: at, containerTypeId: null, outWidth: 300, outDepth: 200, outHeight }) as Bin;
/** Four shelves from the top: low things on two of them, one each. */
const bins = [bare('a', 's0', 100), bare('b', 's1', 110), bare('c', 's3', 300)];
const plan = (mayStand = (_bin: string, _space: Compartment) => true) =>
  planBoards(unit, spaces, bins, new Map(), 0.1, mayStand);

test('the boards go where least is lost, every bin keeps a shelf, and nothing sticks into the next', () => {
  const { spaces: then, home, lostNow, lostThen, free } = plan()!;
  expect(lostThen).toBeLessThan(lostNow);
  expect(free).toBeGreaterThan(500);
  expect([...home.keys()].sort()).toEqual(['a', 'b', 'c']);
  const column = [...then].sort((a, b) => a.z - b.z);
  column.forEach((space, i) => {
    const above = column[i + 1];
    if (above) expect(space.z + space.height + unit.board).toBeLessThanOrEqual(above.z);
    for (const bin of bins.filter((one) => home.get(one.id) === space.id))
      expect(bin.outHeight! + 20).toBeLessThanOrEqual(space.height);
  });
  expect(column.at(-1)!.z + column.at(-1)!.height).toBe(unit.height - unit.board);
});

test('what would come within reach stays as it is', () =>
  expect(plan((bin, { floor }) => bin !== 'a' || floor > 1200)).toBeNull());
