/** Litres as measuring by hand gives them, and never less than the things themselves. */
import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { KINDS } from '../starter/library.ts';
import { lineValues } from '../model/testing/rows.ts';
import type { Line } from '../model/entities.ts';
import { readLines } from '../../sorting/pile/read-lines.ts';
import { BODY_SHARE, bulkLitres } from './litres.ts';

/** A heap of it measured by hand or reckoned on paper, litres. */
const BY_HAND: [text: string, litres: number][] = [
  ['100 wooden cubes 50 mm', 20],
  ['13 balls 200 mm', 88],
  ['40 ring binders 80 mm', 292],
  ['2000 beads 6 mm', 0.4],
  ['30 cardboard tubes 100 x 45', 6.5],
  ['24 bottles of 500 ml', 18],
  ['6 bottles of glue 1 l', 8.4],
  ['12 jam jars 70 x 100 round', 5.9],
  ['20 picture books 250 x 210 x 10', 10.5],
  ['6 footballs 220 mm', 56],
  ['500 craft sticks 114 x 10 x 2', 1.6],
  ['100 sheets of card A3', 3.9],
  ['A3 card, 100 sheets', 3.9],
  ['10 rolls of wrapping paper 70 cm x 4 cm', 11],
  ['25 dice 16 mm', 0.17],
  ['60 pencils 175 x 7', 0.62],
  ['30 marbles 16 mm', 0.11],
  ['15 board games 300 x 300 x 60', 85],
  ['200 building bricks 31 x 15 x 11', 1.6],
  ['12 paint bottles 60 x 180', 7.8],
  ['100 counters 20 x 3', 0.16],
  ['36 crayons 90 x 11', 0.45],
  ['6 hula hoops 700 mm', 60],
  ['8 rolls of tape 100 x 50', 4],
  ['20 glue sticks 100 x 25', 1.4],
  ['50 DVDs 190 x 135 x 14', 18],
  ['30 corks 45 x 24', 0.95],
  ['12 tennis balls 67 mm', 3.2],
  ['4 cushions 400 x 400 x 100', 42],
];
test.each(BY_HAND)('%s are about %f litres', (text, litres) => {
  const [line] = readLines({ today: '2026-12-01', lines: [{ text, system: 'metric' }] }).lines;
  expect(Math.abs(line!.litres! / litres - 1), `${line!.litres} litres`).toBeLessThanOrEqual(0.25);
});

const pieces = (kind: string, amount: number, sides: readonly number[]): Line =>
  ({
    ...lineValues,
    id: 'l',
    version: 1,
    siteId: 's',
    kind,
    amount,
    measure: 'pieces',
    name: '',
    length: sides[0] ?? null,
    width: sides[1] ?? null,
    height: sides[2] ?? null,
  }) as unknown as Line;
const STIFF = KINDS.filter(
  ({ lies, shape }) => ['neat', 'rigid', 'small', 'long'].includes(lies) && shape !== 'irregular',
);
const arbKind = fc.constantFrom(...STIFF);
const arbSides = fc.tuple(
  fc.integer({ min: 5, max: 600 }),
  fc.integer({ min: 5, max: 600 }),
  fc.integer({ min: 5, max: 600 }),
);

describe('of whatever is stiff', () => {
  test('there are many kinds', () => expect(STIFF.length).toBeGreaterThan(200));
  test('litres are never less than the bodies', () => {
    fc.assert(
      fc.property(arbKind, fc.integer({ min: 1, max: 3000 }), arbSides, (kind, amount, sides) => {
        const litres = bulkLitres(pieces(kind.key, amount, sides), undefined)!;
        const body = BODY_SHARE[kind.shape as keyof typeof BODY_SHARE];
        const counted = kind.holds && amount >= kind.holds / 2 ? amount / kind.holds : amount;
        expect(litres).toBeGreaterThanOrEqual((counted * sides[0] * sides[1] * sides[2] * body) / 1e6 - 1e-9);
      }),
    );
  });
  test('more of it, or any side longer, is never fewer litres', () => {
    fc.assert(
      fc.property(
        arbKind,
        fc.integer({ min: 1, max: 400 }),
        arbSides,
        fc.nat({ max: 2 }),
        fc.integer({ min: 1, max: 200 }),
        (kind, amount, sides, which, by) => {
          const before = bulkLitres(pieces(kind.key, amount, sides), undefined)!;
          const longer = sides.map((side, i) => (i === which ? side + by : side));
          // What is stacked because it is large has no air between: there a step down is right.
          const size = (of: readonly number[]) => of[0]! * of[1]! * of[2]! >= 1e6;
          if (kind.lies !== 'rigid' || size(sides) === size(longer))
            expect(bulkLitres(pieces(kind.key, amount, longer), undefined)!).toBeGreaterThanOrEqual(before - 1e-9);
          if (!kind.holds)
            expect(bulkLitres(pieces(kind.key, amount + by, sides), undefined)!).toBeGreaterThanOrEqual(before);
        },
      ),
    );
  });
  test('one told side is as all three of its kind', () => {
    for (const kind of STIFF.filter(({ litresPerMetre }) => litresPerMetre === null)) {
      const told = bulkLitres(pieces(kind.key, 10, kind.piece), undefined)!;
      expect(bulkLitres(pieces(kind.key, 10, [kind.piece[0]]), undefined), kind.key).toBeCloseTo(told, 6);
      expect(bulkLitres(pieces(kind.key, 10, []), undefined), kind.key).toBeCloseTo(told, 6);
    }
  });
});
