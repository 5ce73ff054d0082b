import { describe, expect, test } from 'vitest';
import { Schedule } from './schedule.ts';

describe('who works when', () => {
  test('the search has the first iterations, fifteen while there is time and five where there is not', () => {
    const turns = (done: number) =>
      Array.from({ length: 40 }, (_, iteration) => iteration).filter((iteration) =>
        new Schedule().boundsTurn(iteration, done),
      );
    expect(Math.min(...turns(0.01))).toBe(15);
    expect(Math.min(...turns(0.2))).toBe(5);
  });
  test('then every sixth iteration is its own', () => {
    const times = new Schedule();
    const own = Array.from({ length: 60 }, (_, n) => 20 + n).filter((iteration) => !times.boundsTurn(iteration, 0.2));
    expect(own).toHaveLength(10);
    expect(own.every((iteration) => iteration % 6 === 0)).toBe(true);
  });
  test('with rounds enough the bound ends early, with few of them late', () => {
    const endOf = (roundsByShare: number): number => {
      const times = new Schedule();
      for (let done = 0.1; ; done += 0.01) {
        if (!times.bounding(done)) return done;
        times.timeFraction(done);
        times.counted(Math.round((done - 0.1) * roundsByShare), done);
      }
    };
    expect(endOf(1000)).toBeCloseTo(0.45, 1);
    expect(endOf(100)).toBeCloseTo(0.7, 1);
  });
  test('hurry goes from 0 to 1 over the time of the bound', () => {
    const times = new Schedule();
    expect(times.timeFraction(0.2)).toBe(0);
    expect(times.timeFraction(0.45)).toBeCloseTo(0.5, 9);
    expect(times.timeFraction(0.7)).toBeCloseTo(1, 9);
  });
  test('the search cools from the moment it is alone', () => {
    const times = new Schedule();
    for (let done = 0; times.bounding(done); done += 0.05);
    expect(times.annealingProgress(1)).toBe(1);
    const early = times.annealingProgress(0.72);
    expect(early).toBeGreaterThan(0);
    expect(early).toBeLessThan(0.2);
  });
});
