import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { ceilingAt, ceilingFor, fineAt, fineCurve } from './granularity.ts';

const pens = { pieces: 160, finds: 10, back: 3, reads: true, insight: 'open' as const };

describe('how fine', () => {
  test('finding and putting back follow the formulas', () => {
    const point = fineAt(3, pens);
    expect(point.finding).toBeCloseTo(10 * (0.15 * 2 + (0.4 * 160) / 6));
    expect(point.tidying).toBeCloseTo(30 * 0.15 * 2);
  });
  test('the best number is the least of the curve, and pictures or tidying children keep it lower', () => {
    const words = fineCurve(pens, 60, null);
    const pictures = fineCurve({ ...pens, reads: false }, 60, null);
    expect(words.best.bins).toBeGreaterThan(pictures.best.bins);
    expect(fineCurve(pens, 60, 6).best.bins).toBeLessThanOrEqual(6);
    expect(fineCurve(pens, 60, 6).without).toEqual(words.best);
  });
  test('no point of the curve is below the best', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 0, max: 30 }),
        fc.boolean(),
        (pieces, finds, back, reads) => {
          const curve = fineCurve({ pieces, finds, back, reads, insight: 'deep' }, 40, null);
          for (const point of curve.points) expect(curve.best.total).toBeLessThanOrEqual(point.total + 1e-9);
        },
      ),
    );
  });
  test('the youngest who tidies sets the ceiling', () => {
    const today = new Date('2026-11-25T00:00:00Z');
    const child = (born: string | null, stature = 1000) => ({ kind: 'child' as const, born, stature });
    expect([ceilingAt(36), ceilingAt(60), ceilingAt(90), ceilingAt(120)]).toEqual([6, 8, 12, null]);
    expect(ceilingFor([child('2023-01'), child('2018-01')], today)).toBe(6);
    expect(ceilingFor([child(null, 1250)], today)).toBe(12);
    expect(ceilingFor([{ kind: 'adult', born: null, stature: 1700 }], today)).toBeNull();
  });
});
