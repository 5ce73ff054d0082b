/** Checks of packings for tests. */
import { byId } from '../../../ground/model/by-id.ts';
import { expect } from 'vitest';
import type { FitAnswer, FitPlacement, FitProblem } from '../../../ground/problems/fit-problem.ts';

/** What was placed keeps every rule of the format, written apart from the engine; returns its value. */
export function checkPlaced(problem: FitProblem, placed: readonly FitPlacement[]): number {
  const { width, depth, height } = problem.compartment;
  const kinds = byId(problem.containers);
  const boxes = placed.map((put) => {
    const kind = kinds.get(put.id)!;
    expect(put.turned && !kind.turnable).toBe(false);
    expect(put.n).toBeLessThan(kind.count);
    const [w, d] = put.turned ? [kind.depth, kind.width] : [kind.width, kind.depth];
    return { ...put, kind, x2: put.x + w, y2: put.y + d, z2: put.z + kind.height };
  });
  expect(new Set(placed.map((put) => `${put.id} ${put.n}`)).size).toBe(placed.length);
  boxes.forEach((a, i) => {
    expect(a.x >= 0 && a.y >= 0 && a.z >= 0 && a.x2 <= width && a.y2 <= depth && a.z2 <= height).toBe(true);
    boxes.forEach((b, j) => {
      if (i < j) expect(a.x < b.x2 && b.x < a.x2 && a.y < b.y2 && b.y < a.y2 && a.z < b.z2 && b.z < a.z2).toBe(false);
    });
    if (a.z > 0)
      expect(
        boxes.filter(
          (b) => b.kind.stackable && b.z2 === a.z && b.x <= a.x && b.y <= a.y && b.x2 >= a.x2 && b.y2 >= a.y2,
        ),
      ).toHaveLength(1);
  });
  return boxes.reduce((sum, box) => sum + box.kind.value, 0);
}

/** A whole answer: what it says of value and bound as well. */
export function check(problem: FitProblem, answer: FitAnswer): void {
  const value = checkPlaced(problem, answer.placed);
  expect(answer.value).toBeCloseTo(value, 6);
  expect(answer.bound).toBeGreaterThanOrEqual(value - 1e-6);
  expect(answer.optimal).toBe(Math.abs(answer.bound - value) < 1e-6);
}
