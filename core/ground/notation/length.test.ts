import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { LENGTH_SYSTEMS } from '../model/site.ts';
import { editFineLength, formatLength, parseFineLength, parseLength } from './length.ts';

describe('parseLength', () => {
  test.each([
    ['34.5', 345],
    ['1130', 1130],
    ['34.5 cm', 345],
    ['34,5cm', 345],
    ['1.2 m', 1200],
    ['13 5/8"', 346],
    ['1\' 2 1/2"', 368],
    ['1 ft 2', 356],
    ['5/8"', 16],
    ['13⅝"', 346],
    ['2 in', 51],
    ['2 feet', 610],
    ["1'", 305],
    ['1-1/2 in', 38],
    ['.5 m', 500],
    ['1 m 20', 1200],
    ['ca. 80', 800],
    ['~ 1,2 m', 1200],
    ['1,215 mm', 1215],
  ])('%s is %d mm', (text, mm) => expect(parseLength(text)).toBe(mm));

  test.each([
    ['2 5/8"', 'imperial', 66.68, '2 5/8"'],
    ['1"', 'imperial', 25.4, '1"'],
    ['3/16', 'imperial', 4.76, '3/16"'],
    ['0.172"', 'imperial', 4.37, '0.172"'],
    ['63.5 mm', 'metric', 63.5, '6.35'],
    ['38,1 mm', 'millimetre', 38.1, '38.1'],
    ['0', 'imperial', 0, '0"'],
  ] as const)('a sticker of %s is not rounded to whole millimetres', (text, system, mm, written) => {
    expect(parseFineLength(text, system)).toBe(mm);
    expect(editFineLength(mm, system)).toBe(written);
    expect(parseFineLength(written, system)).toBeCloseTo(mm, 1);
  });

  test.each(['', 'abc', '-5', '5/0"', '12 apples', "1' x"])('%j is no length', (text) =>
    expect(parseLength(text)).toBeNull(),
  );

  test('a bare number follows the reader', () => {
    expect(parseLength('12', 'imperial')).toBe(305);
    expect(parseLength('12', 'metric')).toBe(120);
    expect(parseLength('12', 'millimetre')).toBe(12);
    expect(parseLength('1 1/2', 'imperial')).toBe(38);
  });

  test('what is written is read back to within a sixteenth of an inch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9000 }), fc.constantFrom(...LENGTH_SYSTEMS), (mm, system) => {
        const back = parseLength(formatLength(mm, system), system);
        expect(back).not.toBeNull();
        expect(Math.abs(back! - mm)).toBeLessThanOrEqual(system === 'imperial' ? 2 : 0);
      }),
    );
  });
});
