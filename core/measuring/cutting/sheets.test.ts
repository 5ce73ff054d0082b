import fc from 'fast-check';
import { expect, test } from 'vitest';
import { solveFit } from '../../containing/packing/solve.ts';
import type { FitProblem } from '../../ground/problems/fit-problem.ts';
import { startOf } from '../measuring/templates.ts';
import type { CutStock, Unit } from '../../ground/model/entities.ts';
import { isFromSheets, type ListedPiece } from './cut-list.ts';
import { planSheets } from './sheets.ts';
import { wallFixingsOf } from './wall-fixings.ts';

const solve = (problem: FitProblem) => solveFit(problem, { iterations: 60 });
const panel = (id: string, length: number, width: number, count = 1, part: ListedPiece['piece']['part'] = 'panel') =>
  ({ piece: { id, part, count }, length, width, inside: length }) as ListedPiece;
const sheet = (id: string, length: number, width: number | null, more: Partial<CutStock> = {}) =>
  ({ id, part: 'panel', length, width, price: 1000, count: null, ...more }) as CutStock;

test('four panels of 597 by 1197 come out of one sheet of 1200 by 2400 with a saw of 3, but not with one of 4', async () => {
  const pieces = [panel('p', 1197, 597, 4)];
  expect((await planSheets(pieces, [sheet('s', 2400, 1200)], 3, solve)).sheets).toHaveLength(1);
  expect((await planSheets(pieces, [sheet('s', 2397, 1197)], 3, solve)).sheets).toHaveLength(1);
  expect((await planSheets(pieces, [sheet('s', 2397, 1197)], 4, solve)).sheets).toHaveLength(2);
});

test('an offcut that lies there is used first; what is too large is told', async () => {
  const plan = await planSheets(
    [panel('p', 400, 300), panel('q', 3000, 100)],
    [sheet('s', 2400, 1200), sheet('off', 500, 400, { price: 0, count: 1 })],
    3,
    solve,
  );
  expect(plan.sheets.map(({ stock }) => stock.id)).toEqual(['off']);
  expect([...plan.without]).toEqual([['q', 1]]);
  expect(plan.price).toBe(0);
});

test('boards come from sheets only where sheets of them are there', () => {
  const board = panel('b', 800, 300, 1, 'board');
  expect(isFromSheets(board, [sheet('s', 2400, null, { part: 'board' })])).toBe(false);
  expect(isFromSheets(board, [sheet('s', 2400, 600, { part: 'board' })])).toBe(true);
});

test('every piece is cut once, whole, and a saw apart from the others', async () => {
  const sides = fc.record({
    length: fc.integer({ min: 60, max: 900 }),
    width: fc.integer({ min: 60, max: 500 }),
    count: fc.integer({ min: 1, max: 3 }),
  });
  await fc.assert(
    fc.asyncProperty(fc.array(sides, { minLength: 1, maxLength: 5 }), async (many) => {
      const pieces = many.map(({ length, width, count }, i) => panel(`p${i}`, length, width, count));
      const { sheets, without } = await planSheets(pieces, [sheet('s', 1000, 600)], 3, solve);
      for (const [i, { count }] of many.entries())
        expect(
          sheets.flatMap(({ cuts }) => cuts).filter((cut) => cut.piece === `p${i}`).length +
            (without.get(`p${i}`) ?? 0),
        ).toBe(count);
      for (const { cuts } of sheets)
        for (const [i, a] of cuts.entries()) {
          expect(a.x + a.length).toBeLessThanOrEqual(1000);
          expect(a.y + a.width).toBeLessThanOrEqual(600);
          for (const b of cuts.slice(0, i))
            expect(
              a.x >= b.x + b.length + 3 ||
                b.x >= a.x + a.length + 3 ||
                a.y >= b.y + b.width + 3 ||
                b.y >= a.y + a.width + 3,
            ).toBe(true);
        }
    }),
    { numRuns: 15 },
  );
});

test('what hangs is held by its load and by its length; a door is not drilled', () => {
  const unit = (id: string, template: Unit['template'], more: Partial<Unit> = {}) =>
    ({ ...startOf(template), id, name: id, anchored: false, ...more }) as Unit;
  const units = [
    unit('hooks', 'hooks'),
    unit('rack', 'pockets'),
    unit('case', 'bookcase', { anchored: true }),
    unit('tall', 'bookcase', { height: 1900 }),
    unit('low', 'bookcase', { height: 500 }),
  ];
  const loads = [...Array<object>(6)].map(() => ({ unitId: 'hooks', maxLoad: 4000 }));
  const fixings = (wallKind: 'masonry' | 'plasterboard' | null, mayDrill: boolean | null = null) =>
    Object.fromEntries(
      wallFixingsOf(units, loads, { wallKind, mayDrill }).map(({ unit, fixings, caution }) => [
        unit.id,
        [...fixings.map(({ what, count }) => `${count} ${what}`), ...(caution ? ['asks'] : [])],
      ]),
    );
  // 24 kg: three screws of 10 kg and, over 900 mm, four for the length; six of 4 kg in plasterboard.
  expect(fixings('masonry')).toEqual({
    hooks: ['4 screws with their plugs', '6 hooks'],
    rack: ['2 hooks over the door'],
    tall: ['2 brackets against tipping over'],
  });
  expect(fixings('plasterboard').hooks![0]).toBe('6 screws with their plugs');
  expect(fixings(null).hooks![0]).toBe('6 screws with their plugs');
  expect(fixings('masonry', false).hooks).toContain('asks');
  expect(fixings('masonry', false).rack).not.toContain('asks');
});
